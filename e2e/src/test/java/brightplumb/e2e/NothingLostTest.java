package brightplumb.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Route;
import com.microsoft.playwright.options.AriaRole;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Pattern;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** Work that could be lost, mixed or falsified, and is not. */
@ExtendWith(Table.Laid.class)
class NothingLostTest {

    private static final Pattern SAVES = Pattern.compile(".*/api/tickets/[0-9a-f-]+$");

    private final Browser browser;

    NothingLostTest(Table table) {
        this.browser = table.browser();
    }

    private static Locator kept(Page page) {
        return page.getByText("kept", new Page.GetByTextOptions().setExact(true));
    }

    private static Locator dialog(Page page) {
        return page.getByRole(AriaRole.DIALOG);
    }

    @Test
    void a_change_that_is_not_kept_yet_stays_with_its_own_ticket() {
        Page page = browser.signedIn();
        Given.ticket(page, "Alma Reed", "Reed skirt one");
        Given.ticket(page, "Bertha Reed", "Reed skirt two");
        String second = page.url();
        page.route(SAVES, route -> {
            if (route.request().method().equals("PUT")) {
                route.abort();
            } else {
                route.resume();
            }
        });
        Browser.openTicket(page, "Reed skirt one");
        page.getByRole(AriaRole.RADIO, new Page.GetByRoleOptions().setName("Quarter"))
                .click();
        page.locator("#set-hipEase").fill("3");
        assertThat(page.getByText("not kept yet")).isVisible();
        page.locator("h1").first().click();
        page.keyboard().press("/");
        dialog(page).getByRole(AriaRole.COMBOBOX).fill("Reed skirt two");
        dialog(page)
                .getByRole(AriaRole.OPTION, new Locator.GetByRoleOptions().setName(Pattern.compile("^Reed skirt two")))
                .click();
        page.waitForURL(second);
        assertThat(page.locator("#set-hipEase")).not().hasValue("3");
        page.locator("#set-sideRise").fill("7/8");
        page.unroute(SAVES);
        assertThat(kept(page)).isVisible();
        page.reload();
        assertThat(page.locator("#set-sideRise")).hasValue("⅞");
        assertThat(page.getByRole(AriaRole.RADIO, new Page.GetByRoleOptions().setName("House")))
                .isChecked();
        Browser.openTicket(page, "Reed skirt one");
        assertThat(page.getByRole(AriaRole.RADIO, new Page.GetByRoleOptions().setName("Quarter")))
                .isChecked();
        assertThat(page.locator("#set-hipEase")).hasValue("3");
        assertThat(kept(page)).isVisible();
    }

    @Test
    void an_undo_takes_back_its_own_change_and_nothing_that_came_since_from_any_station() {
        Page page = browser.signedIn();
        Given.ticket(page, "Carlotta Reed", "Reed skirt three");
        page.locator("#set-hemTaper").fill("2");
        page.locator("#set-length").fill("30");
        assertThat(page.getByText("off").first()).isVisible();
        page.locator("h1").first().click();
        page.keyboard().press("3");
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^Step")))
                .click();
        Browser.button(page, "Do it").first().click();
        assertThat(Browser.button(page, "Undo")).isVisible();
        page.keyboard().press("2");
        page.locator("#set-waistEase").fill("3/4");
        Browser.button(page, "Undo").click();
        assertThat(page.locator("#set-waistEase")).hasValue("¾");
        assertThat(page.locator("#set-slit")).hasValue("0");
        assertThat(kept(page)).isVisible();
        page.reload();
        assertThat(page.locator("#set-waistEase")).hasValue("¾");
        assertThat(page.locator("#set-slit")).hasValue("0");
        assertThat(page.locator("#set-length")).hasValue("30");
    }

