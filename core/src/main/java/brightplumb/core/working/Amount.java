package brightplumb.core.working;

import brightplumb.core.measure.Length;
import brightplumb.core.working.Expression.Joined;
import brightplumb.core.working.Expression.Named;
import brightplumb.core.working.Expression.Operation;
import brightplumb.core.working.Expression.Pick;
import brightplumb.core.working.Expression.Picked;
import brightplumb.core.working.Expression.Plain;
import brightplumb.core.working.Expression.Stated;
import java.util.List;
import java.util.Objects;

/**
 * A value together with the expression that made it. Arithmetic builds both at once, so the working that is shown is
 * the computation that ran. That something was estimated, or set by hand, is inherited by all that is made from it.
 *
 * <p>Lengths are never bare: a length that takes part in a formula has a name, whether it is a measure, a setting or a
 * constant of the trade. Only plain numbers (a divisor, a share) stand without one.
 */
public final class Amount {

    /** What kind of quantity an amount is. */
    public enum Kind {
        /** Millimetres. */
        LENGTH,
        /** A plain number or a ratio. */
        NUMBER,
        /** Degrees. */
        ANGLE
    }

    private final double value;
    private final Kind kind;
    private final Expression expression;
    private final Expression definition;
    private final Fact fact;
    private final boolean estimated;
    private final boolean overridden;

    private Amount(
            double value,
            Kind kind,
            Expression expression,
            Expression definition,
            Fact fact,
            boolean estimated,
            boolean overridden) {
        this.value = value;
        this.kind = kind;
        this.expression = expression;
        this.definition = definition;
        this.fact = fact;
        this.estimated = estimated;
        this.overridden = overridden;
    }

    private static Amount made(double value, Kind kind, Expression expression, boolean estimated, boolean overridden) {
        return new Amount(value, kind, expression, expression, null, estimated, overridden);
    }

    /** A length with a name: a constant of the trade, or a value that was typed. */
    public static Amount length(String name, Length length) {
        return made(length.mm(), Kind.LENGTH, new Named(name, length.mm(), Kind.LENGTH), false, false);
    }

    /** A named length of so many inches. */
    public static Amount inches(String name, double inches) {
        return length(name, Length.inches(inches));
    }

    /** A ratio with a name. */
    public static Amount ratio(String name, double ratio) {
        return made(ratio, Kind.NUMBER, new Named(name, ratio, Kind.NUMBER), false, false);
    }

    /** A plain number. */
    public static Amount number(double number) {
        return made(number, Kind.NUMBER, new Plain(number), false, false);
    }

    /**
     * A length found on the paper rather than worked out: measured along a line, or solved until a condition held.
     *
     * @param how what was measured or solved, in the bench's words
     */
    public static Amount found(String how, double mm) {
        return stated(how, mm, Kind.LENGTH);
    }

    /** A plain number that was counted rather than worked out. */
    public static Amount counted(String how, double number) {
        return stated(how, number, Kind.NUMBER);
    }

    /** A length that a way has by habit. */
    public static Amount byHabit(Length length) {
        return stated("by habit", length.mm(), Kind.LENGTH);
    }

    /** A length that a way has by habit. */
    public static Amount byHabit(double inches) {
        return byHabit(Length.inches(inches));
    }

    /** What a hand set: mm, or a ratio. */
    public static Amount byHand(double value, Kind kind) {
        return stated("set by hand", value, kind).asOverride();
    }

    private static Amount stated(String words, double value, Kind kind) {
        return made(value, kind, new Stated(words, value, kind), false, false);
    }

    /** The value: mm, degrees or a plain number. */
    public double value() {
        return value;
    }

    /** The kind of quantity. */
    public Kind kind() {
        return kind;
    }

    /** The value as a length. */
    public Length length() {
        if (kind != Kind.LENGTH) {
            throw new IllegalStateException("Not a length: " + formula());
        }
        return Length.mm(value);
    }

    /** The fact this amount was found for, or null. */
    public Fact fact() {
        return fact;
    }

    /** Whether it, or anything it was made from, was estimated. */
    public boolean estimated() {
        return estimated;
    }

