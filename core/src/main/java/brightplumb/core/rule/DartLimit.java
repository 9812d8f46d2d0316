package brightplumb.core.rule;

import brightplumb.core.measure.Length;
import brightplumb.core.pattern.Half;
import brightplumb.core.working.Amount;

/**
 * The most one dart carries; more makes a point that will not press flat. Our own choice, after half-block practice.
 */
public final class DartLimit {

    /** What may go over the limit before a dart is split in two, mm. */
    public static final double GRACE = Length.INCH / 16;

    private static final Amount FRONT = Amount.inches("most in one front dart", 1);
    private static final Amount BACK = Amount.inches("most in one back dart", 1.25);

    private DartLimit() {}

    /** An inch in front, an inch and a quarter behind. */
    public static Amount of(Half panel) {
        return panel == Half.FRONT ? FRONT : BACK;
    }
}
