package brightplumb.core.lay;

import brightplumb.core.geometry.Point;
import brightplumb.core.geometry.Rigid;
import brightplumb.core.measure.FieldPath;
import brightplumb.core.measure.Refusal;
import brightplumb.core.pattern.PieceId;
import java.util.List;
import java.util.stream.Collectors;

/**
 * Pieces laid on cloth.
 *
 * @param ground what they are laid on
 * @param placements where each lies
 * @param length of cloth used, mm
 * @param use the area of all that is cut, as a share of the cloth used; on a remnant as a share of the whole of it
 * @param bound no lay can be shorter: what the area takes, or the longest piece, mm
 * @param baseline what plain rows of boxes take, mm; 0 on a remnant
 * @param tried how many lays were tried
 */
public record Lay(
        Ground ground,
        List<Placement> placements,
        double length,
        double use,
        double bound,
        double baseline,
        int tried) {

    public Lay {
        placements = List.copyOf(placements);
    }

    /**
     * A piece as it lies.
     *
     * @param garment whose it is; empty where only one garment is laid
     * @param piece which it is
     * @param copy which of its layings, from 1
     * @param flipped face down
     * @param onFold its fold on that of the cloth
     * @param angle by how much it is turned from its grain pointing along, degrees: 0 or 180
     * @param move from the piece's own coordinates to the cloth
     * @param outline its cut line on the cloth
     */
    public record Placement(
            String garment,
            PieceId piece,
            int copy,
            boolean flipped,
            boolean onFold,
            int angle,
            Rigid move,
            List<Point> outline) {
        public Placement {
            outline = List.copyOf(outline);
        }
    }

    /**
     * The shortest lay that is found.
     *
     * @param oneWay whether all pieces must point one way
     * @param tries how many lays are tried, 1 at least
     * @param wanted asked between two tries
     * @throws Refusal where a piece does not go across the cloth, or a remnant does not hold all, naming the field
     * @throws NotWanted where it is not wanted any more
     */
    public static Lay of(List<Bundle> bundles, Ground ground, boolean oneWay, int tries, Wanted wanted) {
        List<Item> items = Items.of(bundles, ground, oneWay);
        if (items.isEmpty()) {
            return new Lay(ground, List.of(), 0, 0, 0, 0, 0);
        }
        double bound = bound(items, ground);
        Search.Result found = Search.of(items, ground, Math.max(1, tries), bound, wanted);
        if (!found.left().isEmpty()) {
            throw new Refusal(
                    new FieldPath("lay.sheet"),
                    "This cloth does not hold all: no room was found for " + names(found.left()));
        }
        if (ground instanceof Ground.Remnant || matched(ground)) {
            return lay(ground, items, found.laid(), found.tried());
        }
        Laid laid = shorter(Pushed.together(found.laid()), Shelves.of(items, ground.across()));
        return lay(ground, items, laid, found.tried());
    }

    /** The shortest lay that is found, wanted to its end. */
    public static Lay of(List<Bundle> bundles, Ground ground, boolean oneWay, int tries) {
        return of(bundles, ground, oneWay, tries, Wanted.ALWAYS);
    }

    /**
     * A lay as a hand made it.
     *
     * @throws Refusal where a piece lies as it may not, off the cloth, or on another
     */
    public static Lay byHand(List<Bundle> bundles, Ground ground, boolean oneWay, List<ByHand> hands) {
        List<Item> items = Items.byHand(bundles, ground, oneWay);
        return lay(ground, items, ByHand.laid(items, ground, hands), 0);
    }

    /** No lay is shorter: all the cloth that is cut, and the longest piece. */
    private static double bound(List<Item> items, Ground ground) {
        double longest = items.stream().mapToDouble(Item::length).max().orElse(0);
        return Math.max(longest, area(items) / (ground.across() * ground.layers()));
    }

    private static Lay lay(Ground ground, List<Item> items, Laid laid, int tried) {
        boolean remnant = ground instanceof Ground.Remnant;
        return new Lay(
                ground,
                laid.all().stream().map(Lay::placement).toList(),
                laid.length(),
                area(items) / cloth(ground, laid.length()),
                bound(items, ground),
                remnant ? 0 : Shelves.of(items, ground.across()).length(),
                tried);
    }

    /** The cloth that is used: so much off the bolt, or the whole of a remnant, mm². */
    private static double cloth(Ground ground, double length) {
        return ground instanceof Ground.Remnant remnant
                ? Outline.through(remnant.outline()).polygon().getArea()
                : length * ground.across() * ground.layers();
    }

    /** Whether its print has to match, so that nothing slides. */
    private static boolean matched(Ground ground) {
        return ground instanceof Ground.Bolt bolt && bolt.repeat() > 0;
    }

    private static Laid shorter(Laid one, Laid other) {
        return other.length() < one.length() - 0.01 ? other : one;
    }

    private static Placement placement(Placed placed) {
        Rigid move =
                Rigid.slide(Point.of(placed.x(), placed.y())).after(placed.way().move());
        return new Placement(
                placed.item().garment(),
                placed.item().piece(),
                placed.item().copy(),
                placed.way().flipped(),
                placed.item().atFold(),
                placed.way().angle(),
                move,
                placed.outline().places());
    }

    private static double area(List<Item> items) {
        return items.stream().mapToDouble(Item::area).sum();
    }

    private static String names(List<Item> left) {
        return left.stream().map(item -> item.piece().toString()).distinct().collect(Collectors.joining(", "));
    }
}
