package brightplumb.core.rule;

import static org.assertj.core.api.Assertions.assertThat;

import brightplumb.core.garment.Bodies;
import brightplumb.core.garment.DraftRequest;
import brightplumb.core.garment.Drafted;
import brightplumb.core.garment.Drafting;
import brightplumb.core.measure.Length;
import brightplumb.core.measure.Measure;
import brightplumb.core.measure.Provenance;
import brightplumb.core.measure.Reading;
import brightplumb.core.measure.Sheet;
import brightplumb.core.table.Verdict;
import brightplumb.core.working.Fact;
import java.util.EnumMap;
import java.util.Map;
import org.junit.jupiter.api.Test;

/** Where a value came from goes with it into the draft: what was not taped is a guess there too. */
class ProvenanceTest {

    private static Sheet with(Measure measure, Provenance from) {
        Sheet body = Bodies.withDepths(Bodies.all().get(10));
        Map<Measure, Reading> readings = new EnumMap<>(body.readings());
        Length length = readings.get(measure).length();
        readings.put(measure, new Reading(length, from));
        return new Sheet(readings);
    }

    private static Drafted trousers(Sheet sheet) {
        return Drafting.draft(DraftRequest.of("classic-trousers", "house", sheet, Map.of(), null));
    }

    @Test
    void a_hip_from_a_table_marks_all_that_is_made_of_it_and_nothing_else() {
        Drafted taped = trousers(with(Measure.HIP_GIRTH, Provenance.MEASURED));
        Drafted table = trousers(with(Measure.HIP_GIRTH, Provenance.TABLE));
        assertThat(taped.draft().fact(new Fact("hip.quarter.front")).estimated())
                .isFalse();
        assertThat(table.draft().fact(new Fact("hip.quarter.front")).estimated())
                .isTrue();
        assertThat(table.draft().fact(new Fact("hip.quarter.front")).value())
                .as("the same value, only less sure")
                .isEqualTo(taped.draft().fact(new Fact("hip.quarter.front")).value());
        assertThat(table.draft().fact(new Fact("length")).estimated()).isFalse();
        assertThat(table.estimates()).anySatisfy(e -> {
            assertThat(e.measure()).isEqualTo(Measure.HIP_GIRTH);
            assertThat(e.rule()).hasToString("from a size table");
        });
        assertThat(taped.estimates()).noneMatch(e -> e.measure() == Measure.HIP_GIRTH);
    }

    @Test
    void a_depth_checked_against_a_rise_that_was_not_taped_is_not_checked() {
        assertThat(depth(with(Measure.BODY_RISE, Provenance.MEASURED))).isEqualTo(Verdict.TRUE);
        assertThat(depth(with(Measure.BODY_RISE, Provenance.ESTIMATED))).isEqualTo(Verdict.NOT_TAKEN);
    }

    private static Verdict depth(Sheet sheet) {
        return trousers(sheet).checks().stream()
                .filter(c -> c.id().id().equals("crotch.depth"))
                .findFirst()
                .orElseThrow()
                .verdict();
    }
}
