package brightplumb.core.measure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class SentenceTest {

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            Room to sit: {1.5} all round. | Room to sit: an inch and a half all round. | Room to sit: 3,8 cm all round.
            {0.5}; no seam is let out. | Half an inch; no seam is let out. | 1,3 cm; no seam is let out.
            Wide. {1} at the side. | Wide. An inch at the side. | Wide. 2,5 cm at the side.
            under {0.25} none is sewn | under a quarter inch none is sewn | under 0,6 cm none is sewn
            less {0.125} | less an eighth of an inch | less 0,3 cm
            less {0.625} | less five eighths of an inch | less 1,6 cm
            {2.75} and {22.5} | Two and three quarters inches and 22 and a half inches | 7,0 cm and 57,2 cm
            {5 to 8} shorter | Five to eight inches shorter | 12,7 to 20,3 cm shorter
            {1 to 1.5} | An inch to an inch and a half | 2,5 to 3,8 cm
            bust ÷ 4 − {1.5 in} | bust ÷ 4 − 1½ in | bust ÷ 4 − 3,8 cm
            0.288 × hip + {84 mm} | 0.288 × hip + 3¼ in | 0.288 × hip + 8,4 cm
            """)
    void lengths_are_written_in_the_unit_that_is_read(String template, String inches, String centimetres) {
        Sentence sentence = Sentence.of(template);
        assertThat(sentence.in(Unit.INCH, DecimalMark.POINT)).isEqualTo(inches);
        assertThat(sentence.in(Unit.CENTIMETRE, DecimalMark.COMMA)).isEqualTo(centimetres);
        assertThat(sentence.hasLengths()).isTrue();
    }

    @Test
    void what_is_no_length_stays_as_it_is() {
        Sentence sentence = Sentence.of("Was it read in inches? Three darts in one piece.");
        assertThat(sentence.in(Unit.CENTIMETRE, DecimalMark.COMMA))
                .isEqualTo("Was it read in inches? Three darts in one piece.");
        assertThat(sentence.hasLengths()).isFalse();
        assertThat(Sentence.plain("With {1} of hers")).hasToString("With {1} of hers");
        assertThat(Sentence.of("")).isSameAs(Sentence.EMPTY);
    }

    @Test
    void sentences_follow_each_other() {
        Sentence first = Sentence.of("Two thirds of {5 to 8}.");
        assertThat(first.and(Sentence.of(" Under {0.5} none.")).in(Unit.CENTIMETRE, DecimalMark.POINT))
                .isEqualTo("Two thirds of 12.7 to 20.3 cm. Under 1.3 cm none.");
        assertThat(Sentence.of(first + " At {20 mm}.").in(Unit.CENTIMETRE, DecimalMark.POINT))
                .as("put together with words, it still knows its lengths")
                .isEqualTo("Two thirds of 12.7 to 20.3 cm. At 2.0 cm.");
    }

    @ParameterizedTest
    @ValueSource(strings = {"{a}", "{1", "{}", "{1 cm}", "{1 to }"})
    void a_brace_holds_a_length(String template) {
        assertThatThrownBy(() -> Sentence.of(template)).isInstanceOf(IllegalArgumentException.class);
    }
}
