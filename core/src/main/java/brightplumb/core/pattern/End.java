package brightplumb.core.pattern;

/** How an edge ends up: what is added outside it, and whether it turns, follows from this. */
public enum End {
    /** Sewn to another edge. */
    SEWN,
    /** Turned up on the line. */
    HEM,
    /** Turned narrow along a curve: parallel to the line, no mirror image of what it covers. */
    ROLLED,
    /** Turned over a band or an elastic. */
    CASING,
    /** Beside a zip or a fly, or turned back at a slit. */
    OPENING,
    /** Lies over its neighbour and is not sewn to it along the line. */
    LAPPED,
    /** Cut on the line and bound. */
    BOUND,
    /** Left as it is cut. */
    RAW,
    /** The fold of the cloth: nothing is cut there. */
    FOLD
}
