package brightplumb.formats.pdf;

import brightplumb.core.geometry.Curves;
import brightplumb.core.geometry.Point;
import brightplumb.core.geometry.Segment;
import brightplumb.core.measure.DecimalMark;
import brightplumb.core.measure.Length;
import brightplumb.core.measure.TapeWriter;
import brightplumb.core.measure.Unit;
import brightplumb.formats.sheet.BenchSheet;
import brightplumb.formats.sheet.DrawnPattern;
import brightplumb.formats.sheet.TitleBlock;
import java.io.IOException;
import java.io.OutputStream;
import java.util.ArrayList;
import java.util.List;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.pdmodel.font.PDFont;

/** The bench sheet on paper: for each piece a small numbered drawing and the distances, in the tape's own fractions. */
public final class BenchPdf {

    private static final double LEFT = 16;
    private static final double RIGHT = 12;
    private static final double TALLEST_ROW = 6.4;
    private static final double LOWEST_ROW = 4.8;
    private static final double FOOT = 12;
    private static final double TOP = 46;
    private static final double BETWEEN = 12;
    private static final double TALLEST_DRAWING = 84;
    private static final double LEAST_DRAWING = 58;

    /** Where the columns begin, mm from the left margin; those of the cut line only where it is said. */
    private static final double WHAT = LEFT + 8;

    private static final double DOWN = LEFT + 52;
    private static final double OUT = LEFT + 68;
    private static final double CUT_DOWN = LEFT + 89;
    private static final double CUT_OUT = LEFT + 105;

    private static final double FIGURES = 2.4;
    private static final double WORDS = 2.2;
    private static final double SMALL = 1.7;

    private final PDDocument document;
    private final PDFont font;
    private final PaperSize paper;
    private final Unit unit;
    private final DecimalMark mark;
    private final TitleBlock title;

    private BenchPdf(PDDocument document, PDFont font, PaperSize paper, Unit unit, DecimalMark mark, TitleBlock title) {
        this.document = document;
        this.font = font;
        this.paper = paper;
        this.unit = unit;
        this.mark = mark;
        this.title = title;
    }

    /**
     * Writes the sheet as a PDF.
     *
     * @param paper A4 or Letter
     * @param unit the tape's unit
     * @param mark what stands between centimetres and millimetres
     * @param into where it is written; it is not closed
     * @throws IOException when it cannot be written there
     */
    public static void write(
            BenchSheet sheet, TitleBlock title, PaperSize paper, Unit unit, DecimalMark mark, OutputStream into)
            throws IOException {
        try (Face face = Face.borrow();
                PDDocument document = new PDDocument()) {
            BenchPdf pdf = new BenchPdf(document, face.in(document), paper, unit, mark, title);
            for (BenchSheet.Panel panel : sheet.panels()) {
                pdf.panel(panel);
            }
            document.getDocumentInformation().setTitle(title.garment() + ", bench sheet");
            document.save(into);
        }
    }

    private String tape(double mm) {
        return unit == Unit.INCH ? TapeWriter.eighths(Length.mm(mm)) : TapeWriter.centimetres(Length.mm(mm), mark);
    }

    private String down(double mm) {
        return (tape(Math.abs(mm)).matches("0([.,]0)?") || mm > 0 ? "" : "up ") + tape(Math.abs(mm));
    }

    private String out(double mm) {
        return (tape(Math.abs(mm)).matches("0([.,]0)?") || mm > 0 ? "" : "beyond ") + tape(Math.abs(mm));
    }

    private void panel(BenchSheet.Panel panel) throws IOException {
        List<BenchSheet.Place> left = new ArrayList<>(panel.places());
        boolean first = true;
        while (first || !left.isEmpty()) {
            PDPage page = new PDPage(
                    new PDRectangle((float) (paper.width() * PdfInk.POINTS), (float) (paper.height() * PdfInk.POINTS)));
            document.addPage(page);
            try (PDPageContentStream out = new PDPageContentStream(document, page)) {
                PdfInk ink = new PdfInk(out, font, paper.height(), 0, 0);
                heading(ink, panel);
                double top = TOP;
                if (first) {
                    double tall = drawingHeight(left.size());
                    drawing(ink, panel, top, tall);
                    words(ink, panel, top);
                    top += tall + BETWEEN;
                }
                rows(ink, left, top, chalked(panel));
            }
            first = false;
        }
    }

    /**
     * As large as it may be while all rows still stand below it; where they do not, so large that more than a few go on
     * another page.
     */
    private double drawingHeight(int rows) {
        double room = paper.height() - FOOT - TOP - BETWEEN - rows * LOWEST_ROW;
        return room < LEAST_DRAWING ? TALLEST_DRAWING : Math.min(TALLEST_DRAWING, room);
    }

