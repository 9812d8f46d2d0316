package brightplumb.formats.pdf;

import brightplumb.core.geometry.Point;
import brightplumb.core.measure.Length;
import brightplumb.core.measure.Refusal;
import brightplumb.core.measure.TapeWriter;
import brightplumb.formats.sheet.PatternSheet;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
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
     * The sheet as a PDF of one page.
     *
     * @param roll how wide the roll is, mm
     * @throws Refusal where the pattern is wider than the roll either way up
     */
    public static byte[] write(PatternSheet sheet, double roll) {
        double wide = sheet.width() + 2 * EDGE;
        double high = sheet.height() + HEAD + EDGE;
        if (Math.min(wide, high) > roll) {
            throw new Refusal(
                    "roll",
                    "The pattern is " + TapeWriter.inBoth(Length.mm(Math.min(wide, high)))
                            + " across at the least, wider than the roll; tape pages together, or take a wider roll");
        }
        try (Face face = Face.borrow();
                PDDocument document = new PDDocument()) {
            PDPage page = new PDPage(new PDRectangle((float) (wide * PdfInk.POINTS), (float) (high * PdfInk.POINTS)));
            // Wider than the roll, it runs along it.
            page.setRotation(wide > roll ? 90 : 0);
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
            ByteArrayOutputStream bytes = new ByteArrayOutputStream();
            document.save(bytes);
            return bytes.toByteArray();
        } catch (IOException e) {
            throw new UncheckedIOException("The pattern could not be written", e);
        }
    }
}
