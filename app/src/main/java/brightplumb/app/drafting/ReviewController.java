package brightplumb.app.drafting;

import brightplumb.app.drafting.DraftView.EstimateView;
import brightplumb.app.problems.FaultView;
import brightplumb.app.words.WordView;
import brightplumb.core.measure.FieldPath;
import brightplumb.core.measure.Plausibility;
import brightplumb.core.measure.Refusal;
import brightplumb.core.measure.Sentence;
import brightplumb.core.measure.Sheet;
import brightplumb.core.rule.Body;
import com.fasterxml.jackson.annotation.JsonProperty;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** Second thoughts about measures while they are being typed: nothing is kept. */
@RestController
class ReviewController {

    /** @param measures measure keys to mm */
    record ReviewRequest(Map<String, Object> measures) {}

    record DoubtView(String measure, String id, Sentence text) {
        /** The parts of its sentences. */
        @JsonProperty("words")
        public Map<String, List<WordView>> words() {
            return WordView.of("text", text);
        }
    }

    /**
     * @param faults what cannot be a body's, by field
     * @param doubts what a careful cutter would take again
     * @param estimates what stands in for tapes not taken; empty until waist and hip are there
     */
    record ReviewView(List<FaultView> faults, List<DoubtView> doubts, List<EstimateView> estimates) {}

    @PostMapping("/api/measures/review")
    ReviewView review(@RequestBody ReviewRequest request) {
        List<Refusal.Fault> faults = new ArrayList<>();
        Sheet sheet = PreviewRequest.sheet(request.measures(), faults);
        List<DoubtView> doubts = Plausibility.of(sheet).stream()
                .map(d -> new DoubtView(d.measure().key(), d.id(), d.text()))
                .toList();
        List<EstimateView> estimates = List.of();
        try {
            estimates = Body.of(sheet).estimates().stream()
                    .map(DraftViews::estimate)
                    .toList();
        } catch (Refusal refusal) {
            refusal.faults().stream().filter(f -> taken(sheet, f.field())).forEach(faults::add);
        }
        return new ReviewView(faults.stream().map(FaultView::of).toList(), doubts, estimates);
    }

    /** What is missing is no fault while a sheet is still being filled in. */
    private static boolean taken(Sheet sheet, FieldPath field) {
        return sheet.readings().keySet().stream().anyMatch(m -> field.equals(m.field()));
    }
}
