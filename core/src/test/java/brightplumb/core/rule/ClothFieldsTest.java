package brightplumb.core.rule;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import java.util.List;
import org.junit.jupiter.api.Test;

class ClothFieldsTest {

    @Test
    void every_part_of_a_cloth_can_be_said() {
        assertThat(ClothFields.ALL).hasSize(Cloth.class.getRecordComponents().length);
        assertThat(ClothFields.ALL).extracting(ClothField::key).doesNotHaveDuplicates();
        assertThat(Arrays.stream(Cloth.class.getRecordComponents())
                        .map(c -> c.getName().equals("along") ? "stretchAlong" : c.getName()))
                .containsExactlyInAnyOrderElementsOf(
                        ClothFields.ALL.stream().map(ClothField::key).toList());
    }

    @Test
    void a_number_is_taken_from_its_least_to_its_most_and_none_beside_the_range_where_it_says_so() {
        for (ClothField field : ClothFields.ALL) {
            if (field instanceof ClothField.Amount amount) {
                for (double in : List.of(amount.least(), amount.most(), (amount.least() + amount.most()) / 2)) {
                    assertThat(amount.of()
                                    .applyAsDouble(amount.said(Cloth.WOVEN, in).orElseThrow()))
                            .as(amount.key())
                            .isEqualTo(in);
                }
                assertThat(amount.said(Cloth.WOVEN, amount.most() + 0.01))
                        .as(amount.key())
                        .isEmpty();
                assertThat(amount.said(Cloth.WOVEN, amount.least() - 0.01))
                        .as(amount.key())
                        .isEmpty();
                assertThat(amount.said(Cloth.WOVEN, Double.NaN))
                        .as(amount.key())
                        .isEmpty();
                assertThat(amount.said(Cloth.WOVEN, "wide")).as(amount.key()).isEmpty();
                assertThat(amount.said(Cloth.WOVEN, 0.0).isPresent())
                        .as(amount.key())
                        .isEqualTo(amount.least() == 0 || amount.orNone());
            }
        }
    }

    @Test
    void yes_or_no_and_one_of_several_are_taken_as_such_and_nothing_else_is() {
        assertThat(ClothFields.SHEER.said(Cloth.WOVEN, true).orElseThrow().sheer())
                .isTrue();
        assertThat(ClothFields.SHEER.said(Cloth.WOVEN, "true")).isEmpty();
        assertThat(ClothFields.DRAPE.said(Cloth.WOVEN, "soft").orElseThrow().drape())
                .isEqualTo(Drape.SOFT);
        assertThat(ClothFields.DRAPE.said(Cloth.WOVEN, "limp")).isEmpty();
    }

    @Test
    void said_of_the_girth_alone_it_stretches_both_ways_and_along_only_once_that_was_said() {
        Cloth knit = ClothFields.STRETCH.said(Cloth.WOVEN, 0.4).orElseThrow();
        assertThat(knit.along()).isEqualTo(0.4);
        assertThat(ClothFields.STRETCH_ALONG.said(knit, 0.1).orElseThrow())
                .extracting(Cloth::stretch, Cloth::along)
                .containsExactly(0.4, 0.1);
        assertThat(ClothFields.STRETCH_ALONG.appliesTo(Cloth.WOVEN)).isFalse();
        assertThat(ClothFields.STRETCH_ALONG.appliesTo(knit)).isTrue();
    }
}
