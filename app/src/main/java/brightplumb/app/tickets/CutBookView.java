package brightplumb.app.tickets;

import brightplumb.app.words.WordView;
import brightplumb.core.measure.Sentence;
import com.fasterxml.jackson.annotation.JsonProperty;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;
import java.util.Map;

/**
 * A cut as it would be on somebody, in its own way and cloth.
 *
 * @param outline its picture; null where it cannot be drawn on this body at all
 * @param hers whether it is drawn on her own measures alone; otherwise what lacks is a usual body's
 * @param missing the measures it cannot be drafted without, by their keys
 * @param guessed the measures that are guessed for it, by their keys
 * @param leans the plumb lines that do not hang straight, what is off first; none where it is not drawn on her own
 *     measures
 * @param refused why it cannot be drawn; null where it can
 */
record CutBookView(
        String cut,
        String way,
        @Schema(types = {"object", "null"}) OutlineView outline,
        boolean hers,
        List<String> missing,
        List<String> guessed,
        List<LeanView> leans,
        @Schema(types = {"string", "null"}) String refused) {

    /** A plumb line that leans: watch or off. */
    record LeanView(String id, String title, String verdict, Sentence text) {
        /** The parts of its sentences. */
        @JsonProperty("words")
        public Map<String, List<WordView>> words() {
            return WordView.of("text", text);
        }
    }

    static CutBookView undrawn(String cut, String way, List<String> missing, String refused) {
        return new CutBookView(cut, way, null, false, missing, List.of(), List.of(), refused);
    }
}
