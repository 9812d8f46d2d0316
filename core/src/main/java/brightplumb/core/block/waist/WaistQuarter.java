package brightplumb.core.block.waist;

import brightplumb.core.block.waist.ClosedWaist.DartLine;
import brightplumb.core.working.Amount;
import java.util.List;

/**
 * The amounts of a quarter between hip and waist, worked out before its lines are drawn. The centre comes in first, the
 * darts take their part of what is left, the side the rest. All along x from the original centre line.
 *
 * @param hip its width at the hip
 * @param hipIn where the hip is laid off from
 * @param waist its width at the waist, darts closed
 * @param centreIn where the waist is laid off from
 * @param intake what its darts take, in all
 * @param darts its darts from the centre outward
 * @param sideInset what is left for the side seam: how far it comes in between hip and waist; negative where the waist
 *     is wider
 */
public record WaistQuarter(
        Amount hip,
        Amount hipIn,
        Amount waist,
        Amount centreIn,
        Amount intake,
        List<DartLine> darts,
        Amount sideInset) {

    /** A centre line that stays where it was. */
    public static final Amount STRAIGHT = Amount.inches("straight centre", 0);

    /**
     * A distance laid off from a centre line that comes in at the waist; a straight one is not mentioned in the
     * working.
     */
    public static Amount fromCentre(Amount centreIn, Amount distance) {
        return centreIn.value() == 0 ? distance : centreIn.plus(distance);
    }

    /** Where the hip line meets the side. */
    public double hipX() {
        return hipIn.value() + hip.value();
    }

    /** Where the waist ends at the side, along the level waist line. */
    public double waistEnd() {
        return centreIn.value() + waist.value() + intake.value();
    }

    /** Whether the waist is wider than the hip, so that the side must lean outward. */
    public boolean waistWider() {
        return sideInset.value() < -1e-9;
    }
}
