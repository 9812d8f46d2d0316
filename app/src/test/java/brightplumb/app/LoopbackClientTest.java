package brightplumb.app;

import static org.assertj.core.api.Assertions.assertThat;

import brightplumb.app.account.LoopbackClient;
import brightplumb.app.drafting.WarmUp;
import brightplumb.core.garment.Catalogue;
import brightplumb.core.garment.Cut;
import java.nio.charset.StandardCharsets;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.jdbc.core.simple.JdbcClient;

/** The application coming in by its own door. */
class LoopbackClientTest {

    private static final String SHEET = "{\"readings\":{\"waistGirth\":{\"typed\":\"29\"}}}";

    private final LoopbackClient visits = Application.bean(LoopbackClient.class);

    @Test
    void every_cut_can_be_rehearsed() throws Exception {
        WarmUp rehearsal = Application.bean(WarmUp.class);
        try (LoopbackClient.Visit visit = visits.begin()) {
            for (Cut cut : Catalogue.CUTS) {
                assertThat(rehearsal.draft(visit, cut)).as(cut.id()).isEqualTo(List.of(200, 200));
            }
        }
    }

    @Test
    void it_comes_into_no_workroom_and_changes_nothing() throws Exception {
        long people = count("person");
        try (LoopbackClient.Visit visit = visits.begin()) {
            String demos = Application.demo()
                    .send("GET", "/api/people", null)
                    .json()
                    .get("items")
                    .get(0)
                    .get("id")
                    .asString();
            assertThat(visit.post("/api/people/" + demos + "/sheets", SHEET.getBytes(StandardCharsets.UTF_8)))
                    .isEqualTo(404);
            assertThat(visit.post("/api/people", "{\"name\":\"Nobody\"}".getBytes(StandardCharsets.UTF_8)))
                    .isGreaterThanOrEqualTo(400);
        }
        assertThat(count("person")).isEqualTo(people);
    }

    @Test
    void nothing_is_left_of_it_when_it_ends() {
        long before = count("spring_session");
        LoopbackClient.Visit visit = visits.begin();
        assertThat(count("spring_session")).isEqualTo(before + 1);
        visit.close();
        assertThat(count("spring_session")).isEqualTo(before);
    }

    @ParameterizedTest
    @CsvSource({"127.0.0.1, 127.0.0.1", "0.0.0.0, 127.0.0.1", "192.168.7.4, 192.168.7.4", "::1, [::1]"})
    void it_goes_where_the_application_listens(String address, String at) {
        assertThat(new PlumbProperties(false, address, List.of(), List.of(), null, "", null).reachedAt())
                .isEqualTo(at);
    }

    private static long count(String table) {
        return Application.bean(JdbcClient.class)
                .sql("select count(*) from " + table)
                .query(Long.class)
                .single();
    }
}
