package brightplumb.core.table;

/** What kind of work a step of the making is; habits differ in the order of these. */
public enum Work {
    /** Marks transferred, the paper lifted. */
    MARK,
    FUSE,
    DART,
    FOLD,
    /** Raw edges neatened while the pieces lie flat. */
    NEATEN,
    POCKET,
    LINING,
    FLY,
    /** Centre seams, and on legs the crotch. */
    CENTRE,
    SLIT,
    SIDE,
    INSEAM,
    /** What was left open at the fork. */
    CLOSE,
    TURN_UP,
    HEM,
    /** Band, facing, casing. */
    BAND,
    ZIP,
    /** Elastic and cord drawn in, buttons. */
    DRAW_IN,
    TRY_ON,
    PRESS
}
