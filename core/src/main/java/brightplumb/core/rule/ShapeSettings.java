package brightplumb.core.rule;

/** What can be set on a change of shape that a hand adds to a block. */
public final class ShapeSettings {

    public static final Setting TAPER_BY =
            Setting.length("taperBy", "Taper, or flare", Zone.HEM, "In at each side", -300, 120);

    public static final Setting LENGTHEN_BY =
            Setting.length("lengthenBy", "Longer, or shorter", Zone.HEM, "Longer by", -400, 600);

    public static final Setting MOVED_DART =
            Setting.choice("movedDart", "Dart that is moved", Zone.DARTS, "Moved, of the", Panels.values());

    public static final Setting DART_TO =
            Setting.choice("dartTo", "Where a dart is moved to", Zone.DARTS, "Moved to the", DartTo.values());

    /** How far down the side a moved dart opens. */
    public static final Setting DART_DOWN = Setting.length(
                    "dartDown", "Moved dart below the waist", Zone.DARTS, "Opens below waist", 20, 500)
            .when(set -> set.chose(DART_TO, DartTo.SIDE));

    private ShapeSettings() {}
}
