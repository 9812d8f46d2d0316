package brightplumb.core.rule;

/** How the front crotch curve is laid in. Common practice, no source. */
public enum FrontCurve implements Choice {
    /** By its distance from the corner at 45°. */
    GUIDE("guide", "By a guide at 45°"),
    /**
     * Through the crossing of two chords: from half-way between hip and crotch to the fork, and from the hip to half
     * the extension.
     */
    TWO_CHORDS("two-chords", "By two chords");

    private final String id;
    private final String title;

    FrontCurve(String id, String title) {
        this.id = id;
        this.title = title;
    }

    @Override
    public String id() {
        return id;
    }

    @Override
    public String title() {
        return title;
    }
}
