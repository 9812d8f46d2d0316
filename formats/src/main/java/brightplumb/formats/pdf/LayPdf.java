package brightplumb.formats.pdf;

import brightplumb.core.geometry.Point;
import brightplumb.core.lay.Ground;
import brightplumb.core.lay.Lay;
import brightplumb.core.measure.Unit;
import brightplumb.core.pattern.PieceId;
import brightplumb.formats.sheet.Spoken;
import brightplumb.formats.sheet.TitleBlock;
import java.io.IOException;
import java.io.OutputStream;
import java.util.List;
import java.util.Map;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.pdmodel.font.PDFont;

/**
 * A lay on one page across, to be followed at the table: the cloth with its pieces, how long it is, and how far along
 * and across each begins.
 */
public final class LayPdf {

    private static final double LEFT = 16;
    private static final double TOP = 40;
    private static final double RULE = 5;
    private static final double BODY = 2.6;
    private static final double LINE = 4.4;

    private LayPdf() {}

    /**
     * Writes the lay as a PDF.
     *
     * @param cloth what is laid, in words
     * @param buy what to buy, mm; 0 on a piece of cloth that is there
     * @param names what each piece is called, by its id
     * @param paper A4 or Letter
     * @param into where it is written; it is not closed
     * @throws IOException when it cannot be written there
     */
    public static void write(
            Lay lay,
            String cloth,
            double buy,
            Map<String, String> names,
            TitleBlock title,
            PaperSize paper,
            Spoken spoken,
            OutputStream into)
            throws IOException {
        try (Face face = Face.borrow();
                PDDocument document = new PDDocument()) {
            PDFont font = face.in(document);
            // Across: what is a page's height is the sheet's width.
            double wide = paper.height();
            double high = paper.width();
            PDPage page = new PDPage(new PDRectangle((float) (wide * PdfInk.POINTS), (float) (high * PdfInk.POINTS)));
            document.addPage(page);
            try (PDPageContentStream out = new PDPageContentStream(document, page)) {
                PdfInk ink = new PdfInk(out, font, high, 0, 0);
                ink.text(Point.of(LEFT, 16), 5.5, 0, title.garment() + ", lay");
                ink.text(Point.of(LEFT, 23), 2.8, 0, title.person() + ", " + title.revision() + ", " + title.date());
                ink.text(Point.of(LEFT, 29), 2.8, 0, figures(lay, cloth, buy, spoken));
                double scale = Math.min(
                        (wide - 2 * LEFT) / Math.max(lay.length(), along(lay)),
                        (high - TOP - 55) / lay.ground().across());
                drawn(ink, lay, names, scale, spoken);
                listed(ink, lay, names, TOP + lay.ground().across() * scale + 16, high - 8, wide, spoken);
            }
            document.getDocumentInformation().setTitle(title.garment() + ", lay");
            document.save(into);
        }
    }

    private static String figures(Lay lay, String cloth, double buy, Spoken spoken) {
        String unit = spoken.unit() == Unit.INCH ? "in" : "cm";
        return Character.toUpperCase(cloth.charAt(0)) + cloth.substring(1) + ", "
                + said(lay.ground().across() * lay.ground().layers(), spoken) + " " + unit + " wide, "
                + (lay.ground().folded() ? "folded" : "open") + ": " + said(lay.length(), spoken) + " " + unit
                + " used, "
                + Math.round(lay.use() * 100) + " % of it" + (buy > 0 ? "; buy " + said(buy, spoken) + " " + unit : "")
                + ". The grain of every piece runs along the cloth.";
    }

    private static String said(double mm, Spoken spoken) {
        return spoken.tape(mm);
    }

    private static double along(Lay lay) {
        return lay.ground() instanceof Ground.Remnant cut ? cut.along() : 0;
    }

