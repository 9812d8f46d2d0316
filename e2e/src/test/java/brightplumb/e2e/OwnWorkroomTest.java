package brightplumb.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.parallel.Execution;
import org.junit.jupiter.api.parallel.ExecutionMode;

/** From the sign-in page to a workroom of one's own, and out of it. */
@ExtendWith(Table.Laid.class)
@Execution(ExecutionMode.SAME_THREAD)
class OwnWorkroomTest {

    private static final String PASSWORD = "three wet geese and a slate";

    private final Browser browser;

    OwnWorkroomTest(Table table) {
        this.browser = table.browser();
    }

    private static void signIn(Page page, String email, String password) {
        page.getByLabel("E-mail").fill(email);
        page.getByLabel("Password").fill(password);
        Browser.button(page, "Sign in").click();
    }

    @Test
    void a_workroom_is_opened_teaches_its_first_steps_and_is_left_again() {
        Page page = browser.page();
        page.navigate("/");
        Browser.button(page, "Open a workroom of your own").click();
        Browser.assertAccessible(page);
        page.getByLabel("What the workroom is called").fill("Pell & Daughter");
        page.getByLabel("Your name").fill("Oona Pell");
        page.getByLabel("Your e-mail").fill("oona@pell.test");
        page.getByLabel("A password").fill("password123");
        Browser.button(page, "Open it").click();
        assertThat(page.getByText("among the first that would be tried")).isVisible();
        page.getByLabel("A password").fill(PASSWORD);
        Browser.button(page, "Open it").click();
        assertThat(page.getByTestId("recovery-code")).hasText(Pattern.compile("[0-9a-f]{4}(-[0-9a-f]{4}){7}"));
        Browser.assertAccessible(page);
        Browser.button(page, "It is written down: into the workroom").click();

        assertThat(page.getByText("The rack is empty")).isVisible();
        Browser.assertAccessible(page);
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("To the measure book"))
                .click();
        assertThat(page.getByText("The book is empty")).isVisible();
        Browser.button(page, "New person").click();
        page.getByLabel("Name", new Page.GetByLabelOptions().setExact(true)).fill("First Customer");
        Browser.button(page, "Add, and measure").click();
        page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("First Customer"))
                .waitFor();
        page.navigate("/");
        assertThat(page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Measure First Customer")))
                .isVisible();

        Page tablet = browser.page();
        tablet.navigate("/");
        signIn(tablet, "oona@pell.test", PASSWORD);
        assertThat(tablet.getByText("The rack is empty")).isVisible();

        page.getByLabel("Oona Pell, Pell & Daughter").click();
        page.getByRole(AriaRole.MENUITEM, new Page.GetByRoleOptions().setName("Your workroom"))
                .click();
        page.getByRole(
                        AriaRole.HEADING,
                        new Page.GetByRoleOptions().setName("Pell & Daughter").setExact(true))
                .waitFor();
        Browser.assertAccessible(page);
        Browser.button(page, "End all others").click();
        assertThat(page.getByText("Ended elsewhere: 1.")).isVisible();
        tablet.reload();
        assertThat(Browser.button(tablet, "Sign in")).isVisible();

        page.getByLabel("The password now").fill(PASSWORD);
        page.getByLabel("The new password").fill("a harbour light in the fog");
        Browser.button(page, "Change the password").click();
        assertThat(page.getByText("The password was changed")).isVisible();
        page.getByLabel("Your password, to be sure").fill("a harbour light in the fog");
        Browser.button(page, "Leave for good").click();
        assertThat(Browser.button(page, "Sign in")).isVisible();
        signIn(page, "oona@pell.test", "a harbour light in the fog");
        assertThat(page.getByText("do not belong together")).isVisible();
    }

    @Test
    void figures_are_written_as_the_browser_speaks_and_then_as_one_chooses() {
        Page page = browser.page("de-DE");
        page.navigate("/");
        Browser.button(page, "Look round the demo").click();
        page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("The rack"))
                .waitFor();
        Browser.openTicket(page, "Lamplighter");
        page.locator("h1").first().click();
        page.keyboard().press("u");
        assertThat(page.locator("#set-hipEase")).hasValue("2,5");
        page.locator("#set-hipEase").fill("3.1");
        assertThat(page.getByText("kept", new Page.GetByTextOptions().setExact(true)))
                .isVisible();
        page.locator("#set-waistEase").focus();
        assertThat(page.locator("#set-hipEase")).hasValue("3,1");
        page.getByLabel("Winifred Hale, Saltmarsh Playhouse").click();
        page.getByRole(AriaRole.MENUITEM, new Page.GetByRoleOptions().setName("Your workroom"))
                .click();
        page.getByRole(AriaRole.RADIO, new Page.GetByRoleOptions().setName("97.8 cm"))
                .click();
        page.getByRole(AriaRole.RADIO, new Page.GetByRoleOptions().setName("September 12"))
                .click();
        page.goBack();
        assertThat(page.locator("#set-hipEase")).hasValue("3.1");
        assertThat(page.getByText(java.util.regex.Pattern.compile("promised \\w{3}, \\w{3} \\d+")))
                .isVisible();
        page.locator("h1").first().click();
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Bench sheet"))
                .click();
        assertThat(page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Print bench sheet")))
                .hasAttribute("href", java.util.regex.Pattern.compile("mark=point&days=month"));
    }
}
