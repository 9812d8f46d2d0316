package brightplumb.app.drafting;

import brightplumb.app.Page;
import brightplumb.app.account.Member;
import brightplumb.app.limits.Costly;
import brightplumb.app.limits.CostlyByBody;
import brightplumb.app.limits.Work;
import brightplumb.app.limits.WorkLimits;
import brightplumb.app.limits.WorkPools;
import brightplumb.app.words.WordView;
import brightplumb.core.garment.Catalogue;
import brightplumb.core.garment.Cut;
import brightplumb.core.garment.CutCloth;
import brightplumb.core.garment.Drafting;
import brightplumb.core.garment.Part;
import brightplumb.core.measure.FieldPath;
import brightplumb.core.measure.Measure;
import brightplumb.core.measure.Refusal;
import brightplumb.core.measure.Sentence;
import brightplumb.core.rule.Setting;
import brightplumb.core.rule.Way;
import brightplumb.core.table.Operation;
import brightplumb.formats.sheet.BenchSheet;
import brightplumb.formats.sheet.DrawnPattern;
import com.fasterxml.jackson.annotation.JsonProperty;
import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.servlet.http.HttpServletRequest;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.stream.Stream;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** The catalogue, the ways, the measures, and drafts without a ticket. */
@RestController
class DraftingController {

    record ChoiceView(String id, String title) {}

    /**
     * A setting a cut has. {@code kind} is length, ratio or choice; {@code levelled} where it can be said against a
     * level of the body; {@code readBy} the parts and operations it says something to.
     */
    record SettingView(
            String key,
            String title,
            String label,
            String zone,
            String kind,
            double least,
            double most,
            List<ChoiceView> choices,
            boolean levelled,
            List<String> readBy) {}

    /** Something that can be done to a garment; {@code recipe} where the cut has it. */
    record OperationView(String id, String title, boolean recipe) {}

    record CutView(
            String id,
            String title,
            Sentence about,
            String group,
            List<String> parts,
            List<String> ways,
            String way,
            List<String> measures,
            List<SettingView> settings,
            List<OperationView> operations) {

        /** The parts of its sentences. */
        @JsonProperty("words")
        public Map<String, List<WordView>> words() {
            return WordView.of("about", about);
        }
    }

    /** A way of a part, with why each of its rules is what it is; {@code cut} where it is one recipe's own. */
    record WayView(
            String id,
            String part,
            @Schema(types = {"string", "null"}) String cut,
            String title,
            Sentence why,
            Map<String, Sentence> rules) {

        /** The parts of its sentences; those of the rules by {@code rules} and the setting. */
        @JsonProperty("words")
        public Map<String, List<WordView>> words() {
            Map<String, Sentence> all = new LinkedHashMap<>();
            all.put("why", why);
            rules.forEach((setting, rule) -> all.put("rules." + setting, rule));
            return WordView.of(all);
        }
    }

    /** A measure; {@code sided} where left and right may differ. */
    record MeasureView(String key, String title, String run, String level, Sentence how, boolean sided) {
        /** The parts of its sentences. */
        @JsonProperty("words")
        public Map<String, List<WordView>> words() {
            return WordView.of("how", how);
        }
    }

    /** The catalogue as it is answered. It is the same for everybody, so it is put together once. */
    private static final class AllCuts {
        static final Page<CutView> PAGE =
                Page.whole(Catalogue.CUTS.stream().map(DraftingController::cut).toList());
    }

    private final WorkLimits limits;
    private final WorkPools pools;

    DraftingController(WorkLimits limits, WorkPools pools) {
        this.limits = limits;
        this.pools = pools;
    }

    @GetMapping("/api/cuts")
    Page<CutView> cuts() {
        return AllCuts.PAGE;
    }

    @GetMapping("/api/ways")
    Page<WayView> ways() {
        Stream<WayView> ofParts = Catalogue.ways().stream().map(way -> way(way, null));
        Stream<WayView> ofRecipes = Catalogue.CUTS.stream()
                .flatMap(cut -> cut.ways().stream()
                        .filter(way -> way.id().equals(Way.BENCH))
                        .map(way -> way(way, cut.id())));
        return Page.whole(Stream.concat(ofParts, ofRecipes).toList());
    }

