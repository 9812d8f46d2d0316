package brightplumb.core.block.skirt;

import static org.assertj.core.api.Assertions.assertThat;

import brightplumb.core.garment.Bodies;
import brightplumb.core.garment.DraftRequest;
import brightplumb.core.garment.Drafted;
import brightplumb.core.garment.Drafting;
import brightplumb.core.rule.Cloth;
import brightplumb.core.working.Fact;
import java.util.Map;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Sense that any cutter expects: more hip never narrows a quarter, more waist never adds dart. */
class SkirtMonotonicityTest {

    private static Drafted draft(String way, double waist, double hip) {
        return Drafting.draft(
                DraftRequest.of("straight-skirt", way, Bodies.inches(waist, hip, 8), Map.of(), Cloth.WOVEN));
    }

    @ParameterizedTest
    @ValueSource(strings = {"quarter", "allocated", "halfblock", "house"})
    void a_larger_hip_never_narrows_a_quarter(String way) {
        double before = 0;
        for (double hip = 32; hip < 56; hip += 0.25) {
            Drafted d = draft(way, 30, hip);
            double now = d.draft().fact(new Fact("hip.quarter.front")).value();
            assertThat(now).isGreaterThan(before);
            before = now;
        }
    }

    @ParameterizedTest
    @ValueSource(strings = {"quarter", "allocated", "halfblock", "house"})
    void a_larger_waist_never_adds_dart(String way) {
        double front = Double.MAX_VALUE;
        double back = Double.MAX_VALUE;
        for (double waist = 24; waist < 48; waist += 0.25) {
            Drafted d = draft(way, waist, 42);
            assertThat(d.draft().fact(new Fact("dart.intake.front")).value()).isLessThanOrEqualTo(front + 1e-9);
            assertThat(d.draft().fact(new Fact("dart.intake.back")).value()).isLessThanOrEqualTo(back + 1e-9);
            front = d.draft().fact(new Fact("dart.intake.front")).value();
            back = d.draft().fact(new Fact("dart.intake.back")).value();
        }
    }
}
