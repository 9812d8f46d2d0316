package brightplumb.e2e;

import com.microsoft.playwright.APIResponse;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.RequestOptions;
import java.util.LinkedHashMap;
import java.util.Map;
import org.assertj.core.api.Assertions;

/**
 * What is in the book and on the rack before a test begins, asked for as the page asks. What it takes to get it there
 * by hand is for the tests of that path to try.
 */
final class Given {

    /** The skirt's tape of most tests, typed in inches. */
    private static final Map<String, String> SKIRT = Map.of("waistGirth", "29", "hipGirth", "39 1/2");

    private Given() {}

    /** A person with one sheet, and the person's page opened. */
    static void measured(Page page, String name, Map<String, String> typed) {
        page.navigate("/book/" + inTheBook(page, name, typed));
        page.getByText("Sheet 1", new Page.GetByTextOptions().setExact(true)).waitFor();
    }

    /** A person of one test alone, measured, with a straight skirt of that name opened at its draft. */
    static void ticket(Page page, String person, String ticket) {
        Map<String, String> asked =
                Map.of("personId", inTheBook(page, person, SKIRT), "name", ticket, "cut", "straight-skirt");
        page.navigate("/tickets/" + made(page, "/api/tickets", asked) + "/draft");
        page.getByTestId("draft-paper").waitFor();
    }

    private static String inTheBook(Page page, String name, Map<String, String> typed) {
        String id = made(page, "/api/people", Map.of("name", name));
        Map<String, Object> readings = new LinkedHashMap<>();
        typed.forEach((measure, reading) -> readings.put(measure, Map.of("typed", reading)));
        made(page, "/api/people/" + id + "/sheets", Map.of("readings", readings));
        return id;
    }

    private static String made(Page page, String path, Map<String, ?> asked) {
        String token = page.context().cookies().stream()
                .filter(c -> c.name.equals("XSRF-TOKEN"))
                .findFirst()
                .orElseThrow()
                .value;
        APIResponse answer = page.request()
                .post(
                        path,
                        RequestOptions.create()
                                .setHeader("X-XSRF-TOKEN", token)
                                .setData(asked)
                                // A connection that stood idle may be closed just as it is taken up again.
                                .setMaxRetries(1));
        Assertions.assertThat(answer.status()).as(answer.text()).isEqualTo(201);
        return answer.text().replaceFirst("(?s).*?\"id\":\"([0-9a-f-]{36})\".*", "$1");
    }
}
