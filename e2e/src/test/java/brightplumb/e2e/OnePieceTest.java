package brightplumb.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.Locale;
import java.util.Map;
import java.util.regex.Pattern;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What hangs from the shoulder and passes between the legs, from the tape to the print. */
@ExtendWith(Table.Laid.class)
class OnePieceTest {

    private static final Map<String, String> TAPE = Map.of(
            "waistGirth", "28",
            "hipGirth", "38 1/2",
            "bodyRise", "10 3/4",
            "outsideLeg", "40",
            "bustGirth", "36",
            "shoulderWidth", "15",
            "shoulderToWaist", "16 1/2",
            "headGirth", "22",
            "verticalTrunk", "60");

    private final Browser browser;

    OnePieceTest(Table table) {
        this.browser = table.browser();
    }

    /** A person with the tape above on a first sheet, and a new ticket begun. */
    private Page measured(String person) {
        Page page = browser.signedIn();
        Given.measured(page, person, TAPE);
        Browser.newTicket(page);
        return page;
    }

    private static Locator plumbLine(Page page, String name) {
        return page.getByRole(AriaRole.NAVIGATION, new Page.GetByRoleOptions().setName("Plumb lines"))
                .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName(Pattern.compile("^" + name)));
    }

    private static void pick(Page page, String label, String option) {
        page.getByRole(
                        AriaRole.COMBOBOX,
                        new Page.GetByRoleOptions().setName(label).setExact(true))
                .click();
        page.getByRole(
                        AriaRole.OPTION,
                        new Page.GetByRoleOptions().setName(option).setExact(true))
                .click();
    }

    @ParameterizedTest
    @CsvSource({
        "Round-neck bodysuit, Sitting, Bodysuit front, cut 1 on fold",
        "Sleeved playsuit, By the recipe, Front, cut 1 pair"
    })
    void one_too_short_in_the_trunk_is_seen_deepened_laid_and_printed(
            String cut, String way, String front, String copies) throws Exception {
        Page page = measured("Morwenna Tide");
        page.getByRole(AriaRole.RADIO, new Page.GetByRoleOptions().setName(cut).setExact(true))
                .check();
        pick(page, "Way of drafting", way);
        Browser.hang(page, cut, "Tide");
        page.getByTestId("draft-paper").waitFor();

        // By the rise alone it is too short for her trunk.
        page.keyboard().press("3");
        assertThat(plumbLine(page, "Trunk loop")).containsText("off");
        plumbLine(page, "Trunk loop").click();
        assertThat(page.locator("[data-testid=evidence][data-check='trunk.length']"))
                .isVisible();
        Browser.button(page, "Do it").first().click();
        assertThat(plumbLine(page, "Trunk loop")).containsText("long enough, true");
        Browser.assertAccessible(page);

        // On the cloth, and on paper
        page.keyboard().press("4");
        page.getByRole(
                        AriaRole.RADIO,
                        new Page.GetByRoleOptions().setName("Cloth").setExact(true))
                .click();
        assertThat(page.getByRole(
                        AriaRole.BUTTON,
                        new Page.GetByRoleOptions().setName(front + ", 1").setExact(true)))
                .isVisible();
        Browser.button(page, "Print…").click();
        page.getByRole(AriaRole.RADIO, new Page.GetByRoleOptions().setName(Pattern.compile("^Pattern")))
                .check();
        String file = page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Print full size"))
                .getAttribute("href");
        try (PDDocument printed = Loader.loadPDF(page.request().get(file).body())) {
            Assertions.assertThat(new PDFTextStripper().getText(printed))
                    .contains(front.toUpperCase(Locale.ROOT), copies, "Morwenna Tide");
        }
    }

    @Test
    void an_edge_over_the_arms_is_asked_for_at_its_field_and_the_bodice_meets_its_legs() throws Exception {
        Page page = measured("Morwenna Spray");
        Browser.hang(page, "Peplum jumpsuit", "Spray");
        page.getByTestId("draft-paper").waitFor();
        pick(page, "Top edge goes", "Over the arms");
        assertThat(page.getByRole(AriaRole.ALERT)).containsText("Round the top edge is needed");

        page.keyboard().press("1");
        page.getByLabel("Round the top edge", new Page.GetByLabelOptions().setExact(true))
                .fill("43");
        Browser.button(page, "Keep, and to the draft").click();
        page.getByTestId("draft-paper").waitFor();
        page.keyboard().press("3");
        assertThat(plumbLine(page, "Waist seam")).containsText("meets");
        assertThat(plumbLine(page, "Drape")).containsText("suits");
        plumbLine(page, "Waist seam").click();
        assertThat(page.locator("[data-testid=evidence][data-check='waist.meets.waist']"))
                .isVisible();
        Browser.assertAccessible(page);
        page.keyboard().press("4");
        Browser.button(page, "Print…").click();
        page.getByRole(AriaRole.RADIO, new Page.GetByRoleOptions().setName(Pattern.compile("^Pattern")))
                .check();
        String file = page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Print full size"))
                .getAttribute("href");
        try (PDDocument printed = Loader.loadPDF(page.request().get(file).body())) {
            Assertions.assertThat(new PDFTextStripper().getText(printed))
                    .contains("PEPLUM FRONT", "BODICE BACK", "LEG FRONT", "Morwenna Spray");
        }
    }

    @Test
    void what_a_one_piece_garment_still_needs_is_asked_for_at_its_fields() {
        Page page = browser.signedIn();
        Given.measured(page, "Morwenna Flood", Map.of("waistGirth", "28", "hipGirth", "38"));
        Browser.newTicket(page);
        Browser.hang(page, "Pull-on romper", "Flood romper");
        // It goes to the tape first; what cannot be done without is said beside its field, and the first is in hand.
        assertThat(page.getByText("to be taken")).hasCount(2);
        assertThat(page.getByLabel("Bust", new Page.GetByLabelOptions().setExact(true)))
                .isFocused();
        String ticket = page.url().replaceFirst("/measure.*", "");
        page.navigate(ticket + "/draft");
        assertThat(page.getByRole(AriaRole.ALERT)).containsText("Bust is needed");
        assertThat(page.getByRole(AriaRole.ALERT)).containsText("Shoulder is needed");
        page.getByRole(
                        AriaRole.LINK,
                        new Page.GetByRoleOptions().setName("Measure").setExact(true))
                .click();
        page.getByLabel("Bust", new Page.GetByLabelOptions().setExact(true)).fill("36");
        page.getByLabel("Shoulder", new Page.GetByLabelOptions().setExact(true)).fill("15");
        Browser.button(page, "Keep, and to the draft").click();
        assertThat(page.getByTestId("draft-paper")).isVisible();
    }

    @Test
    void what_woven_cloth_would_change_is_read_before_it_is_cut_in_it() {
        Page page = measured("Ottoline Reed");
        Browser.hang(page, "Pull-on romper", "Low tide");
        page.getByTestId("draft-paper").waitFor();
        page.getByTitle("The ticket and its cloth").click();
        Browser.button(page, "What changes in woven cloth").click();
        Locator closure = page.getByRole(AriaRole.LISTITEM)
                .filter(new Locator.FilterOptions().setHasText(Pattern.compile("^Closure")));
        assertThat(closure).containsText("None, pulled on → Zip at centre back");
        assertThat(closure).containsText("cloth that does not needs an opening behind");
        assertThat(page.getByRole(AriaRole.LISTITEM)
                        .filter(new Locator.FilterOptions().setHasText(Pattern.compile("^Bust ease"))))
                .containsText("→ 2 in");
        assertThat(page.getByRole(AriaRole.ROW).filter(new Locator.FilterOptions().setHasText("Goes on hips up to")))
                .containsText("–");
        Browser.assertAccessible(page);
        Browser.button(page, "Cut it in this cloth").click();
        assertThat(page.getByText("no stretch")).isVisible();
        assertThat(page.getByText("In a knit, 10 cm pulled to 14").first()).isVisible();
    }
}
