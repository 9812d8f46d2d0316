package brightplumb.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.parallel.Execution;
import org.junit.jupiter.api.parallel.ExecutionMode;

/**
 * The figure at the stations where it stands, and what a press on it does, in a real browser. The people are invented.
 */
@ExtendWith(Table.Laid.class)
@Execution(ExecutionMode.SAME_THREAD)
class OnHerFigureTest {

    private final Browser browser;

    OnHerFigureTest(Table table) {
        this.browser = table.browser();
    }

    @AfterEach
    void nothing_failed_inside_the_pages() {
        browser.assertNoErrors();
    }

    @Test
    void the_room_at_every_level_is_what_the_plumb_lines_measured_and_a_press_picks_the_line() {
        Page page = browser.signedIn();
        Browser.openTicket(page, "Stilt-walker");
        page.keyboard().press("3");
        page.getByRole(AriaRole.RADIO, new Page.GetByRoleOptions().setName("On her figure"))
                .click();
        Locator figure = page.getByTestId("on-her-figure");
        assertThat(figure.locator("[data-level='hip']")).containsText("hip 1½");
        assertThat(page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^hip 1½"))))
                .isVisible();
        figure.locator("[data-level='knee'] text").click();
        assertThat(page).hasURL(Pattern.compile("check=knee.fits"));
        assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName(Pattern.compile("^Knee"))))
                .isVisible();
        Browser.assertAccessible(page);
    }

    @Test
    void a_press_on_the_figure_narrows_what_is_seen_to_that_place_and_takes_its_tape_in_hand() {
        Page page = browser.signedIn();
        Browser.openTicket(page, "Stilt-walker");
        page.keyboard().press("6");
        Locator seen = page.getByRole(AriaRole.NAVIGATION, new Page.GetByRoleOptions().setName("What is seen"));
        assertThat(seen.getByText("At the hip")).isVisible();
        page.locator("[data-place='crotch']").click();
        assertThat(seen.getByText("At the crotch")).isVisible();
        assertThat(seen.getByText("At the hip")).hasCount(0);
        Browser.button(page, "Everything, not the crotch alone").click();
        assertThat(seen.getByText("At the hip")).isVisible();
        page.keyboard().press("1");
        Locator hip = page.getByLabel("Hip", new Page.GetByLabelOptions().setExact(true));
        assertThat(hip).isVisible();
        page.locator("[data-place='hip']").click();
        assertThat(hip).isFocused();
    }
}