    private void heading(PdfInk ink, BenchSheet.Panel panel) throws IOException {
        ink.text(
                Point.of(LEFT, 20),
                5.5,
                0,
                title.garment() + ": " + panel.piece().id().replace("-", ", "));
        ink.text(
                Point.of(LEFT, 28),
                2.8,
                0,
                title.person() + ", " + title.way() + " way, " + title.revision() + ", " + title.date());
        ink.text(
                Point.of(LEFT, 35),
                2.8,
                0,
                (chalked(panel)
                                ? "As sewn, and beside it the cut line. All distances in "
                                : "As sewn, without allowances. All distances in ")
                        + (unit == Unit.INCH ? "inches" : "centimetres")
                        + ".");
    }

    private static boolean chalked(BenchSheet.Panel panel) {
        return panel.places().stream().anyMatch(p -> p.cut() != null);
    }

    private void drawing(PdfInk ink, BenchSheet.Panel panel, double top, double tall) throws IOException {
        List<Segment> outline = panel.piece().sewLine();
        List<Point> points = Curves.flattened(outline, 12);
        double minX = Math.min(0, points.stream().mapToDouble(Point::x).min().orElse(0));
        double maxX = points.stream().mapToDouble(Point::x).max().orElse(1);
        double minY = Math.min(0, points.stream().mapToDouble(Point::y).min().orElse(0));
        double maxY = points.stream().mapToDouble(Point::y).max().orElse(1);
        double scale = Math.min(tall / (maxY - minY), 70 / (maxX - minX));
        double x0 = LEFT + 12 - minX * scale;
        double y0 = top - minY * scale;
        ink.pen(0.15, 1.2, 1);
        ink.line(x0, top - 3, x0, y0 + maxY * scale + 3);
        for (DrawnPattern.Level level : panel.levels()) {
            ink.line(x0 - 5, y0 + level.y() * scale, x0 + maxX * scale + 6, y0 + level.y() * scale);
            ink.text(Point.of(x0 + maxX * scale + 7, y0 + level.y() * scale + 1), 1.9, 0, level.name());
        }
        ink.pen(0.4, 0, 0);
        for (int i = 0; i + 1 < points.size(); i++) {
            Point a = points.get(i);
            Point b = points.get(i + 1);
            ink.line(x0 + a.x() * scale, y0 + a.y() * scale, x0 + b.x() * scale, y0 + b.y() * scale);
        }
        ink.pen(0.2, 2, 1.2);
        for (DrawnPattern.Inner line : panel.piece().inner()) {
            List<Point> along = Curves.flattened(line.run(), 12);
            for (int i = 0; i + 1 < along.size(); i++) {
                Point a = along.get(i);
                Point b = along.get(i + 1);
                ink.line(x0 + a.x() * scale, y0 + a.y() * scale, x0 + b.x() * scale, y0 + b.y() * scale);
            }
        }
        ink.pen(0.25, 0, 0);
        for (DrawnPattern.Dart dart : panel.piece().darts()) {
            for (Point leg : List.of(dart.inner(), dart.outer())) {
                ink.line(
                        x0 + leg.x() * scale,
                        y0 + leg.y() * scale,
                        x0 + dart.point().x() * scale,
                        y0 + dart.point().y() * scale);
            }
        }
        Numbers numbers = new Numbers(x0, y0, scale, Point.of((minX + maxX) / 2, (minY + maxY) / 2));
        for (BenchSheet.Place place : panel.places()) {
            numbers.put(ink, place);
        }
    }

    private void words(PdfInk ink, BenchSheet.Panel panel, double top) throws IOException {
        double x = LEFT + 104;
        double y = top + 4;
        ink.text(Point.of(x, y), 3.4, 0, "First the base lines");
        List<String> lines = new ArrayList<>(
                panel.onBody()
                        ? List.of(
                                "Draw the centre line, upright, and the waist",
                                "line, level, square to it. \"Down\" is measured",
                                "from the waist line, \"out\" from the centre line.")
                        : List.of(
                                "Draw one line upright and one level, square to",
                                "it. \"Down\" is measured from the level line,",
                                "\"out\" from the upright one."));
        for (DrawnPattern.Level level : panel.levels()) {
            if (level.y() > 0) {
                lines.add("The " + level.name() + " line: " + tape(level.y()) + " down, square across.");
            }
        }
        lines.add("Then the points in order, each joined as it says.");
        if (chalked(panel)) {
            lines.add("On cloth: fold the hem up first, then cut the side");
            lines.add("through both layers.");
        }
        lines.addAll(broken(panel.begins()));
        for (String line : lines) {
            y += 6;
            ink.text(Point.of(x, y), 2.5, 0, line);
        }
    }

