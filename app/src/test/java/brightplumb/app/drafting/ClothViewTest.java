package brightplumb.app.drafting;

import static org.assertj.core.api.Assertions.assertThat;

import brightplumb.app.drafting.ClothView.ClothRequest;
import brightplumb.core.rule.Cloth;
import brightplumb.core.rule.ClothField;
import brightplumb.core.rule.ClothFields;
import brightplumb.core.rule.Drape;
import java.lang.reflect.RecordComponent;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import org.junit.jupiter.api.Test;

class ClothViewTest {

    private static final Cloth NOTHING_USUAL = new Cloth(0.3, 1400, false, true, Drape.SOFT, 50, 0.05, 0.1, true, true);

    private static List<String> names(Class<?> view) {
        return Arrays.stream(view.getRecordComponents())
                .map(RecordComponent::getName)
                .toList();
    }

    @Test
    void whatever_can_be_said_of_a_cloth_is_answered_kept_and_asked() {
        List<String> keys = ClothFields.ALL.stream().map(ClothField::key).toList();
        assertThat(names(ClothView.class)).containsExactlyInAnyOrderElementsOf(keys);
        assertThat(names(ClothRequest.class)).containsExactlyInAnyOrderElementsOf(keys);
    }

    @Test
    void a_cloth_that_is_asked_for_as_it_was_answered_is_the_same() {
        ClothView answered = ClothView.of(NOTHING_USUAL);
        assertThat(answered.cloth()).isEqualTo(NOTHING_USUAL);
        assertThat(ClothRequest.of(answered).read(Cloth.WOVEN, new ArrayList<>()))
                .isEqualTo(NOTHING_USUAL);
    }
}
