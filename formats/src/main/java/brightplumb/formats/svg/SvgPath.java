package brightplumb.formats.svg;

import brightplumb.core.geometry.Cubic;
import brightplumb.core.geometry.Point;
import brightplumb.core.geometry.Segment;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.List;

/** Joined segments as the path data of SVG. */
final class SvgPath {

    private SvgPath() {}

    /**
     * The path.
     *
     * @param decimals how many are kept, of mm
     */
    static String of(List<Segment> run, int decimals) {
        StringBuilder d = new StringBuilder();
        Point at = null;
        for (Segment segment : run) {
            if (at == null || at.distance(segment.from()) > 1e-9) {
                d.append('M').append(pair(segment.from(), decimals));
            }
            if (segment instanceof Cubic k) {
                d.append('C')
                        .append(pair(k.c1(), decimals))
                        .append(' ')
                        .append(pair(k.c2(), decimals))
                        .append(' ')
                        .append(pair(k.to(), decimals));
            } else {
                d.append('L').append(pair(segment.to(), decimals));
            }
            at = segment.to();
        }
        return d.toString();
    }

    private static String pair(Point p, int decimals) {
        return number(p.x(), decimals) + "," + number(p.y(), decimals);
    }

    /** A number with so many decimals at the most. */
    static String number(double value, int decimals) {
        BigDecimal rounded = BigDecimal.valueOf(value)
                .setScale(decimals, RoundingMode.HALF_UP)
                .stripTrailingZeros();
        return rounded.signum() == 0 ? "0" : rounded.toPlainString();
    }
}