    /** A sentence in lines of about fifty letters. */
    private static List<String> broken(String words) {
        List<String> lines = new ArrayList<>();
        StringBuilder line = new StringBuilder();
        for (String word : words.split(" ")) {
            if (line.length() + word.length() > 50) {
                lines.add(line.toString());
                line = new StringBuilder();
            }
            line.append(line.isEmpty() ? "" : " ").append(word);
        }
        if (!line.isEmpty()) {
            lines.add(line.toString());
        }
        return lines;
    }

    private void rows(PdfInk ink, List<BenchSheet.Place> left, double top, boolean chalked) throws IOException {
        double how = chalked ? LEFT + 127 : CUT_DOWN;
        ink.text(Point.of(DOWN, top), WORDS, 0, "down");
        ink.text(Point.of(OUT, top), WORDS, 0, "out");
        if (chalked) {
            ink.text(Point.of(CUT_DOWN, top), WORDS, 0, "cut: down");
            ink.text(Point.of(CUT_OUT, top), WORDS, 0, "out");
        }
        ink.pen(0.2, 0, 0);
        ink.line(LEFT, top + 1.5, paper.width() - RIGHT, top + 1.5);
        double y = top;
        double room = paper.height() - FOOT - top;
        double row = Math.max(LOWEST_ROW, Math.min(TALLEST_ROW, room / left.size()));
        while (!left.isEmpty() && y + row <= paper.height() - FOOT + 0.01) {
            BenchSheet.Place place = left.remove(0);
            y += row;
            ink.pen(0.1, 0, 0);
            ink.line(LEFT, y + 1.5, paper.width() - RIGHT, y + 1.5);
            ink.text(Point.of(LEFT, y), FIGURES, 0, String.valueOf(place.number()));
            ink.text(Point.of(WHAT, y), WORDS, 0, fitting(ink, place.what(), DOWN - WHAT - 1));
            ink.text(Point.of(DOWN, y), FIGURES, 0, down(place.at().y()));
            ink.text(Point.of(OUT, y), FIGURES, 0, out(place.at().x()));
            if (place.cut() != null) {
                ink.text(Point.of(CUT_DOWN, y), FIGURES, 0, down(place.cut().y()));
                ink.text(Point.of(CUT_OUT, y), FIGURES, 0, out(place.cut().x()));
            }
            how(ink, how, y, place.how());
        }
    }

    /** How a point is joined: in one line, or in two small ones. */
    private void how(PdfInk ink, double x, double y, String words) throws IOException {
        double room = paper.width() - RIGHT - x;
        if (ink.width(words, WORDS) <= room) {
            ink.text(Point.of(x, y), WORDS, 0, words);
            return;
        }
        if (ink.width(words, SMALL) <= room) {
            ink.text(Point.of(x, y), SMALL, 0, words);
            return;
        }
        int cut = words.length();
        while (cut > 0
                && (ink.width(words.substring(0, cut), SMALL) > room
                        || cut < words.length() && words.charAt(cut) != ' ')) {
            cut--;
        }
        ink.text(Point.of(x, y - 1.7), SMALL, 0, words.substring(0, cut));
        ink.text(
                Point.of(x, y + 0.9),
                SMALL,
                0,
                fitting(ink, words.substring(cut).strip(), room));
    }

    /** The words, or as many letters as have room. */
    private static String fitting(PdfInk ink, String words, double room) throws IOException {
        String all = words;
        while (!all.isEmpty() && ink.width(all, WORDS) > room) {
            all = all.substring(0, all.length() - 1);
        }
        return all;
    }

    /** Puts each point's number just outside the drawing. */
    private record Numbers(double x0, double y0, double scale, Point middle) {

        void put(PdfInk ink, BenchSheet.Place place) throws IOException {
            double x = x0 + place.at().x() * scale;
            double y = y0 + place.at().y() * scale;
            ink.line(x - 0.6, y, x + 0.6, y);
            ink.line(x, y - 0.6, x, y + 0.6);
            boolean right = place.at().x() > middle.x();
            boolean above = place.at().y() < middle.y() / 3;
            ink.text(Point.of(x + (right ? 1 : -4), y + (above ? -1.2 : 2.4)), 1.9, 0, String.valueOf(place.number()));
        }
    }
}
