package brightplumb.formats.sheet;

import brightplumb.core.geometry.Cubic;
import brightplumb.core.geometry.Curves;
import brightplumb.core.geometry.Line;
import brightplumb.core.geometry.Point;
import brightplumb.core.geometry.Segment;
import brightplumb.core.measure.Length;
import brightplumb.core.pattern.Half;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;

/**
 * A draft as numbered distances from two base lines, in the order of the bench, so that it can be drawn by hand with
 * tape and chalk. The base lines are the centre line, upright, and the waist line, level; a piece that is made besides
 * has two of its own. They cross at the corner.
 *
 * @param panels one for each piece
 */
public record BenchSheet(List<Panel> panels) {

    /** How near a smooth line through the points lies to the curve, mm. */
    private static final double NEAR = 0.6;

    private static final double STRAIGHT_ENOUGH = Length.INCH / 32;
    private static final double SAME = 1e-6;
    /** The cosine of the turn, about half a right angle, from which an edge has a corner. */
    private static final double BEND = 0.7;

    public BenchSheet {
        panels = List.copyOf(panels);
    }

    /**
     * One piece.
     *
     * @param places the points in the order they are laid off
     * @param begins how it is begun where it is taken from the front: which points are the front's; empty where it is
     *     not
     */
    public record Panel(DrawnPattern.Piece piece, List<Place> places, String begins) {

        /** Level lines, squared across from the centre line. */
        public List<DrawnPattern.Level> levels() {
            return piece.levels();
        }

        /** Whether its base lines are the body's own; a piece made besides lies on two of its own. */
        public boolean onBody() {
            return !piece.levels().isEmpty();
        }

        /** What it is called on the sheet. */
        public String name() {
            return piece.name();
        }
    }

    /**
     * A point to lay off.
     *
     * @param number its number on the drawing
     * @param what what it is
     * @param at where it is: x mm out from the centre line (negative: beyond it), y mm down from the waist line
     *     (negative: up)
     * @param how how the line is drawn to it from the points before; empty for the first
     * @param cut where the cut line lies beside it, for chalk straight on cloth; null where none is asked, and for a
     *     point inside the piece
     */
    public record Place(int number, String what, Point at, String how, Point cut) {
        private Place beside(ChalkLine line, boolean corner) {
            return new Place(number, what, at, how, line.beside(at, corner));
        }
    }

    /** The sheet of a pattern as sewn, without allowances. */
    public static BenchSheet of(DrawnPattern pattern) {
        return of(pattern, false);
    }

    /**
     * The sheet of a pattern.
     *
     * @param allowances whether every point of the outline has its fellow on the cut line
     */
    public static BenchSheet of(DrawnPattern pattern, boolean allowances) {
        List<Panel> panels = new ArrayList<>();
        for (DrawnPattern.Piece drawn : pattern.pieces()) {
            DrawnPattern.Piece piece = drawn.onFrame();
            List<Place> places = new Walk(piece).places();
            panels.add(new Panel(piece, allowances ? chalked(piece, places) : places, begins(piece, places, panels)));
        }
        return new BenchSheet(panels);
    }

    private static List<Place> chalked(DrawnPattern.Piece piece, List<Place> places) {
        ChalkLine line = new ChalkLine(piece);
        List<Segment> sewn = piece.sewLine();
        return places.stream()
                .map(p -> Curves.near(sewn, p.at(), SAME * 10)
                        ? p.beside(
                                line,
                                piece.edges().stream()
                                        .anyMatch(e -> e.run().get(0).from().distance(p.at()) < SAME * 10))
                        : p)
                .toList();
    }

    /** A back whose points are partly the front's is traced from it: what differs is laid off. */
    private static String begins(DrawnPattern.Piece piece, List<Place> places, List<Panel> before) {
        if (piece.frame() != null) {
            return "It stands on the front's frame, half a hip wide: its own centre line is the far side of it.";
        }
        if (piece.levels().isEmpty() || !piece.panel().equals(Half.BACK.id())) {
            return "";
        }
        String hand = piece.id().replace(piece.panel(), "");
        List<Place> front = before.stream()
                .filter(p -> p.piece().id().equals(Half.FRONT.id() + hand))
                .flatMap(p -> p.places().stream())
                .toList();
        List<String> same = new ArrayList<>();
        for (Place place : places) {
            front.stream()
                    .filter(f -> f.at().distance(place.at()) < TRACED)
                    .findFirst()
                    .ifPresent(f -> same.add(place.number() + " (its " + f.number() + ")"));
        }
        return same.size() < LEAST_TRACED
                ? ""
                : "Trace the front first: " + String.join(", ", same)
                        + " are the front's own points. The others differ.";
    }

    /** Two points nearer than this are one, mm; from so many on a back is traced. Our own choice. */
    private static final double TRACED = 0.8;

    private static final int LEAST_TRACED = 3;

    /** Once round a piece, from the centre of the waist. */
    private static final class Walk {
        private final DrawnPattern.Piece piece;
        private final List<Place> places = new ArrayList<>();
        /** The number of the last point on the outline; a dart's point lies beside it. */
        private int here;

        Walk(DrawnPattern.Piece piece) {
            this.piece = piece;
        }

