package brightplumb.formats;

import static org.assertj.core.api.Assertions.assertThat;

import brightplumb.core.geometry.Line;
import brightplumb.core.geometry.Point;
import brightplumb.formats.pdf.PaperSize;
import brightplumb.formats.pdf.Tiling;
import brightplumb.formats.sheet.Ink;
import brightplumb.formats.sheet.PatternSheet;
import brightplumb.formats.sheet.TitleBlock;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;

class TilingTest {

    private static PatternSheet sheet(double width, double height, Line... lines) {
        List<Ink> ink = new java.util.ArrayList<>();
        for (Line line : lines) {
            ink.add(new Ink.Stroke("test", Ink.Pen.CUT, List.of(line)));
        }
        return new PatternSheet(
                ink, Map.of(), width, height, new TitleBlock("Test", "Nobody", "House", "test", "today", ""));
    }

    private static Line line(double x0, double y0, double x1, double y1) {
        return new Line(Point.of(x0, y0), Point.of(x1, y1));
    }

    @Test
    void what_fits_a_page_takes_one_page() {
        Tiling tiling = Tiling.of(sheet(150, 200, line(5, 5, 145, 195)), PaperSize.A4);
        assertThat(tiling.tiles()).extracting(Tiling.Tile::name).containsExactly("A1");
    }

    @Test
    void a_page_nothing_falls_on_is_not_printed() {
        Tiling tiling = Tiling.of(sheet(900, 700, line(5, 5, 890, 5), line(5, 5, 5, 690)), PaperSize.A4);
        assertThat(tiling.columns()).isEqualTo(5);
        assertThat(tiling.rows()).isEqualTo(3);
        assertThat(tiling.tiles())
                .extracting(Tiling.Tile::name)
                .containsExactly("A1", "B1", "C1", "D1", "E1", "A2", "A3");
    }

    @Test
    void what_falls_on_the_overlap_falls_on_both_pages() {
        double seam = 190 - 12;
        Tiling tiling = Tiling.of(sheet(360, 100, line(seam + 3, 10, seam + 9, 60)), PaperSize.A4);
        assertThat(tiling.tiles()).extracting(Tiling.Tile::name).containsExactly("A1", "B1");
    }

    @Test
    void columns_beyond_the_alphabet_go_on_with_two_letters() {
        assertThat(new Tiling.Tile(25, 0, 0, 0).name()).isEqualTo("Z1");
        assertThat(new Tiling.Tile(26, 4, 0, 0).name()).isEqualTo("AA5");
        assertThat(new Tiling.Tile(52, 0, 0, 0).name()).isEqualTo("BA1");
    }

    @Test
    void pieces_lie_within_the_sheet() {
        PatternSheet sheet = Patterns.skirt("Nobody");
        assertThat(sheet.places()).containsOnlyKeys("front", "back", "band");
        for (Ink ink : sheet.ink()) {
            if (ink instanceof Ink.Stroke stroke && stroke.pen() == Ink.Pen.CUT) {
                for (Point p : brightplumb.core.geometry.Curves.flattened(stroke.run(), 24)) {
                    assertThat(p.x()).isBetween(0.0, sheet.width());
                    assertThat(p.y()).isBetween(0.0, sheet.height());
                }
            }
        }
    }

    @Test
    void every_piece_says_what_it_is_whose_and_how_it_is_cut() {
        PatternSheet sheet = Patterns.skirt("Dorothea Quill");
        List<String> front = sheet.ink().stream()
                .filter(i -> i.group().equals("front.label"))
                .map(i -> ((Ink.Text) i).text())
                .toList();
        assertThat(front).contains("SKIRT FRONT", "cut 1 on fold", "Dorothea Quill", "Test skirt");
        assertThat(String.join(" ", front))
                .contains("revision 2")
                .contains("25 November 2026")
                .contains("WH");
        assertThat(sheet.ink()).anySatisfy(i -> assertThat(i.group()).isEqualTo("front.fold"));
        assertThat(sheet.ink()).noneSatisfy(i -> assertThat(i.group()).isEqualTo("back.fold"));
    }
}
