package brightplumb.formats.pdf;

import brightplumb.core.geometry.Cubic;
import brightplumb.core.geometry.Point;
import brightplumb.core.geometry.Segment;
import brightplumb.formats.sheet.Ink;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.font.PDFont;
import org.apache.pdfbox.util.Matrix;

/** Puts ink on a PDF page in millimetres from the page's upper left corner. */
final class PdfInk {

    /** Points in one millimetre. */
    static final double POINTS = 72 / 25.4;

    private final PDPageContentStream out;
    private final PDFont font;
    private final double pageHeight;
    private final double dx;
    private final double dy;

    /**
     * @param dx mm added to every x
     * @param dy mm added to every y
     */
    PdfInk(PDPageContentStream out, PDFont font, double pageHeight, double dx, double dy) {
        this.out = out;
        this.font = font;
        this.pageHeight = pageHeight;
        this.dx = dx;
        this.dy = dy;
    }

    PdfInk moved(double byX, double byY) {
        return new PdfInk(out, font, pageHeight, dx + byX, dy + byY);
    }

    float x(double mm) {
        return (float) ((mm + dx) * POINTS);
    }

    float y(double mm) {
        return (float) ((pageHeight - mm - dy) * POINTS);
    }

    void draw(Ink ink) throws IOException {
        if (ink instanceof Ink.Stroke stroke) {
            pen(stroke.pen().width(), stroke.pen().dash(), stroke.pen().gap());
            stroke(stroke.run());
        } else if (ink instanceof Ink.Text text) {
            text(text.at(), text.height(), text.turned(), text.text());
        }
    }

    void pen(double width, double dash, double gap) throws IOException {
        out.setLineWidth((float) (width * POINTS));
        out.setLineDashPattern(
                dash > 0 ? new float[] {(float) (dash * POINTS), (float) (gap * POINTS)} : new float[0], 0);
    }

    private void path(List<? extends Segment> run) throws IOException {
        Point at = null;
        for (Segment segment : run) {
            if (at == null || at.distance(segment.from()) > 1e-9) {
                out.moveTo(x(segment.from().x()), y(segment.from().y()));
            }
            if (segment instanceof Cubic k) {
                out.curveTo(x(k.c1().x()), y(k.c1().y()), x(k.c2().x()), y(k.c2().y()), x(k.to().x()), y(k.to().y()));
            } else {
                out.lineTo(x(segment.to().x()), y(segment.to().y()));
            }
            at = segment.to();
        }
    }

    void line(double x0, double y0, double x1, double y1) throws IOException {
        out.moveTo(x(x0), y(y0));
        out.lineTo(x(x1), y(y1));
        out.stroke();
    }

    void rectangle(double left, double top, double width, double height) throws IOException {
        out.addRect(x(left), y(top + height), (float) (width * POINTS), (float) (height * POINTS));
        out.stroke();
    }

    /** Nothing drawn from now on shows outside the rectangle. */
    void clip(double left, double top, double width, double height) throws IOException {
        out.addRect(x(left), y(top + height), (float) (width * POINTS), (float) (height * POINTS));
        out.clip();
    }

    void text(Point at, double height, double turned, String words) throws IOException {
        out.beginText();
        out.setFont(font, (float) (height * 1.4 * POINTS));
        out.setTextMatrix(Matrix.getRotateInstance(Math.toRadians(-turned), x(at.x()), y(at.y())));
        out.showText(inFont(words));
        out.endText();
    }

    /** How wide words of that height are, mm. */
    double width(String words, double height) throws IOException {
        return font.getStringWidth(inFont(words)) / 1000 * height * 1.4;
    }

    /** The words in lines no wider than so many mm; one that is wider stands alone. */
    List<String> wrapped(String words, double height, double most) throws IOException {
        List<String> lines = new ArrayList<>();
        StringBuilder line = new StringBuilder();
        for (String word : words.split(" ")) {
            String next = line.isEmpty() ? word : line + " " + word;
            if (width(next, height) > most && !line.isEmpty()) {
                lines.add(line.toString());
                line = new StringBuilder(word);
            } else {
                line = new StringBuilder(next);
            }
        }
        lines.add(line.toString());
        return lines;
    }

    /** The words, cut off where they are wider than so many mm. */
    String fitting(String words, double height, double most) throws IOException {
        String shown = words;
        while (shown.length() > 1 && width(shown, height) > most) {
            shown = shown.substring(0, shown.length() - 2).stripTrailing() + "…";
        }
        return shown;
    }

    /** Joined segments in the pen that was chosen. */
    void stroke(List<? extends Segment> run) throws IOException {
        path(run);
        out.stroke();
    }

    /** Letters the font lacks are shown as a question mark rather than refused. */
    private String inFont(String words) {
        StringBuilder shown = new StringBuilder();
        words.codePoints().forEach(c -> {
            String letter = new String(Character.toChars(c));
            shown.append(has(letter) ? letter : "?");
        });
        return shown.toString();
    }

    private boolean has(String letter) {
        try {
            return font.encode(letter).length > 0 && !Character.isISOControl(letter.codePointAt(0));
        } catch (IllegalArgumentException | IOException lacking) {
            return false;
        }
    }
}
