package brightplumb.formats.plot;

import brightplumb.core.geometry.Curves;
import brightplumb.core.geometry.Point;
import brightplumb.formats.sheet.Ink;
import brightplumb.formats.sheet.PatternSheet;
import java.text.Normalizer;
import java.util.List;
import java.util.Locale;

/**
 * Writes a pattern sheet as HP-GL for a roll plotter: forty units a millimetre, the sheet's length along the roll, pen
 * 1 for what is cut, 2 for what is sewn, 3 for all else. Curves are drawn in straight strokes that stand off them by no
 * more than a fifth of a millimetre.
 */
public final class PlotWriter {

    /** Plotter units a millimetre: 0.025 mm each. */
    public static final int UNITS = 40;

    private static final int STEPS = 32;

    private PlotWriter() {}

    /** The sheet as a plot file. */
    public static String write(PatternSheet sheet) {
        StringBuilder plot = new StringBuilder("IN;\n");
        int pen = 0;
        for (Ink ink : sheet.ink()) {
            int wanted = pen(ink);
            if (wanted != pen) {
                plot.append("SP").append(wanted).append(";\n");
                pen = wanted;
            }
            if (ink instanceof Ink.Text text) {
                written(plot, text);
            } else {
                drawn(plot, Curves.flattened(((Ink.Stroke) ink).run(), STEPS));
            }
        }
        return plot.append("PU;SP0;\n").toString();
    }

    private static int pen(Ink ink) {
        return ink instanceof Ink.Stroke stroke
                ? switch (stroke.pen()) {
                    case CUT -> 1;
                    case SEW -> 2;
                    default -> 3;
                }
                : 3;
    }

    private static void drawn(StringBuilder plot, List<Point> places) {
        plot.append("PU").append(at(places.get(0))).append(";PD");
        for (int i = 1; i < places.size(); i++) {
            plot.append(i == 1 ? "" : ",").append(at(places.get(i)));
        }
        plot.append(";\n");
    }

    /** Letters are as high as on paper; a label ends with the character 3. */
    private static void written(StringBuilder plot, Ink.Text text) {
        double turn = Math.toRadians(90 - text.turned());
        plot.append("PU").append(at(text.at())).append(";");
        plot.append(String.format(
                Locale.ROOT,
                "SI%.3f,%.3f;DI%.4f,%.4f;LB%s\u0003;%n",
                text.height() * 0.06,
                text.height() * 0.1,
                Math.cos(turn),
                Math.sin(turn),
                plain(text.text())));
    }

    /** A plotter's own letters are plain ones. */
    private static String plain(String text) {
        return Normalizer.normalize(text, Normalizer.Form.NFKD)
                .replace('⁄', '/')
                .replaceAll("[^\\x20-\\x7e]", "");
    }

    /**
     * A place on the sheet as the plotter counts it: what lies down the sheet lies along the roll, what lies across it
     * upward.
     */
    private static String at(Point place) {
        return Math.round(place.y() * UNITS) + "," + Math.round(place.x() * UNITS);
    }
}
