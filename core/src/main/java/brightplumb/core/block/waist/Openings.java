package brightplumb.core.block.waist;

import static brightplumb.core.rule.ClosureSettings.ZIP_LENGTH;

import brightplumb.core.measure.Length;
import brightplumb.core.measure.Refusal;
import brightplumb.core.measure.TapeWriter;
import brightplumb.core.pattern.Tolerance;
import brightplumb.core.rule.Settings;

/** An opening in a centre seam. */
public final class Openings {

    private Openings() {}

    /**
     * Whether the seam opens as far as a hand asked; by habit it opens as far as it can.
     *
     * @param most how far the seam can be opened, mm
     * @throws Refusal where a hand asked for more
     */
    public static void within(Settings set, double most) {
        if (set.byHand(ZIP_LENGTH) && set.amount(ZIP_LENGTH).value() > most + Tolerance.SEAM) {
            throw new Refusal(
                    ZIP_LENGTH.field(), "The seam opens for " + TapeWriter.inBoth(Length.mm(most)) + " at the most");
        }
    }
}
