package brightplumb.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/**
 * What is refused is not kept, what waits is not lost, and whoever comes next to a shared machine finds nothing of
 * another's.
 */
@ExtendWith(Table.Laid.class)
class SharedMachineTest {

    private final Browser browser;

    SharedMachineTest(Table table) {
        this.browser = table.browser();
    }

    private static Locator kept(Page page) {
        return page.getByText("kept", new Page.GetByTextOptions().setExact(true));
    }

    private static Locator dialog(Page page) {
        return page.getByRole(AriaRole.DIALOG);
    }

    private static void signOut(Page page) {
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^Winifred Hale")))
                .click();
        page.getByRole(AriaRole.MENUITEM, new Page.GetByRoleOptions().setName("Sign out"))
                .click();
    }

    @Test
    void an_operation_the_draft_has_no_place_for_says_so_at_its_box_and_is_not_kept() {
        Page page = browser.signedIn();
        Browser.openTicket(page, "Foam on the tide");
        page.locator("#set-hipEase").fill("3");
        assertThat(kept(page)).isVisible();
        page.locator("#made-with summary").click();
        Locator box = page.getByLabel("Pockets in the side seam");
        box.click();
        assertThat(page.getByRole(AriaRole.ALERT)).containsText("need the same place");
        assertThat(box).not().isChecked();
        assertThat(kept(page)).isVisible();
        Browser.assertAccessible(page);
        page.reload();
        page.getByTestId("draft-paper").waitFor();
        page.locator("#made-with summary").click();
        assertThat(page.getByLabel("Pockets in the side seam")).not().isChecked();
        Browser.button(page, "Take back").click();
        assertThat(page.locator("#set-hipEase")).hasValue("2½");
        assertThat(kept(page)).isVisible();
    }

    @Test
    void another_account_on_the_same_page_sees_nothing_of_the_one_before() {
        Page page = browser.page();
        page.navigate("/");
        Browser.signIn(page);
        Given.ticket(page, "Wilhelmina Reed", "Reed skirt of one hand alone");
        Page second = page.context().newPage();
        second.navigate("/");
        signOut(second);
        second.getByLabel("E-mail").fill("other@brightplumb.test");
        second.getByLabel("Password").fill("calico-and-chalk");
        Browser.button(second, "Sign in").click();
        second.getByText("Grey flannel skirt").first().waitFor();
        // The first page still shows her; whatever it asks for next, it is told that somebody else is here.
        page.locator("#set-hipEase").fill("2");
        assertThat(page.getByText("Wilhelmina Reed")).hasCount(0);
        assertThat(page.getByText("Reed skirt of one hand alone")).hasCount(0);
        page.keyboard().press("/");
        assertThat(page.getByText("Wilhelmina")).hasCount(0);
        Assertions.assertThat((String) page.evaluate("JSON.stringify({...localStorage, ...sessionStorage})"))
                .doesNotContain("hipEase")
                .doesNotContain("Wilhelmina");
    }

    @Test
    void signing_out_with_something_not_kept_says_so_and_offers_to_write_it_to_a_file() {
        Page page = browser.page();
        page.navigate("/");
        Browser.signIn(page);
        Given.ticket(page, "Xenia Reed", "Reed skirt to be written down");
        page.locator("#set-length").fill("30");
        assertThat(kept(page)).isVisible();
        page.route(Pattern.compile(".*/api/tickets/[0-9a-f-]+$"), route -> {
            if (route.request().method().equals("PUT")) {
                route.abort();
            } else {
                route.resume();
            }
        });
        page.locator("#set-hipEase").fill("3");
        assertThat(page.getByText("not kept yet")).isVisible();
        signOut(page);
        assertThat(dialog(page)).containsText("Reed skirt to be written down");
        Browser.assertAccessible(page);
        var file = page.waitForDownload(
                () -> Browser.button(page, "Write it to a file").click());
        Assertions.assertThat(file.suggestedFilename()).isEqualTo("not-kept.txt");
        Browser.button(page, "Sign out all the same").click();
        page.getByLabel("E-mail").waitFor();
        Assertions.assertThat((String) page.evaluate("JSON.stringify({...localStorage, ...sessionStorage})"))
                .doesNotContain("hipEase");
    }

