package brightplumb.formats.pdf;

import brightplumb.core.geometry.Point;
import brightplumb.core.measure.Refusal;
import brightplumb.formats.sheet.DrawnPieces;
import brightplumb.formats.sheet.PatternSheet;
import java.io.IOException;
import java.io.OutputStream;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.common.PDRectangle;

/** A pattern at full size on one page as long as it needs, for paper off a roll. */
public final class RollPdf {

    /** Room for the title and the test square above the pattern, mm. */
    private static final double HEAD = 70;

    private static final double EDGE = 10;

    private RollPdf() {}

    /**
     * A pattern laid as short as it goes on a roll.
     *
     * @param roll how wide the roll is, mm
     * @param parts how many times smaller than life: 1, or 2 or 4 for a model
     * @throws Refusal where a piece is wider than the roll
     */
    public static PatternSheet sheet(DrawnPieces pieces, double roll, int parts) {
        return Paged.scaled(pieces.shortest((roll - 2 * EDGE) * parts), parts);
    }

    /**
     * Writes the sheet as a PDF of one page.
     *
     * @param into where it is written; it is not closed
     * @throws IOException when it cannot be written there
     */
    public static void write(PatternSheet sheet, OutputStream into) throws IOException {
        double wide = sheet.width() + 2 * EDGE;
        double high = sheet.height() + HEAD + EDGE;
        try (Face face = Face.borrow();
                PDDocument document = new PDDocument()) {
            PDPage page = new PDPage(new PDRectangle((float) (wide * PdfInk.POINTS), (float) (high * PdfInk.POINTS)));
            document.addPage(page);
            PdfLayers layers = PdfLayers.in(document, sheet.ink());
            try (PDPageContentStream out = new PDPageContentStream(document, page)) {
                PdfInk ink = new PdfInk(out, face.in(document), high, 0, 0);
                ink.text(Point.of(EDGE + 60, 20), 6, 0, sheet.title().garment());
                ink.text(Point.of(EDGE + 60, 32), 4, 0, sheet.title().person());
                ink.text(
                        Point.of(EDGE + 60, 41),
                        3,
                        0,
                        sheet.title().revision() + ", " + sheet.title().date());
                ink.pen(0.4, 0, 0);
                ink.rectangle(EDGE, EDGE, 50, 50);
                ink.text(Point.of(EDGE + 4, EDGE + 27), 3, 0, "5 cm each way");
                layers.draw(out, ink.moved(EDGE, HEAD), sheet.ink());
            }
            document.getDocumentInformation().setTitle(sheet.title().garment());
            document.save(into);
        }
    }
}
