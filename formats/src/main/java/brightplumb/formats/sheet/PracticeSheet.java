package brightplumb.formats.sheet;

import brightplumb.core.geometry.Curves;
import brightplumb.core.geometry.Point;
import brightplumb.core.geometry.Rigid;
import brightplumb.core.geometry.Segment;
import brightplumb.core.paper.Draft;
import brightplumb.core.paper.Drawn;
import brightplumb.core.paper.Drawn.Role;
import brightplumb.core.paper.Step;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.DoubleBinaryOperator;
import java.util.stream.Stream;

/**
 * A draft to be drawn after, step by step: at each step what is on the paper by then, and the amount that is laid off
 * now. Lengths are mm, y downward.
 *
 * @param frames one for each step, in order
 */
public record PracticeSheet(List<Frame> frames) {

    /** Between two panels on the paper, mm. */
    private static final double APART = 110;

    /** So many steps back an amount stays on the paper. */
    private static final int STAYS = 2;

    public PracticeSheet {
        frames = List.copyOf(frames);
    }

    /**
     * One step.
     *
     * @param number counted from 1
     * @param from upper left corner of what the lines lie in, mm; at nought where nothing is drawn yet
     * @param to its lower right corner
     */
    public record Frame(int number, Step step, List<Line> lines, Point from, Point to) {
        public Frame {
            lines = List.copyOf(lines);
        }
    }

    /** How a line is drawn. */
    public enum Kind {
        LEVEL,
        HELP,
        OUTLINE,
        DART,
        /** Laid off earlier. */
        BEFORE,
        /** What this step draws or lays off. */
        NOW
    }

    /**
     * A line of a frame.
     *
     * @param laidOff how long an amount is, mm; NaN for any other line
     */
    public record Line(Kind kind, List<Segment> run, double laidOff) {
        public Line {
            run = List.copyOf(run);
        }
    }

    /** The steps of a draft. */
    public static PracticeSheet of(Draft draft) {
        Map<String, Rigid> places = places(draft);
        List<Frame> frames = new ArrayList<>();
        List<Step> steps = draft.steps();
        for (int i = 0; i < steps.size(); i++) {
            frames.add(frame(draft, i, places));
        }
        return new PracticeSheet(frames);
    }

    private static Frame frame(Draft draft, int at, Map<String, Rigid> places) {
        List<Step> steps = draft.steps();
        Step now = steps.get(at);
        String alone = alone(now, places);
        List<Line> lines = new ArrayList<>();
        // A made piece is small, and its amounts say little without it.
        List<Segment> made = draft.pieces().stream()
                .filter(p -> p.id().toString().equals(alone))
                .findFirst()
                .map(p -> p.sewLine())
                .orElse(List.of());
        if (!made.isEmpty()) {
            lines.add(new Line(Kind.BEFORE, made, Double.NaN));
        }
        int measured = 0;
        for (int i = at; i >= 0; i--) {
            Step step = steps.get(i);
            boolean lays = step.drawn().stream().anyMatch(d -> d.role() == Role.MEASURE);
            for (Drawn drawn : step.drawn()) {
                boolean here = alone == null
                        ? places.containsKey(drawn.sheet())
                        : drawn.sheet().equals(alone);
                if (here && (drawn.role() != Role.MEASURE || i == at || measured < STAYS)) {
                    lines.add(line(drawn, i == at, places.getOrDefault(drawn.sheet(), Rigid.slide(Point.of(0, 0)))));
                }
            }
            measured += lays && i < at ? 1 : 0;
        }
        // Every frame of the panels is as large as the whole, so that the drawing grows without moving.
        List<Point> ends = Stream.concat(
                        made.stream(),
                        (alone == null ? steps : List.of(now))
                                .stream()
                                        .flatMap(step -> step.drawn().stream())
                                        .filter(d -> alone == null
                                                ? places.containsKey(d.sheet())
                                                : d.sheet().equals(alone))
                                        .flatMap(d -> moved(d.run(), places.get(d.sheet())).stream()))
                .flatMap(segment -> Stream.of(segment.from(), segment.to()))
                .toList();
        return ends.isEmpty()
                ? new Frame(at + 1, now, lines, Point.of(0, 0), Point.of(0, 0))
                : new Frame(at + 1, now, lines, corner(ends, Math::min), corner(ends, Math::max));
    }

    private static Point corner(List<Point> places, DoubleBinaryOperator outer) {
        return Point.of(
                places.stream().mapToDouble(Point::x).reduce(outer).orElseThrow(),
                places.stream().mapToDouble(Point::y).reduce(outer).orElseThrow());
    }

    private static List<Segment> moved(List<Segment> run, Rigid place) {
        return place == null ? run : Curves.moved(run, place);
    }

    private static Line line(Drawn drawn, boolean now, Rigid place) {
        boolean measure = drawn.role() == Role.MEASURE;
        Kind kind = now && drawn.role() != Role.LEVEL && drawn.role() != Role.CONSTRUCTION
                ? Kind.NOW
                : switch (drawn.role()) {
                    case LEVEL -> Kind.LEVEL;
                    case CONSTRUCTION -> Kind.HELP;
                    case OUTLINE -> Kind.OUTLINE;
                    case DART -> Kind.DART;
                    case MEASURE -> Kind.BEFORE;
                };
        return new Line(kind, Curves.moved(drawn.run(), place), measure ? Curves.length(drawn.run()) : Double.NaN);
    }

    /**
     * The sheet of a made piece that a step draws on and on nothing else; null where it draws on the panels, or
     * nothing.
     */
    private static String alone(Step step, Map<String, Rigid> places) {
        return step.drawn().isEmpty() || step.drawn().stream().anyMatch(d -> places.containsKey(d.sheet()))
                ? null
                : step.drawn().get(0).sheet();
    }

    /**
     * Where each panel lies: fronts from their centre, backs turned over beside them, sides facing; what ends at the
     * waist above what it is sewn to.
     */
    private static Map<String, Rigid> places(Draft draft) {
        Map<String, Double> widest = new LinkedHashMap<>();
        for (Step step : draft.steps()) {
            for (Drawn drawn : step.drawn()) {
                if (drawn.role() == Role.OUTLINE) {
                    for (Segment segment : drawn.run()) {
                        widest.merge(
                                drawn.sheet(),
                                Math.max(segment.from().x(), segment.to().x()),
                                Math::max);
                    }
                }
            }
        }
        double front = widest(widest, "front");
        double back = widest(widest, "back");
        Map<String, Rigid> places = new HashMap<>();
        for (String sheet : widest.keySet()) {
            String panel = panel(sheet);
            if (panel.equals("front")) {
                places.put(sheet, Rigid.slide(Point.of(0, 0)));
            } else if (panel.equals("back")) {
                places.put(sheet, Rigid.flip(Point.of((front + APART + back) / 2, 0), Point.of(0, 1)));
            }
        }
        return places;
    }

    private static double widest(Map<String, Double> widest, String panel) {
        return widest.entrySet().stream()
                .filter(e -> panel(e.getKey()).equals(panel))
                .mapToDouble(Map.Entry::getValue)
                .max()
                .orElse(0);
    }

    /** front, front-left and bodice-front lie in front; a made piece is no panel. */
    private static String panel(String sheet) {
        String side = sheet.endsWith("-left") ? sheet.substring(0, sheet.length() - 5) : sheet;
        return side.startsWith("bodice-") ? side.substring(7) : side;
    }
}
