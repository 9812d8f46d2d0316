package brightplumb.core.block;

import brightplumb.core.block.ClosedWaist.DartLine;
import brightplumb.core.working.Amount;
import java.util.List;

/**
 * The amounts of one quarter of a skirt, worked out before its lines are drawn.
 *
 * @param hip its width at the hip
 * @param waist its width at the waist, darts closed
 * @param centreIn how far the centre line comes in at the waist
 * @param intake what its darts take, in all
 * @param darts its darts from the centre outward
 * @param sideInset what is left for the side seam: how far it comes in between hip and waist; negative where the waist is wider
 */
record SkirtQuarter(Amount hip, Amount waist, Amount centreIn, Amount intake, List<DartLine> darts, Amount sideInset) {

    /** A distance laid off from a centre line that comes in at the waist; a straight one is not mentioned in the working. */
    static Amount fromCentre(Amount centreIn, Amount distance) {
        return centreIn.value() == 0 ? distance : centreIn.plus(distance);
    }

    /** Where the waist ends at the side, along the level waist line. */
    double waistEnd() {
        return centreIn.value() + waist.value() + intake.value();
    }

    /** Whether the waist is wider than the hip, so that the side must lean outward. */
    boolean waistWider() {
        return sideInset.value() < -1e-9;
    }
}
