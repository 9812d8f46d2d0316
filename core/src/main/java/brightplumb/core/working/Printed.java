package brightplumb.core.working;

import brightplumb.core.measure.Length;
import brightplumb.core.working.Expression.Joined;
import brightplumb.core.working.Expression.Named;
import brightplumb.core.working.Expression.Picked;
import brightplumb.core.working.Expression.Plain;
import brightplumb.core.working.Expression.Stated;
import java.util.stream.DoubleStream;

/**
 * How a working is printed so that it can be followed: its printed figures give the printed result. Where eighths of an
 * inch would not, it is printed in sixteenths; where nothing on the tape does, the result is marked, as the trade does,
 * scant (just under) or full (just over).
 *
 * @param sixteenths whether inches are printed in sixteenths
 * @param inches the mark of the result in inches; empty where none is needed
 * @param centimetres the mark of the result in centimetres, printed to the millimetre
 */
public record Printed(boolean sixteenths, String inches, String centimetres) {

    private static final double EIGHTH = Length.INCH / 8;
    private static final double SIXTEENTH = Length.INCH / 16;
    private static final double MILLIMETRE = 1;

    static Printed of(Expression working, double value) {
        boolean eighths = follows(working, value, EIGHTH);
        boolean sixteenths = !eighths && follows(working, value, SIXTEENTH);
        return new Printed(
                sixteenths,
                eighths || sixteenths ? "" : mark(value, EIGHTH),
                follows(working, value, MILLIMETRE) ? "" : mark(value, MILLIMETRE));
    }

    private static boolean follows(Expression working, double value, double step) {
        return Math.abs(rounded(worked(working, step), step) - rounded(value, step)) < step / 2;
    }

    private static String mark(double value, double step) {
        return value < rounded(value, step) ? "scant" : "full";
    }

    private static double rounded(double value, double step) {
        return Math.round(value / step) * step;
    }

    private static double printed(double value, Amount.Kind kind, double step) {
        return kind == Amount.Kind.LENGTH ? rounded(value, step) : value;
    }

    /** What the printed figures come to. */
    private static double worked(Expression expression, double step) {
        if (expression instanceof Plain plain) {
            return plain.number();
        }
        if (expression instanceof Named named) {
            return printed(named.value(), named.kind(), step);
        }
        if (expression instanceof Stated stated) {
            return printed(stated.value(), stated.kind(), step);
        }
        if (expression instanceof Picked picked) {
            DoubleStream parts = picked.parts().stream().mapToDouble(p -> worked(p, step));
            return (picked.pick() == Expression.Pick.LEAST ? parts.min() : parts.max()).orElseThrow();
        }
        Joined joined = (Joined) expression;
        double left = worked(joined.left(), step);
        double right = worked(joined.right(), step);
        return switch (joined.operation()) {
            case PLUS -> left + right;
            case MINUS -> left - right;
            case TIMES -> left * right;
            case OVER -> left / right;
        };
    }
}
