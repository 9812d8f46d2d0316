package brightplumb.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.parallel.Execution;
import org.junit.jupiter.api.parallel.ExecutionMode;

/** What stands off is seen, mended, compared and fitted, in a real browser. The people are invented. */
@ExtendWith(Table.Laid.class)
@Execution(ExecutionMode.SAME_THREAD)
class TruedAtTheTableTest {

    private final Browser browser;
    private final Packaged application;

    TruedAtTheTableTest(Table table) {
        this.browser = table.browser();
        this.application = table.application();
    }

    @AfterEach
    void nothing_failed_inside_the_pages() {
        browser.assertNoErrors();
    }

    private static Locator field(Page page, String name) {
        return page.getByLabel(name, new Page.GetByLabelOptions().setExact(true));
    }

    private static Locator choice(Page page, String name) {
        return page.getByRole(
                AriaRole.RADIO, new Page.GetByRoleOptions().setName(name).setExact(true));
    }

    private static Locator plumbLine(Page page, String name) {
        return page.getByRole(AriaRole.NAVIGATION, new Page.GetByRoleOptions().setName("Plumb lines"))
                .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName(Pattern.compile("^" + name)));
    }

    private static Locator evidence(Page page, String check) {
        return page.locator("[data-testid=evidence][data-check='" + check + "']");
    }

    @Test
    void from_the_tape_a_plumb_line_stands_off_its_remedy_straightens_it_and_the_bench_sheet_prints() {
        Page page = browser.signedIn();

        // Measure
        page.navigate("/book");
        Browser.button(page, "New person").click();
        field(page, "Name").fill("Petronel Vane");
        Browser.button(page, "Add, and measure").click();
        field(page, "Waist").fill("28 1/2");
        field(page, "Waist to hip").fill("8 3/4");
        field(page, "Hip").fill("39 1/4");
        Browser.button(page, "Keep this sheet").click();
        Browser.newTicket(page);
        Browser.hang(page, "Straight skirt", "Harbour skirt");
        page.getByTestId("draft-paper").waitFor();

        // Switch ways
        choice(page, "Quarter").click();
        assertThat(page.locator("#set-dartPlan")).containsText("One dart, the same on everybody");
        choice(page, "Allocated").click();
        page.locator("#set-hemTaper").fill("2");
        page.locator("#set-hemTaper").press("Tab");
        assertThat(page.getByText("kept", new Page.GetByTextOptions().setExact(true)))
                .isVisible();

        // A plumb line stands off
        page.locator("h1").first().click();
        page.keyboard().press("3");
        assertThat(plumbLine(page, "Step")).containsText("off");
        assertThat(evidence(page, "strides")).isVisible();
        Browser.assertAccessible(page);

        // Its remedy: looked at first, then done
        Locator look = Browser.button(page, "Look first").first();
        look.click();
        assertThat(page.getByText("as it would be: true")).isVisible();
        assertThat(plumbLine(page, "Step")).containsText("off");
        Browser.button(page, "Do it").first().click();
        assertThat(plumbLine(page, "Step")).containsText("goes, true");
        Browser.button(page, "Undo").click();
        assertThat(plumbLine(page, "Step")).containsText("off");
        Browser.button(page, "Do it").first().click();
        assertThat(plumbLine(page, "Step")).containsText("goes, true");
        assertThat(page.getByText("kept", new Page.GetByTextOptions().setExact(true)))
                .isVisible();

        // The bench sheet
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Bench sheet"))
                .click();
        assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("First the base lines")))
                .isVisible();
        Browser.assertAccessible(page);
        choice(page, "Back").click();
        assertThat(page.getByText("waist at the centre back")).isVisible();
        Locator print = page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Print bench sheet"));
        var pdf = page.request().get(application.address() + print.getAttribute("href"));
        assertThat(pdf).isOK();
        Assertions.assertThat(pdf.headers().get("content-type")).isEqualTo("application/pdf");
    }

    private static void newTicket(Page page, String cut, String way, String name) {
        Browser.newTicket(page);
        page.getByRole(AriaRole.RADIO, new Page.GetByRoleOptions().setName(cut).setExact(true))
                .check();
        page.getByRole(AriaRole.COMBOBOX, new Page.GetByRoleOptions().setName("Way of drafting"))
                .click();
        page.getByRole(AriaRole.OPTION, new Page.GetByRoleOptions().setName(way).setExact(true))
                .click();
        Browser.hang(page, cut, name);
        page.getByTestId("draft-paper").waitFor();
    }

    @Test
    void trousers_from_eight_tapes_a_loop_that_is_short_is_seen_and_the_back_raised_until_it_is_not() {
        Page page = browser.signedIn();
        page.navigate("/book");
        Browser.button(page, "New person").click();
        field(page, "Name").fill("Thessaly Wick");
        Browser.button(page, "Add, and measure").click();
        String[][] tapes = {
            {"Waist", "29"},
            {"Waist to hip", "8 1/2"},
            {"Hip", "40 1/2"},
            {"Rise, seated", "11"},
            {"Crotch length", "28 3/4"},
            {"Thigh", "23 1/4"},
            {"Knee", "15"},
            {"Outside leg", "41"}
        };
        for (String[] tape : tapes) {
            field(page, tape[0]).fill(tape[1]);
        }
        Browser.button(page, "Keep this sheet").click();
        newTicket(page, "Classic trousers", "House", "Lock-keeper’s trousers");
        assertThat(page.getByText("Twenty-three true")).isVisible();

        // The level of the back set by hand: too low, and the loop is short
        page.locator("#set-backRise").fill("1/2");
        page.locator("#set-backRise").press("Tab");
        page.locator("h1").first().click();
        page.keyboard().press("3");
        assertThat(plumbLine(page, "Crotch loop")).containsText("short, off");
        assertThat(evidence(page, "crotch.length")).isVisible();
        Browser.assertAccessible(page);
        Browser.button(page, "Do it").first().click();
        assertThat(plumbLine(page, "Crotch loop")).containsText("reaches, true");

        // Other ways of the same legs
        page.keyboard().press("2");
        page.getByTestId("draft-paper").waitFor();
        page.keyboard().press("c");
        assertThat(page.locator("tbody tr").filter(new Locator.FilterOptions().setHasText("Back crotch seam")))
                .isVisible();
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Back to the draft"))
                .click();
        choice(page, "Fork").click();
        assertThat(page.getByTestId("draft-paper")).isVisible();
        page.keyboard().press("4");
        Browser.button(page, "Print…").click();
        Locator print = page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Print full size"));
        var pdf = page.request().get(application.address() + print.getAttribute("href"));
        assertThat(pdf).isOK();
    }

    @Test
    void shorts_whose_inseams_do_not_meet_meet_when_the_fork_is_dropped() {
        Page page = browser.signedIn();
        openPerson(page, "Ottoline Varga");
        newTicket(page, "Shorts block", "Sixteenth", "Bait-digger’s shorts");
        page.keyboard().press("3");
        assertThat(plumbLine(page, "Inseams")).containsText("over, off");
        plumbLine(page, "Inseams").click();
        assertThat(evidence(page, "inseam.meets")).isVisible();
        assertThat(page.getByText("Drop the back fork")).isVisible();
        Browser.button(page, "Do it").first().click();
        assertThat(plumbLine(page, "Inseams")).containsText("meet, true");
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Bench sheet"))
                .click();
        choice(page, "Back").click();
        assertThat(page.getByText("fork", new Page.GetByTextOptions().setExact(true)))
                .isVisible();
    }

    private static void openPerson(Page page, String name) {
        page.navigate("/book");
        page.getByText(name).click();
        field(page, "Waist").waitFor();
    }

    @Test
    void every_plumb_line_shows_its_own_evidence_to_the_keyboard_alone() {
        Page page = browser.signedIn();
        Browser.openTicket(page, "Net-mender");
        page.keyboard().press("3");
        plumbLine(page, "Waist closes").focus();
        page.keyboard().press("Enter");
        String[] checks = {
            "waist.closes",
            "waist.fits",
            "centre.front",
            "hip.closes",
            "hip.fits",
            "side.meets",
            "joins.smooth",
            "darts.sound",
            "strides",
            "enters",
            "length.suits",
            "notches.meet",
            "centre.back.marked",
            "band.fits",
            "hem.turns",
            "seams.hold",
            "cloth.wide.enough"
        };
        for (String check : checks) {
            assertThat(evidence(page, check)).isVisible();
            Assertions.assertThat(evidence(page, check).locator("path").count())
                    .as(check)
                    .isGreaterThan(1);
            page.keyboard().press("ArrowDown");
        }
    }

    @Test
    void two_ways_lie_over_each_other_with_what_differs_most_on_top() {
        Page page = browser.signedIn();
        Browser.openTicket(page, "Lamplighter");
        page.keyboard().press("c");
        Locator rows = page.locator("tbody tr");
        assertThat(rows.first()).isVisible();
        Browser.assertAccessible(page);
        page.getByRole(AriaRole.COMBOBOX, new Page.GetByRoleOptions().setName("The draft over it"))
                .click();
        page.getByRole(AriaRole.OPTION, new Page.GetByRoleOptions().setName("Dorothea Quill"))
                .click();
        assertThat(rows.filter(new Locator.FilterOptions().setHasText("Front hip quarter")))
                .isVisible();
        choice(page, "Hip").click();
        Assertions.assertThat(page.url()).contains("level=hip", "over=who");
        page.reload();
        assertThat(rows.filter(new Locator.FilterOptions().setHasText("Front hip quarter")))
                .isVisible();
    }

    @Test
    void what_the_fitting_said_becomes_a_new_revision_and_the_one_she_wore_is_kept() {
        Page page = browser.signedIn();
        Browser.openTicket(page, "Mrs Fenwick");
        page.keyboard().press("6");
        page.getByText("The back waist stands away").click();
        assertThat(page.getByText("in brass: corrected")).isVisible();
        Browser.assertAccessible(page);
        field(page, "What else was said").fill("most of all when she bows");
        Browser.button(page, "Apply as a new revision").click();
        assertThat(page.getByText("most of all when she bows")).isVisible();
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName(Pattern.compile("^revision \\d and \\d$")))
                .click();
        assertThat(page.locator("tbody tr").first()).isVisible();
    }

    @Test
    void a_piece_that_is_cut_says_what_it_gives_and_a_neighbour_that_is_not_is_offered_the_rest() {
        Page page = browser.signedIn();
        Browser.openTicket(page, "Stilt-walker");
        page.keyboard().press("6");
        page.getByText("The seam cuts between the seat", new Page.GetByTextOptions().setExact(true))
                .click();
        Locator cloth = page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("Cloth that is cut"));
        assertThat(cloth.getByText("cut anew")).isVisible();
        cloth.getByLabel("Leg front is cut").uncheck();
        assertThat(cloth.getByText("Cut it as corrected.")).isVisible();
        Browser.assertAccessible(page);
        cloth.getByRole(
                        AriaRole.BUTTON,
                        new Locator.GetByRoleOptions().setName(Pattern.compile("Leg front is not cut yet")))
                .click();
        assertThat(cloth.getByText("cut anew")).not().isVisible();
        assertThat(field(page, "Front extension")).isVisible();
    }

    @Test
    void what_others_do_in_a_steps_place_is_taken_up_with_a_press_and_taken_back() {
        Page page = browser.signedIn();
        Browser.openTicket(page, "Stilt-walker");
        page.keyboard().press("2");
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^Back fork down")))
                .click();
        Browser.button(page, "Do it so: The slope of the body").click();
        assertThat(Browser.button(page, "Do it so: As this way has it")).isVisible();
        Browser.button(page, "Undo").click();
        assertThat(Browser.button(page, "Do it so: The slope of the body")).isVisible();
        Browser.assertAccessible(page);
    }

    @Test
    void one_tape_read_twice_is_drafted_with_the_middle_of_both() {
        Page page = browser.signedIn();
        page.navigate("/book");
        page.getByText("Dorothea Quill").click();
        Locator right = page.locator("#measure-hipDepth-second");
        assertThat(right).isVisible();
        right.fill("9 1/2");
        assertThat(page.getByText("drafted with 9¼")).isVisible();
        Browser.button(page, "Keep this sheet").click();
        Browser.openTicket(page, "Mrs Fenwick");
        assertThat(page.getByText("(waist to hip left 9 + waist to hip right 9½) ÷ 2")
                        .first())
                .isVisible();
    }
}
