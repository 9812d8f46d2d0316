package brightplumb.core.measure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvFileSource;

class TapeTest {

    /** The same cases hold for the reader in the browser. */
    @ParameterizedTest
    @CsvFileSource(resources = "/tape-cases.csv", delimiter = ';', numLinesToSkip = 1)
    void reads_what_is_called_out_at_the_table(String typed, String unit, String mm) throws Exception {
        Unit meant = Unit.of(unit).orElseThrow();
        if (mm.equals("refused")) {
            assertThatThrownBy(() -> TapeReader.read(typed, meant))
                    .isInstanceOf(UnreadableTape.class)
                    .hasMessageMatching(".{10,}");
        } else {
            assertThat(TapeReader.read(typed, meant).mm()).isCloseTo(Double.parseDouble(mm), within(1e-9));
        }
    }

    @Test
    void every_eighth_comes_back_as_it_was_written() throws Exception {
        for (int eighth = -80; eighth <= 8 * 158; eighth++) {
            Length length = Length.inches(eighth / 8.0);
            assertThat(TapeReader.read(TapeWriter.eighths(length), Unit.INCH)).isEqualTo(length);
        }
    }

    @Test
    void every_sixteenth_comes_back_as_it_was_written() throws Exception {
        for (int sixteenth = 0; sixteenth <= 16 * 60; sixteenth++) {
            Length length = Length.inches(sixteenth / 16.0);
            assertThat(TapeReader.read(TapeWriter.sixteenths(length), Unit.INCH))
                    .isEqualTo(length);
        }
    }

    @Test
    void every_millimetre_comes_back_as_it_was_written_in_either_unit() throws Exception {
        for (int mm : IntStream.rangeClosed(-50, 4000).toArray()) {
            Length length = Length.mm(mm);
            assertThat(TapeReader.read(TapeWriter.with(length, Unit.CENTIMETRE, DecimalMark.COMMA), Unit.INCH)
                            .mm())
                    .isCloseTo(mm, within(1e-9));
            assertThat(TapeReader.read(TapeWriter.with(length, Unit.MILLIMETRE, DecimalMark.POINT), Unit.INCH))
                    .isEqualTo(length);
        }
    }

    @Test
    void writes_real_fractions() {
        assertThat(TapeWriter.eighths(Length.inches(10.5))).isEqualTo("10½");
        assertThat(TapeWriter.eighths(Length.inches(7.875))).isEqualTo("7⅞");
        assertThat(TapeWriter.eighths(Length.inches(-0.25))).isEqualTo("−¼");
        assertThat(TapeWriter.eighths(Length.mm(0))).isEqualTo("0");
        assertThat(TapeWriter.sixteenths(Length.inches(0.0625))).isEqualTo("1/16");
        assertThat(TapeWriter.centimetres(Length.mm(978), DecimalMark.COMMA)).isEqualTo("97,8");
        assertThat(TapeWriter.centimetres(Length.mm(-978), DecimalMark.POINT)).isEqualTo("−97.8");
    }
}