    @Test
    void a_step_ticked_without_a_connection_stays_ticked_and_is_kept_when_the_workroom_answers() {
        Page page = browser.signedIn();
        Given.ticket(page, "Yolanda Reed", "Reed skirt in the making");
        page.navigate(page.url().replaceFirst("/draft.*", "/make"));
        Locator first = page.getByRole(AriaRole.CHECKBOX).first();
        first.waitFor();
        page.context().setOffline(true);
        first.check(new Locator.CheckOptions().setForce(true));
        assertThat(first).isChecked();
        assertThat(page.getByText("not kept yet")).isVisible();
        page.context().setOffline(false);
        assertThat(kept(page)).isVisible();
        page.reload();
        assertThat(page.getByRole(AriaRole.CHECKBOX).first()).isChecked();
    }

    @Test
    void a_sheet_taken_without_a_connection_waits_and_is_kept_by_itself() {
        Page page = browser.signedIn();
        Browser.newPerson(page, "Zelda Reed");
        page.context().setOffline(true);
        page.getByLabel("Waist", new Page.GetByLabelOptions().setExact(true)).fill("30");
        page.getByLabel("Hip", new Page.GetByLabelOptions().setExact(true)).fill("40");
        Browser.button(page, "Keep this sheet").click();
        assertThat(page.getByText(Pattern.compile("^This sheet waits for the workroom")))
                .isVisible();
        page.context().setOffline(false);
        page.getByText("Sheet 1", new Page.GetByTextOptions().setExact(true)).waitFor();
        assertThat(page.getByLabel("Waist", new Page.GetByLabelOptions().setExact(true)))
                .hasValue("30");
    }

    @Test
    void a_browser_that_keeps_nothing_works_and_says_that_it_does_not() {
        Page page = browser.page();
        page.addInitScript("for (const s of ['localStorage', 'sessionStorage'])"
                + " Object.defineProperty(window, s, { get() { throw new DOMException('no', 'SecurityError') } })");
        page.navigate("/");
        Browser.signIn(page);
        Given.ticket(page, "Ada Reed", "Reed skirt nobody wrote down");
        assertThat(page.getByText("This browser keeps nothing on this machine")).isVisible();
        page.locator("#set-hipEase").fill("3");
        assertThat(kept(page)).isVisible();
        Browser.assertAccessible(page);
    }

    @Test
    void frozen_twice_in_a_hurry_is_one_revision() {
        Page page = browser.signedIn();
        Given.ticket(page, "Bona Reed", "Reed skirt pressed twice");
        page.navigate(page.url().replaceFirst("/draft.*", "/cut"));
        Browser.button(page, "Freeze revision 1").dblclick();
        assertThat(page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Revision 1")))
                .isVisible();
        assertThat(Browser.button(page, "Freeze revision 2")).isEnabled();
        assertThat(page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName(Pattern.compile("^Revision"))))
                .hasCount(1);
    }

    @Test
    void names_as_long_as_they_may_be_push_no_button_off_the_page() {
        Page page = browser.signedIn();
        String name = "Maximiliana-Theodosia ".repeat(5).strip() + " Reed";
        Given.ticket(page, name, "A garment of many words ".repeat(4).strip());
        for (int width : new int[] {1280, 820}) {
            page.setViewportSize(width, 800);
            for (String station : new String[] {"draft", "make"}) {
                page.navigate(page.url().replaceFirst("/(draft|make|cut|measure)(\\?.*)?$", "/" + station));
                page.locator("h1").first().waitFor();
                Assertions.assertThat((boolean) page.evaluate("[...document.querySelectorAll('button, a')]"
                                + ".filter(b => b.offsetParent && !b.closest('[class*=overflow]'))"
                                + ".every(b => b.getBoundingClientRect().right <= innerWidth + 1)"))
                        .as(width + " " + station)
                        .isTrue();
            }
        }
    }
}
