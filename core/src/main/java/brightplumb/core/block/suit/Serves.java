package brightplumb.core.block.suit;

import brightplumb.core.paper.Paper;
import brightplumb.core.rule.Settings;
import brightplumb.core.working.Amount;

/** How far beyond the body it is drafted for cloth that stretches goes on. Common practice: forty to forty-eight in cloth that gives by half. */
final class Serves {

    /** Of what the cloth gives, so much is comfortable beyond the body it was cut for. */
    private static final double COMFORTABLE = 0.4;

    private Serves() {}

    static void say(Paper paper, Settings set) {
        if (set.cloth().stretches()) {
            Amount hip = set.body().hip();
            paper.step(
                    "serves.hips",
                    "Goes on hips up to",
                    hip.plus(hip.times(Amount.ratio("stretch", set.cloth().stretch()))
                            .times(COMFORTABLE)),
                    "From the hip it is drafted for: two fifths of what the cloth gives are comfortable beyond it.");
        }
    }
}
