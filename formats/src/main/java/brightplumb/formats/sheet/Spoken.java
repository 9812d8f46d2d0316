package brightplumb.formats.sheet;

import brightplumb.core.measure.DecimalMark;
import brightplumb.core.measure.Length;
import brightplumb.core.measure.Sentence;
import brightplumb.core.measure.TapeWriter;
import brightplumb.core.measure.Unit;
import brightplumb.core.working.Amount;
import brightplumb.core.working.Printed;
import brightplumb.core.working.Token;
import java.math.BigDecimal;
import java.math.RoundingMode;

/** How a tape's figures, and the bench's sentences, are written in the unit a page is printed in. */
public record Spoken(Unit unit, DecimalMark mark) {

    /** A length as the tape reads it. */
    public String tape(double mm) {
        return unit == Unit.INCH ? TapeWriter.eighths(Length.mm(mm)) : TapeWriter.centimetres(Length.mm(mm), mark);
    }

    /**
     * An amount as it is called out: a length as fine as its working needs it, and marked where the tape has no such
     * place.
     */
    public String amount(Amount amount) {
        Printed printed = amount.printed();
        String mark = unit == Unit.INCH ? printed.inches() : printed.centimetres();
        String figure = figure(amount.value(), amount.kind(), printed);
        return mark.isEmpty() ? figure : figure + " " + mark;
    }

    /** How an amount is worked, its figures filled in: {@code (hip 40¼ + hip ease 1) ÷ 4}. */
    public String working(Amount amount) {
        StringBuilder said = new StringBuilder();
        String before = "(";
        for (Token token : amount.working()) {
            String word = word(token, amount.printed());
            boolean close = before.endsWith("(") || word.equals(")") || word.equals(",");
            said.append(close ? "" : " ").append(word);
            before = word;
        }
        return said.toString();
    }

    private String word(Token token, Printed printed) {
        if (token instanceof Token.Op op) {
            return op.op();
        }
        if (token instanceof Token.Number number) {
            return plain(number.number());
        }
        if (token instanceof Token.Stated stated) {
            return stated.words() + " " + figure(stated.value(), stated.kind(), printed);
        }
        Token.Name name = (Token.Name) token;
        return name.name() + " " + figure(name.value(), name.kind(), printed);
    }

    private String figure(double value, Amount.Kind kind, Printed printed) {
        return switch (kind) {
            case LENGTH ->
                unit == Unit.INCH && printed.sixteenths() ? TapeWriter.sixteenths(Length.mm(value)) : tape(value);
            case ANGLE -> plain(value) + "°";
            default -> plain(value);
        };
    }

    private String plain(double value) {
        String said = BigDecimal.valueOf(value)
                .setScale(3, RoundingMode.HALF_UP)
                .stripTrailingZeros()
                .toPlainString();
        return mark == DecimalMark.COMMA ? said.replace('.', ',') : said;
    }

    /** Returns a sentence as text. */
    public String words(Sentence sentence) {
        return sentence.in(unit, mark);
    }
}
