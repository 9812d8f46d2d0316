package brightplumb.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.concurrent.CopyOnWriteArrayList;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** The shortest path through the table, with both hands on the keys. The person is invented. */
@ExtendWith(Table.Laid.class)
class ByKeyboardAloneTest {

    /** A reading and its field; fields between two of them are passed by. */
    private record Tape(String field, String reading) {}

    private static final List<Tape> EIGHT_TAPES = List.of(
            new Tape("Waist", "29 1/4"),
            new Tape("Waist to hip", "8 1/4"),
            new Tape("Hip", "39"),
            new Tape("Rise, seated", "10 3/4"),
            new Tape("Crotch length", "28"),
            new Tape("Thigh", "23"),
            new Tape("Knee", "15"),
            new Tape("Outside leg", "41"));

    private final Browser browser;
    private Page page;

    /** Keys pressed besides the name and the readings themselves; a chord is one. */
    private int keys;

    /** Keys the name and the readings took. */
    private int letters;

    ByKeyboardAloneTest(Table table) {
        this.browser = table.browser();
    }

    @AfterEach
    void nothing_failed_inside_the_pages() {
        browser.assertNoErrors();
    }

    private void press(String key) {
        page.keyboard().press(key);
        keys++;
    }

    private void type(String text) {
        page.keyboard().type(text);
        letters += text.length();
    }

    private Locator field(String title) {
        return page.getByLabel(title, new Page.GetByLabelOptions().setExact(true));
    }

    @Test
    void from_eight_tapes_to_a_printed_pair_of_trousers_takes_nineteen_keys_and_no_press_of_a_pointer() {
        page = browser.signedIn();
        page.evaluate("() => { window.presses = 0; addEventListener('pointerdown', () => window.presses++, true); }");

        // Whom for, and the cut by the first letters of its name
        press("n");
        assertThat(page.getByRole(AriaRole.COMBOBOX, new Page.GetByRoleOptions().setName("For")))
                .isFocused();
        type("Ines Gannet");
        page.getByText("Write “Ines Gannet” into the book").waitFor();
        press("Enter");
        assertThat(page.getByRole(AriaRole.RADIO, new Page.GetByRoleOptions().setName("Straight skirt")))
                .isFocused();
        press("c");
        press("l");
        assertThat(page.getByRole(AriaRole.RADIO, new Page.GetByRoleOptions().setName("Classic trousers")))
                .isChecked();
        press("Enter");

        // The tapes
        assertThat(field("Waist")).isFocused();
        for (Tape tape : EIGHT_TAPES) {
            while (!tape.field().equals(inHand())) {
                press("Enter");
            }
            type(tape.reading());
        }
        press("Control+Enter");

        // The pattern, on paper
        page.getByTestId("draft-paper").waitFor();
        press("p");
        assertThat(page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Print full size")))
                .isFocused();
        List<String> printed = new CopyOnWriteArrayList<>();
        page.context().onRequest(r -> {
            if (r.url().contains("/print.pdf")) {
                printed.add(r.url());
            }
        });
        press("Enter");
        page.waitForCondition(() -> !printed.isEmpty());
        var pdf = page.request().get(printed.get(0));
        assertThat(pdf).isOK();
        assertThat(new String(pdf.body(), 0, 4, StandardCharsets.US_ASCII)).isEqualTo("%PDF");
        assertThat(((Number) page.evaluate("() => window.presses")).intValue()).isZero();
        assertThat(keys).isEqualTo(19);
        assertThat(letters).isEqualTo(38);
    }

    private String inHand() {
        return (String) page.evaluate("() => document.activeElement.labels?.[0]?.textContent ?? ''");
    }
}
