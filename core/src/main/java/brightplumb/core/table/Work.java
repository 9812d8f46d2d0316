package brightplumb.core.table;

/** What kind of work a step of the making is; habits differ in the order of these. */
public enum Work {
    /** Marks transferred, the paper lifted. */
    MARK("Shears, rotary cutters and awls are sharp: close the blade, and cut away from the hand."),
    FUSE(Work.HOT_IRON),
    DART(Work.HOT_IRON),
    FOLD,
    /** Raw edges neatened while the pieces lie flat. */
    NEATEN(Work.HOT_IRON),
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
    TRY_ON("Ask before you pin, and say what you do. What pinches or binds is too tight, whatever the figures say."),
    PRESS(Work.HOT_IRON);

    private static final String HOT_IRON = "The iron is hot, and so is a seam just pressed.";

    private final String caution;

    Work() {
        this("");
    }

    Work(String caution) {
        this.caution = caution;
    }

    /** Returns what to mind at any such step, as common caution; empty where there is nothing. */
    public String caution() {
        return caution;
    }
}
