package brightplumb.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.nio.charset.StandardCharsets;
import java.util.regex.Pattern;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.parallel.Execution;
import org.junit.jupiter.api.parallel.ExecutionMode;

/** A cutter's path through the packaged application, in a real browser. The people are invented. */
@ExtendWith(Table.Laid.class)
@Execution(ExecutionMode.SAME_THREAD)
class FromTapeToPaperTest {

    private final Browser browser;
    private final Packaged application;

    FromTapeToPaperTest(Table table) {
        this.browser = table.browser();
        this.application = table.application();
    }

    @AfterEach
    void nothing_failed_inside_the_pages() {
        browser.assertNoErrors();
    }

    private static Locator heading(Page page, String name) {
        return page.getByRole(
                AriaRole.HEADING, new Page.GetByRoleOptions().setName(name).setExact(true));
    }

    private static void type(Page page, String measure, String reading) {
        page.getByLabel(measure, new Page.GetByLabelOptions().setExact(true)).fill(reading);
    }

    private static String sideLine(Page page) {
        return page.locator("[data-step='side.line.front'] path").first().getAttribute("d");
    }

    @Test
    void from_the_tape_to_the_printed_pattern_and_all_of_it_still_there_after_a_reload() {
        Page page = browser.page();
        page.navigate("/");
        Browser.assertAccessible(page);
        Browser.signIn(page);

        // Measure
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Measure book"))
                .click();
        Browser.button(page, "New person").click();
        page.getByLabel("Name", new Page.GetByLabelOptions().setExact(true)).fill("Ysolde Marram");
        Browser.button(page, "Add, and measure").click();
        type(page, "Waist", "29 1/4");
        type(page, "Waist to hip", "21 cm");
        type(page, "Hip", "97,8 cm");
        assertThat(page.getByText("97.8 cm").first()).isVisible();
        page.getByLabel("Hip", new Page.GetByLabelOptions().setExact(true)).press("Enter");
        assertThat(page.getByLabel("Front hip", new Page.GetByLabelOptions().setExact(true)))
                .isFocused();
        Browser.button(page, "Keep this sheet").click();

        // A straight skirt
        Browser.newTicket(page);
        Browser.hang(page, "Straight skirt", "Ferry skirt");
        page.getByTestId("draft-paper").waitFor();
        assertThat(heading(page, "The working")).isVisible();
        assertThat(page.getByText("Seventeen true")).isVisible();

        // Step through
        page.keyboard().press("]");
        assertThat(page.getByText("1 of 41")).isVisible();
        assertThat(page.locator("[data-step='hem.quarter.front'] path")).hasCount(0);
        for (int i = 0; i < 6; i++) {
            page.keyboard().press("]");
        }
        assertThat(page.locator("[aria-current=step]")).containsText("Front hip quarter");
        assertThat(page.locator("[aria-current=step]")).containsText("÷ 4");
        page.keyboard().press("[");
        assertThat(page.getByText("6 of 41")).isVisible();
        Browser.button(page, "Whole draft").click();

        // Change an amount and see the line move
        String before = sideLine(page);
        Locator hip = page.locator("#set-hipEase");
        hip.fill("3");
        assertThat(page.locator("[data-step='side.line.front'] path").first())
                .not()
                .hasAttribute("d", before);
        assertThat(page.getByText("kept", new Page.GetByTextOptions().setExact(true)))
                .isVisible();

        // Reload: all of it is still there
        page.reload();
        page.getByTestId("draft-paper").waitFor();
        assertThat(page.locator("#set-hipEase")).hasValue("3");
        page.keyboard().press("1");
        assertThat(page.getByLabel("Waist", new Page.GetByLabelOptions().setExact(true)))
                .hasValue("29¼");
        Browser.assertAccessible(page);

        // True and print
        page.keyboard().press("3");
        assertThat(page.getByText("measured along the line")).isVisible();
        page.keyboard().press("4");
        Browser.button(page, "Print…").click();
        Locator print = page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Print full size"));
        assertThat(print).isVisible();
        for (String paper : new String[] {"A4", "Letter"}) {
            page.getByRole(
                            AriaRole.RADIO,
                            new Page.GetByRoleOptions().setName(paper).setExact(true))
                    .click();
            assertThat(print)
                    .hasAttribute("href", Pattern.compile("paper=" + paper.toLowerCase(java.util.Locale.ROOT)));
            var pdf = page.request().get(application.address() + print.getAttribute("href"));
            assertThat(pdf).isOK();
            Assertions.assertThat(new String(pdf.body(), 0, 4, StandardCharsets.US_ASCII))
                    .isEqualTo("%PDF");
        }
    }

    @Test
    void a_wrong_amount_is_answered_at_its_field_and_nothing_typed_is_lost() {
        Page page = browser.signedIn();
        Browser.openTicket(page, "Mrs Fenwick");
        Locator ease = page.locator("#set-waistEase");
        ease.fill("1 1/3");
        assertThat(page.locator("#set-waistEase-says")).containsText("1/3 is not on a tape");
        page.locator("#set-sideRise").focus();
        assertThat(ease).hasValue("1 1/3");
        page.locator("#set-length").fill("5");
        assertThat(page.locator("#set-length-says")).containsText("at least 2 in");
        assertThat(page.getByTestId("draft-paper")).isVisible();
        assertThat(page.locator("#set-length")).hasValue("5");
    }

