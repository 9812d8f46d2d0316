package brightplumb.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.APIResponse;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** What a garment is made with besides its panels, from the table to the paper. */
@ExtendWith(Table.Laid.class)
class MadeWithTest {

    private final Browser browser;

    MadeWithTest(Table table) {
        this.browser = table.browser();
    }

    private static Locator tick(Page page, String name) {
        return page.getByRole(AriaRole.CHECKBOX, new Page.GetByRoleOptions().setName(name));
    }

    private static Locator paper(Page page, String text) {
        return page.getByTestId("draft-paper").getByText(text, new Locator.GetByTextOptions().setExact(true));
    }

    @Test
    void a_band_and_a_lining_are_added_drawn_cut_printed_and_taken_off_again() throws Exception {
        Page page = browser.signedIn();
        Given.ticket(page, "Cordelia Marsh", "Marsh skirt");
        Locator made = page.getByTestId("made-with");
        assertThat(made).containsText("Zip, Straight band");
        made.locator("summary").click();
        tick(page, "Straight band").click();
        assertThat(page.locator("#set-bandKind")).isHidden();
        tick(page, "Straight band").click();
        assertThat(page.locator("#set-bandKind")).isVisible();
        tick(page, "Lining").click();
        assertThat(page.locator("#set-liningHem")).isVisible();
        Browser.assertAccessible(page);

        // The band is on the paper while its step is in hand, and not before.
        assertThat(paper(page, "Band")).isHidden();
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^Band long, sewn")))
                .click();
        assertThat(paper(page, "Band")).isVisible();
        assertThat(paper(page, "Lining front")).isHidden();

        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Cut"))
                .click();
        for (String piece : new String[] {"Skirt front", "Skirt back", "Band", "Lining front", "Lining back"}) {
            assertThat(page.getByRole(
                            AriaRole.HEADING,
                            new Page.GetByRoleOptions().setName(piece).setExact(true)))
                    .isVisible();
        }
        String ticket = page.url().replaceAll(".*/tickets/([0-9a-f-]+).*", "$1");
        APIResponse pdf = page.request().get("/api/tickets/" + ticket + "/print.pdf?paper=a0");
        try (PDDocument printed = Loader.loadPDF(pdf.body())) {
            Assertions.assertThat(new PDFTextStripper().getText(printed))
                    .contains("BAND", "LINING FRONT", "LINING BACK");
        }

        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Draft"))
                .click();
        page.getByTestId("draft-paper").waitFor();
        page.reload();
        made.locator("summary").click();
        assertThat(tick(page, "Straight band")).isChecked();
        tick(page, "Straight band").click();
        assertThat(page.locator("#set-bandKind")).isHidden();
        page.keyboard().press("z");
        assertThat(tick(page, "Straight band")).isChecked();
    }

    @Test
    void one_band_takes_the_place_of_the_other_and_gives_it_back_after_a_reload() {
        Page page = browser.signedIn();
        Browser.openTicket(page, "Signal-box");
        Locator made = page.getByTestId("made-with");
        made.locator("summary").click();
        assertThat(tick(page, "Shaped faced band")).isChecked();
        tick(page, "Straight band").click();
        assertThat(tick(page, "Straight band")).isChecked();
        assertThat(tick(page, "Shaped faced band")).not().isChecked();
        assertThat(page.getByText("kept", new Page.GetByTextOptions().setExact(true)))
                .isVisible();
        page.reload();
        made.locator("summary").click();
        tick(page, "Straight band").click();
        assertThat(tick(page, "Shaped faced band")).isChecked();
        assertThat(page.getByText("kept", new Page.GetByTextOptions().setExact(true)))
                .isVisible();
    }

    @Test
    void a_length_is_told_against_a_level_and_stays_told_so() {
        Page page = browser.signedIn();
        Given.ticket(page, "Cordelia Fenn", "Fenn skirt");
        Locator level = page.locator("#set-length-level");
        level.click();
        page.getByRole(AriaRole.OPTION, new Page.GetByRoleOptions().setName("above the knee"))
                .click();
        page.locator("#set-length").fill("2");
        assertThat(page.getByText("kept", new Page.GetByTextOptions().setExact(true)))
                .isVisible();
        page.reload();
        assertThat(level).containsText("above the knee");
        assertThat(page.locator("#set-length")).hasValue("2");
    }
}
