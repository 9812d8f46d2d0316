package brightplumb.core.table;

/** When an operation has its turn, whatever the order it was added in. */
public enum Rank {
    /** Draws what all others work on. */
    BLOCK,
    /** Changes a panel's shape: taper, lengthen, move a dart, fold. */
    SHAPE,
    /** Slit, zip, fly. */
    OPENING,
    /** Band, casing, facing. */
    TOP,
    /** Traced from the panels while they are whole: a pocket that cuts into one hands its lining's joins over too. */
    LINING,
    /** Laid from the line the waist is sewn on, so after what is done to the top. */
    POCKET,
    HEM,
    /** What is drawn in or put on at last: elastic, cord, belt. */
    FINISH
}
