package brightplumb.core.garment;

import static brightplumb.core.garment.OnePiece.fact;
import static brightplumb.core.measure.Measure.*;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import brightplumb.core.geometry.Curves;
import brightplumb.core.measure.Measure;
import brightplumb.core.measure.Refusal;
import brightplumb.core.measure.Sheet;
import brightplumb.core.pattern.EdgeRole;
import brightplumb.core.table.Verdict;
import java.util.EnumMap;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.GeometryFactory;

/** A neck drawn close, as long as the tape round it: in the shape its amounts say. Common practice, no source. */
class CloseNeckTest {

    private static Drafted drafted(String cut, Double neck, Map<String, Object> settings) {
        Map<Measure, Double> mm = new EnumMap<>(Measure.class);
        mm.put(WAIST_GIRTH, 705.0);
        mm.put(HIP_GIRTH, 970.0);
        mm.put(BODY_RISE, 271.0);
        mm.put(BUST_GIRTH, 900.0);
        mm.put(SHOULDER_WIDTH, 388.0);
        mm.put(SHOULDER_TO_WAIST, 414.0);
        mm.put(OUTSIDE_LEG, 1005.0);
        if (neck != null) {
            mm.put(NECK_GIRTH, neck);
        }
        return Drafting.draft(DraftRequest.of(cut, null, Sheet.ofMillimetres(mm), settings, null));
    }

    /** Once round, walked on both outlines by a library of its own. */
    private static double round(Drafted drafted) {
        double round = 0;
        for (String panel : new String[] {"front", "back"}) {
            Coordinate[] places =
                    Curves.flattened(
                                    drafted.draft()
                                            .piece(panel)
                                            .require(EdgeRole.NECK)
                                            .run(),
                                    400)
                            .stream()
                            .map(p -> new Coordinate(p.x(), p.y()))
                            .toArray(Coordinate[]::new);
            round += 2 * new GeometryFactory().createLineString(places).getLength();
        }
        return round;
    }

    @ParameterizedTest
    @CsvSource({
        "sleeved-playsuit, 345, 19.05",
        "sleeved-playsuit, 430, 19.05",
        "round-neck-bodysuit, 360, 0",
        "sweep-jumpsuit, 380, 40"
    })
    void once_round_it_is_the_tape_and_the_ease_and_width_and_depths_keep_their_ratio(
            String cut, double neck, double ease) {
        Drafted close = drafted(cut, neck, Map.of("neckFit", "close", "neckEase", ease));
        assertThat(round(close)).isCloseTo(neck + ease, within(0.1));
        Drafted said = drafted(cut, neck, Map.of());
        double share = fact(close, "neck.width") / fact(said, "neck.width");
        for (String depth : new String[] {"neck.depth.front", "neck.depth.back"}) {
            assertThat(fact(close, depth) / fact(said, depth)).isCloseTo(share, within(1e-9));
        }
        assertThat(close.checks())
                .filteredOn(c -> c.id().id().equals("neck.fits"))
                .allSatisfy(c -> assertThat(c.verdict()).isEqualTo(Verdict.TRUE));
    }

    @Test
    void it_asks_for_the_tape_it_is_drawn_by() {
        assertThatThrownBy(() -> drafted("sleeved-playsuit", null, Map.of("neckFit", "close")))
                .isInstanceOfSatisfying(
                        Refusal.class,
                        r -> assertThat(r.faults().get(0).field().path()).isEqualTo("measures.neckGirth"));
        assertThat(round(drafted("sleeved-playsuit", null, Map.of()))).isGreaterThan(450);
    }
}
