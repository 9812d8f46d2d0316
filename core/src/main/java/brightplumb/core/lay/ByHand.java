package brightplumb.core.lay;

import brightplumb.core.measure.FieldPath;
import brightplumb.core.measure.Refusal;
import java.util.ArrayList;
import java.util.List;
import org.locationtech.jts.geom.Polygon;

/**
 * Where a hand laid a piece.
 *
 * @param garment whose it is; empty where only one garment is laid
 * @param piece its name
 * @param copy which of its layings, from 1
 * @param flipped face down
 * @param angle 0 or 180
 * @param x where its outline begins along the cloth, mm
 * @param y where it begins across, mm
 */
public record ByHand(String garment, String piece, int copy, boolean flipped, int angle, double x, double y) {

    /** Pieces may touch; what lies on what by more than this is no lay, mm². */
    private static final double OVERLAP = 2;

    /** What stands out of the cloth by no more than this does not, mm. */
    private static final double OUT = 0.1;

    /** @throws Refusal where one lies as it may not, off the cloth, or on another */
    static Laid laid(List<Item> items, Ground ground, List<ByHand> hands) {
        for (int i = 0; i < hands.size(); i++) {
            for (int j = 0; j < i; j++) {
                if (hands.get(i).samePiece(hands.get(j))) {
                    throw refused(hands.get(i).piece() + " is laid twice");
                }
            }
        }
        List<Placed> all = new ArrayList<>();
        for (Item item : items) {
            ByHand hand = hands.stream()
                    .filter(h -> h.is(item))
                    .findFirst()
                    .orElseThrow(() -> refused(item.piece() + " is not laid"));
            Way way = item.ways().stream()
                    .filter(w -> w.flipped() == hand.flipped() && w.angle() == hand.angle())
                    .findFirst()
                    .orElseThrow(() -> refused(item.piece() + " may not lie that way on this cloth"));
            Placed placed = new Placed(item, way, hand.x(), item.atFold() ? 0 : hand.y());
            if (!on(ground, placed)) {
                throw refused(item.piece() + " does not lie whole on the cloth");
            }
            for (Placed other : all) {
                if (overlap(placed, other) > OVERLAP) {
                    throw refused(item.piece() + " lies on " + other.item().piece());
                }
            }
            all.add(placed);
        }
        return Laid.of(all);
    }

    private boolean samePiece(ByHand other) {
        return garment.equals(other.garment) && piece.equals(other.piece) && copy == other.copy;
    }

    private boolean is(Item item) {
        return garment.equals(item.garment()) && piece.equals(item.piece().toString()) && copy == item.copy();
    }

    private static boolean on(Ground ground, Placed placed) {
        Outline outline = placed.outline();
        if (outline.left() < -OUT || outline.top() < -OUT || outline.bottom() > ground.across() + OUT) {
            return false;
        }
        return !(ground instanceof Ground.Remnant remnant) || remnant.holds(outline.polygon());
    }

    private static double overlap(Placed one, Placed other) {
        Polygon a = one.outline().polygon();
        Polygon b = other.outline().polygon();
        return a.getEnvelopeInternal().intersects(b.getEnvelopeInternal())
                ? a.intersection(b).getArea()
                : 0;
    }

    private static Refusal refused(String why) {
        return new Refusal(new FieldPath("placements"), why);
    }
}
