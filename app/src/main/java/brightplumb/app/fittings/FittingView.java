package brightplumb.app.fittings;

import brightplumb.app.words.WordView;
import brightplumb.core.measure.Sentence;
import com.fasterxml.jackson.annotation.JsonProperty;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.UUID;

/**
 * What a fitting said of a ticket and what was done about it.
 *
 * @param remark the remark's id
 * @param seen what was seen, in words
 * @param correction what was done, in words
 * @param note what else was said
 * @param changes the settings it set, with their new values
 * @param before the revision that was on the body
 * @param after the revision that corrects it
 */
public record FittingView(
        UUID id,
        String remark,
        String seen,
        Sentence correction,
        String note,
        Map<String, Object> changes,
        int before,
        int after,
        String madeBy,
        Instant madeAt) {

    /** The parts of its sentences. */
    @JsonProperty("words")
    public Map<String, List<WordView>> words() {
        return WordView.of("correction", correction);
    }
}
