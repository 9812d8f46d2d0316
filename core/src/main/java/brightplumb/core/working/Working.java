package brightplumb.core.working;

import brightplumb.core.working.Expression.Joined;
import brightplumb.core.working.Expression.Named;
import brightplumb.core.working.Expression.Operation;
import brightplumb.core.working.Expression.Picked;
import brightplumb.core.working.Expression.Plain;
import brightplumb.core.working.Expression.Stated;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.ArrayList;
import java.util.List;

/** An expression written out: as tokens, and as text with names. */
public final class Working {

    private static final Token OPEN = new Token.Op("(");
    private static final Token CLOSE = new Token.Op(")");
    private static final Token COMMA = new Token.Op(",");

    private Working() {}

    /** The expression as tokens in reading order, with brackets only where they are needed. */
    public static List<Token> tokens(Expression expression) {
        List<Token> out = new ArrayList<>();
        write(expression, out);
        return List.copyOf(out);
    }

    /** The expression as text with names: {@code (hip + hip ease) ÷ 4 − hip allocation}. */
    public static String formula(Expression expression) {
        StringBuilder text = new StringBuilder();
        Token before = null;
        for (Token token : tokens(expression)) {
            if (before != null && !before.equals(OPEN) && !token.equals(CLOSE) && !token.equals(COMMA)) {
                text.append(' ');
            }
            text.append(spoken(token));
            before = token;
        }
        return text.toString();
    }

    private static String spoken(Token token) {
        if (token instanceof Token.Op op) {
            return op.op();
        }
        if (token instanceof Token.Stated stated) {
            return stated.words();
        }
        return token instanceof Token.Name name ? name.name() : plain(((Token.Number) token).number());
    }

    private static String plain(double number) {
        return BigDecimal.valueOf(number)
                .setScale(4, RoundingMode.HALF_UP)
                .stripTrailingZeros()
                .toPlainString();
    }

    private static void write(Expression expression, List<Token> out) {
        if (expression instanceof Plain plain) {
            out.add(new Token.Number(plain.number()));
        } else if (expression instanceof Named named) {
            out.add(new Token.Name(named.name(), named.value(), named.kind()));
        } else if (expression instanceof Stated stated) {
            out.add(new Token.Stated(stated.words(), stated.value(), stated.kind()));
        } else if (expression instanceof Joined joined && nought(joined.right()) && adds(joined)) {
            write(joined.left(), out);
        } else if (expression instanceof Joined joined
                && nought(joined.left())
                && joined.operation() == Operation.PLUS) {
            write(joined.right(), out);
        } else if (expression instanceof Joined joined) {
            writePart(joined.left(), joined.operation(), false, out);
            out.add(new Token.Op(joined.operation().sign));
            writePart(joined.right(), joined.operation(), true, out);
        } else if (expression instanceof Picked picked) {
            out.add(new Token.Op(picked.pick().words));
            out.add(OPEN);
            for (int i = 0; i < picked.parts().size(); i++) {
                if (i > 0) {
                    out.add(COMMA);
                }
                write(picked.parts().get(i), out);
            }
            out.add(CLOSE);
        }
    }

    /** A term that is nought helps nobody who follows the sum. */
    private static boolean nought(Expression part) {
        return part instanceof Named named && Math.abs(named.value()) < 1e-9
                || part instanceof Stated stated && Math.abs(stated.value()) < 1e-9
                || part instanceof Joined joined && !adds(joined) && nought(joined.left());
    }

    private static boolean adds(Joined joined) {
        return joined.operation() == Operation.PLUS || joined.operation() == Operation.MINUS;
    }

    /** What is left of a part once its terms that are nought are left out. */
    private static Expression lean(Expression part) {
        if (part instanceof Joined joined && adds(joined)) {
            if (nought(joined.right())) {
                return lean(joined.left());
            }
            if (nought(joined.left()) && joined.operation() == Operation.PLUS) {
                return lean(joined.right());
            }
        }
        return part;
    }

    private static void writePart(Expression whole, Operation within, boolean right, List<Token> out) {
        Expression part = lean(whole);
        boolean bracket = part instanceof Joined inner && looser(inner.operation(), within, right);
        if (bracket) {
            out.add(OPEN);
        }
        write(part, out);
        if (bracket) {
            out.add(CLOSE);
        }
    }

    private static boolean looser(Operation inner, Operation outer, boolean right) {
        boolean orderMatters = outer == Operation.MINUS || outer == Operation.OVER;
        return inner.binding < outer.binding || (right && orderMatters && inner.binding == outer.binding);
    }
}