    private static void drawn(PdfInk ink, Lay lay, Map<String, String> names, double scale, Spoken spoken)
            throws IOException {
        double across = lay.ground().across() * scale;
        double end = LEFT + lay.length() * scale;
        ink.pen(0.25, 0, 0);
        if (lay.ground() instanceof Ground.Remnant cut) {
            ring(ink, cut.outline(), scale);
        } else {
            ink.line(LEFT, TOP + across, end, TOP + across);
            ink.line(LEFT, TOP, LEFT, TOP + across);
            ink.line(end, TOP, end, TOP + across);
            ink.pen(0.25, lay.ground().folded() ? 4 : 0, lay.ground().folded() ? 1.5 : 0);
            ink.line(LEFT, TOP, end, TOP);
            ink.text(Point.of(LEFT, TOP - 1.5), BODY, 0, lay.ground().folded() ? "fold" : "selvedge");
            ink.text(Point.of(LEFT, TOP + across + RULE), BODY, 0, lay.ground().folded() ? "selvedges" : "selvedge");
            String here = "cut here: " + said(lay.length(), spoken);
            ink.text(Point.of(end - here.length() * BODY * 0.55, TOP + across + RULE), BODY, 0, here);
        }
        for (int i = 0; i < lay.placements().size(); i++) {
            Lay.Placement placed = lay.placements().get(i);
            ink.pen(0.35, 0, 0);
            ring(ink, placed.outline(), scale);
            double[] box = box(placed);
            String name = (i + 1) + " " + called(placed.piece(), names);
            double room = (box[2] - box[0]) * scale;
            String fitting = name.length() * BODY * 0.55 < room ? name : String.valueOf(i + 1);
            ink.text(
                    Point.of(
                            LEFT + (box[0] + box[2]) / 2 * scale - fitting.length() * BODY * 0.27,
                            TOP + (box[1] + box[3]) / 2 * scale + 1),
                    BODY,
                    0,
                    fitting);
        }
    }

    private static void ring(PdfInk ink, List<Point> ring, double scale) throws IOException {
        for (int i = 0; i < ring.size(); i++) {
            Point a = ring.get(i);
            Point b = ring.get((i + 1) % ring.size());
            ink.line(LEFT + a.x() * scale, TOP + a.y() * scale, LEFT + b.x() * scale, TOP + b.y() * scale);
        }
    }

    /** Left, top, right and bottom of a piece on the cloth. */
    private static String called(PieceId piece, Map<String, String> names) {
        return names.getOrDefault(piece.toString(), piece.toString());
    }

    private static double[] box(Lay.Placement placed) {
        return new double[] {
            placed.outline().stream().mapToDouble(Point::x).min().orElse(0),
            placed.outline().stream().mapToDouble(Point::y).min().orElse(0),
            placed.outline().stream().mapToDouble(Point::x).max().orElse(0),
            placed.outline().stream().mapToDouble(Point::y).max().orElse(0)
        };
    }

    /** Where each begins, in columns; what has no room on the page is left to the drawing. */
    private static void listed(
            PdfInk ink, Lay lay, Map<String, String> names, double from, double to, double wide, Spoken spoken)
            throws IOException {
        int rows = Math.max(1, (int) ((to - from) / LINE));
        double column = (wide - 2 * LEFT) / 3;
        for (int i = 0; i < lay.placements().size() && i < 3 * rows; i++) {
            Lay.Placement placed = lay.placements().get(i);
            double[] box = box(placed);
            String how = (placed.onFold() ? ", on the fold" : "")
                    + (placed.angle() == 180 ? ", half turned" : "")
                    + (placed.flipped() && !lay.ground().folded() ? ", face down" : "");
            int over = i / rows;
            ink.text(
                    Point.of(LEFT + over * column, from + (i % rows) * LINE),
                    BODY,
                    0,
                    (i + 1) + " " + called(placed.piece(), names) + ": " + said(box[0], spoken) + " along, "
                            + said(box[1], spoken) + " across" + how);
        }
    }
}
