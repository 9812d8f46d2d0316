package brightplumb.formats.pdf;

import brightplumb.core.geometry.Curves;
import brightplumb.core.geometry.Point;
import brightplumb.formats.sheet.Ink;
import java.io.IOException;
import java.util.List;

/** The pattern drawn small on the page map: cut lines only. */
final class MiniInk {

    private static final int STEPS = 10;

    private final PdfInk ink;
    private final double left;
    private final double top;
    private final double scale;

    MiniInk(PdfInk ink, double left, double top, double scale) {
        this.ink = ink;
        this.left = left;
        this.top = top;
        this.scale = scale;
    }

    void draw(Ink each) throws IOException {
        if (each instanceof Ink.Stroke stroke && stroke.pen() == Ink.Pen.CUT) {
            ink.pen(0.35, 0, 0);
            List<Point> points = Curves.flattened(stroke.run(), STEPS);
            for (int i = 0; i + 1 < points.size(); i++) {
                Point a = points.get(i);
                Point b = points.get(i + 1);
                ink.line(left + a.x() * scale, top + a.y() * scale, left + b.x() * scale, top + b.y() * scale);
            }
        }
    }
}
