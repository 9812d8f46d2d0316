package brightplumb.core.table;

/** What a garment takes beside its cloth, with what to mind about it: common caution; local rules come first. */
public enum Supply {
    BINDING("binding", ""),
    BUTTON("button", Supply.SMALL_PARTS),
    CORD(
            "cord",
            "Cords at waist or hem catch: on children's wear many countries restrict or forbid them. "
                    + "Follow the local rules."),
    ELASTIC(
            "elastic",
            "Elastic that marks the skin is too short, whatever the figure says. Some holds latex; ask about "
                    + "allergies, and follow medical advice where there is any."),
    FUSING("fusing", ""),
    HOOK("hook", Supply.SMALL_PARTS),
    LACE("lace", ""),
    NEEDLE("needle", ""),
    POCKET_BUTTON("pocket.button", Supply.SMALL_PARTS),
    STUD("stud", Supply.SMALL_PARTS),
    TAPE("tape", ""),
    THREAD("thread", ""),
    ZIP("zip", "");

    private static final String SMALL_PARTS =
            "Small parts come off: not for children under three. Some metal fastenings hold nickel.";

    private final String id;
    private final String caution;

    Supply(String id, String caution) {
        this.id = id;
        this.caution = caution;
    }

    /** Returns its name in requests. */
    public String id() {
        return id;
    }

    /** Returns what to mind where it is used; empty where there is nothing. */
    public String caution() {
        return caution;
    }
}
