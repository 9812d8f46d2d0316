package brightplumb.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.parallel.Execution;
import org.junit.jupiter.api.parallel.ExecutionMode;

/** What happens around the path: second thoughts, empty places, a tablet held upright, hands on the keyboard. */
@ExtendWith(Table.Laid.class)
@Execution(ExecutionMode.SAME_THREAD)
class AroundTheTableTest {

    private final Browser browser;

    AroundTheTableTest(Table table) {
        this.browser = table.browser();
    }

    private static Locator link(Page page, String starts) {
        return page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName(Pattern.compile("^" + starts)));
    }

    private static Locator kept(Page page) {
        return page.getByText("kept", new Page.GetByTextOptions().setExact(true));
    }

    @Test
    void a_ticket_taken_off_the_rack_comes_back_when_it_is_undone() {
        Page page = browser.signedIn();
        Browser.button(page, "Take Net-mender’s skirt off the rack").click();
        assertThat(link(page, "Net-mender")).hasCount(0);
        Browser.button(page, "Undo").click();
        assertThat(link(page, "Net-mender")).hasCount(1);
        page.reload();
        assertThat(link(page, "Net-mender")).hasCount(1);
    }

    @Test
    void a_person_who_was_removed_is_gone_after_a_few_seconds_and_not_before() {
        Page page = browser.signedIn();
        page.navigate("/book");
        Browser.button(page, "New person").click();
        page.getByLabel("Name", new Page.GetByLabelOptions().setExact(true)).fill("Brief Visitor");
        Browser.button(page, "Add, and measure").click();
        Browser.button(page, "Name and note").click();
        Browser.button(page, "Remove from the book").click();
        assertThat(page.getByText("Brief Visitor and all their figures will be removed")
                        .first())
                .isVisible();
        Browser.button(page, "Undo").click();
        assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("Brief Visitor")))
                .isVisible();
        Browser.button(page, "Name and note").click();
        Browser.button(page, "Remove from the book").click();
        assertThat(page.getByText("Brief Visitor and all").first()).isHidden();
        page.navigate("/book");
        assertThat(page.getByText("Ottoline Varga")).isVisible();
        assertThat(page.getByText("Brief Visitor")).hasCount(0);
    }

    @Test
    void a_ticket_for_somebody_unmeasured_leads_to_the_tape_from_every_station() {
        Page page = browser.signedIn();
        Browser.newTicket(page);
        page.getByRole(AriaRole.COMBOBOX, new Page.GetByRoleOptions().setName("For"))
                .click();
        page.getByRole(AriaRole.OPTION, new Page.GetByRoleOptions().setName("Casimir Thorne"))
                .click();
        assertThat(page.getByText("drawn on a usual body")).isVisible();
        Browser.assertAccessible(page);
        Browser.hang(page, "Palazzo", "Lantern bearer’s trousers");
        page.getByLabel("Waist", new Page.GetByLabelOptions().setExact(true)).waitFor();
        for (String key : new String[] {"2", "3", "4"}) {
            page.locator("h1").first().click();
            page.keyboard().press(key);
            assertThat(page.getByRole(
                            AriaRole.LINK,
                            new Page.GetByRoleOptions().setName("Measure").setExact(true)))
                    .isVisible();
            Browser.assertAccessible(page);
        }
    }

    @Test
    void an_amount_set_by_hand_goes_back_to_the_way_with_its_dot() {
        Page page = browser.signedIn();
        Browser.openTicket(page, "Mrs Fenwick");
        Locator rise = page.locator("#set-sideRise");
        assertThat(rise).hasValue("½");
        rise.fill("7/8");
        assertThat(kept(page)).isVisible();
        Browser.button(page, "Side rise was set by hand; give it back to the way")
                .click();
        assertThat(rise).hasValue("½");
        rise.fill("1");
        rise.press("Escape");
        assertThat(rise).hasValue("½");
    }

    @Test
    void another_way_redraws_the_whole_draft_and_is_kept() {
        Page page = browser.signedIn();
        Browser.openTicket(page, "Mrs Fenwick");
        page.getByRole(AriaRole.RADIO, new Page.GetByRoleOptions().setName("Half-block"))
                .click();
        assertThat(page.locator("#set-dartPlan")).containsText("Half-block shares");
        assertThat(kept(page)).isVisible();
        page.reload();
        assertThat(page.getByRole(AriaRole.RADIO, new Page.GetByRoleOptions().setName("Half-block")))
                .isChecked();
        page.getByRole(AriaRole.RADIO, new Page.GetByRoleOptions().setName("House"))
                .click();
        assertThat(kept(page)).isVisible();
    }

    @Test
    void a_frozen_revision_is_listed_with_its_reason() {
        Page page = browser.signedIn();
        Browser.openTicket(page, "Postmistress");
        page.keyboard().press("4");
        page.getByLabel("Reason").fill("for the dress parade");
        Browser.button(page, "Freeze revision 1").click();
        assertThat(link(page, "Revision 1")).isVisible();
        assertThat(page.getByText("for the dress parade")).isVisible();
        assertThat(Browser.button(page, "Freeze revision 2")).isVisible();
        Browser.assertAccessible(page);
    }

    @Test
    void the_figure_grows_with_the_girths_as_they_are_typed() {
        Page page = browser.signedIn();
        Browser.openTicket(page, "Postmistress");
        page.keyboard().press("1");
        Locator outline = page.getByLabel(Pattern.compile("^The body from the front"))
                .locator("path")
                .first();
        // The guesses shape the figure too: wait until they are in.
        assertThat(page.locator("#measure-kneeGirth")).hasAttribute("placeholder", Pattern.compile(".+"));
        String before = outline.getAttribute("d");
        page.getByLabel("Hip", new Page.GetByLabelOptions().setExact(true)).fill("52");
        assertThat(outline).not().hasAttribute("d", before);
        assertThat(page.getByText("hip 52")).isVisible();
        Browser.button(page, "Leave as it was").click();
        assertThat(outline).hasAttribute("d", before);
    }

    @Test
    void on_a_tablet_held_upright_the_paper_comes_first_and_nothing_runs_off_the_side() {
        Page page = browser.signedIn();
        page.setViewportSize(768, 1024);
        Browser.openTicket(page, "Lamplighter");
        String ticket = page.url().replaceFirst("/draft.*", "");
        for (String station : new String[] {"/draft", "/measure", "/true", "/cut", "/bench", "/compare", "/fit"}) {
            Browser.openStation(page, ticket + station);
            Object fits = page.evaluate("document.documentElement.scrollWidth <= window.innerWidth");
            Assertions.assertThat(fits).as(station).isEqualTo(true);
        }
        page.navigate(ticket + "/draft");
        var paper = page.getByTestId("draft-paper").boundingBox();
        Assertions.assertThat(paper.width).isGreaterThan(600);
        Assertions.assertThat(paper.height).isGreaterThan(350);
        Assertions.assertThat(paper.y).isLessThan(page.locator("#set-hipEase").boundingBox().y);
    }

    @Test
    void what_is_called_otherwise_at_another_bench_is_found_and_what_was_last_open_is_offered() {
        Page page = browser.signedIn();
        Browser.openTicket(page, "Lamplighter");
        page.keyboard().press("/");
        page.keyboard().type("waist let-out");
        Locator found = page.getByRole(AriaRole.DIALOG).getByRole(AriaRole.OPTION);
        assertThat(found.first()).containsText("Waist ease");
        page.keyboard().press("Enter");
        assertThat(page.locator("#set-waistEase")).isFocused();
        page.keyboard().press("Escape");
        page.navigate("/book");
        page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("measure book"))
                .waitFor();
        page.keyboard().press("/");
        assertThat(found.first()).containsText("Lamplighter");
        assertThat(found.nth(1)).isVisible();
        page.keyboard().press("ArrowDown");
        assertThat(found.nth(1)).hasAttribute("aria-selected", "true");
        Browser.assertAccessible(page);
    }

    @Test
    void the_keyboard_alone_goes_from_the_rack_to_a_changed_amount() {
        Page page = browser.signedIn();
        page.keyboard().press("/");
        page.keyboard().type("lamplighter");
        Locator found =
                page.getByRole(AriaRole.DIALOG).getByRole(AriaRole.OPTION).first();
        assertThat(found).containsText("Lamplighter");
        page.keyboard().press("Enter");
        page.getByTestId("draft-paper").waitFor();
        page.locator("#set-waistEase").focus();
        page.keyboard().press("Enter");
        assertThat(page.locator("#set-centreFrontDrop")).isFocused();
        page.keyboard().type("3/8");
        assertThat(page.locator("#set-centreFrontDrop")).hasValue("3/8");
        page.keyboard().press("Tab");
        assertThat(page.locator("#set-centreFrontDrop")).hasValue("⅜");
    }

    @Test
    void signing_out_leaves_nothing_to_see() {
        Page page = browser.page();
        page.navigate("/");
        Browser.signIn(page);
        page.getByLabel("Winifred Hale, Saltmarsh Playhouse").click();
        page.getByRole(AriaRole.MENUITEM, new Page.GetByRoleOptions().setName("Sign out"))
                .click();
        assertThat(Browser.button(page, "Sign in")).isVisible();
        page.navigate("/book");
        assertThat(Browser.button(page, "Sign in")).isVisible();
        page.getByLabel("E-mail").fill("demo@brightplumb.test");
        page.getByLabel("Password").fill("chalk-and-calico");
        Browser.button(page, "Sign in").click();
        assertThat(page.getByRole(AriaRole.ALERT)).containsText("do not belong together");
    }
}
