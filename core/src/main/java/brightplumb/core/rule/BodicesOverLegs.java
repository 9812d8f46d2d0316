package brightplumb.core.rule;

import static brightplumb.core.rule.BodiceSettings.ARMHOLE_FROM;
import static brightplumb.core.rule.BodiceSettings.BODICE_WAY;
import static brightplumb.core.rule.Rule.choosing;
import static brightplumb.core.rule.Rule.chosen;
import static brightplumb.core.rule.Rule.worked;

import brightplumb.core.measure.Measure;
import brightplumb.core.working.Amount;
import java.util.HashMap;
import java.util.Map;

/**
 * What is usual of a bodice over legs, in its two ways: the house's own, and the bench's. Common practice, no source.
 */
public final class BodicesOverLegs {

    /** What a garment wants round the trunk beyond the tape, to move in woven cloth. */
    private static final double TO_MOVE = 2;

    /**
     * The depth is solved from the trunk between these, inches below the rise: four is the habit, and an inch too
     * little for the tall with narrow hips.
     */
    private static final double LEAST_DEEPER = 1.5;

    private static final double MOST_DEEPER = 5;

    /**
     * What both crotch seams are longer together than twice the depth where the back does not rise, as a share of the
     * hip: as they come out.
     */
    private static final double CURVES_OF_HIP = 0.095;

    /** Its own amounts, from the shoulder down. */
    public static final Map<Setting, Rule> RULES = rules();

    /**
     * So deep that crotch and centre seams together are the tape round the trunk and a little to move: no waist seam
     * gives, so the depth must come from the crotch. Where the trunk was not taken, three inches below the rise.
     */
    public static final Rule DEPTH = worked(
            BodicesOverLegs::depth,
            "No waist gives when she sits, so the crotch is deeper: by what the tape round the trunk asks, {1.5 to 5} "
                    + "below the rise.");

    /** Of a top without shoulders. */
    public static final Map<Setting, Rule> TOP = Map.of(
            TopSettings.TOP_KIND,
            choosing(
                    given -> given.body().find(Measure.TOP_EDGE_GIRTH).isPresent() ? TopKind.OVER_ARMS : TopKind.CLOSED,
                    "Over both arms where the tape was taken round them, else round the body."),
            TopSettings.TOP_LEVEL,
            Rule.inches(5, "{5} below the shoulder."));

    /**
     * The same where legs are sewn to a bodice: the back may rise at the waist, and what it rises the crotch need not
     * be deeper.
     */
    public static final Rule DEPTH_BELOW_A_SEAM = worked(
            BodicesOverLegs::depthBelowASeam,
            "The waist is sewn and does not give when she sits: the crotch is deeper by what the tape round the trunk "
                    + "asks, beside what the back rises.");

    private BodicesOverLegs() {}

    private static Map<Setting, Rule> rules() {
        Map<Setting, Rule> rules = new HashMap<>(HouseBodices.RULES);
        rules.put(BODICE_WAY, chosen(BodiceWay.HOUSE, "The house way mends what bench habit leaves."));
        rules.put(
                ARMHOLE_FROM,
                choosing(
                        given -> bench(given) ? ArmholeFrom.LEVEL : ArmholeFrom.SLOPE,
                        "From the sloped shoulder, where the arm hangs; the bench takes the level line, {1} higher on "
                                + "the body."));
        return Map.copyOf(rules);
    }

    private static boolean bench(Given given) {
        return given.settings().chose(BODICE_WAY, BodiceWay.BENCH);
    }

    private static Amount depth(Given given) {
        return depth(given, LEAST_DEEPER, Amount.inches("nothing rises", 0));
    }

    private static Amount depthBelowASeam(Given given) {
        return depth(
                given,
                0,
                given.settings().asked(WaistSettings.BACK_RISE).orElseGet(() -> Amount.inches("nothing rises", 0)));
    }

    /**
     * @param least inches below the rise, at least
     * @param rises what the back rises at the waist
     */
    private static Amount depth(Given given, double least, Amount rises) {
        Body body = given.body();
        Amount rise = body.find(Measure.BODY_RISE).orElseThrow();
        Amount down = body.find(Measure.SHOULDER_TO_WAIST).orElseThrow(HouseBodices::noBust);
        Amount curves = body.hip().times(CURVES_OF_HIP);
        return body.find(Measure.VERTICAL_TRUNK)
                .map(loop -> loop.plus(Amount.inches("to move", given.cloth().stretchesBothWays() ? 0 : TO_MOVE))
                        .minus(down.times(2))
                        .minus(curves)
                        .minus(rises)
                        .over(2)
                        .atLeast(rise.plus(Amount.inches("least deeper", least)))
                        .atMost(rise.plus(Amount.inches("most deeper", MOST_DEEPER))))
                .orElseGet(() ->
                        rise.plus(Amount.inches("deeper than the rise", 3)).minus(rises.over(2)));
    }
}
