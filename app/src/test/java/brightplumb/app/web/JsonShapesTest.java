package brightplumb.app.web;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.SplittableRandom;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.json.JsonMapper;

/** Numbers as they are written, against Java's own reading of them. */
class JsonShapesTest {

    private final JsonMapper json = mapper();

    private static JsonMapper mapper() {
        JsonMapper.Builder builder = JsonMapper.builder();
        new JsonShapes().placesQuickly().customize(builder);
        return builder.build();
    }

    @Test
    void a_place_is_read_back_exactly_as_it_was_written_down() {
        SplittableRandom random = new SplittableRandom(11);
        for (double grid : new double[] {1, 10, 1e3, 1e4, 1e7}) {
            for (double reach : new double[] {0.01, 3, 2000, 1e9, 1e15}) {
                for (int i = 0; i < 200; i++) {
                    double mm = Math.round(random.nextDouble(-reach, reach) * grid) / grid;
                    double[] place = {mm + 0.0, 0.0 - mm};
                    assertThat(json.readValue(json.writeValueAsString(place), double[].class))
                            .isEqualTo(place);
                }
            }
        }
    }

    @Test
    void a_thousandth_is_written_plainly() {
        assertThat(json.writeValueAsString(new double[] {6.35, -0.854, 0, 1028.7, 60, -0.001, 0.0005}))
                .isEqualTo("[6.35,-0.854,0,1028.7,60,-0.001,5.0E-4]");
    }
}
