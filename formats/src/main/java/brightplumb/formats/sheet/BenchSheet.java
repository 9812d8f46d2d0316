package brightplumb.formats.sheet;

import brightplumb.core.cut.Drafted;
import brightplumb.core.geometry.Cubic;
import brightplumb.core.geometry.Curves;
import brightplumb.core.geometry.Line;
import brightplumb.core.geometry.Point;
import brightplumb.core.geometry.Segment;
import brightplumb.core.measure.Length;
import brightplumb.core.paper.Dart;
import brightplumb.core.paper.Edge;
import brightplumb.core.paper.Level;
import brightplumb.core.paper.Piece;
import brightplumb.core.paper.Seam;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;

/**
 * A draft as numbered distances from two base lines, in the order of the bench, so that it can be drawn by hand with tape and chalk. The
 * base lines are the centre line, upright, and the waist line, level; they cross at the corner.
 *
 * @param panels one for each piece
 */
public record BenchSheet(List<Panel> panels) {

    private static final double CURVE_STEP = 65;
    private static final double STRAIGHT_ENOUGH = Length.INCH / 32;
    private static final double SAME = 1e-6;

    public BenchSheet {
        panels = List.copyOf(panels);
    }

    /**
     * One piece.
     *
     * @param levels level lines, squared across from the centre line
     * @param places the points in the order they are laid off
     */
    public record Panel(Piece piece, List<Level> levels, List<Place> places) {}

    /**
     * A point to lay off.
     *
     * @param number its number on the drawing
     * @param what what it is
     * @param at where it is: x mm out from the centre line (negative: beyond it), y mm down from the waist line (negative: up)
     * @param how how the line is drawn to it from the points before; empty for the first
     */
    public record Place(int number, String what, Point at, String how) {}

    /** The sheet of a garment as sewn, without allowances; legs that differ each on their own levels. */
    public static BenchSheet of(Drafted drafted) {
        List<Panel> panels = new ArrayList<>();
        for (Piece piece : drafted.draft().pieces()) {
            boolean right = drafted.right() != null && piece.id().endsWith(".right");
            List<Level> levels = (right ? drafted.right() : drafted.draft()).levels();
            panels.add(new Panel(piece, levels, new Walk(piece, levels).places()));
        }
        return new BenchSheet(panels);
    }

    /** Once round a piece, from the centre of the waist. */
    private static final class Walk {
        private final Piece piece;
        private final List<Level> levels;
        private final List<Place> places = new ArrayList<>();
        /** The number of the last point on the outline; a dart's point lies beside it. */
        private int here;

        Walk(Piece piece, List<Level> levels) {
            this.piece = piece;
            this.levels = levels;
        }

        List<Place> places() {
            List<Seam> seams = piece.seams();
            Point start = seams.get(0).run().get(0).from();
            here = put(seams.get(0).edge().spoken() + " at the " + piece.panel().centre(), start, "");
            for (int i = 0; i < seams.size(); i++) {
                Seam seam = seams.get(i);
                for (int k = 0; k < seam.run().size(); k++) {
                    boolean last = k == seam.run().size() - 1;
                    boolean home = last && i == seams.size() - 1;
                    along(seam, seam.run().get(k), last ? corner(i) : null, home);
                }
            }
            return List.copyOf(places);
        }

        private String corner(int i) {
            Seam next = piece.seams().get((i + 1) % piece.seams().size());
            String centre = piece.panel().centre();
            return switch (piece.seams().get(i).edge()) {
                case WAIST -> "waist at the side";
                case SIDE -> "hem at the side";
                case HEM -> next.edge() == Edge.INSEAM ? "hem at the inseam" : "hem at the " + centre;
                case INSEAM -> "fork";
                default ->
                    switch (next.edge()) {
                        case CENTRE_BACK_ZIP -> "zip end";
                        case FLY -> "fly end";
                        default -> "on the " + centre;
                    };
            };
        }

        private void along(Seam seam, Segment segment, String corner, boolean home) {
            int from = here;
            List<Integer> through = new ArrayList<>();
            if (segment instanceof Cubic curve && bulge(curve) > STRAIGHT_ENOUGH) {
                int parts = (int) Math.min(5, Math.max(2, Math.ceil(curve.length() / CURVE_STEP)));
                double length = curve.length();
                for (int i = 1; i < parts; i++) {
                    Point at = Curves.along(List.of(curve), length * i / parts).at();
                    through.add(put("on the " + seam.edge().spoken(), at, ""));
                }
            }
            String how = through.isEmpty()
                    ? "straight from " + from
                    : "smooth curve from " + from + " through "
                            + through.stream().map(String::valueOf).collect(Collectors.joining(", "));
            if (home) {
                Place first = places.get(0);
                places.set(0, new Place(first.number(), first.what(), first.at(), "last of all: " + how));
                return;
            }
            Dart opened = dart(segment);
            here = put(
                    corner != null ? corner : name(seam, segment.to()),
                    segment.to(),
                    opened == null ? how : "the dart's mouth, straight from " + from);
            if (opened != null) {
                put("dart point", opened.point(), "dart legs, straight from " + from + " and " + here);
            }
        }

        private Dart dart(Segment segment) {
            return piece.darts().stream()
                    .filter(d -> segment instanceof Line
                            && d.inner().distance(segment.from()) < SAME
                            && d.outer().distance(segment.to()) < SAME)
                    .findFirst()
                    .orElse(null);
        }

        private String name(Seam seam, Point at) {
            for (Dart dart : piece.darts()) {
                if (dart.inner().distance(at) < SAME) {
                    return "dart, leg nearer the centre";
                }
                if (dart.outer().distance(at) < SAME) {
                    return "dart, leg nearer the side";
                }
            }
            return levels.stream()
                    .filter(l -> Math.abs(l.y() - at.y()) < 0.5)
                    .findFirst()
                    .map(l -> l.name() + " on the " + seam.edge().spoken())
                    .orElse("on the " + seam.edge().spoken());
        }

        private int put(String what, Point at, String how) {
            places.add(new Place(places.size() + 1, what, at, how));
            return places.size();
        }

        /** How far a curve stands off the straight line between its ends. */
        private static double bulge(Cubic curve) {
            Point along = curve.to().minus(curve.from()).unit();
            return curve.flattened(8).stream()
                    .mapToDouble(p -> Math.abs(p.minus(curve.from()).cross(along)))
                    .max()
                    .orElse(0);
        }
    }
}
