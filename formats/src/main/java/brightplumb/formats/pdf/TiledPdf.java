package brightplumb.formats.pdf;

import brightplumb.core.geometry.Point;
import brightplumb.formats.sheet.Ink;
import brightplumb.formats.sheet.PatternSheet;
import brightplumb.formats.sheet.TitleBlock;
import java.io.IOException;
import java.io.OutputStream;
import java.util.List;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.pdmodel.font.PDFont;

/**
 * A pattern at full size over printed pages: first a page with the map, the title and the test squares, then the pages
 * to tape together. Each page shows its name, its neighbours' names and the lines along which it is laid on them.
 */
public final class TiledPdf {

    private final PDDocument document;
    private final PDFont font;
    private final PatternSheet sheet;
    private final Tiling tiling;
    private final PdfLayers layers;

    private TiledPdf(PDDocument document, PDFont font, PatternSheet sheet, Tiling tiling) {
        this.document = document;
        this.font = font;
        this.sheet = sheet;
        this.tiling = tiling;
        this.layers = PdfLayers.in(document, sheet.ink());
    }

    /**
     * Writes the sheet as a PDF for a paper size.
     *
     * @param into where it is written; it is not closed
     * @throws IOException when it cannot be written there
     */
    public static void write(PatternSheet sheet, PaperSize paper, OutputStream into) throws IOException {
        try (Face face = Face.borrow();
                PDDocument document = new PDDocument()) {
            TiledPdf pdf = new TiledPdf(document, face.in(document), sheet, Tiling.of(sheet, paper));
            pdf.cover();
            for (Tiling.Tile tile : pdf.tiling.tiles()) {
                pdf.page(tile);
            }
            document.getDocumentInformation().setTitle(sheet.title().garment());
            document.save(into);
        }
    }

    private PDPage newPage(PaperSize size) {
        PDPage page = new PDPage(
                new PDRectangle((float) (size.width() * PdfInk.POINTS), (float) (size.height() * PdfInk.POINTS)));
        document.addPage(page);
        return page;
    }

    private void cover() throws IOException {
        PaperSize size = tiling.paper() == PaperSize.A0 ? PaperSize.A4 : tiling.paper();
        try (PDPageContentStream out = new PDPageContentStream(document, newPage(size))) {
            PdfInk ink = new PdfInk(out, font, size.height(), 0, 0);
            TitleBlock title = sheet.title();
            ink.text(Point.of(20, 30), 7, 0, title.garment());
            ink.text(Point.of(20, 42), 4, 0, title.person());
            ink.text(Point.of(20, 50), 3, 0, title.way() + " way, " + title.revision());
            ink.text(Point.of(20, 57), 3, 0, title.date() + (title.cutter().isBlank() ? "" : ", " + title.cutter()));
            testSquares(ink, 72);
            instructions(ink, 72);
            map(ink, size, 150);
        }
    }

    private void testSquares(PdfInk ink, double top) throws IOException {
        ink.pen(0.4, 0, 0);
        ink.rectangle(20, top, 50, 50);
        ink.text(Point.of(24, top + 27), 3, 0, "5 cm each way");
        ink.rectangle(80, top, 50.8, 50.8);
        ink.text(Point.of(84, top + 27), 3, 0, "2 in each way");
    }

    private void instructions(PdfInk ink, double top) throws IOException {
        boolean one = tiling.tiles().size() == 1;
        List<String> words = List.of(
                "Print at full size,",
                "not “fit to page”.",
                "Measure both squares",
                "before you cut.",
                one ? "One page." : tiling.tiles().size() + " pages. Cut off the left",
                one ? "" : "and upper margins, lay each",
                one ? "" : "on its neighbour’s dotted",
                one ? "" : "line, diamond on diamond.");
        for (int i = 0; i < words.size(); i++) {
            ink.text(Point.of(138, top + 4 + i * 7), 2.8, 0, words.get(i));
        }
    }

    private void map(PdfInk ink, PaperSize size, double top) throws IOException {
        double scale = Math.min((size.width() - 40) / sheet.width(), (size.height() - top - 25) / sheet.height());
        ink.text(Point.of(20, top - 5), 3.2, 0, "Page map");
        ink.pen(0.15, 0, 0);
        for (Tiling.Tile tile : tiling.tiles()) {
            double w = Math.min(tiling.printedWidth(), sheet.width() - tile.left());
            double h = Math.min(tiling.printedHeight(), sheet.height() - tile.top());
            ink.rectangle(20 + tile.left() * scale, top + tile.top() * scale, w * scale, h * scale);
            ink.text(Point.of(22 + tile.left() * scale, top + 6 + tile.top() * scale), 2.6, 0, tile.name());
        }
        MiniInk mini = new MiniInk(ink, 20, top, scale);
        for (Ink each : sheet.ink()) {
            mini.draw(each);
        }
    }

    private void page(Tiling.Tile tile) throws IOException {
        PaperSize size = tiling.paper();
        double m = Tiling.MARGIN;
        try (PDPageContentStream out = new PDPageContentStream(document, newPage(size))) {
            PdfInk ink = new PdfInk(out, font, size.height(), 0, 0);
            out.saveGraphicsState();
            ink.clip(m, m, tiling.printedWidth(), tiling.printedHeight());
            PdfInk placed = ink.moved(m - tile.left(), m - tile.top());
            layers.draw(out, placed, sheet.ink());
            out.restoreGraphicsState();
            joining(ink, tile);
            ink.text(
                    Point.of(m + 2, size.height() - 3.5),
                    2.6,
                    0,
                    tile.name() + "   " + sheet.title().garment() + ", "
                            + sheet.title().person() + ", " + sheet.title().revision());
        }
    }

    /** The frame of the printed area, and inside it the lines a neighbour is laid on. */
    private void joining(PdfInk ink, Tiling.Tile tile) throws IOException {
        double m = Tiling.MARGIN;
        double w = tiling.printedWidth();
        double h = tiling.printedHeight();
        ink.pen(0.15, 0, 0);
        ink.rectangle(m, m, w, h);
        ink.pen(0.2, 1, 1.5);
        if (tile.column() + 1 < tiling.columns()) {
            double x = m + w - Tiling.OVERLAP;
            ink.line(x, m, x, m + h);
            diamond(ink, x, m + h / 2);
            neighbour(ink, Point.of(x + 4, m + h / 2 + 12), tile.column() + 1, tile.row());
        }
        if (tile.row() + 1 < tiling.rows()) {
            double y = m + h - Tiling.OVERLAP;
            ink.line(m, y, m + w, y);
            diamond(ink, m + w / 2, y);
            neighbour(ink, Point.of(m + w / 2 + 5, y + 7), tile.column(), tile.row() + 1);
        }
        if (tile.column() > 0) {
            diamond(ink, m, m + h / 2);
        }
        if (tile.row() > 0) {
            diamond(ink, m + w / 2, m);
        }
        ink.text(Point.of(m + 3, m + 8), 4, 0, tile.name());
    }

    private static void diamond(PdfInk ink, double x, double y) throws IOException {
        ink.pen(0.3, 0, 0);
        ink.line(x - 3, y, x, y - 3);
        ink.line(x, y - 3, x + 3, y);
        ink.line(x + 3, y, x, y + 3);
        ink.line(x, y + 3, x - 3, y);
        ink.pen(0.2, 1, 1.5);
    }

    private static void neighbour(PdfInk ink, Point at, int column, int row) throws IOException {
        ink.text(at, 2.4, 0, new Tiling.Tile(column, row, 0, 0).name());
    }
}
