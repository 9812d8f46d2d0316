package brightplumb.core.pattern;

/** Whose side of the body a piece, or one of a pair's two copies, is on, as the wearer has it. */
public enum Hand {
    /** Either: one piece lies on the middle, or a pair of outlines that are alike. */
    BOTH("both"),
    LEFT("left"),
    RIGHT("right");

    private final String id;

    Hand(String id) {
        this.id = id;
    }

    /** Its name in files. */
    public String id() {
        return id;
    }
}
