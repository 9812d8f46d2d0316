package brightplumb.core.garment;

import static org.assertj.core.api.Assertions.assertThat;

import brightplumb.core.measure.Refusal;
import java.util.Optional;
import java.util.function.Supplier;

/**
 * What a rule is tried on. A garment that cannot be drafted is passed over and counted, so that a rule that is tried on
 * too little fails.
 */
final class Tried {

    private int drafted;
    private int refused;

    /** What was drafted; empty where it was refused. */
    <T> Optional<T> draft(Supplier<T> draft) {
        try {
            Optional<T> made = Optional.of(draft.get());
            drafted++;
            return made;
        } catch (Refusal cannot) {
            refused++;
            return Optional.empty();
        }
    }

    /** Fails where more was refused. */
    void refusedAtMost(int most) {
        assertThat(refused).as("refused, beside %d drafted", drafted).isLessThanOrEqualTo(most);
        assertThat(drafted).as("drafted").isPositive();
    }

    /** Fails where a garment has it on some bodies only, but for one that leaves it no room. */
    void allButOneOrNone() {
        assertThat(Math.min(drafted, refused))
                .as("%d drafted and %d refused", drafted, refused)
                .isLessThanOrEqualTo(drafted > refused ? 1 : 0);
    }

    /** Fails where fewer were drafted. */
    void draftedAtLeast(int least) {
        assertThat(drafted).as("drafted, beside %d refused", refused).isGreaterThanOrEqualTo(least);
    }
}
