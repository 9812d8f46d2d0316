package brightplumb.core.pattern;

/**
 * What a piece is of, for outsiders. Those that several bring, or that are asked for, are named here; others are named
 * by the operation that brings them.
 *
 * @param id its name in files: front, band, pocket
 */
public record Panel(String id) {

    public static final Panel FRONT = new Panel("front");
    public static final Panel BACK = new Panel("back");
    public static final Panel BAND = new Panel("band");
    public static final Panel POCKET = new Panel("pocket");
    public static final Panel BODICE = new Panel("bodice");
    public static final Panel SLEEVE = new Panel("sleeve");
    public static final Panel COLLAR = new Panel("collar");

    /** Returns whether it is a main panel: the front or the back. */
    public boolean isMain() {
        return equals(FRONT) || equals(BACK);
    }

    @Override
    public String toString() {
        return id;
    }
}
