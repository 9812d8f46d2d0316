package brightplumb.formats;

import static org.assertj.core.api.Assertions.assertThat;

import brightplumb.core.garment.OnePiece;
import brightplumb.formats.pdf.Paged;
import brightplumb.formats.pdf.PaperSize;
import brightplumb.formats.pdf.Tiling;
import brightplumb.formats.sheet.DrawnPattern;
import brightplumb.formats.sheet.DrawnPieces;
import brightplumb.formats.sheet.Ink;
import brightplumb.formats.sheet.PatternSheet;
import brightplumb.formats.sheet.TitleBlock;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;

/** Pieces that differ in nothing but the neck, printed once and cut twice. */
class OneSheetTest {

    private static final TitleBlock TITLE = new TitleBlock("Test", "Nobody", "House", "test", "today", "");

    private static DrawnPattern romper(Map<String, Object> settings) {
        return DrawnPattern.of(OnePiece.drafted("pull-on-romper", null, OnePiece.her(), settings));
    }

    private static List<String> words(PatternSheet sheet) {
        return sheet.ink().stream()
                .filter(Ink.Text.class::isInstance)
                .map(i -> ((Ink.Text) i).text())
                .toList();
    }

    private static long strokes(PatternSheet sheet, String group) {
        return sheet.ink().stream()
                .filter(Ink.Stroke.class::isInstance)
                .filter(i -> i.group().equals(group))
                .count();
    }

    @Test
    void a_front_and_a_back_with_one_neck_are_one_outline_with_both_names() {
        DrawnPattern romper = romper(Map.of());
        assertThat(DrawnPieces.alike(romper)).containsExactly(List.of("front", "back"));
        PatternSheet sheet = DrawnPieces.shared(romper, TITLE).shortest(914.4);
        assertThat(words(sheet)).contains("ROMPER FRONT AND ROMPER BACK", "each: cut 1 on fold");
        assertThat(strokes(sheet, "front.cut")).isEqualTo(1);
        assertThat(strokes(sheet, "back.cut")).as("no line twice").isZero();
        assertThat(sheet.places().get("back")).isEqualTo(sheet.places().get("front"));
        assertThat(strokes(DrawnPieces.of(romper, TITLE).shortest(914.4), "back.cut"))
                .as("apart, as asked")
                .isEqualTo(1);
    }

    @Test
    void the_lower_neckline_is_drawn_inside_the_higher_and_says_whose_it_is() {
        DrawnPattern romper = romper(Map.of("backNeckDepth", 120.0));
        PatternSheet sheet = DrawnPieces.shared(romper, TITLE).shortest(914.4);
        assertThat(DrawnPieces.alike(romper)).containsExactly(List.of("back", "front"));
        assertThat(strokes(sheet, "back.cut")).isEqualTo(1);
        assertThat(strokes(sheet, "front.cut")).isEqualTo(1);
        assertThat(words(sheet)).contains("cut romper front here", "each: cut 1 on fold, each along its own neck");
        int together = sheet.ink().size();
        assertThat(together)
                .isLessThan(DrawnPieces.of(romper, TITLE).shortest(914.4).ink().size());
    }

    @Test
    void it_takes_fewer_pages() {
        DrawnPattern romper = romper(Map.of("backNeckDepth", 120.0));
        assertThat(pages(DrawnPieces.shared(romper, TITLE))).isLessThan(pages(DrawnPieces.of(romper, TITLE)));
    }

    private static int pages(DrawnPieces pieces) {
        return Tiling.of(Paged.of(pieces, PaperSize.A4, 1), PaperSize.A4)
                .tiles()
                .size();
    }

    @Test
    void pieces_that_differ_elsewhere_stay_apart() {
        assertThat(DrawnPieces.alike(romper(Map.of("closure", "centre-back-zip"))))
                .as("a back with a zip in it")
                .isEmpty();
        assertThat(DrawnPieces.alike(romper(Map.of("allowance.back.hem", 40.0))))
                .as("another turning at one hem")
                .isEmpty();
        assertThat(DrawnPieces.alike(DrawnPattern.of(Patterns.drafted("straight-skirt"))))
                .isEmpty();
    }
}