    @Test
    void a_wrong_reading_is_answered_at_its_field_and_survives_leaving_the_page() {
        Page page = browser.signedIn();
        page.navigate("/book");
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName(Pattern.compile("^Casimir Thorne")))
                .click();
        type(page, "Waist", "thirty");
        assertThat(page.locator("#measure-waistGirth-says")).containsText("not a reading of the tape");
        type(page, "Hip", "41");
        page.navigate("/");
        page.goBack();
        assertThat(page.getByLabel("Waist", new Page.GetByLabelOptions().setExact(true)))
                .hasValue("thirty");
        Browser.button(page, "Keep this sheet").click();
        assertThat(page.locator("#measure-waistGirth-says")).isVisible();
    }

    @Test
    void a_lost_connection_says_so_and_keeps_the_edit() {
        Page page = browser.signedIn();
        Browser.openTicket(page, "The Admiral");
        page.context().setOffline(true);
        page.locator("#set-hipEase").fill("2 1/2");
        assertThat(page.getByRole(AriaRole.ALERT).filter(new Locator.FilterOptions().setHasText("No connection")))
                .isVisible();
        assertThat(page.getByText("not kept yet")).isVisible();
        page.context().setOffline(false);
        assertThat(page.getByText("kept", new Page.GetByTextOptions().setExact(true)))
                .isVisible();
        page.reload();
        assertThat(page.locator("#set-hipEase")).hasValue("2½");
    }

    @Test
    void two_people_editing_one_ticket_are_shown_both_versions() {
        Page mine = browser.signedIn();
        Page theirs = browser.signedIn();
        Browser.openTicket(mine, "Postmistress");
        Browser.openTicket(theirs, "Postmistress");
        theirs.locator("#set-hipEase").fill("1");
        assertThat(theirs.getByText("kept", new Page.GetByTextOptions().setExact(true)))
                .isVisible();
        mine.locator("#set-hipEase").fill("2");
        Locator clash = mine.getByRole(AriaRole.DIALOG);
        assertThat(clash).containsText("Somebody else changed this ticket");
        assertThat(clash).containsText("2 in");
        assertThat(clash).containsText("1 in");
        Browser.button(mine, "Keep mine").click();
        assertThat(mine.getByText("kept", new Page.GetByTextOptions().setExact(true)))
                .isVisible();
        theirs.reload();
        assertThat(theirs.locator("#set-hipEase")).hasValue("2");
    }

    @Test
    void every_screen_is_free_of_serious_findings() {
        Page page = browser.signedIn();
        Browser.assertAccessible(page);
        Browser.openTicket(page, "Lamplighter");
        Browser.assertAccessible(page);
        String ticket = page.url().replaceFirst("/draft.*", "");
        for (String station : new String[] {"measure", "true", "cut", "bench", "compare", "fit"}) {
            Browser.openStation(page, ticket + "/" + station);
            Browser.assertAccessible(page);
        }
        page.navigate("/book");
        page.getByText("Ottoline Varga").waitFor();
        Browser.assertAccessible(page);
        page.getByText("Ottoline Varga").click();
        page.getByLabel("Waist", new Page.GetByLabelOptions().setExact(true)).waitFor();
        Browser.assertAccessible(page);
        page.keyboard().press("?");
        heading(page, "All keys").waitFor();
        Browser.assertAccessible(page);
    }

    @Test
    void hovering_a_line_finds_its_step_and_the_keys_do_as_listed() {
        Page page = browser.signedIn();
        Browser.openTicket(page, "Lamplighter");
        page.locator("[data-step='side.line.front'] path").last().dispatchEvent("pointerover");
        page.locator("[data-step='side.line.front'] path").last().dispatchEvent("click");
        assertThat(page.locator("[aria-current=step]")).containsText("Front side");
        page.keyboard().press("g");
        assertThat(page.getByText("in pencil: Quarter")).isVisible();
        page.keyboard().press("u");
        assertThat(page.locator("#set-hipEase")).hasValue("2.5");
        page.keyboard().press("/");
        page.getByRole(AriaRole.DIALOG).getByRole(AriaRole.COMBOBOX).fill("dorothea");
        assertThat(page.getByRole(AriaRole.DIALOG)).containsText("Mrs Fenwick");
    }

    @Test
    void the_draft_station_fits_a_small_laptop_without_scrolling_the_page() {
        Page page = browser.signedIn();
        Browser.openTicket(page, "Lamplighter");
        Object fits = page.evaluate(
                "document.documentElement.scrollHeight <= window.innerHeight && document.documentElement.scrollWidth "
                        + "<= window.innerWidth");
        Assertions.assertThat(fits).isEqualTo(true);
    }
}
