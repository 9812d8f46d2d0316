package brightplumb.core.garment;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import brightplumb.core.paper.Step;
import brightplumb.core.rule.Way;
import brightplumb.core.working.Token;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

/** A working can be followed: one name means one value in a draft, and nothing that is nought is added. */
class WorkingsFollowTest {

    static Stream<Arguments> cutsAndWays() {
        return Catalogue.CUTS.stream().flatMap(c -> c.ways().stream().map(w -> Arguments.of(c.id(), w)));
    }

    @ParameterizedTest
    @MethodSource("cutsAndWays")
    void one_name_means_one_value_in_a_draft(String cut, Way way) {
        for (Bodies.Row row : Bodies.before(cut, way.id())) {
            Map<String, Double> said = new HashMap<>();
            for (Step step : steps(cut, way, row)) {
                for (Token token : step.amount().working()) {
                    if (token instanceof Token.Name name) {
                        double first = said.merge(name.name(), name.value(), (earlier, now) -> earlier);
                        assertThat(name.value())
                                .as(row + " " + step.fact() + ": " + name.name())
                                .isCloseTo(first, within(1e-6));
                    }
                }
            }
        }
    }

    @ParameterizedTest
    @MethodSource("cutsAndWays")
    void nothing_that_is_nought_is_added_or_taken_off(String cut, Way way) {
        for (Bodies.Row row : Bodies.before(cut, way.id())) {
            for (Step step : steps(cut, way, row)) {
                List<Token> working = step.amount().working();
                for (int i = 0; i < working.size(); i++) {
                    boolean added = i > 0
                            && working.get(i - 1) instanceof Token.Op op
                            && List.of("+", "−").contains(op.op());
                    if (added && working.get(i) instanceof Token.Name name) {
                        assertThat(name.value()).as(row + " " + step.fact()).isNotZero();
                    }
                }
            }
        }
    }

    private static List<Step> steps(String cut, Way way, Bodies.Row row) {
        return Bodies.drafted(cut, way.id(), row).draft().steps();
    }
}
