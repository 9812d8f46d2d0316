package brightplumb.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What this copy was started to do. */
class PlumbPropertiesTest {

    @ParameterizedTest
    @CsvSource({
        "127.0.0.1,'',true",
        "localhost,'',true",
        "::1,'',true",
        "0.0.0.0,'',false",
        "192.168.1.7,'',false",
        "192.168.1.7,open,true",
        "127.0.0.1,closed,false"
    })
    void workrooms_are_opened_on_loopback_and_elsewhere_where_it_is_said(String address, String signUp, boolean open) {
        assertThat(new PlumbProperties(true, address, List.of(), List.of(), null, signUp, null).signUpOpen())
                .isEqualTo(open);
    }

    @Test
    void it_answers_to_its_own_machine_its_address_and_the_names_it_was_given() {
        assertThat(new PlumbProperties(
                                true, "192.168.1.7", List.of("Tablet.Workroom ", ""), List.of(), null, null, null)
                        .names())
                .containsExactlyInAnyOrder("localhost", "127.0.0.1", "[::1]", "192.168.1.7", "tablet.workroom");
    }
}
