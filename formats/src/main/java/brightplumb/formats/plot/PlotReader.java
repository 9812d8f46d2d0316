package brightplumb.formats.plot;

import brightplumb.core.geometry.Point;
import java.util.ArrayList;
import java.util.List;

/**
 * Reads HP-GL as a plotter does: the strokes of its pens, and the words. Only what {@link PlotWriter} writes is known.
 */
public final class PlotReader {

    private static final char END_OF_LABEL = 3;

    /**
     * What a pen draws before it is lifted.
     *
     * @param pen its number
     * @param places where it goes, mm from the plot's lower left corner, y upward
     * @param word what it writes there, where it writes; empty where it draws
     */
    public record Stroke(int pen, List<Point> places, String word) {
        public Stroke {
            places = List.copyOf(places);
        }

        /** How far the pen goes, mm. */
        public double length() {
            double length = 0;
            for (int i = 0; i + 1 < places.size(); i++) {
                length += places.get(i).distance(places.get(i + 1));
            }
            return length;
        }
    }

    private final String plot;
    private final List<Stroke> strokes = new ArrayList<>();
    private int next;
    private int pen;
    private Point at = Point.of(0, 0);

    private PlotReader(String plot) {
        this.plot = plot;
    }

    /**
     * The strokes of a plot, in the order they are drawn.
     *
     * @throws IllegalArgumentException where it holds what no plotter of this kind knows
     */
    public static List<Stroke> read(String plot) {
        PlotReader reader = new PlotReader(plot);
        while (reader.skipped()) {
            reader.command();
        }
        return List.copyOf(reader.strokes);
    }

    /** Past spaces and ends of lines; false at the end. */
    private boolean skipped() {
        while (next < plot.length() && (Character.isWhitespace(plot.charAt(next)) || plot.charAt(next) == ';')) {
            next++;
        }
        return next < plot.length();
    }

    private void command() {
        String name = plot.substring(next, Math.min(plot.length(), next + 2));
        next += 2;
        if (name.equals("LB")) {
            int end = plot.indexOf(END_OF_LABEL, next);
            if (end < 0) {
                throw new IllegalArgumentException("A label has no end");
            }
            strokes.add(new Stroke(pen, List.of(at), plot.substring(next, end)));
            next = end + 1;
            return;
        }
        double[] values = values();
        switch (name) {
            case "IN", "SI", "DI" -> {}
            case "SP" -> pen = values.length == 0 ? 0 : (int) values[0];
            case "PU" -> places(values).forEach(place -> at = place);
            case "PD" -> down(places(values));
            default -> throw new IllegalArgumentException("A plotter does not know " + name);
        }
    }

    private void down(List<Point> places) {
        if (places.isEmpty()) {
            return;
        }
        List<Point> all = new ArrayList<>(List.of(at));
        all.addAll(places);
        at = places.get(places.size() - 1);
        strokes.add(new Stroke(pen, all, ""));
    }

    private double[] values() {
        int end = plot.indexOf(';', next);
        String written = plot.substring(next, end < 0 ? plot.length() : end).strip();
        next = end < 0 ? plot.length() : end + 1;
        if (written.isEmpty()) {
            return new double[0];
        }
        String[] parts = written.split(",");
        double[] values = new double[parts.length];
        for (int i = 0; i < parts.length; i++) {
            values[i] = Double.parseDouble(parts[i].strip());
        }
        return values;
    }

    private static List<Point> places(double[] values) {
        List<Point> places = new ArrayList<>();
        for (int i = 0; i + 1 < values.length; i += 2) {
            places.add(Point.of(values[i] / PlotWriter.UNITS, values[i + 1] / PlotWriter.UNITS));
        }
        return places;
    }
}
