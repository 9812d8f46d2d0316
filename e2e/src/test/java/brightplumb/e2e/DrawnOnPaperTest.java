package brightplumb.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.BoundingBox;
import java.io.IOException;
import java.util.regex.Pattern;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/**
 * The working drawn on the paper, step by step, and the paper moved like a map, in a real browser. The people are
 * invented.
 */
@ExtendWith(Table.Laid.class)
class DrawnOnPaperTest {

    private final Browser browser;

    DrawnOnPaperTest(Table table) {
        this.browser = table.browser();
    }

    @AfterEach
    void nothing_failed_inside_the_pages() {
        browser.assertNoErrors();
    }

    private static Locator paper(Page page) {
        return page.getByTestId("draft-paper");
    }

    private static Locator amount(Page page, String step) {
        return paper(page).locator("[data-amount='" + step + "']");
    }

    private static void take(Page page, String step) {
        String address = page.url().replaceFirst("\\?.*", "");
        page.navigate(address + "?step=" + step);
        paper(page).waitFor();
    }

    @Test
    void what_a_later_step_draws_is_not_there_yet_and_each_amount_stands_where_it_is_laid_off() throws IOException {
        Page page = browser.signedIn();
        Given.ticket(page, "Sidonie Marl", "Drawn by steps");
        assertThat(paper(page).locator("[data-step='side.line.front'] path").first())
                .isVisible();
        take(page, "hip.depth");
        assertThat(amount(page, "hip.depth")).hasCount(1);
        assertThat(paper(page)).containsText("hip");
        assertThat(paper(page).getByText("hem", new Locator.GetByTextOptions().setExact(true)))
                .hasCount(0);
        page.keyboard().press("]");
        assertThat(paper(page).getByText("hem", new Locator.GetByTextOptions().setExact(true)))
                .hasCount(1);
        take(page, "waist.line.front");
        assertThat(paper(page).locator("[data-step='waist.line.front'] path").first())
                .isVisible();
        assertThat(paper(page).locator("[data-step='side.line.front']")).hasCount(0);
        assertThat(paper(page).getByText("Back", new Locator.GetByTextOptions().setExact(true)))
                .hasCount(0);
        Browser.assertAccessible(page);

        String sheet = page.getByText("Practice", new Page.GetByTextOptions().setExact(true))
                .getAttribute("href");
        try (PDDocument printed = Loader.loadPDF(page.request().get(sheet).body())) {
            Assertions.assertThat(new PDFTextStripper().getText(printed))
                    .contains("1. Waist to hip", "Front hip quarter", "Sidonie Marl");
        }
    }

    @Test
    void what_is_made_has_its_amounts_laid_off_on_it() {
        Page page = browser.signedIn();
        Given.ticket(page, "Perpetua Lowe", "Made on paper");
        assertThat(paper(page).getByText("Band", new Locator.GetByTextOptions().setExact(true)))
                .hasCount(0);
        take(page, "band.height");
        assertThat(paper(page).getByText("Band", new Locator.GetByTextOptions().setExact(true)))
                .isVisible();
        assertThat(amount(page, "band.height")).containsText("1½");
        take(page, "band.length");
        assertThat(amount(page, "band.length")).hasCount(1);
    }

    @Test
    void an_amount_is_dragged_where_it_is_laid_off_and_taken_back_in_one_go() {
        Page page = browser.signedIn();
        Given.ticket(page, "Rosalba Finn", "Drawn longer");
        String before = page.locator("#set-length").inputValue();
        take(page, "length");
        BoundingBox handle = page.getByTestId("amount-handle").boundingBox();
        double x = handle.x + handle.width / 2;
        double y = handle.y + handle.height / 2;
        page.mouse().move(x, y);
        page.mouse().down();
        for (int i = 1; i <= 12; i++) {
            page.mouse().move(x, y - 4 * i);
        }
        page.mouse().up();
        assertThat(page.locator("#set-length")).not().hasValue(before);
        assertThat(page.locator("[aria-current=step]").getByText("set by hand").first())
                .isVisible();
        page.keyboard().press("z");
        assertThat(page.locator("#set-length")).hasValue(before);
    }

    @Test
    void the_paper_is_scrolled_larger_dragged_and_put_back_and_a_drag_is_no_press() {
        Page page = browser.signedIn();
        Given.ticket(page, "Leonie Marl", "Drawn large");
        Locator line = paper(page).locator("[data-step='side.line.front'] path").first();
        String home = line.getAttribute("d");
        BoundingBox box = paper(page).boundingBox();
        page.mouse().move(box.x + box.width / 2, box.y + box.height / 2);
        page.mouse().wheel(0, -400);
        assertThat(line).not().hasAttribute("d", home);
        String larger = line.getAttribute("d");
        page.mouse().down();
        page.mouse().move(box.x + box.width / 2 + 60, box.y + box.height / 2 + 30);
        page.mouse().move(box.x + box.width / 2 + 120, box.y + box.height / 2 + 60);
        page.mouse().up();
        assertThat(line).not().hasAttribute("d", larger);
        assertThat(page).not().hasURL(Pattern.compile("step="));
        Browser.button(page, "The paper as it lay").click();
        assertThat(line).hasAttribute("d", home);
    }
}
