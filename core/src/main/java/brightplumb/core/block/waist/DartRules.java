package brightplumb.core.block.waist;

import static brightplumb.core.rule.DartSettings.DART_INTAKE_BACK;
import static brightplumb.core.rule.DartSettings.DART_INTAKE_FRONT;
import static brightplumb.core.rule.DartSettings.DART_LENGTH_BACK;
import static brightplumb.core.rule.DartSettings.DART_LENGTH_FRONT;
import static brightplumb.core.rule.WaistSettings.CENTRE_BACK_DROP;
import static brightplumb.core.rule.WaistSettings.CENTRE_FRONT_DROP;

import brightplumb.core.measure.Length;
import brightplumb.core.measure.Refusal;
import brightplumb.core.measure.TapeWriter;
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
    /** An inch, and an eighth for the slope of the waist that the dart is measured from. */
    private static final Amount ABOVE_HIP = Amount.inches("kept above the hip", 1.125);

    private DartRules() {}

    /**
     * How many darts an intake asks for: none, one or two.
     *
     * @param fixed how many there are where there is anything to take, whatever it is; empty where the intake says
     */
    public static int count(Paper paper, Half panel, Amount intake, OptionalInt fixed) {
        Amount most = DartLimit.of(panel);
        int asked = intake.value() > most.value() + DartLimit.GRACE ? 2 : 1;
        if (intake.value() == 0) {
            return 0;
        }
        int count = fixed.orElse(asked);
        paper.step(
                Amount.counted("as many as the intake asks", count)
                        .as(PanelFacts.DART_COUNT.of(panel), panel.id() + " darts"),
                panel.title() + " darts, how many",
                "One dart carries {1} in front, {1.25} behind; more is split into two alike.");
        return count;
    }

    /**
     * What a hand asked of darts is drawn or refused.
     *
     * @param intake what they take, as drawn
     * @param room what the quarter has to give
     */
    public static void kept(Settings set, Half panel, Amount intake, Amount room) {
        Setting setting = panel == Half.FRONT ? DART_INTAKE_FRONT : DART_INTAKE_BACK;
        if (set.byHand(setting) && Math.abs(intake.value() - set.amount(setting).value()) > Tolerance.SEAM) {
            throw new Refusal(
                    setting.field(),
                    room.value() < LEAST.value()
                            ? "There is no room for a " + panel.id() + " dart between this waist and hip; set it to 0"
                            : "Here the " + panel.id() + " darts take from "
                                    + TapeWriter.inBoth(Length.mm(LEAST.value())) + " to "
                                    + TapeWriter.inBoth(Length.mm(room.value())) + ", or nothing");
        }
    }

    /** From the waist along it to its point: two inches at least, and an inch and an eighth clear of the hip. */
    public static Amount length(Paper paper, Settings set, Amount hipDepth, Half panel) {
        Setting setting = panel == Half.FRONT ? DART_LENGTH_FRONT : DART_LENGTH_BACK;
        // The waist is down by so much at the most where the dart begins.
        Amount most = set.asked(panel == Half.FRONT ? CENTRE_FRONT_DROP : CENTRE_BACK_DROP)
                .filter(down -> down.value() > 0)
                .map(hipDepth.minus(ABOVE_HIP)::minus)
                .orElseGet(() -> hipDepth.minus(ABOVE_HIP))
                .atLeast(LEAST_LENGTH);
        Amount length = set.amount(setting)
                .atLeast(LEAST_LENGTH)
                .atMost(most)
                .as(PanelFacts.DART_LENGTH.of(panel), panel.id() + " dart length");
        if (set.byHand(setting) && Math.abs(length.value() - set.amount(setting).value()) > Tolerance.SEAM) {
            throw new Refusal(
                    setting.field(),
                    "Here a dart is from " + TapeWriter.inBoth(Length.mm(LEAST_LENGTH.value())) + " to "
                            + TapeWriter.inBoth(Length.mm(most.value())) + " long, to stop above the hip");
        }
        double asked = set.amount(setting).value();
        String held = length.value() < asked - Tolerance.SHOWN
                ? " Here it stops {1.125} above the hip."
                : length.value() > asked + Tolerance.SHOWN ? " Here it is {2}, the shortest dart." : "";
        return paper.step(length, panel.title() + " dart length", set.why(setting) + held);
    }
}
