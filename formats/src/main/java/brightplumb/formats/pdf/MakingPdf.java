package brightplumb.formats.pdf;

import brightplumb.core.cutting.CutPiece;
import brightplumb.core.geometry.Point;
import brightplumb.core.making.Planned;
import brightplumb.core.measure.Sentence;
import brightplumb.core.measure.Unit;
import brightplumb.core.table.Evidence;
import brightplumb.core.table.Notion;
import brightplumb.core.table.Quantity;
import brightplumb.formats.sheet.Spoken;
import brightplumb.formats.sheet.TitleBlock;
import java.io.IOException;
import java.io.OutputStream;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.pdmodel.font.PDFont;

/** The cut list, what to have at hand and the order of making on paper, with a box to tick at every step. */
public final class MakingPdf {

    private static final double LEFT = 18;
    private static final double RIGHT = 14;
    private static final double TOP = 42;
    private static final double FOOT = 14;
    private static final double BODY = 2.6;
    private static final double LINE = 4.6;

    private final PDDocument document;
    private final PDFont font;
    private final PaperSize paper;
    private final Spoken spoken;
    private final TitleBlock title;
    private PDPageContentStream out;
    private PdfInk ink;
    private double y;

    private MakingPdf(PDDocument document, PDFont font, PaperSize paper, Spoken spoken, TitleBlock title) {
        this.document = document;
        this.font = font;
        this.paper = paper;
        this.spoken = spoken;
        this.title = title;
    }

    /**
     * Writes the pages as a PDF.
     *
     * @param pieces what is cut
     * @param notions what to have at hand
     * @param planned the steps in order
     * @param paper A4 or Letter
     * @param into where it is written; it is not closed
     * @throws IOException when it cannot be written there
     */
    public static void write(
            List<CutPiece> pieces,
            List<Notion> notions,
            Planned planned,
            TitleBlock title,
            PaperSize paper,
            Spoken spoken,
            OutputStream into)
            throws IOException {
        try (Face face = Face.borrow();
                PDDocument document = new PDDocument()) {
            MakingPdf pdf = new MakingPdf(document, face.in(document), paper, spoken, title);
            pdf.turn();
            pdf.cutList(pieces);
            pdf.atHand(notions);
            pdf.order(planned);
            pdf.out.close();
            document.getDocumentInformation().setTitle(title.garment() + ", cut list and order of making");
            document.save(into);
        }
    }

    /** A new page with its heading. */
    private void turn() throws IOException {
        if (out != null) {
            out.close();
        }
        PDPage page = new PDPage(
                new PDRectangle((float) (paper.width() * PdfInk.POINTS), (float) (paper.height() * PdfInk.POINTS)));
        document.addPage(page);
        out = new PDPageContentStream(document, page);
        ink = new PdfInk(out, font, paper.height(), 0, 0);
        ink.text(Point.of(LEFT, 20), 5.5, 0, title.garment());
        ink.text(
                Point.of(LEFT, 28),
                2.8,
                0,
                title.person() + ", " + title.way() + " way, " + title.revision() + ", " + title.date());
        ink.text(
                Point.of(LEFT, 34),
                2.8,
                0,
                "All figures in " + (spoken.unit() == Unit.INCH ? "inches" : "centimetres") + ". " + title.cutter());
        y = TOP;
    }

    private void room(double mm) throws IOException {
        if (y + mm > paper.height() - FOOT) {
            turn();
        }
    }

    private void heading(String words) throws IOException {
        room(20);
        y += 10;
        ink.text(Point.of(LEFT, y), 3.8, 0, words);
        y += 2;
        ink.pen(0.3, 0, 0);
        ink.line(LEFT, y, paper.width() - RIGHT, y);
        y += 1.5;
    }

    private void row(double x, String words, String right) throws IOException {
        room(LINE);
        y += LINE;
        ink.text(Point.of(x, y), BODY, 0, words);
        if (!right.isEmpty()) {
            ink.text(Point.of(paper.width() - RIGHT - width(right, BODY), y), BODY, 0, right);
        }
    }

    private void cutList(List<CutPiece> pieces) throws IOException {
        heading("Cut list");
        for (CutPiece piece : pieces) {
            CutPiece.Needs needs = piece.needs();
            row(
                    LEFT,
                    piece.name() + ": " + piece.instruction(),
                    "takes " + spoken.tape(needs.across()) + " × " + spoken.tape(needs.along()));
        }
    }

    private void atHand(List<Notion> notions) throws IOException {
        heading("To have at hand");
        for (Notion notion : notions) {
            String much = notion.count() > 0
                    ? String.valueOf(notion.count())
                    : notion.width() > 0
                            ? spoken.tape(notion.width()) + " × " + spoken.tape(notion.length())
                            : spoken.tape(notion.length());
            String kind = notion.kind().isEmpty() ? "" : ", " + spoken.words(notion.kind());
            row(LEFT, notion.title() + kind, much);
        }
    }

    private void order(Planned planned) throws IOException {
        heading("Order of making: " + planned.sequence().title().toLowerCase(Locale.ROOT));
        int number = 0;
        for (Planned.Step step : planned.steps()) {
            number++;
            List<String> lines = new ArrayList<>();
            for (Sentence how : step.step().how()) {
                lines.addAll(wrapped(spoken.words(how)));
            }
            String check = check(step);
            if (!check.isEmpty()) {
                lines.addAll(wrapped(check));
            }
            for (String caution : step.cautions()) {
                lines.addAll(wrapped("Mind: " + caution));
            }
            room(7 + lines.size() * LINE);
            y += 6;
            ink.pen(0.25, 0, 0);
            ink.line(LEFT, y - 3, LEFT + 3.4, y - 3);
            ink.line(LEFT, y + 0.4, LEFT + 3.4, y + 0.4);
            ink.line(LEFT, y - 3, LEFT, y + 0.4);
            ink.line(LEFT + 3.4, y - 3, LEFT + 3.4, y + 0.4);
            ink.text(Point.of(LEFT + 6, y), 3.1, 0, number + ". " + step.step().title());
            String sewn = sewn(step);
            ink.text(Point.of(paper.width() - RIGHT - width(sewn, BODY), y), BODY, 0, sewn);
            for (String line : lines) {
                y += LINE;
                ink.text(Point.of(LEFT + 6, y), BODY, 0, line);
            }
        }
    }

    private String sewn(Planned.Step step) {
        String at = step.widths().stream()
                .filter(w -> w > 0)
                .map(spoken::tape)
                .distinct()
                .collect(Collectors.joining(" and "));
        String stitch = step.step().stitch();
        String kept = step.letOut() > 0 ? " from the raw edge, " + spoken.tape(step.letOut()) + " of it let-out" : "";
        return at.isEmpty() ? stitch : "sewn at " + at + kept + (stitch.isEmpty() ? "" : ", " + stitch);
    }

    private String check(Planned.Step step) {
        String looks = step.step().looks().stream()
                .map(f -> f.label() + " " + amount(f))
                .collect(Collectors.joining("; "));
        return looks.isEmpty() ? "" : "Check: " + looks + ".";
    }

    private String amount(Evidence.Figure figure) {
        return figure.quantity() == Quantity.MM
                ? spoken.tape(figure.value())
                : String.valueOf(Math.round(figure.value()));
    }

    private List<String> wrapped(String words) throws IOException {
        return ink.wrapped(words, BODY, paper.width() - RIGHT - LEFT - 6);
    }

    private double width(String words, double height) throws IOException {
        return ink.width(words, height);
    }
}
