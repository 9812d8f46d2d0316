package brightplumb.core.rule;

/** Which side of a body a piece is drafted for, where its two sides were taped apart. */
public enum Side {
    /** Both from the middle of the two readings. */
    BOTH,
    LEFT,
    RIGHT
}
