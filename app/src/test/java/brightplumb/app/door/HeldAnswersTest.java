package brightplumb.app.door;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;

class HeldAnswersTest {

    private final HeldAnswers held = new HeldAnswers(100);

    @Test
    void one_who_reads_nothing_leaves_the_others_room() {
        assertThat(held.take("nobody", 40)).isTrue();
        assertThat(held.take("nobody", 20)).as("more than half").isFalse();
        assertThat(held.take("an account", 50)).isTrue();
        assertThat(held.take("another", 20)).as("more than all").isFalse();
        assertThat(held.take("another", 10)).isTrue();
        assertThat(held.all()).isEqualTo(100);
    }

    @Test
    void what_was_read_makes_room() {
        held.take("nobody", 50);
        held.release("nobody", 50);
        assertThat(held.all()).isZero();
        assertThat(held.take("nobody", 50)).isTrue();
    }
}
