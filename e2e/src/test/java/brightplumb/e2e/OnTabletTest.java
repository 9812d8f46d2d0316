package brightplumb.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.BoundingBox;
import com.microsoft.playwright.options.LoadState;
import java.util.List;
import java.util.regex.Pattern;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.parallel.Execution;
import org.junit.jupiter.api.parallel.ExecutionMode;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Every station on a tablet, lying and upright, under a finger, in a real browser. */
@ExtendWith(Table.Laid.class)
@Execution(ExecutionMode.SAME_THREAD)
class OnTabletTest {

    /** What is pressed or typed into and is smaller than a finger, and the page's own width. */
    private static final String SMALL = """
            () => [...document.querySelectorAll(
                    'main button, main a[href], main input, header button, header a[href], aside a')]
                .filter(e => e.checkVisibility() && !e.closest('.sr-only'))
                .filter(e => !e.matches('[type=radio], [type=checkbox], .sr-only'))
                .map(e => ({ e, b: e.getBoundingClientRect() }))
                .filter(({ b }) => b.height > 1 && b.height < 43.5)
                .map(({ e, b }) => [e, Math.round(b.height)])
                .map(([e, high]) => `${e.tagName} ${e.textContent || e.getAttribute('aria-label') || e.id} ${high}`)""";

    private final Browser browser;

    OnTabletTest(Table table) {
        this.browser = table.browser();
    }

    @AfterEach
    void nothing_failed_inside_the_pages() {
        browser.assertNoErrors();
    }

    /** The names under a strip's plumb lines that have no room between them, line of letters by line of letters. */
    private static final String RUN_TOGETHER = """
            (strip) => {
              const names = [...strip.querySelectorAll('li a > span:first-of-type')].map((span) => {
                const letters = document.createRange();
                letters.selectNodeContents(span);
                return { name: span.textContent, lines: [...letters.getClientRects()] };
              });
              const meet = (a, b) => Math.abs(a.top - b.top) < 4 && a.left < b.right + 1 && b.left < a.right + 1;
              return names.flatMap((one, i) => names.slice(i + 1)
                .filter((other) => one.lines.some((a) => other.lines.some((b) => meet(a, b))))
                .map((other) => `${one.name} ${other.name}`));
            }""";

    @ParameterizedTest
    @CsvSource({"1024, 768", "820, 1180"})
    void every_station_stands_in_one_row_of_heads_with_targets_for_a_finger(int width, int height) {
        Page page = browser.onTablet(width, height);
        page.getByText("Stilt-walker").first().tap();
        page.getByTestId("draft-paper").waitFor();
        String ticket = page.url().replaceFirst("/draft.*", "");
        for (String station : List.of("/draft", "/measure", "/true", "/cut", "/make", "/fit")) {
            page.navigate(ticket + station);
            assertThat(page.getByText("kept", new Page.GetByTextOptions().setExact(true)))
                    .isVisible();
            page.waitForLoadState(LoadState.NETWORKIDLE);
            assertThat(page.getByText("Fetching…")).hasCount(0);
            Assertions.assertThat(page.evaluate("document.documentElement.scrollWidth <= window.innerWidth"))
                    .as("%s is no wider than the tablet", station)
                    .isEqualTo(true);
            Assertions.assertThat(page.locator("header").boundingBox().height)
                    .as("%s: one row at the head", station)
                    .isLessThan(72);
            Assertions.assertThat((List<?>) page.evaluate(SMALL))
                    .as("%s: smaller than a finger", station)
                    .isEmpty();
            Browser.assertAccessible(page);
        }
    }

    @ParameterizedTest
    @CsvSource({"1024, 768", "820, 1180"})
    void paper_and_working_and_every_plumb_line_are_there_at_once(int width, int height) {
        Page page = browser.onTablet(width, height);
        page.getByText("Stilt-walker").first().tap();
        Locator paper = page.getByTestId("draft-paper");
        paper.waitFor();
        Assertions.assertThat(paper.boundingBox().width).isGreaterThan(450);
        Locator strip = page.getByLabel("Plumb lines");
        BoundingBox all = strip.boundingBox();
        for (Locator line :
                strip.getByRole(com.microsoft.playwright.options.AriaRole.LINK).all()) {
            BoundingBox box = line.boundingBox();
            Assertions.assertThat(box.x).isGreaterThanOrEqualTo(0);
            Assertions.assertThat(box.x + box.width).isLessThanOrEqualTo(width);
            Assertions.assertThat(box.y + box.height).isLessThanOrEqualTo(all.y + all.height + 1);
        }
        Assertions.assertThat(all.y + all.height).isLessThanOrEqualTo(height + 1);
        Assertions.assertThat((List<?>) strip.evaluate(RUN_TOGETHER))
                .as("names that run into each other")
                .isEmpty();
        page.getByText("Working", new Page.GetByTextOptions().setExact(true)).tap();
        Locator step = page.getByText("Front hip quarter").first();
        step.scrollIntoViewIfNeeded();
        step.tap();
        assertThat(page).hasURL(Pattern.compile("step=hip.quarter.front"));
        assertThat(paper.locator("[data-amount='hip.quarter.front']")).isVisible();
        // Where nothing is hovered over, the amount in hand says why it is what it is.
        page.getByText("Amounts", new Page.GetByTextOptions().setExact(true)).tap();
        assertThat(page.getByTestId("why-waistEase")).isHidden();
        page.locator("#set-waistEase").tap();
        assertThat(page.getByTestId("why-waistEase")).isVisible();
        // The evidence and the list of plumb lines stand together.
        page.getByLabel("Stations", new Page.GetByLabelOptions().setExact(true))
                .getByText("True")
                .tap();
        assertThat(page.getByLabel("Plumb lines")).isVisible();
        page.getByText("On her figure").tap();
        assertThat(page.getByTestId("on-her-figure")).isVisible();
    }
}
