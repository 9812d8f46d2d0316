package brightplumb.core.block.waist;

import brightplumb.core.paper.Paper;
import brightplumb.core.rule.Settings;
import brightplumb.core.working.Amount;
import brightplumb.core.working.Fact;

/**
 * How far beyond the body it is drafted for cloth that stretches goes on. Common practice: forty to forty-eight in
 * cloth that gives by half.
 */
public final class HipRange {

    /** The largest hip it goes on, mm. */
    public static final Fact HIPS = new Fact("serves.hips");

    /** Of what the cloth gives, so much is comfortable beyond the body it was cut for. */
    private static final double COMFORTABLE = 0.4;

    private HipRange() {}

    /** Nothing where the cloth does not give. */
    public static void addStep(Paper paper, Settings set) {
        if (set.cloth().stretches()) {
            Amount hip = set.body().hip();
            paper.step(
                    hip.plus(hip.times(Amount.ratio("stretch", set.cloth().stretch()))
                                    .times(COMFORTABLE))
                            .as(HIPS, "hips it goes on"),
                    "Goes on hips up to",
                    "From the hip it is drafted for: two fifths of what the cloth gives are comfortable beyond it.");
        }
    }
}
