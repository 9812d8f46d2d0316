package brightplumb.core.paper;

import brightplumb.core.measure.Sentence;

/**
 * Something the cutter should know before she cuts.
 *
 * @param id its stable name
 * @param text what it means for the fit, in plain words
 * @param remedy what would settle it, or null
 */
public record Notice(String id, Sentence text, Remedy remedy) {

    /** A notice in words that hold their lengths in braces. */
    public Notice(String id, String text, Remedy remedy) {
        this(id, Sentence.of(text), remedy);
    }

    /** A notice with nothing to apply, in words that were given elsewhere. */
    public static Notice of(String id, Sentence text) {
        return new Notice(id, text, null);
    }

    /** A notice with nothing to apply. */
    public static Notice of(String id, String text) {
        return new Notice(id, Sentence.of(text), null);
    }
}