    @Test
    void the_latest_changes_are_taken_back_one_by_one_with_a_key() {
        Page page = browser.signedIn();
        Given.ticket(page, "Delphine Reed", "Reed skirt four");
        page.locator("#set-hipEase").fill("2");
        page.locator("#set-sideRise").fill("1");
        assertThat(kept(page)).isVisible();
        page.locator("h1").first().click();
        page.keyboard().press("z");
        assertThat(page.locator("#set-sideRise")).hasValue("½");
        assertThat(page.locator("#set-hipEase")).hasValue("2");
        page.keyboard().press("z");
        assertThat(page.locator("#set-hipEase")).hasValue("1");
        assertThat(kept(page)).isVisible();
    }

    @Test
    void printing_waits_until_what_is_shown_is_kept_and_says_why_where_it_cannot_be() {
        Page page = browser.signedIn();
        Given.ticket(page, "Edwina Reed", "Reed skirt five");
        List<Route> held = new ArrayList<>();
        page.route(SAVES, route -> {
            if (route.request().method().equals("PUT")) {
                held.add(route);
            } else {
                route.resume();
            }
        });
        page.locator("#set-length").fill("31");
        page.locator("h1").first().click();
        page.keyboard().press("4");
        Browser.button(page, "Print…").click();
        Locator print = page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Print full size"));
        List<String> printed = new ArrayList<>();
        page.context().onRequest(request -> {
            if (request.url().contains("/print.pdf")) {
                printed.add(request.url());
            }
        });
        page.waitForCondition(() -> !held.isEmpty());
        Page paper = page.context().waitForPage(print::click);
        Assertions.assertThat(printed)
                .as("nothing is printed of what is not kept")
                .isEmpty();
        page.unroute(SAVES);
        held.forEach(Route::resume);
        page.waitForCondition(() -> !printed.isEmpty());
        paper.close();
        page.keyboard().press("Escape");
        assertThat(print).hasCount(0);

        page.context().setOffline(true);
        page.keyboard().press("2");
        page.locator("#set-length").fill("33");
        assertThat(page.getByText("not kept yet")).isVisible();
        page.locator("h1").first().click();
        page.keyboard().press("4");
        Browser.button(page, "Print…").click();
        print.click();
        assertThat(page.getByText(Pattern.compile("^Not printed: There is no connection")))
                .isVisible();
        page.keyboard().press("Escape");
        Browser.button(page, "Freeze revision 1").click();
        assertThat(page.getByText(Pattern.compile("^There is no connection"))).isVisible();
        page.context().setOffline(false);
        assertThat(kept(page)).isVisible();
        Browser.button(page, "Freeze revision 1").click();
        assertThat(page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Revision 1")))
                .isVisible();
    }

    @Test
    void a_page_closed_in_the_middle_of_a_change_loses_nothing_whichever_page_is_opened_next() {
        Page page = browser.signedIn();
        Given.ticket(page, "Isolde Reed", "Reed skirt nine");
        String draft = page.url();
        page.locator("#set-length").fill("31");
        page.navigate("/");
        page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("The rack"))
                .waitFor();
        page.waitForCondition(
                () -> (boolean) page.evaluate("Object.keys(localStorage).every(k => !k.startsWith('plumb.unsaved.'))"));
        Page another = browser.signedIn();
        another.navigate(draft);
        assertThat(another.locator("#set-length")).hasValue("31");
    }

    @Test
    void two_people_with_one_tape_are_shown_both_and_settle_each_reading() {
        Page mine = browser.signedIn();
        Browser.newPerson(mine, "Felicity Reed");
        String address = mine.url();
        Page theirs = browser.signedIn();
        theirs.navigate(address);
        theirs.getByLabel("Waist", new Page.GetByLabelOptions().setExact(true)).fill("30");
        theirs.getByLabel("Hip", new Page.GetByLabelOptions().setExact(true)).fill("40");
        mine.getByLabel("Waist", new Page.GetByLabelOptions().setExact(true)).fill("29");
        mine.getByLabel("Hip", new Page.GetByLabelOptions().setExact(true)).fill("39");
        Browser.button(theirs, "Keep this sheet").click();
        assertThat(theirs.getByText("Sheet 1", new Page.GetByTextOptions().setExact(true)))
                .isVisible();
        Browser.button(mine, "Keep this sheet").click();
        assertThat(dialog(mine)).containsText("Somebody else took this tape");
        Browser.assertAccessible(mine);
        dialog(mine)
                .getByRole(AriaRole.ROW, new Locator.GetByRoleOptions().setName(Pattern.compile("^Waist")))
                .getByText("30 in")
                .click();
        Browser.button(mine, "Go on with what is chosen").click();
        assertThat(mine.getByLabel("Waist", new Page.GetByLabelOptions().setExact(true)))
                .hasValue("30");
        assertThat(mine.getByLabel("Hip", new Page.GetByLabelOptions().setExact(true)))
                .hasValue("39");
        Browser.button(mine, "Keep this sheet").click();
        assertThat(mine.getByText("Sheet 2", new Page.GetByTextOptions().setExact(true)))
                .isVisible();
    }

