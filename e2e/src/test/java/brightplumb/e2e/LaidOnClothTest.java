package brightplumb.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.google.gson.JsonArray;
import com.google.gson.JsonObject;
import com.google.gson.JsonParser;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.assertions.LocatorAssertions;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.BoundingBox;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.regex.Pattern;
import org.assertj.core.api.Assertions;
import org.assertj.core.data.Offset;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** From the pieces to the cloth, the table, and the files that other machines read. */
@ExtendWith(Table.Laid.class)
class LaidOnClothTest {

    private final Browser browser;

    LaidOnClothTest(Table table) {
        this.browser = table.browser();
    }

    private static void cloth(Page page) {
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName(Pattern.compile("^. Cut")))
                .click();
        radio(page, "Cloth").click();
        page.getByText(Pattern.compile("lays tried")).waitFor();
    }

    private static Locator radio(Page page, String name) {
        return page.getByRole(
                AriaRole.RADIO, new Page.GetByRoleOptions().setName(name).setExact(true));
    }

    private static Locator piece(Page page, String name) {
        return page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^" + name)))
                .first();
    }

    @Test
    void she_knows_what_to_buy_drags_a_piece_that_stops_at_its_neighbours_and_keeps_the_lay() {
        Page page = browser.signedIn();
        Given.ticket(page, "Cordelia Weft", "Weft skirt");
        cloth(page);
        Locator buy = page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName(Pattern.compile("to buy$")));
        assertThat(buy).hasText("⅞ yd to buy");
        Browser.assertAccessible(page);
        Locator front = piece(page, "Skirt front");
        BoundingBox before = front.boundingBox();
        double x = before.x + before.width / 2;
        double y = before.y + before.height * 0.7;
        page.mouse().move(x, y);
        page.mouse().down();
        for (int i = 1; i <= 10; i++) {
            page.mouse().move(x + i * 20, y);
        }
        page.mouse().up();
        Assertions.assertThat(front.boundingBox().x).isGreaterThan(before.x + 100);
        assertThat(buy).not().hasText("⅞ yd to buy");
        // Back over where it lay, and on: the cloth ends there.
        front.press("ArrowLeft");
        Browser.button(page, "Keep this lay").click();
        assertThat(Browser.button(page, "Lay it anew")).isVisible();
        page.reload();
        assertThat(page.getByText("Laid by hand, and kept.")).isVisible();
        assertThat(buy).not().hasText("⅞ yd to buy");
        Browser.button(page, "Lay it anew").click();
        assertThat(buy).hasText("⅞ yd to buy");

        radio(page, "Open").click();
        assertThat(page.getByText(Pattern.compile("cloth, open;"))).isVisible();
        radio(page, "45").click();
        assertThat(buy).not().hasText("⅞ yd to buy");
    }

    @Test
    void a_piece_of_cloth_holds_it_or_says_why_not() {
        Page page = browser.signedIn();
        Given.ticket(page, "Cordelia Warp", "Warp skirt");
        cloth(page);
        Browser.button(page, "Draw the piece").click();
        page.getByText("By its corners, as the tape says").click();
        Locator corners = page.getByLabel(Pattern.compile("^One a line"));
        corners.fill("0; 0\n20; 0\n20; 8\n0; 8");
        Browser.button(page, "Lay on it").click();
        assertThat(page.getByRole(AriaRole.DIALOG).getByRole(AriaRole.ALERT))
                .containsText("more than this cloth is across");
        Browser.assertAccessible(page);
        // What is typed is drawn, and what is drawn is written: the last corner a little further across.
        corners.fill("0; 0\n70; 0\n70; 44\n35; 54\n0; 49½");
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^Corner 5")))
                .press("ArrowDown");
        assertThat(corners).hasValue(Pattern.compile("0; 50$"));
        Browser.button(page, "Lay on it").click();
        assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("All of it is there")))
                .isVisible();
        Browser.button(page, "From this piece of cloth").click();
        assertThat(page.getByText("What stops it"))
                .isVisible(new LocatorAssertions.IsVisibleOptions().setTimeout(30_000));
        Browser.button(page, "Back to the bolt").click();
        assertThat(page.getByText(Pattern.compile("yd to buy$"))).isVisible();
    }

    @Test
    void on_the_table_a_millimetre_is_what_the_tape_said_and_the_screen_is_remembered() {
        Page page = browser.signedIn();
        Given.ticket(page, "Cordelia Selvedge", "Selvedge skirt");
        cloth(page);
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("On the table"))
                .click();
        page.getByLabel(Pattern.compile("^From mark to mark")).fill("8");
        Browser.button(page, "That is it").click();
        Locator cut = page.getByTestId("cut-line");
        // The marks stand 600 pixels apart; eight inches of tape lay between them.
        double pixelsPerMm = 600 / (8 * 25.4);
        double wide = ((Number) cut.evaluate("p => p.getBBox().width")).doubleValue() / pixelsPerMm;
        double drawn = boxWidth(page);
        Assertions.assertThat(wide).isCloseTo(drawn, Offset.offset(0.5));
        Browser.assertAccessible(page);
        page.keyboard().press("n");
        assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("Skirt back")))
                .isVisible();
        page.reload();
        assertThat(page.getByTestId("cut-line")).isVisible();
    }

    private static String ticketOf(Page page) {
        return page.url().replaceAll(".*/tickets/([^/]+)/.*", "$1");
    }

    /** How wide the front's cut line is in the drawing in real units, mm. */
    private static double boxWidth(Page page) {
        String svg = page.request()
                .get("/api/tickets/" + ticketOf(page) + "/pattern.svg")
                .text();
        return ((Number) page.evaluate("""
                        svg => {
                          const holder = document.createElement('div');
                          holder.innerHTML = svg.slice(svg.indexOf('<svg'));
                          document.body.append(holder);
                          const width = holder.querySelector('[id="front.cut"] path').getBBox().width;
                          holder.remove();
                          return width;
                        }
                        """, svg)).doubleValue();
    }

    /** Read by a public parser from npm: dxf-parser. */
    @Test
    void a_drawing_exchanged_is_read_by_another_machine_piece_by_piece() throws IOException, InterruptedException {
        Page page = browser.signedIn();
        Given.ticket(page, "Cordelia Block", "Block skirt");
        String dxf = page.request()
                .get("/api/tickets/" + ticketOf(page) + "/pattern.dxf")
                .text();
        Process node = new ProcessBuilder("node", "-e", """
                        const DxfParser = require('dxf-parser');
                        const read = new DxfParser().parseSync(require('fs').readFileSync(0, 'utf8'));
                        const cut = read.blocks.FRONT.entities.find((e) => e.layer === 'CUT');
                        const x = cut.vertices.map((v) => v.x);
                        console.log(JSON.stringify({
                          blocks: Object.keys(read.blocks),
                          layers: Object.keys(read.tables.layer.layers),
                          wide: Math.max(...x) - Math.min(...x),
                        }));
                        """)
                .directory(Path.of("../web").toFile())
                .redirectError(ProcessBuilder.Redirect.INHERIT)
                .start();
        node.getOutputStream().write(dxf.getBytes(StandardCharsets.UTF_8));
        node.getOutputStream().close();
        JsonObject read = JsonParser.parseString(
                        new String(node.getInputStream().readAllBytes(), StandardCharsets.UTF_8))
                .getAsJsonObject();
        Assertions.assertThat(node.waitFor()).isZero();
        JsonArray blocks = read.getAsJsonArray("blocks");
        Assertions.assertThat(blocks.toString()).contains("FRONT", "BACK", "BAND");
        Assertions.assertThat(read.getAsJsonArray("layers").toString()).contains("CUT", "SEW", "GRAIN");
        Assertions.assertThat(read.get("wide").getAsDouble()).isCloseTo(boxWidth(page), Offset.offset(0.3));
    }
}