        List<Place> places() {
            List<DrawnPattern.Edge> seams = piece.edges();
            Point start = seams.get(0).run().get(0).from();
            here = put(
                    piece.levels().isEmpty()
                            ? meeting(seams.get(seams.size() - 1), seams.get(0))
                            : seams.get(0).spoken() + " at the " + piece.centre(),
                    start,
                    "");
            for (int i = 0; i < seams.size(); i++) {
                DrawnPattern.Edge seam = seams.get(i);
                for (int k = 0; k < seam.run().size(); k++) {
                    boolean last = k == seam.run().size() - 1;
                    boolean home = last && i == seams.size() - 1;
                    along(seam, seam.run().get(k), last ? corner(i) : bend(seam, k), home);
                }
            }
            for (DrawnPattern.Inner line : piece.inner()) {
                inner(line);
            }
            return List.copyOf(places);
        }

        /** A fold, or where another piece is laid on: from its one end to the other. */
        private void inner(DrawnPattern.Inner line) {
            List<Segment> run = line.run();
            here = put(line.text() + ", from", run.get(0).from(), "");
            DrawnPattern.Edge walked = new DrawnPattern.Edge(line.text(), line.text(), run);
            for (int k = 0; k < run.size(); k++) {
                along(walked, run.get(k), k == run.size() - 1 ? line.text() + ", to" : null, false);
            }
        }

        private String corner(int i) {
            DrawnPattern.Edge before = piece.edges().get(i);
            DrawnPattern.Edge next = piece.edges().get((i + 1) % piece.edges().size());
            if (piece.levels().isEmpty()) {
                return meeting(before, next);
            }
            return switch (before.id()) {
                case "waist", "under.band" -> before.spoken() + " at the side";
                case "inseam" -> "fork";
                case "hem" -> next.id().startsWith("centre") ? "hem at the " + piece.centre() : meeting(before, next);
                default ->
                    switch (next.id()) {
                        case "hem" -> "hem at the " + before.spoken();
                        case "centre.back.zip" -> "zip end";
                        case "fly" -> "fly end";
                        default -> centre(before) && centre(next) ? "on the " + piece.centre() : meeting(before, next);
                    };
            };
        }

        private static boolean centre(DrawnPattern.Edge edge) {
            return edge.id().startsWith("centre")
                    || edge.id().equals("crotch")
                    || edge.id().equals("fly");
        }

        /** What a corner within an edge is called; null where the edge runs on. */
        private static String bend(DrawnPattern.Edge seam, int k) {
            Point before = seam.run().get(k).direction(1);
            Point after = seam.run().get(k + 1).direction(0);
            return before.dot(after) < BEND ? "corner, " + seam.spoken() : null;
        }

        private static String meeting(DrawnPattern.Edge before, DrawnPattern.Edge next) {
            return before.id().equals("hem") && next.id().equals("inseam")
                    ? "hem at the inseam"
                    : "corner, " + before.spoken() + " and " + next.spoken();
        }

        private void along(DrawnPattern.Edge seam, Segment segment, String corner, boolean home) {
            int from = here;
            List<Integer> through = new ArrayList<>();
            if (segment instanceof Cubic curve && bulge(curve) > STRAIGHT_ENOUGH) {
                List<Point> points = SmoothLine.through(curve, NEAR);
                for (Point at : points.subList(1, points.size() - 1)) {
                    through.add(put("on the " + seam.spoken(), at, ""));
                }
            }
            String how = through.isEmpty()
                    ? "straight from " + from
                    : "smooth curve from " + from + " through "
                            + through.stream().map(String::valueOf).collect(Collectors.joining(", "));
            if (home) {
                Place first = places.get(0);
                places.set(0, new Place(first.number(), first.what(), first.at(), "last of all: " + how, null));
                return;
            }
            DrawnPattern.Dart opened = dart(segment);
            here = put(
                    corner != null ? corner : name(seam, segment.to()),
                    segment.to(),
                    opened == null ? how : "the dart's mouth, straight from " + from);
            if (opened != null) {
                put("dart point", opened.point(), "dart legs, straight from " + from + " and " + here);
            }
        }

        private DrawnPattern.Dart dart(Segment segment) {
            return piece.darts().stream()
                    .filter(d -> segment instanceof Line
                            && d.inner().distance(segment.from()) < SAME
                            && d.outer().distance(segment.to()) < SAME)
                    .findFirst()
                    .orElse(null);
        }

        private String name(DrawnPattern.Edge seam, Point at) {
            for (DrawnPattern.Dart dart : piece.darts()) {
                if (dart.inner().distance(at) < SAME) {
                    return "dart, leg nearer the centre";
                }
                if (dart.outer().distance(at) < SAME) {
                    return "dart, leg nearer the side";
                }
            }
            return piece.levels().stream()
                    .filter(l -> Math.abs(l.y() - at.y()) < 0.5)
                    .findFirst()
                    .map(l -> l.name() + " on the " + seam.spoken())
                    .orElse("on the " + seam.spoken());
        }

        private int put(String what, Point at, String how) {
            places.add(new Place(places.size() + 1, what, at, how, null));
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