    @Test
    void everything_in_which_two_versions_of_a_ticket_differ_is_shown_and_settled_one_by_one() {
        Page mine = browser.signedIn();
        Given.ticket(mine, "Griselda Reed", "Reed skirt six");
        Page theirs = browser.signedIn();
        theirs.navigate(mine.url());
        theirs.getByTestId("draft-paper").waitFor();
        theirs.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^Reed skirt six")))
                .click();
        theirs.getByLabel("Called here").fill("Reed skirt, theirs");
        theirs.getByLabel("Promised for").fill("2027-01-15");
        theirs.getByRole(AriaRole.RADIO, new Page.GetByRoleOptions().setName("One way"))
                .click();
        Browser.button(theirs, "Done").click();
        assertThat(kept(theirs)).isVisible();
        mine.locator("#set-hipEase").fill("2");
        assertThat(dialog(mine)).containsText("Somebody else changed this ticket");
        for (String differs : new String[] {"Reed skirt, theirs", "Fri 15 Jan", "one way", "2 in", "by the way"}) {
            assertThat(dialog(mine)).containsText(differs);
        }
        Browser.assertAccessible(mine);
        for (String theirsHolds : new String[] {"Reed skirt, theirs", "Fri 15 Jan", "one way"}) {
            dialog(mine)
                    .getByText(theirsHolds, new Locator.GetByTextOptions().setExact(true))
                    .click();
        }
        Browser.button(mine, "Keep what is chosen").click();
        assertThat(kept(mine)).isVisible();
        mine.reload();
        assertThat(mine.locator("#set-hipEase")).hasValue("2");
        assertThat(mine.getByText("Reed skirt, theirs")).isVisible();
        assertThat(mine.getByText("promised Fri 15 Jan")).isVisible();
    }

