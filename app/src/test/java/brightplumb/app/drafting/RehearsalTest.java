package brightplumb.app.drafting;

import static org.assertj.core.api.Assertions.assertThatCode;

import brightplumb.core.garment.Catalogue;
import brightplumb.core.garment.Cut;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import tools.jackson.databind.json.JsonMapper;

class RehearsalTest {

    private final Rehearsal rehearsal = new Rehearsal(new JsonMapper());

    @ParameterizedTest
    @MethodSource("cuts")
    void everyCutCanBeRehearsed(Cut cut) {
        assertThatCode(() -> rehearsal.draft(cut)).doesNotThrowAnyException();
    }

    static Iterable<Cut> cuts() {
        return Catalogue.CUTS;
    }
}
