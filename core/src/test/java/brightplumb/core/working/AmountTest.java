package brightplumb.core.working;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayDeque;
import java.util.Deque;
import java.util.List;
import org.junit.jupiter.api.Test;

class AmountTest {

    private final Amount hip = Amount.inches("hip", 40);
    private final Amount ease = Amount.inches("hip ease", 1);
    private final Amount allocation = Amount.inches("hip allocation", 0.25);

    @Test
    void the_working_is_the_computation_that_ran() {
        Amount front = hip.plus(ease).over(4).minus(allocation);
        assertThat(front.length().inches()).isCloseTo(10, within(1e-12));
        assertThat(front.formula()).isEqualTo("(hip + hip ease) ÷ 4 − hip allocation");
        assertThat(evaluate(front.working())).isCloseTo(front.value(), within(1e-9));
    }

    @Test
    void brackets_stand_only_where_they_are_needed() {
        assertThat(hip.minus(ease.minus(allocation)).formula()).isEqualTo("hip − (hip ease − hip allocation)");
        assertThat(hip.minus(ease).minus(allocation).formula()).isEqualTo("hip − hip ease − hip allocation");
        assertThat(hip.over(4).times(3).formula()).isEqualTo("hip ÷ 4 × 3");
        assertThat(hip.plus(ease).times(0.1).formula()).isEqualTo("(hip + hip ease) × 0.1");
    }

    @Test
    void a_named_amount_appears_by_its_name_and_keeps_its_own_working() {
        Amount quarter = hip.over(4).as(new Fact("hip.quarter"), "hip quarter");
        assertThat(quarter.formula()).isEqualTo("hip ÷ 4");
        assertThat(quarter.minus(ease).formula()).isEqualTo("hip quarter − hip ease");
    }

    @Test
    void a_limit_enters_the_working_only_where_it_bites() {
        Amount most = Amount.inches("most in one dart", 1);
        assertThat(hip.over(80).atMost(most).formula()).isEqualTo("hip ÷ 80");
        assertThat(hip.over(20).atMost(most).formula()).isEqualTo("the least of (hip ÷ 20, most in one dart)");
        assertThat(hip.over(20).atMost(most)).extracting(Amount::value).isEqualTo(25.4);
        assertThat(ease.minus(hip).notBelowZero().value()).isZero();
    }

    @Test
    void guesses_and_handwork_are_inherited_by_all_that_is_made_from_them() {
        Amount guess = Amount.inches("waist to hip", 8).asEstimate();
        Amount set = Amount.inches("length", 24).asOverride();
        Amount made = guess.plus(hip).over(2).called("half").minus(set);
        assertThat(made.estimated()).isTrue();
        assertThat(made.overridden()).isTrue();
        assertThat(hip.plus(ease).estimated()).isFalse();
    }

    @Test
    void a_length_and_a_number_do_not_add_and_lengths_do_not_multiply() {
        assertThatThrownBy(() -> hip.plus(Amount.number(2))).isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> hip.times(ease)).isInstanceOf(IllegalArgumentException.class);
    }

    /** Works out tokens by the rules of arithmetic, independently of the amounts that wrote them. */
    private static double evaluate(List<Token> tokens) {
        return new Evaluator(new ArrayDeque<>(tokens)).sum();
    }

    private record Evaluator(Deque<Token> rest) {
        double sum() {
            double value = product();
            while (rest.peek() instanceof Token.Op op
                    && (op.op().equals("+") || op.op().equals("−"))) {
                rest.pop();
                value += op.op().equals("+") ? product() : -product();
            }
            return value;
        }

        double product() {
            double value = one();
            while (rest.peek() instanceof Token.Op op
                    && (op.op().equals("×") || op.op().equals("÷"))) {
                rest.pop();
                value = op.op().equals("×") ? value * one() : value / one();
            }
            return value;
        }

        double one() {
            Token token = rest.pop();
            if (token instanceof Token.Number number) {
                return number.number();
            }
            if (token instanceof Token.Name name) {
                return name.value();
            }
            if (token instanceof Token.Stated stated) {
                return stated.value();
            }
            double inside = sum();
            rest.pop();
            return inside;
        }
    }
}
