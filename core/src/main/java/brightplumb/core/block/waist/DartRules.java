package brightplumb.core.block.waist;

import static brightplumb.core.rule.DartSettings.DART_LENGTH_BACK;
import static brightplumb.core.rule.DartSettings.DART_LENGTH_FRONT;

import brightplumb.core.paper.Paper;
import brightplumb.core.pattern.Half;
import brightplumb.core.pattern.Tolerance;
import brightplumb.core.rule.DartLimit;
import brightplumb.core.rule.PanelFacts;
import brightplumb.core.rule.Setting;
import brightplumb.core.rule.Settings;
import brightplumb.core.working.Amount;
import java.util.OptionalInt;

/** What holds for darts on every lower garment: how many, how long, how near the edges. */
public final class DartRules {

    /** How near a dart's leg may come to centre or side. Our own choice. */
    public static final Amount CLEAR = Amount.inches("clear of the edge", 0.5);

    /** Less than this is not sewn; the side takes it. Our own choice. */
    public static final Amount LEAST = Amount.inches("least dart worth sewing", 0.25);

    private static final Amount LEAST_LENGTH = Amount.inches("shortest dart", 2);
    private static final Amount ABOVE_HIP = Amount.inches("kept above the hip", 1);

    private DartRules() {}

    /**
     * How many darts an intake asks for: none, one or two.
     *
     * @param fixed how many there are where there is anything to take, whatever it is; empty where the intake says
     */
    public static int count(Paper paper, Half panel, Amount intake, OptionalInt fixed) {
        Amount most = DartLimit.of(panel);
        int asked = intake.value() > most.value() + DartLimit.GRACE ? 2 : 1;
        int count = intake.value() == 0 ? 0 : fixed.orElse(asked);
        paper.step(
                Amount.counted("as many as the intake asks", count)
                        .as(PanelFacts.DART_COUNT.of(panel), panel.id() + " darts"),
                panel.title() + " darts, how many",
                "One dart carries {1} in front, {1.25} behind; more is split into two alike.");
        return count;
    }

    /** From the level waist line to the point: two inches at least, and an inch clear of the hip. */
    public static Amount length(Paper paper, Settings set, Amount hipDepth, Half panel) {
        Setting setting = panel == Half.FRONT ? DART_LENGTH_FRONT : DART_LENGTH_BACK;
        Amount length = set.amount(setting)
                .atLeast(LEAST_LENGTH)
                .atMost(hipDepth.minus(ABOVE_HIP))
                .as(PanelFacts.DART_LENGTH.of(panel), panel.id() + " dart length");
        double asked = set.amount(setting).value();
        String held = length.value() < asked - Tolerance.SHOWN
                ? " Here it stops {1} above the hip."
                : length.value() > asked + Tolerance.SHOWN ? " Here it is {2}, the shortest dart." : "";
        return paper.step(length, panel.title() + " dart length", set.why(setting) + held);
    }
}