    @Test
    void the_ticket_its_cloth_the_person_and_the_sheet_are_changed_at_the_table_and_back() {
        Page page = browser.signedIn();
        Given.ticket(page, "Hortense Reed", "Reed skirt seven");
        Locator card = page.getByRole(
                AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^Reed skirt (seven|eight)")));
        card.click();
        Browser.assertAccessible(page);
        page.getByLabel("Called here").fill("Reed skirt eight");
        page.getByLabel("Promised for").fill("2027-02-01");
        page.getByLabel("Stretch along the girth", new Page.GetByLabelOptions().setExact(true))
                .fill("12");
        assertThat(page.getByLabel("Stretch along the girth, a share")).hasValue("20 %");
        page.getByRole(AriaRole.RADIO, new Page.GetByRoleOptions().setName("45"))
                .click();
        page.getByRole(AriaRole.RADIO, new Page.GetByRoleOptions().setName("Laid open"))
                .click();
        page.getByRole(AriaRole.RADIO, new Page.GetByRoleOptions().setName("One way"))
                .click();
        page.getByRole(AriaRole.RADIO, new Page.GetByRoleOptions().setName("Soft, hangs in folds"))
                .click();
        Browser.button(page, "Done").click();
        assertThat(card).containsText("Reed skirt eight");
        assertThat(card).containsText("stretch 20 %, 45 in wide, open, one way");
        assertThat(page.getByText("promised Mon 1 Feb")).isVisible();
        assertThat(kept(page)).isVisible();
        Browser.button(page, "Undo").click();
        assertThat(card).containsText("Reed skirt seven");
        assertThat(card).containsText("no stretch, 59 in wide");
        assertThat(page.getByText("promised Mon 1 Feb")).isHidden();

        card.click();
        page.getByRole(AriaRole.COMBOBOX, new Page.GetByRoleOptions().setName("Cut"))
                .click();
        page.getByRole(AriaRole.OPTION, new Page.GetByRoleOptions().setName("Classic trousers"))
                .click();
        Browser.button(page, "Done").click();
        assertThat(card).containsText("classic trousers");
        assertThat(page.locator("#set-crotchDepth")).isVisible();
        assertThat(kept(page)).isVisible();

        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Measure"))
                .first()
                .click();
        page.getByLabel("Taken on").fill("2026-11-02");
        page.getByLabel("By", new Page.GetByLabelOptions().setExact(true)).fill("Tobias Crane");
        page.getByLabel("Note").fill("over a petticoat");
        Browser.button(page, "Keep, and to the draft").click();
        page.getByTestId("draft-paper").waitFor();
        page.navigate("/book");
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName(Pattern.compile("^Hortense Reed")))
                .click();
        assertThat(page.getByText("measured 2 November")).isVisible();
        assertThat(page.getByLabel("By", new Page.GetByLabelOptions().setExact(true)))
                .hasValue("Tobias Crane");
        assertThat(page.getByLabel("Note")).hasValue("over a petticoat");

        Browser.button(page, "Name and note").click();
        page.getByLabel("Name", new Page.GetByLabelOptions().setExact(true)).fill("Hortensia Reed");
        dialog(page).getByLabel("Note").fill("alto, second row");
        Browser.button(page, "Keep").click();
        assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("Hortensia Reed")))
                .isVisible();
        Browser.button(page, "Undo").click();
        assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("Hortense Reed")))
                .isVisible();
    }

    @Test
    void a_ticket_that_cannot_be_drafted_shows_the_amount_that_would_put_it_right_also_when_the_page_is_opened_anew() {
        Page page = browser.signedIn();
        Browser.newPerson(page, "Barnaby Sprake");
        page.getByLabel("Waist", new Page.GetByLabelOptions().setExact(true)).fill("33");
        page.getByLabel("Hip", new Page.GetByLabelOptions().setExact(true)).fill("40");
        page.getByLabel("Rise, seated", new Page.GetByLabelOptions().setExact(true))
                .fill("10 3/4");
        Browser.button(page, "Keep this sheet").click();
        page.getByText("Sheet 1", new Page.GetByTextOptions().setExact(true)).waitFor();
        Browser.newTicket(page);
        Browser.hang(page, "Classic trousers", "A leg of no length");
        page.waitForURL(Pattern.compile("/measure"));
        page.navigate(page.url().replaceFirst("/measure.*", "/draft"));
        assertThat(page.getByRole(AriaRole.ALERT).first()).containsText("Outside leg is needed");
        Browser.assertAccessible(page);
        page.locator("#set-length").fill("41");
        page.getByTestId("draft-paper").waitFor();
        assertThat(page.getByRole(AriaRole.STATUS).filter(new Locator.FilterOptions().setHasText("kept")))
                .hasText("kept");
        page.locator("#set-length").fill("12");
        assertThat(page.locator("#set-length-says")).containsText("below the crotch");
        assertThat(page.getByRole(AriaRole.STATUS).filter(new Locator.FilterOptions().setHasText("kept")))
                .hasText("not kept yet");
        page.reload();
        assertThat(page.locator("#set-length-says")).containsText("below the crotch");
        page.navigate(page.url().replaceFirst("/draft.*", "/cut"));
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("To its amounts"))
                .click();
        page.locator("#set-length").fill("40");
        page.getByTestId("draft-paper").waitFor();
    }
}
