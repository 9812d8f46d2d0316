package brightplumb.formats.pdf;

import brightplumb.core.geometry.Cubic;
import brightplumb.core.geometry.Line;
import brightplumb.core.geometry.Point;
import brightplumb.core.geometry.Segment;
import brightplumb.core.measure.Unit;
import brightplumb.core.paper.Draft;
import brightplumb.core.paper.Step;
import brightplumb.formats.sheet.PracticeSheet;
import brightplumb.formats.sheet.PracticeSheet.Kind;
import brightplumb.formats.sheet.Spoken;
import brightplumb.formats.sheet.TitleBlock;
import java.io.IOException;
import java.io.OutputStream;
import java.util.List;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.pdmodel.font.PDFont;

/** The draft on paper as it is drawn, four steps a page: what is laid off now, how it is worked, and why. */
public final class PracticePdf {

    private static final double EDGE = 14;
    private static final double HEAD = 22;
    private static final double FOOT = 10;
    private static final double GAP = 6;
    private static final int ACROSS = 2;
    private static final int PAGE = 4;

    /** What is written beneath a drawing takes so much at the least, mm. */
    private static final double WRITTEN = 34;

    private static final double TITLE = 3.1;
    private static final double BODY = 2.3;
    private static final double LINE = 4;
    private static final double PAD = 4;

    /** Left round a drawing, for the figures beside it, mm. */
    private static final double SIDE = 9;

    private final PDDocument document;
    private final PDFont font;
    private final PaperSize paper;
    private final Spoken spoken;
    private final TitleBlock title;

    private PracticePdf(PDDocument document, PDFont font, PaperSize paper, Spoken spoken, TitleBlock title) {
        this.document = document;
        this.font = font;
        this.paper = paper;
        this.spoken = spoken;
        this.title = title;
    }

    /**
     * Writes the pages as a PDF.
     *
     * @param paper A4 or Letter
     * @param into where it is written; it is not closed
     * @throws IOException when it cannot be written there
     */
    public static void write(Draft draft, TitleBlock title, PaperSize paper, Spoken spoken, OutputStream into)
            throws IOException {
        try (Face face = Face.borrow();
                PDDocument document = new PDDocument()) {
            PracticePdf pdf = new PracticePdf(document, face.in(document), paper, spoken, title);
            List<PracticeSheet.Frame> frames = PracticeSheet.of(draft).frames();
            for (int i = 0; i < frames.size(); i += PAGE) {
                pdf.page(frames.subList(i, Math.min(i + PAGE, frames.size())), frames.size());
            }
            document.getDocumentInformation().setTitle(title.garment() + ", practice sheet");
            document.save(into);
        }
    }

    private void page(List<PracticeSheet.Frame> frames, int of) throws IOException {
        PDPage page = new PDPage(
                new PDRectangle((float) (paper.width() * PdfInk.POINTS), (float) (paper.height() * PdfInk.POINTS)));
        document.addPage(page);
        try (PDPageContentStream out = new PDPageContentStream(document, page)) {
            PdfInk ink = new PdfInk(out, font, paper.height(), 0, 0);
            ink.text(Point.of(EDGE, 13), 4.2, 0, title.garment());
            ink.text(
                    Point.of(EDGE, 18.5),
                    BODY,
                    0,
                    title.person() + ", " + title.way() + " way, " + title.date() + ". All figures in "
                            + (spoken.unit() == Unit.INCH ? "inches" : "centimetres") + ".");
            double wide = (paper.width() - 2 * EDGE - GAP) / ACROSS;
            double high = (paper.height() - HEAD - FOOT - GAP) / (PAGE / ACROSS);
            for (int i = 0; i < frames.size(); i++) {
                double left = EDGE + (i % ACROSS) * (wide + GAP);
                int row = i / ACROSS;
                double top = HEAD + row * (high + GAP);
                frame(ink, frames.get(i), of, left, top, wide, high);
            }
        }
    }

