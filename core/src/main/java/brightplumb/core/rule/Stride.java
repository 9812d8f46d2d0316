package brightplumb.core.rule;

import brightplumb.core.measure.Length;
import brightplumb.core.measure.Measure;
import brightplumb.core.working.Amount;

/**
 * Legs at a step. From mid-thigh down, legs a step apart are separated in proportion to the way down the leg; the cloth
 * must pass round both: twice the separation and once the girth of the leg there. Our own model; it explains the usual
 * slits. Depths in mm below the waist.
 *
 * @param step from foot to foot, mm
 * @param hip waist to hip
 * @param leg from the hip line to the ankle
 */
public record Stride(Body body, double step, double hip, double leg) {

    private static final double LEG_OF_STATURE = 0.47;

    /** The step of a body. */
    public static Stride of(Body body, Amount step) {
        double hip = body.hipDepth().value();
        double leg = body.find(Measure.OUTSIDE_LEG)
                .map(outside -> outside.value() - hip)
                .orElseGet(() -> body.find(Measure.STATURE).orElseThrow().value() * LEG_OF_STATURE);
        return new Stride(body, step.value(), hip, leg);
    }

    /** From where a skirt is in a step's way. */
    public double midThigh() {
        return (require(Measure.BODY_RISE) + knee()) / 2;
    }

    /** What must go round both legs at a depth, mm. */
    public double needs(double depth) {
        return 2 * apart(depth) + legGirth(depth);
    }

    /** How far the legs are apart at a depth. */
    public double apart(double depth) {
        return step * Math.max(0, depth - hip) / leg;
    }

    /** The longest step a girth allows at a depth, mm. */
    public double allowed(double depth, double girth) {
        double down = (depth - hip) / leg;
        return down <= 0 ? Double.POSITIVE_INFINITY : Math.max(0, (girth - legGirth(depth)) / 2 / down);
    }

    /** Where the leg ends. */
    public double ankle() {
        return Math.max(hip + leg, knee() + Length.INCH);
    }

    private double knee() {
        return Math.max(require(Measure.KNEE_DEPTH), require(Measure.BODY_RISE) + Length.INCH);
    }

    /** Round one leg at a depth. */
    public double legGirth(double depth) {
        double rise = require(Measure.BODY_RISE);
        double knee = knee();
        return depth <= knee
                ? between(depth, rise, require(Measure.THIGH_GIRTH), knee, require(Measure.KNEE_GIRTH))
                : between(depth, knee, require(Measure.KNEE_GIRTH), ankle(), require(Measure.ANKLE_GIRTH));
    }

    private static double between(double at, double from, double first, double to, double last) {
        double share = Math.max(0, Math.min(1, (at - from) / (to - from)));
        return first + (last - first) * share;
    }

    private double require(Measure measure) {
        return body.find(measure).orElseThrow().value();
    }
}
