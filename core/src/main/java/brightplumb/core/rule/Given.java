package brightplumb.core.rule;

import brightplumb.core.measure.Length;
import brightplumb.core.measure.Measure;
import brightplumb.core.working.Amount;
import java.util.Optional;

/**
 * What a rule may look at.
 *
 * @param body the body
 * @param cloth the cloth
 * @param settings the settings already in force, for rules that build on another
 */
public record Given(Body body, Cloth cloth, Settings settings) {

    /** How lengths that fit a grown woman are said of others. */
    public static final String IN_PROPORTION =
            "On a leg under {36 in} or over {44 in} it is the same share of that leg.";

    private static final double USUAL = 40 * Length.INCH;
    private static final double SHORT = 36 * Length.INCH;
    private static final double LONG = 44 * Length.INCH;
    private static final double LEG_OF_HEIGHT = 0.62;

    /** Another setting's amount. */
    public Amount amount(Setting setting) {
        return settings.amount(setting);
    }

    /** From the top of the skirt to the hip line. */
    public Amount hipDepth() {
        return settings.belowBand(body.hipDepth());
    }

    /**
     * A length that fits a grown woman, on this body: as it is where her outside leg is usual or not known, else the
     * same share of her leg as it is of forty inches.
     */
    public Amount inProportion(Amount length) {
        Amount leg = body.find(Measure.OUTSIDE_LEG)
                .or(() -> body.estimateOf(Measure.STATURE).isPresent()
                        ? Optional.empty()
                        : body.find(Measure.STATURE)
                                .map(height -> height.times(LEG_OF_HEIGHT)
                                        .called("outside leg, by height")
                                        .asEstimate()))
                .orElse(null);
        return leg == null || leg.value() >= SHORT && leg.value() <= LONG ? length : leg.times(length.value() / USUAL);
    }
}
