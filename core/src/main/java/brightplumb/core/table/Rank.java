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
    /** Laid from the line the waist is sewn on, so after what is done to the top. */
    POCKET,
    HEM,
    LINING,
    /** What is drawn in or put on at last: elastic, cord, belt. */
    FINISH
}
