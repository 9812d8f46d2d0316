package brightplumb.core.fitting;

import brightplumb.core.measure.Sentence;
import brightplumb.core.pattern.Half;
import brightplumb.core.rule.Setting;
import brightplumb.core.rule.SettingValue;
import java.util.List;
import java.util.Map;

/**
 * Something seen at a fitting, with its cause and what is changed for it.
 *
 * @param id its stable name
 * @param seen what is seen on the body
 * @param panel on which side of the body
 * @param place where on the standing figure
 * @param cause why it is so
 * @param correction what is done about it
 * @param change how the draft's settings change
 */
public record Remark(
        String id, String seen, Half panel, Place place, Sentence cause, Sentence correction, Change change) {

    /** A remark in words that hold their lengths in braces. */
    Remark(String id, String seen, Half panel, Place place, String cause, String correction, Change change) {
        this(id, seen, panel, place, Sentence.of(cause), Sentence.of(correction), change);
    }

    /** The same remark, by which what was solved stays as it was worn: it moves what it names and nothing else. */
    Remark holding(List<Setting> solved) {
        return new Remark(id, seen, panel, place, cause, correction, worn -> worn.holding(solved, change.on(worn)));
    }

    /** How a remark changes a draft. */
    public interface Change {
        /**
         * Settings with their new values: mm, a ratio, or a choice's name; empty where the draft has nothing to give.
         */
        Map<Setting, SettingValue> on(Worn worn);
    }
}