    @GetMapping("/api/measures")
    Page<MeasureView> measures() {
        return Page.whole(Arrays.stream(Measure.values())
                .map(m -> new MeasureView(
                        m.key(), m.title(), m.run().name().toLowerCase(Locale.ROOT), m.level(), m.how(), m.sided()))
                .toList());
    }

    @CostlyByBody
    @PostMapping("/api/drafts/preview")
    DraftView preview(
            @AuthenticationPrincipal Member member, @RequestBody PreviewRequest request, HttpServletRequest http) {
        Shown shown = Shown.of(request);
        limits.takeUntilSent(http, member.account(), shown.draftsAnew() ? Work.WHOLE_DRAFT : Work.DRAFT);
        return shown.draftsAnew()
                ? pools.run(Work.WHOLE_DRAFT, () -> DraftViews.of(Drafting.draft(request.read()), shown))
                : DraftViews.of(Drafting.draft(request.read()), shown);
    }

    /** What is drawn anew under a hand: the line alone, not looked at, and nothing said of it. */
    @Costly(Work.DRAFT)
    @PostMapping("/api/drafts/line")
    LineView line(@RequestBody PreviewRequest request) {
        return LineView.of(Drafting.drawn(request.read()));
    }

    /** What each inspection of a draft measured, laid out to be seen. */
    @Costly(Work.DRAFT)
    @PostMapping("/api/drafts/evidence")
    Page<EvidenceView> evidence(@RequestBody PreviewRequest request) {
        return Page.whole(Drafting.draft(request.read()).checks().stream()
                .map(EvidenceView::of)
                .toList());
    }

    /** The draft as numbered distances from two base lines. */
    @Costly(Work.DRAFT)
    @PostMapping("/api/drafts/bench-sheet")
    BenchSheetView benchSheet(@RequestBody PreviewRequest request) {
        return BenchSheetView.of(BenchSheet.of(DrawnPattern.of(Drafting.draft(request.read())), true));
    }

    /** What cloth that is cut already gives for a correction. */
    @Costly(Work.WHOLE_DRAFT)
    @PostMapping("/api/drafts/cut-cloth")
    CutClothView cutCloth(@RequestBody CutClothRequest request) {
        if (request.worn() == null) {
            throw new Refusal(new FieldPath("worn"), "Say what was cut");
        }
        return CutClothView.of(
                CutCloth.of(request.worn().read(), request.corrected().read(), Set.copyOf(request.cut())));
    }

    private static CutView cut(Cut cut) {
        return new CutView(
                cut.id(),
                cut.title(),
                cut.about(),
                cut.group().id(),
                cut.parts().stream().map(Part::id).toList(),
                cut.ways().stream().map(Way::id).toList(),
                cut.way(),
                cut.measures().stream().map(Measure::key).toList(),
                cut.settings().stream().map(setting -> setting(cut, setting)).toList(),
                Catalogue.OPERATIONS.stream()
                        .map(o ->
                                new OperationView(o.id(), o.title(), cut.with().contains(o)))
                        .toList());
    }

    private static SettingView setting(Cut cut, Setting s) {
        return new SettingView(
                s.key(),
                s.title(),
                s.label(),
                s.zone().title(),
                s.kind().name().toLowerCase(Locale.ROOT),
                s.least(),
                s.most(),
                s.choices().stream().map(c -> new ChoiceView(c.id(), c.title())).toList(),
                s.isLevelled(),
                Stream.concat(cut.parts().stream().map(Part::block), Catalogue.OPERATIONS.stream())
                        .filter(o -> o.reads().contains(s))
                        .map(Operation::id)
                        .toList());
    }

    private static WayView way(Way way, String cut) {
        Map<String, Sentence> rules = new LinkedHashMap<>();
        way.rules().forEach((setting, rule) -> rules.put(setting.key(), rule.why()));
        return new WayView(way.id(), way.part(), cut, way.title(), way.why(), rules);
    }
}
