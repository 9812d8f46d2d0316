package brightplumb.app.problems;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;

class RedactedStackTraceTest {

    @Test
    void a_failure_is_told_with_all_its_places_and_causes_and_none_of_its_words() {
        Exception cause = new IllegalArgumentException("waistGirth 711.2 is not right");
        String trace = RedactedStackTrace.trace(new IllegalStateException("hipGirth 965.2", cause));
        assertThat(trace)
                .contains("java.lang.IllegalStateException", "caused by java.lang.IllegalArgumentException")
                .contains("RedactedStackTraceTest.a_failure_is_told")
                .doesNotContain("711.2")
                .doesNotContain("965.2");
        assertThat(trace.lines().filter(l -> l.startsWith("    at ")).count())
                .as("every place of both")
                .isGreaterThan(20);
    }

    @Test
    void a_ring_of_causes_ends() {
        Exception one = new IllegalStateException();
        Exception other = new IllegalStateException(one);
        one.initCause(other);
        assertThat(RedactedStackTrace.trace(one)).isNotBlank();
    }
}
