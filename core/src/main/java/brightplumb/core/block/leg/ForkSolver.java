package brightplumb.core.block.leg;

import brightplumb.core.geometry.Roots;
import brightplumb.core.measure.Length;
import java.util.OptionalDouble;
import java.util.function.DoubleUnaryOperator;

/**
 * Finds what is not asked for: how far the back fork drops so that the inseams are one length, then how far the back
 * rises, and if that is not enough how far its fork goes out, so that the loop between the legs is what the tape asks.
 * Every search is bracketed; where a goal cannot be reached the nearest end of the bracket is taken and told.
 */
final class ForkSolver {

    private static final double MOST_UP = -Length.INCH;
    private static final double MOST_DOWN = 3 * Length.INCH;
    private static final double[] USUAL_RISE = {Length.INCH / 2, 1.75 * Length.INCH};
    private static final double[] WIDEST_RISE = {0, 2.5 * Length.INCH};
    private static final double EXTENSION_GIVES = 0.15;

    /** A loop this near to what is wanted is reached, mm. */
    private static final double EXACT = 0.05;

    /** The drawing of a leg's inner edges from the three amounts that are searched. */
    interface Drawing {
        /** How much longer the back inseam is than the front one, with what is stretched in, mm. */
        double inseamsApart(double extension, double drop);

        /** Front and back centre seam together, from waist to waist, mm; NaN where it cannot be drawn. */
        double loop(double extension, double drop, double rise);
    }

    /**
     * What was found.
     *
     * @param extension the back fork from the centre line
     * @param drop the back fork below the crotch line
     * @param rise the back waist above the waist line
     * @param inseamsMeet whether the drop made the inseams one length, or was set
     * @param missing how much the loop is still too short, mm; negative too long; 0 when reached or not asked
     */
    record Found(double extension, double drop, double rise, boolean inseamsMeet, double missing) {}

    private final Drawing drawing;
    private final OptionalDouble setDrop;

    /** @param setDrop the drop where a hand or the way sets it */
    ForkSolver(Drawing drawing, OptionalDouble setDrop) {
        this.drawing = drawing;
        this.setDrop = setDrop;
    }

    /** The drop alone, the rise as given. */
    Found drop(double extension, double rise) {
        return found(extension, dropFor(extension), rise, 0);
    }

    /**
     * The rise, and if it must the extension.
     *
     * @param extension the extension to begin with
     * @param loop the loop wanted, mm
     * @param mayExtend whether the extension may change
     */
    Found loop(double extension, double loop, boolean mayExtend) {
        double drop = dropFor(extension);
        DoubleUnaryOperator byRise = rise -> drawing.loop(extension, drop, rise) - loop;
        OptionalDouble usual = Roots.between(USUAL_RISE[0], USUAL_RISE[1], byRise);
        if (usual.isPresent()) {
            return found(extension, drop, usual.getAsDouble(), 0);
        }
        boolean tooShort = byRise.applyAsDouble(USUAL_RISE[1]) < 0;
        double reached = extension;
        if (mayExtend) {
            double rise = USUAL_RISE[tooShort ? 1 : 0];
            double end = extension * (tooShort ? 1 + EXTENSION_GIVES : 1 - EXTENSION_GIVES);
            OptionalDouble extended = Roots.between(
                    Math.min(extension, end), Math.max(extension, end), e -> drawing.loop(e, dropFor(e), rise) - loop);
            if (extended.isPresent()) {
                return found(extended.getAsDouble(), dropFor(extended.getAsDouble()), rise, 0);
            }
            reached = end;
        }
        double last = reached;
        double lastDrop = dropFor(last);
        OptionalDouble wide =
                Roots.between(WIDEST_RISE[0], WIDEST_RISE[1], rise -> drawing.loop(last, lastDrop, rise) - loop);
        if (wide.isPresent()) {
            return found(last, lastDrop, wide.getAsDouble(), 0);
        }
        double rise = WIDEST_RISE[tooShort ? 1 : 0];
        return found(last, lastDrop, rise, loop - drawing.loop(last, lastDrop, rise));
    }

    /**
     * The extension alone, the rise as a hand has it.
     *
     * @param extension the extension to begin with
     * @param loop the loop wanted, mm
     * @param rise the rise that stays, mm
     * @param mayExtend whether the extension may change
     */
    Found extension(double extension, double loop, double rise, boolean mayExtend) {
        DoubleUnaryOperator byExtension = e -> drawing.loop(e, dropFor(e), rise) - loop;
        double lacks = -byExtension.applyAsDouble(extension);
        if (!mayExtend || Math.abs(lacks) < EXACT) {
            return found(extension, dropFor(extension), rise, mayExtend ? 0 : lacks);
        }
        double end = extension * (lacks > 0 ? 1 + EXTENSION_GIVES : 1 - EXTENSION_GIVES);
        double reached = Roots.between(Math.min(extension, end), Math.max(extension, end), byExtension)
                .orElse(end);
        double missing = -byExtension.applyAsDouble(reached);
        return found(reached, dropFor(reached), rise, Math.abs(missing) < EXACT ? 0 : missing);
    }

    private Found found(double extension, double drop, double rise, double missing) {
        boolean meet = setDrop.isPresent() || Math.abs(drawing.inseamsApart(extension, drop)) < 0.01;
        return new Found(extension, drop, rise, meet, missing);
    }

    private double dropFor(double extension) {
        if (setDrop.isPresent()) {
            return setDrop.getAsDouble();
        }
        DoubleUnaryOperator apart = drop -> drawing.inseamsApart(extension, drop);
        return Roots.between(MOST_UP, MOST_DOWN, apart)
                .orElseGet(() -> Math.abs(apart.applyAsDouble(MOST_UP)) < Math.abs(apart.applyAsDouble(MOST_DOWN))
                        ? MOST_UP
                        : MOST_DOWN);
    }
}