    /** Whether it, or anything it was made from, was set by hand. */
    public boolean overridden() {
        return overridden;
    }

    /** The expression that made it, as text with names. */
    public String formula() {
        return Working.formula(definition);
    }

    /** The expression that made it, as tokens. */
    public List<Token> working() {
        return Working.tokens(definition);
    }

    /** How its working is printed so that it can be followed. */
    public Printed printed() {
        return kind == Kind.LENGTH ? Printed.of(definition, value) : new Printed(false, "", "");
    }

    /** The sum with another amount of the same kind. */
    public Amount plus(Amount other) {
        return join(Operation.PLUS, other, value + other.value, sameKind(other));
    }

    /** The difference to another amount of the same kind. */
    public Amount minus(Amount other) {
        return join(Operation.MINUS, other, value - other.value, sameKind(other));
    }

    /** A multiple of this amount. */
    public Amount times(double factor) {
        return times(number(factor));
    }

    /** The product with a plain number. */
    public Amount times(Amount factor) {
        return join(Operation.TIMES, factor, value * factor.value, plain(factor));
    }

    /** A part of this amount. */
    public Amount over(double divisor) {
        return join(Operation.OVER, number(divisor), value / divisor, kind);
    }

    /**
     * This amount, but no more than a limit of the same kind. The limit enters the working only where it holds the
     * amount back.
     */
    public Amount atMost(Amount limit) {
        sameKind(limit);
        return value <= limit.value ? this : pick(Pick.LEAST, limit, limit.value);
    }

    /**
     * This amount, but no less than a limit of the same kind. The limit enters the working only where it holds the
     * amount up.
     */
    public Amount atLeast(Amount limit) {
        sameKind(limit);
        return value >= limit.value ? this : pick(Pick.GREATEST, limit, limit.value);
    }

    /** This amount, but no less than nothing. */
    public Amount notBelowZero() {
        return atLeast(made(0, kind, new Plain(0), false, false));
    }

    /** The same amount as a fact that others read. */
    public Amount as(Fact fact, String name) {
        return new Amount(value, kind, new Named(name, value, kind), definition, fact, estimated, overridden);
    }

    /**
     * The same value under a name, and no fact. In later workings it appears by the name; its own working stays what it
     * was.
     *
     * @param name what the bench calls it
     */
    public Amount called(String name) {
        return as(null, name);
    }

    /** The same amount, marked as a guess. */
    public Amount asEstimate() {
        return new Amount(value, kind, expression, definition, fact, true, overridden);
    }

    /** The same amount, marked as set by hand. */
    public Amount asOverride() {
        return new Amount(value, kind, expression, definition, fact, estimated, true);
    }

    /**
     * Whether something of that name is a part of how this amount was made.
     *
     * @param name what the bench calls it
     */
    public boolean worksFrom(String name) {
        return definition.worksFrom(name);
    }

    private Amount join(Operation operation, Amount other, double result, Kind resultKind) {
        return made(
                result,
                resultKind,
                new Joined(operation, expression, other.expression),
                estimated || other.estimated,
                overridden || other.overridden);
    }

    private Amount pick(Pick pick, Amount other, double result) {
        sameKind(other);
        return made(
                result,
                kind,
                new Picked(pick, List.of(expression, other.expression)),
                estimated || other.estimated,
                overridden || other.overridden);
    }

    private Kind sameKind(Amount other) {
        if (kind != other.kind) {
            throw new IllegalArgumentException("A " + kind + " and a " + other.kind + " do not add");
        }
        return kind;
    }

    private Kind plain(Amount factor) {
        if (factor.kind != Kind.NUMBER) {
            throw new IllegalArgumentException("Only a plain number multiplies a " + kind);
        }
        return kind;
    }

    @Override
    public boolean equals(Object other) {
        return other instanceof Amount that
                && value == that.value
                && kind == that.kind
                && expression.equals(that.expression)
                && definition.equals(that.definition)
                && Objects.equals(fact, that.fact)
                && estimated == that.estimated
                && overridden == that.overridden;
    }

    @Override
    public int hashCode() {
        return Objects.hash(value, kind, expression, fact);
    }

    @Override
    public String toString() {
        return formula() + " = " + value;
    }
}
