package brightplumb.core.working;

import java.util.List;

/** How an amount was made: a tree of names, numbers and operations. */
public sealed interface Expression {

    /** A plain number: a divisor, a share. */
    record Plain(double number) implements Expression {}

    /**
     * Something with a name: a measure, a setting, an amount worked out before, a constant of the trade.
     *
     * @param name what the bench calls it
     * @param value its value: mm for a length, degrees for an angle
     * @param kind what kind of quantity it is
     */
    record Named(String name, double value, Amount.Kind kind) implements Expression {}

    /**
     * Where a value comes from that was not worked out, in the bench's words: by habit, set by hand, measured along the
     * seam. No name: later workings call it by that of the amount it was given to.
     */
    record Stated(String words, double value, Amount.Kind kind) implements Expression {}

    /** Whether something of that name is in it. */
    default boolean worksFrom(String name) {
        if (this instanceof Named named) {
            return named.name().equals(name);
        }
        if (this instanceof Joined joined) {
            return joined.left().worksFrom(name) || joined.right().worksFrom(name);
        }
        return this instanceof Picked picked && picked.parts().stream().anyMatch(p -> p.worksFrom(name));
    }

    /** Two parts joined by an operation. */
    record Joined(Operation operation, Expression left, Expression right) implements Expression {}

    /** The least or the greatest of several. */
    record Picked(Pick pick, List<Expression> parts) implements Expression {
        public Picked {
            parts = List.copyOf(parts);
        }
    }

    /** The four operations, with their binding strength. */
    enum Operation {
        PLUS("+", 1),
        MINUS("−", 1),
        TIMES("×", 2),
        OVER("÷", 2);

        final String sign;
        final int binding;

        Operation(String sign, int binding) {
            this.sign = sign;
            this.binding = binding;
        }
    }

    /** Which of several is taken. */
    enum Pick {
        LEAST("the least of"),
        GREATEST("the greatest of");

        final String words;

        Pick(String words) {
            this.words = words;
        }
    }
}
