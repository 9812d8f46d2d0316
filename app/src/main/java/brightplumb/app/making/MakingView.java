package brightplumb.app.making;

import brightplumb.app.drafting.DraftView.NotionView;
import brightplumb.app.drafting.ExhibitView;
import brightplumb.app.drafting.FigureView;
import brightplumb.app.words.WordView;
import brightplumb.core.measure.Sentence;
import com.fasterxml.jackson.annotation.JsonProperty;
import io.swagger.v3.oas.annotations.media.Schema;
import java.time.Instant;
import java.util.List;
import java.util.Map;

/**
 * The order of making of a ticket, and how far it has come.
 *
 * @param habit the habit it is sorted by
 * @param habits those it can be sorted by, its recipe's own first where it has one
 * @param steps in order
 * @param notions what to have at hand
 * @param seconds what all of it took so far
 */
public record MakingView(
        String habit, List<HabitView> habits, List<MakingStepView> steps, List<NotionView> notions, long seconds) {

    public record HabitView(String id, String title, String about) {}

    /**
     * A step.
     *
     * @param widths how far from the raw edge its seams are sewn, mm; empty where none is sewn
     * @param letOut how much of the widest of them is kept to be let out later, mm
     * @param looks what to measure, and what it should be
     * @param notions what it takes, by their ids
     * @param after the steps that come before it, by their ids
     * @param seconds what it took so far, a running clock not counted
     * @param clockSince since when its clock runs
     */
    public record MakingStepView(
            String id,
            String title,
            String work,
            List<String> pieces,
            List<String> seams,
            List<Double> widths,
            double letOut,
            String stitch,
            List<Sentence> how,
            List<FigureView> looks,
            List<String> notions,
            List<String> cautions,
            List<String> after,
            ExhibitView drawing,
            boolean done,

            @Schema(
                    types = {"string", "null"},
                    format = "date-time")
            Instant doneAt,

            @Schema(types = {"string", "null"}) String doneBy,
            long seconds,

            @Schema(
                    types = {"string", "null"},
                    format = "date-time")
            Instant clockSince) {

        /** The parts of its sentences. */
        @JsonProperty("words")
        public Map<String, List<WordView>> words() {
            return WordView.of("how", how);
        }
    }
}
