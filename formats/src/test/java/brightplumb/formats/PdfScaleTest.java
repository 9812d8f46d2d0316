package brightplumb.formats;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import brightplumb.core.geometry.Line;
import brightplumb.core.geometry.Point;
import brightplumb.formats.pdf.PaperSize;
import brightplumb.formats.pdf.TiledPdf;
import brightplumb.formats.pdf.Tiling;
import brightplumb.formats.sheet.Ink;
import brightplumb.formats.sheet.PatternSheet;
import brightplumb.formats.sheet.TitleBlock;
import java.awt.geom.Point2D;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.contentstream.PDFGraphicsStreamEngine;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.graphics.image.PDImage;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** What the file holds is read back with PDFBox's own interpreter and measured in millimetres. */
class PdfScaleTest {

    private static final double MM = 25.4 / 72;

    @ParameterizedTest
    @EnumSource(PaperSize.class)
    void a_line_of_500_mm_measures_500_mm(PaperSize paper) throws IOException {
        Ink line = new Ink.Stroke("test", Ink.Pen.CUT, List.of(new Line(Point.of(20, 30), Point.of(520, 30))));
        PatternSheet sheet = new PatternSheet(
                List.of(line), Map.of(), 540, 60, new TitleBlock("Line", "Nobody", "House", "test", "today", ""));
        try (PDDocument document = Loader.loadPDF(Patterns.written(out -> TiledPdf.write(sheet, paper, out)))) {
            for (int page = 1; page < document.getNumberOfPages(); page++) {
                double longest = longestLine(document.getPage(page));
                assertThat(longest).as("page %d", page).isCloseTo(500, within(0.01));
            }
        }
    }

    @Test
    void the_cover_carries_both_test_squares_at_size() throws IOException {
        try (PDDocument document =
                Loader.loadPDF(Patterns.written(out -> TiledPdf.write(Patterns.skirt("Nobody"), PaperSize.A4, out)))) {
            Reader reader = new Reader(document.getPage(0));
            reader.processPage(document.getPage(0));
            assertThat(reader.rectangles).anySatisfy(r -> {
                assertThat(r[0] * MM).isCloseTo(50, within(0.01));
                assertThat(r[1] * MM).isCloseTo(50, within(0.01));
            });
            assertThat(reader.rectangles).anySatisfy(r -> {
                assertThat(r[0] * MM).isCloseTo(50.8, within(0.01));
                assertThat(r[1] * MM).isCloseTo(50.8, within(0.01));
            });
        }
    }

    @ParameterizedTest
    @EnumSource(PaperSize.class)
    void every_page_is_named_and_of_the_papers_size(PaperSize paper) throws IOException {
        PatternSheet sheet = Patterns.skirt("Ottoline Varga");
        Tiling tiling = Tiling.of(sheet, paper);
        try (PDDocument document = Loader.loadPDF(Patterns.written(out -> TiledPdf.write(sheet, paper, out)))) {
            assertThat(document.getNumberOfPages()).isEqualTo(tiling.tiles().size() + 1);
            for (int i = 0; i < tiling.tiles().size(); i++) {
                assertThat(document.getPage(i + 1).getMediaBox().getWidth() * MM)
                        .isCloseTo(paper.width(), within(0.1));
                PDFTextStripper text = new PDFTextStripper();
                text.setStartPage(i + 2);
                text.setEndPage(i + 2);
                assertThat(text.getText(document))
                        .contains(tiling.tiles().get(i).name())
                        .contains("Ottoline Varga");
            }
        }
    }

    @Test
    void neighbouring_pages_share_twelve_millimetres_and_every_stroke_falls_on_a_page() {
        PatternSheet sheet = Patterns.skirt("Nobody");
        Tiling tiling = Tiling.of(sheet, PaperSize.A4);
        assertThat(tiling.tiles().get(1).left() - tiling.tiles().get(0).left()).isEqualTo(tiling.printedWidth() - 12);
        for (Ink ink : sheet.ink()) {
            if (ink instanceof Ink.Stroke stroke) {
                for (Point p : brightplumb.core.geometry.Curves.flattened(stroke.run(), 50)) {
                    assertThat(tiling.tiles()).anySatisfy(t -> {
                        assertThat(p.x()).isBetween(t.left(), t.left() + tiling.printedWidth());
                        assertThat(p.y()).isBetween(t.top(), t.top() + tiling.printedHeight());
                    });
                }
            }
        }
    }

    @Test
    void a_name_in_any_script_does_not_break_the_file() {
        assertThat(Patterns.written(out -> TiledPdf.write(Patterns.skirt("Łucja Øyen 王 \u0007 👗"), PaperSize.A4, out)))
                .isNotEmpty();
    }

    private static double longestLine(PDPage page) throws IOException {
        Reader reader = new Reader(page);
        reader.processPage(page);
        return reader.lines.stream().mapToDouble(Double::doubleValue).max().orElseThrow() * MM;
    }

    /** Collects the straight lines and rectangles a page draws, in points. */
    private static final class Reader extends PDFGraphicsStreamEngine {
        private final List<Double> lines = new ArrayList<>();
        private final List<double[]> rectangles = new ArrayList<>();
        private Point2D at = new Point2D.Double();

        Reader(PDPage page) {
            super(page);
        }

        @Override
        public void appendRectangle(Point2D p0, Point2D p1, Point2D p2, Point2D p3) {
            rectangles.add(new double[] {p0.distance(p1), p1.distance(p2)});
        }

        @Override
        public void moveTo(float x, float y) {
            at = new Point2D.Double(x, y);
        }

        @Override
        public void lineTo(float x, float y) {
            lines.add(at.distance(x, y));
            at = new Point2D.Double(x, y);
        }

        @Override
        public void curveTo(float x1, float y1, float x2, float y2, float x3, float y3) {
            at = new Point2D.Double(x3, y3);
        }

        @Override
        public Point2D getCurrentPoint() {
            return at;
        }

        @Override
        public void drawImage(PDImage image) {}

        @Override
        public void clip(int rule) {}

        @Override
        public void closePath() {}

        @Override
        public void endPath() {}

        @Override
        public void strokePath() {}

        @Override
        public void fillPath(int rule) {}

        @Override
        public void fillAndStrokePath(int rule) {}

        @Override
        public void shadingFill(COSName name) {}
    }
}
