package brightplumb.core.paper;

import java.util.Map;

/**
 * Something the cutter should know before she cuts.
 *
 * @param id its stable name
 * @param text what it means for the fit, in plain words
 * @param remedy what would settle it, or null
 */
public record Notice(String id, String text, Remedy remedy) {

    /** A notice with nothing to apply. */
    public static Notice of(String id, String text) {
        return new Notice(id, text, null);
    }

    /**
     * A change that settles a notice or a check.
     *
     * @param text what is done
     * @param settings setting keys to their new values: numbers in mm, or a choice's name
     */
    public record Remedy(String text, Map<String, Object> settings) {
        public Remedy {
            settings = Map.copyOf(settings);
        }
    }
}