    private void frame(PdfInk ink, PracticeSheet.Frame frame, int of, double left, double top, double wide, double high)
            throws IOException {
        ink.pen(0.25, 0, 0);
        ink.rectangle(left, top, wide, high);
        Step step = frame.step();
        List<String> why = ink.wrapped(spoken.words(step.why()), BODY, wide - 2 * PAD);
        List<String> working = ink.wrapped(spoken.working(step.amount()), BODY, wide - 2 * PAD);
        double written = Math.max(WRITTEN, 13 + (why.size() + working.size()) * LINE);
        drawing(ink, frame, left + SIDE, top + SIDE, wide - 2 * SIDE, high - written - 2 * SIDE);
        double y = top + high - written + 5;
        ink.pen(0.25, 0, 0);
        ink.line(left, y - 5, left + wide, y - 5);
        String value = spoken.amount(step.amount());
        ink.text(
                Point.of(left + PAD, y),
                TITLE,
                0,
                ink.fitting(frame.number() + ". " + step.title(), TITLE, wide - 3 * PAD - ink.width(value, TITLE)));
        ink.text(Point.of(left + wide - PAD - ink.width(value, TITLE), y), TITLE, 0, value);
        y += 1.5;
        for (String line : working) {
            y += LINE;
            ink.text(Point.of(left + PAD, y), BODY, 0, line);
        }
        y += 1;
        for (String line : why) {
            y += LINE;
            ink.text(Point.of(left + PAD, y), BODY, 0, line);
        }
        String count = frame.number() + " of " + of;
        ink.text(Point.of(left + wide - PAD - ink.width(count, 1.8), top + high - 2), 1.8, 0, count);
    }

    private void drawing(PdfInk ink, PracticeSheet.Frame frame, double left, double top, double wide, double high)
            throws IOException {
        Point size = frame.to().minus(frame.from());
        if (size.x() <= 0 && size.y() <= 0) {
            return;
        }
        double scale = Math.min(wide / Math.max(1, size.x()), high / Math.max(1, size.y()));
        Point corner = Point.of(left + (wide - size.x() * scale) / 2, top + (high - size.y() * scale) / 2)
                .minus(frame.from().times(scale));
        // What is drawn now comes last, over the rest.
        for (boolean now : new boolean[] {false, true}) {
            for (PracticeSheet.Line line : frame.lines()) {
                if ((line.kind() == Kind.NOW) == now) {
                    line(ink, line, corner, scale);
                }
            }
        }
    }

    private void line(PdfInk ink, PracticeSheet.Line line, Point corner, double scale) throws IOException {
        switch (line.kind()) {
            case LEVEL -> ink.pen(0.15, 0.6, 1.2);
            case HELP -> ink.pen(0.15, 2.5, 1);
            case OUTLINE -> ink.pen(0.4, 0, 0);
            case DART -> ink.pen(0.25, 0, 0);
            case BEFORE -> ink.pen(0.15, 0, 0);
            case NOW -> ink.pen(0.8, 0, 0);
        }
        List<Segment> run =
                line.run().stream().map(s -> small(s, corner, scale)).toList();
        ink.stroke(run);
        if (Double.isNaN(line.laidOff())) {
            return;
        }
        Point from = run.get(0).from();
        Point to = run.get(run.size() - 1).to();
        head(ink, to, from);
        head(ink, from, to);
        String figure = spoken.tape(line.laidOff());
        double letters = line.kind() == Kind.NOW ? 2.6 : 1.9;
        boolean upright = Math.abs(to.y() - from.y()) > Math.abs(to.x() - from.x());
        Point at = upright
                ? Point.of(Math.min(from.x(), to.x()) - 1.5 - ink.width(figure, letters), (from.y() + to.y()) / 2 + 1)
                : Point.of((from.x() + to.x() - ink.width(figure, letters)) / 2, Math.min(from.y(), to.y()) - 1.6);
        ink.text(at, letters, 0, figure);
    }

    /** An arrow's head, where there is room for one. */
    private static void head(PdfInk ink, Point tip, Point from) throws IOException {
        double long_ = tip.distance(from);
        if (long_ < 3) {
            return;
        }
        Point back = from.minus(tip).times(1.8 / long_);
        Point side = back.turned().times(0.5);
        ink.stroke(List.of(
                new Line(tip.plus(back).plus(side), tip),
                new Line(tip, tip.plus(back).minus(side))));
    }

    private static Segment small(Segment s, Point corner, double scale) {
        return s instanceof Cubic k
                ? new Cubic(
                        at(k.from(), corner, scale),
                        at(k.c1(), corner, scale),
                        at(k.c2(), corner, scale),
                        at(k.to(), corner, scale))
                : new Line(at(s.from(), corner, scale), at(s.to(), corner, scale));
    }

    private static Point at(Point p, Point corner, double scale) {
        return corner.plus(p.times(scale));
    }
}
