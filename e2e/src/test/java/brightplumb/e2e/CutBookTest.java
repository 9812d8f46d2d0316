package brightplumb.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/**
 * A garment chosen by its picture, for somebody known and for somebody new, in a real browser. The people are invented.
 */
@ExtendWith(Table.Laid.class)
class CutBookTest {

    private final Browser browser;

    CutBookTest(Table table) {
        this.browser = table.browser();
    }

    @AfterEach
    void nothing_failed_inside_the_pages() {
        browser.assertNoErrors();
    }

    private static Locator cut(Page page, String title) {
        return page.getByRole(
                AriaRole.RADIO, new Page.GetByRoleOptions().setName(title).setExact(true));
    }

    private static Locator whom(Page page) {
        return page.getByRole(AriaRole.COMBOBOX, new Page.GetByRoleOptions().setName("For"));
    }

    @Test
    void a_cut_is_chosen_by_its_picture_on_her_measures_with_what_it_lacks_and_what_leans() {
        Page page = browser.signedIn();
        Given.ticket(page, "Marisol Teal", "Quay skirt");
        page.navigate("/new");
        whom(page).click();
        page.keyboard().type("marisol");
        page.getByRole(AriaRole.OPTION, new Page.GetByRoleOptions().setName("Marisol Teal"))
                .waitFor();
        page.keyboard().press("Enter");
        assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("The cut book, on Marisol")))
                .isVisible();
        assertThat(cut(page, "Straight skirt")).hasAccessibleDescription("hangs straight");
        assertThat(cut(page, "Sweep jumpsuit")).hasAccessibleDescription(Pattern.compile("^needs "));
        page.getByRole(AriaRole.RADIO, new Page.GetByRoleOptions().setName("One-piece"))
                .click();
        assertThat(cut(page, "Straight skirt")).hasCount(0);
        cut(page, "Sweep jumpsuit").check();
        assertThat(page.getByText("to be taken").first()).isVisible();
        Browser.assertAccessible(page);
        page.navigate("/");
        Locator card =
                page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName(Pattern.compile("Quay skirt")));
        assertThat(card.locator("svg path").first()).isVisible();
    }

    @Test
    void from_a_name_nobody_has_heard_to_a_first_draft_the_path_is_not_left() {
        Page page = browser.signedIn();
        Browser.newTicket(page);
        whom(page).click();
        page.keyboard().type("Thora Brine");
        page.getByText("Write “Thora Brine” into the book").click();
        assertThat(page.getByText("Not measured yet: drawn on a usual body.")).isVisible();
        // Arrow keys go from cut to cut.
        cut(page, "Straight skirt").focus();
        page.keyboard().press("ArrowRight");
        assertThat(cut(page, "Slit pencil")).isChecked();
        // Unnamed, it is called after its cut.
        Browser.button(page, "Hang it on the rack").click();
        page.getByLabel("Waist", new Page.GetByLabelOptions().setExact(true)).fill("30 1/2");
        page.getByLabel("Hip", new Page.GetByLabelOptions().setExact(true)).fill("41");
        Browser.button(page, "Keep, and to the draft").click();
        page.getByTestId("draft-paper").waitFor();
        assertThat(page.getByTitle("The ticket and its cloth")).containsText("Slit pencil");
    }
}
