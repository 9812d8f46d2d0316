package brightplumb.app.drafting;

import brightplumb.app.words.WordView;
import brightplumb.core.fitting.Remark;
import brightplumb.core.garment.Fitting;
import brightplumb.core.measure.Sentence;
import brightplumb.core.rule.SettingValue;
import com.fasterxml.jackson.annotation.JsonProperty;
import java.util.List;
import java.util.Map;

/**
 * Something that may be said at a fitting.
 *
 * @param panel front or back
 * @param level the level of the figure it is seen at
 * @param settings what it changes in this draft: mm, a ratio or a choice's id; empty where there is nothing to give
 */
public record RemarkView(
        String id,
        String seen,
        String panel,
        String level,
        Sentence cause,
        Sentence correction,
        Map<String, Object> settings) {

    /** The parts of its sentences. */
    @JsonProperty("words")
    public Map<String, List<WordView>> words() {
        return WordView.of(Map.of("cause", cause, "correction", correction));
    }

    /** A remark with what it changes. */
    public static RemarkView of(Fitting.Proposal proposal) {
        Remark remark = proposal.remark();
        Map<String, Object> settings = SettingValue.told(proposal.settings());
        return new RemarkView(
                remark.id(),
                remark.seen(),
                remark.panel().id(),
                remark.place().id(),
                remark.cause(),
                remark.correction(),
                settings);
    }
}
