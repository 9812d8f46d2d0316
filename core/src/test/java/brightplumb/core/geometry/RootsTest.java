package brightplumb.core.geometry;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;

class RootsTest {

    @Test
    void finds_where_a_function_crosses_zero() {
        assertThat(Roots.between(0, 10, x -> x * x - 2).getAsDouble()).isCloseTo(Math.sqrt(2), within(1e-9));
        assertThat(Roots.roughlyBetween(0, 10, x -> x * x - 2).getAsDouble()).isCloseTo(Math.sqrt(2), within(0.02));
    }

    @Test
    void an_end_that_is_zero_is_the_answer() {
        assertThat(Roots.between(0, 3, x -> x)).hasValue(0);
        assertThat(Roots.between(-3, 0, x -> x)).hasValue(0);
    }

    @Test
    void one_sign_at_both_ends_has_no_answer() {
        assertThat(Roots.between(0, 3, x -> x + 1)).isEmpty();
    }

    @Test
    void a_function_that_has_no_number_at_an_end_or_on_the_way_has_no_answer() {
        assertThat(Roots.between(0, 3, x -> x == 3 ? Double.NaN : x - 1)).isEmpty();
        assertThat(Roots.between(0, 10, x -> x > 0 && x < 10 ? Double.NaN : x - 5))
                .isEmpty();
    }
}
