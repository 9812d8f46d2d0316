package brightplumb.core.block;

import brightplumb.core.block.ClosedWaist.DartLine;
import brightplumb.core.working.Amount;
import java.util.List;

/**
 * The amounts of half a leg's top, worked out before its lines are drawn. All along x from the centre-front line.
 *
 * @param hip its width at the hip
 * @param hipIn where the hip is laid off from
 * @param waist its width at the waist, darts closed
 * @param centreIn where the waist is laid off from
 * @param intake what its darts take, in all
 * @param darts its darts from the centre outward
 * @param sideInset what is left for the side seam; negative where the waist is wider
 */
record LegQuarter(
        Amount hip,
        Amount hipIn,
        Amount waist,
        Amount centreIn,
        Amount intake,
        List<DartLine> darts,
        Amount sideInset) {

    /** Where the hip line meets the side. */
    double hipX() {
        return hipIn.value() + hip.value();
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
