package brightplumb.formats;

import static org.assertj.core.api.Assertions.assertThat;

import brightplumb.core.garment.Catalogue;
import brightplumb.core.garment.Cut;
import brightplumb.core.geometry.Curves;
import brightplumb.core.geometry.Point;
import brightplumb.core.lay.OnPaper;
import brightplumb.formats.pdf.Paged;
import brightplumb.formats.pdf.PaperSize;
import brightplumb.formats.pdf.Tiling;
import brightplumb.formats.sheet.DrawnPattern;
import brightplumb.formats.sheet.DrawnPieces;
import brightplumb.formats.sheet.Ink;
import brightplumb.formats.sheet.PatternSheet;
import brightplumb.formats.sheet.TitleBlock;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.DynamicTest;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestFactory;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.Polygon;

/** Patterns laid on printed pages; distances by JTS. */
class PagedTest {

    private static final TitleBlock TITLE = new TitleBlock("Test", "Nobody", "House", "test", "today", "");
    private static final GeometryFactory GEOMETRY = new GeometryFactory();

    private static DrawnPattern pattern(String cut) {
        return DrawnPattern.of(Patterns.drafted(cut));
    }

    @TestFactory
    List<DynamicTest> every_cut_lies_with_room_for_shears_on_no_more_pages_than_plain_rows() {
        return Catalogue.CUTS.stream()
                .map(Cut::id)
                .map(cut -> DynamicTest.dynamicTest(cut, () -> {
                    DrawnPattern pattern = pattern(cut);
                    for (PaperSize paper : PaperSize.values()) {
                        PatternSheet sheet = Paged.of(DrawnPieces.of(pattern, TITLE), paper, 1);
                        apart(outlines(pattern, sheet), sheet);
                        assertThat(pages(sheet, paper))
                                .as(paper.title())
                                .isLessThanOrEqualTo(pages(rows(pattern), paper));
                    }
                }))
                .toList();
    }

    @Test
    void over_all_cuts_a_twelfth_of_the_pages_is_saved() {
        int laid = 0;
        int inRows = 0;
        for (Cut cut : Catalogue.CUTS) {
            DrawnPattern pattern = pattern(cut.id());
            laid += pages(Paged.of(DrawnPieces.of(pattern, TITLE), PaperSize.A4, 1), PaperSize.A4);
            inRows += pages(rows(pattern), PaperSize.A4);
        }
        assertThat(laid).isLessThan(inRows * 11 / 12);
    }

    @Test
    void what_fits_one_sheet_of_a0_lies_on_one() {
        assertThat(pages(Paged.of(DrawnPieces.of(pattern("tailored-shorts"), TITLE), PaperSize.A0, 1), PaperSize.A0))
                .isEqualTo(1);
    }

    @Test
    void a_model_takes_far_fewer_pages() {
        DrawnPattern trousers = pattern("classic-trousers");
        int full = pages(Paged.of(DrawnPieces.of(trousers, TITLE), PaperSize.A4, 1), PaperSize.A4);
        int quarter = pages(Paged.of(DrawnPieces.of(trousers, TITLE), PaperSize.A4, 4), PaperSize.A4);
        assertThat(quarter).isLessThanOrEqualTo(Math.max(1, full / 8));
    }

    private static int pages(PatternSheet sheet, PaperSize paper) {
        return Tiling.of(sheet, paper).tiles().size();
    }

    private static void apart(List<Polygon> outlines, PatternSheet sheet) {
        for (int i = 0; i < outlines.size(); i++) {
            var box = outlines.get(i).getEnvelopeInternal();
            assertThat(Math.min(box.getMinX(), box.getMinY())).isGreaterThanOrEqualTo(0);
            assertThat(box.getMaxX()).isLessThanOrEqualTo(sheet.width());
            assertThat(box.getMaxY()).isLessThanOrEqualTo(sheet.height());
            for (int j = 0; j < i; j++) {
                assertThat(outlines.get(i).distance(outlines.get(j))).isGreaterThan(9);
            }
        }
    }

    private static List<Polygon> outlines(DrawnPattern pattern, PatternSheet sheet) {
        return pattern.pieces().stream()
                .map(p -> sheet.ink().stream()
                        .filter(i -> i.group().equals(p.id() + ".cut"))
                        .map(i -> polygon(Curves.flattened(((Ink.Stroke) i).run(), 24)))
                        .findFirst()
                        .orElseThrow())
                .toList();
    }

    private static Polygon polygon(List<Point> places) {
        List<Coordinate> ring = new ArrayList<>();
        places.forEach(p -> ring.add(new Coordinate(p.x(), p.y())));
        ring.add(ring.get(0));
        return GEOMETRY.createPolygon(ring.toArray(Coordinate[]::new));
    }

    /**
     * The panels beside each other and the rest in rows of boxes below them: how one would lay them without thinking.
     */
    private static PatternSheet rows(DrawnPattern pattern) {
        List<Point> places = new ArrayList<>();
        double across = 0;
        double x = 0;
        double y = 0;
        double below = 0;
        double width = 0;
        for (DrawnPattern.Piece piece : pattern.pieces()) {
            List<Point> ring = Curves.flattened(piece.cutLine(), 24);
            double left = ring.stream().mapToDouble(Point::x).min().orElseThrow();
            double right = ring.stream().mapToDouble(Point::x).max().orElseThrow();
            double top = ring.stream().mapToDouble(Point::y).min().orElseThrow();
            double bottom = ring.stream().mapToDouble(Point::y).max().orElseThrow();
            if (places.size() == 2) {
                across = Math.max(across, x);
            }
            if (places.size() >= 2 && x > 0 && x + right - left > across) {
                x = 0;
                y = below;
            }
            // Each has its half of the distance round itself.
            places.add(Point.of(x - left + 5, y - top + 5));
            x += right - left + 10;
            width = Math.max(width, x);
            below = Math.max(below, y + bottom - top + 10);
        }
        return DrawnPieces.of(pattern, TITLE).laid(new OnPaper.Places(places, width, below));
    }
}
