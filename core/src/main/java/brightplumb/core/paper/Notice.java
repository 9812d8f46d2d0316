package brightplumb.core.paper;

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
}
