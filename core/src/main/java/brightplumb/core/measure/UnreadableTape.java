package brightplumb.core.measure;

/** What was typed is not a reading of a tape. The message says why, in words for the person who typed it. */
public final class UnreadableTape extends Exception {

    /** Says what of a reading cannot be read, and how it may be written. */
    public UnreadableTape(String message) {
        super(message);
    }
}
