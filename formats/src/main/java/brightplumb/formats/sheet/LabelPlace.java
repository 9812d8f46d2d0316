package brightplumb.formats.sheet;

import brightplumb.core.geometry.Curves;
import brightplumb.core.geometry.Outlines;
import brightplumb.core.geometry.Point;
import brightplumb.core.geometry.Segment;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;

/**
 * Where a piece's label stands: inside the sewn line, clear of the grain line, darts, folds and placed lines; as large
 * as there is room for, in fewer lines where the piece is narrow.
 *
 * @param at the left end of the first line's base line, on the piece
 * @param lines the words, from the top
 * @param scale the share of its full size
 */
record LabelPlace(Point at, List<String> lines, double scale) {

    private static final double HEADING = 4.5;
    private static final double BODY = 3.2;
    private static final double LINE = 6.5;
    /** A letter is about so much of its height wide. */
    private static final double LETTER = 0.66;

    private static final double CLEAR = 3;
    private static final double STEP = 6;
    private static final double[] SCALES = {1, 0.8, 0.62, 0.48};

    /** The place for a piece's words; where not even the smallest fits, its name alone beside the grain line. */
    static LabelPlace of(OneSheet sheet, List<String> words) {
        DrawnPattern.Piece piece = sheet.drawn();
        Room room = new Room(sheet);
        for (double scale : SCALES) {
            for (List<String> lines : layouts(words)) {
                Point at = room.place(width(lines) * scale, height(lines) * scale);
                if (at != null) {
                    return new LabelPlace(at.plus(Point.of(0, HEADING * scale)), lines, scale);
                }
            }
        }
        Point grain = piece.grain().from().toward(piece.grain().to(), 0.5);
        return new LabelPlace(grain.plus(Point.of(2, 0)), words.subList(0, 1), SCALES[SCALES.length - 1]);
    }

    /** The same words line by line, then in pairs, then all in one. */
    private static List<List<String>> layouts(List<String> words) {
        List<String> pairs = new ArrayList<>();
        for (int i = 0; i < words.size(); i += 2) {
            pairs.add(words.subList(i, Math.min(i + 2, words.size())).stream().collect(Collectors.joining(", ")));
        }
        return List.of(words, pairs, List.of(String.join(", ", words)));
    }

    /** The height of a line's letters, mm. */
    double letters(int line) {
        return (line < 2 ? HEADING : BODY) * scale;
    }

    /** How far down from the first a line stands, mm. */
    double down(int line) {
        return line * LINE * scale;
    }

    private static double width(List<String> lines) {
        double widest = 0;
        for (int i = 0; i < lines.size(); i++) {
            widest = Math.max(widest, lines.get(i).length() * (i < 2 ? HEADING : BODY) * LETTER);
        }
        return widest;
    }

    private static double height(List<String> lines) {
        return HEADING + (lines.size() - 1) * LINE;
    }

    /** What of a piece is free. */
    private static final class Room {
        private final List<Segment> outline;
        private final List<Point> edge;
        private final List<List<Point>> lines = new ArrayList<>();
        private final Point wanted;

        Room(OneSheet sheet) {
            DrawnPattern.Piece piece = sheet.drawn();
            this.outline = piece.sewLine();
            this.edge = Curves.flattened(outline, 12);
            lines.add(List.of(piece.grain().from(), piece.grain().to()));
            piece.darts().forEach(d -> lines.add(List.of(d.inner(), d.point(), d.outer())));
            piece.inner().forEach(l -> lines.add(Curves.flattened(l.run(), 8)));
            if (!sheet.cutBesides().isEmpty()) {
                lines.add(Curves.flattened(sheet.cutBesides(), 12));
            }
            lines.add(edge);
            this.wanted = piece.grain().from().toward(piece.grain().to(), 0.2);
        }

        /**
         * The upper left corner of a free rectangle, the nearest to where a label is looked for; null where there is
         * none.
         */
        Point place(double width, double height) {
            double left = edge.stream().mapToDouble(Point::x).min().orElse(0);
            double right = edge.stream().mapToDouble(Point::x).max().orElse(0) - width;
            double top = edge.stream().mapToDouble(Point::y).min().orElse(0);
            double bottom = edge.stream().mapToDouble(Point::y).max().orElse(0) - height;
            Point best = null;
            double nearest = Double.POSITIVE_INFINITY;
            for (double y = top + CLEAR; y <= bottom - CLEAR + STEP; y += STEP) {
                for (double x = left + CLEAR; x <= right - CLEAR + STEP; x += STEP) {
                    Point middle = Point.of(x + width / 2, y + height / 2);
                    double away = middle.distance(wanted);
                    if (away < nearest && free(x, y, width, height)) {
                        nearest = away;
                        best = Point.of(x, y);
                    }
                }
            }
            return best;
        }

        private boolean free(double x, double y, double width, double height) {
            return Outlines.inside(outline, Point.of(x + width / 2, y + height / 2))
                    && lines.stream().noneMatch(line -> touches(line, x, y, width, height));
        }

        private static boolean touches(List<Point> line, double x, double y, double width, double height) {
            for (int i = 0; i + 1 < line.size(); i++) {
                if (crosses(
                        line.get(i), line.get(i + 1), x - CLEAR, y - CLEAR, x + width + CLEAR, y + height + CLEAR)) {
                    return true;
                }
            }
            return false;
        }

        /** Whether a straight line runs through a rectangle. */
        private static boolean crosses(Point a, Point b, double left, double top, double right, double bottom) {
            double from = 0;
            double to = 1;
            double[][] sides = {
                {b.x() - a.x(), left - a.x(), right - a.x()}, {b.y() - a.y(), top - a.y(), bottom - a.y()}
            };
            for (double[] side : sides) {
                if (side[0] == 0) {
                    if (side[1] > 0 || side[2] < 0) {
                        return false;
                    }
                    continue;
                }
                double one = side[1] / side[0];
                double other = side[2] / side[0];
                from = Math.max(from, Math.min(one, other));
                to = Math.min(to, Math.max(one, other));
            }
            return from <= to;
        }
    }
}
