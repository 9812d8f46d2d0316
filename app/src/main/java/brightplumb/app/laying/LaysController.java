package brightplumb.app.laying;

import brightplumb.app.Page;
import brightplumb.app.door.ClientPresence;
import brightplumb.app.laying.LayRequest.LayAsked;
import brightplumb.app.laying.LayView.LongestView;
import brightplumb.app.laying.LayView.SavingView;
import brightplumb.app.limits.Costly;
import brightplumb.app.limits.Work;
import brightplumb.core.garment.DraftRequest;
import brightplumb.core.garment.Drafting;
import brightplumb.core.garment.Lays;
import brightplumb.core.garment.Lays.Asked;
import brightplumb.core.garment.Lays.Cutting;
import brightplumb.core.garment.Longest;
import brightplumb.core.lay.Wanted;
import brightplumb.core.measure.FieldPath;
import brightplumb.core.measure.Refusal;
import jakarta.servlet.http.HttpServletRequest;
import java.util.List;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Lays without a ticket. */
@RestController
@RequestMapping("/api/lays")
class LaysController {

    @Costly(Work.LAY)
    @PostMapping("/preview")
    LayView preview(@RequestBody LayRequest request, HttpServletRequest http) {
        Wanted wanted = ClientPresence.of(http)::here;
        DraftRequest draft = request.draft().read();
        Asked asked = AskedLays.read(request.asked());
        return LayView.of(asked.layer().id(), Lays.of(cutting(draft), draft.cloth(), asked, wanted), draft.cloth());
    }

    @Costly(Work.LAY_SEARCH)
    @PostMapping("/savings")
    Page<SavingView> savings(@RequestBody LayRequest request, HttpServletRequest http) {
        Wanted wanted = ClientPresence.of(http)::here;
        DraftRequest draft = request.draft().read();
        Asked asked = AskedLays.read(request.asked());
        List<Cutting> garments = cutting(draft);
        return Page.whole(
                Lays.savings(garments, draft.cloth(), asked, Lays.of(garments, draft.cloth(), asked, wanted), wanted)
                        .stream()
                        .map(SavingView::of)
                        .toList());
    }

    @Costly(Work.LAY_SEARCH)
    @PostMapping("/longest")
    LongestView longest(@RequestBody LayRequest request, HttpServletRequest http) {
        Wanted wanted = ClientPresence.of(http)::here;
        DraftRequest draft = request.draft().read();
        Asked asked = AskedLays.read(request.asked());
        Longest found = Longest.of(draft, draft.cloth(), asked, along(request.asked()), wanted);
        return new LongestView(
                found.length(), found.stops(), LayView.of(asked.layer().id(), found.lay(), draft.cloth()));
    }

    static double along(LayAsked asked) {
        if (asked.along() == null && asked.sheet() != null) {
            return Double.POSITIVE_INFINITY;
        }
        if (asked.along() == null || !(asked.along() >= 100 && asked.along() <= 50_000)) {
            throw new Refusal(new FieldPath("lay.along"), "Say how much cloth there is: 10 cm to 50 m");
        }
        return asked.along();
    }

    private static List<Cutting> cutting(DraftRequest draft) {
        return List.of(new Cutting("", Drafting.draft(draft)));
    }
}
