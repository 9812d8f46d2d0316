package brightplumb.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.google.gson.JsonElement;
import com.google.gson.JsonObject;
import com.google.gson.JsonParser;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.RequestOptions;
import java.util.List;
import java.util.Map;
import java.util.regex.Pattern;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** From the cut pieces to the last press: the order of making at the table and on paper, for every cut. */
@ExtendWith(Table.Laid.class)
class SewnStepByStepTest {

    private final Browser browser;

    SewnStepByStepTest(Table table) {
        this.browser = table.browser();
    }

    private static Locator step(Page page, String title) {
        return page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^" + title)));
    }

    private static Locator done(Page page, String title) {
        return page.getByRole(AriaRole.CHECKBOX, new Page.GetByRoleOptions().setName(title + ": done"));
    }

    private static void station(Page page, String name) {
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName(Pattern.compile("^. " + name)))
                .click();
    }

    @Test
    void steps_are_followed_ticked_and_timed_and_a_habit_sorts_them_anew() {
        Page page = browser.signedIn();
        Given.ticket(page, "Thomasina Fell", "Fell skirt");
        station(page, "Make");
        assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("Cut, and mark"))
                        .first())
                .isVisible();
        Browser.assertAccessible(page);
        Browser.button(page, "Done").click();
        assertThat(done(page, "Cut, and mark")).isChecked();
        assertThat(step(page, "Darts")).hasAttribute("aria-current", "step");
        Browser.button(page, "Start the clock").click();
        assertThat(Browser.button(page, "Stop the clock")).isVisible();

        step(page, "Side seams").click();
        assertThat(page.getByTestId("evidence").getByText("hip", new Locator.GetByTextOptions().setExact(true)))
                .isVisible();
        assertThat(page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("This step")))
                .containsText("skirt back, side");
        page.getByRole(AriaRole.RADIO, new Page.GetByRoleOptions().setName("Sides last"))
                .click();
        assertThat(page.getByText("the whole fit can still be taken in there")).isVisible();
        page.reload();
        assertThat(done(page, "Cut, and mark")).isChecked();
        assertThat(page.getByRole(AriaRole.RADIO, new Page.GetByRoleOptions().setName("Sides last")))
                .isChecked();
        assertThat(step(page, "Darts")).containsText("at it");
    }

    @Test
    void an_allowance_typed_on_one_edge_is_what_that_seam_is_sewn_at() {
        Page page = browser.signedIn();
        Given.ticket(page, "Thomasina Reed", "Reed skirt");
        station(page, "Cut");
        Locator side = page.locator("[id='edge-front-side']");
        side.fill("9");
        assertThat(page.getByRole(AriaRole.ALERT)).containsText("From 0 to");
        side.fill("3/4");
        assertThat(page.getByText("kept", new Page.GetByTextOptions().setExact(true)))
                .isVisible();
        page.locator("[id='edge-back-side']").fill("3/4");
        Browser.assertAccessible(page);
        station(page, "Make");
        assertThat(step(page, "Side seams")).containsText("sewn at ¾");
        station(page, "Cut");
        page.getByRole(
                        AriaRole.BUTTON,
                        new Page.GetByRoleOptions().setName(Pattern.compile("^Skirt front, side was set by hand")))
                .click();
        assertThat(side).hasValue("1");
    }

    @Test
    void every_cut_comes_to_a_printed_cut_list_and_order_of_making() throws Exception {
        Page page = browser.signedIn();
        Given.ticket(page, "Thomasina Vale", "Vale skirt");
        String ticket = page.url().replaceAll(".*/tickets/([0-9a-f-]+).*", "$1");
        JsonObject first = json(page, "/api/tickets/" + ticket);
        String person = first.get("personId").getAsString();
        Map<String, Integer> readings = Map.of(
                "waistGirth",
                29,
                "hipGirth",
                39,
                "bodyRise",
                11,
                "outsideLeg",
                41,
                "bustGirth",
                37,
                "shoulderWidth",
                15);
        JsonObject typed = new JsonObject();
        readings.forEach((measure, inches) -> {
            JsonObject reading = new JsonObject();
            reading.addProperty("typed", String.valueOf(inches));
            typed.add(measure, reading);
        });
        JsonObject sheet = new JsonObject();
        sheet.add("readings", typed);
        post(page, "/api/people/" + person + "/sheets", sheet.toString());
        for (JsonElement cut : json(page, "/api/cuts").getAsJsonArray("items")) {
            String id = cut.getAsJsonObject().get("id").getAsString();
            JsonObject asked = new JsonObject();
            asked.addProperty("personId", person);
            asked.addProperty("name", "Vale " + id);
            asked.addProperty("cut", id);
            String made = post(page, "/api/tickets", asked.toString()).get("id").getAsString();
            page.navigate("/tickets/" + made + "/make");
            assertThat(page.getByRole(AriaRole.LIST, new Page.GetByRoleOptions().setName("Order of making")))
                    .isVisible();
            JsonObject making = json(page, "/api/tickets/" + made + "/making");
            try (PDDocument printed = Loader.loadPDF(page.request()
                    .get("/api/tickets/" + made + "/making.pdf?unit=cm")
                    .body())) {
                String text = new PDFTextStripper().getText(printed);
                Assertions.assertThat(text).as(id).contains("Cut list", "To have at hand", "Last press", "cut 1");
                for (JsonElement step : making.getAsJsonArray("steps")) {
                    Assertions.assertThat(text)
                            .as(id)
                            .contains(step.getAsJsonObject().get("title").getAsString());
                }
                Assertions.assertThat(text)
                        .as("every amount in the tape's unit")
                        .doesNotContain("½ in ");
            }
        }
    }

    private static JsonObject json(Page page, String address) {
        return JsonParser.parseString(page.request().get(address).text()).getAsJsonObject();
    }

    private static JsonObject post(Page page, String address, String body) {
        String token = page.context().cookies().stream()
                .filter(c -> c.name.equals("XSRF-TOKEN"))
                .map(c -> c.value)
                .findFirst()
                .orElseThrow();
        var answer = page.request()
                .post(
                        address,
                        RequestOptions.create()
                                .setHeader("X-XSRF-TOKEN", token)
                                .setHeader("Content-Type", "application/json")
                                .setData(body));
        Assertions.assertThat(List.of(200, 201)).as(answer.text()).contains(answer.status());
        return JsonParser.parseString(answer.text()).getAsJsonObject();
    }
}
