package brightplumb.core.style.shape;

import static brightplumb.core.rule.ShapeSettings.DART_DOWN;
import static brightplumb.core.rule.ShapeSettings.DART_TO;
import static brightplumb.core.rule.ShapeSettings.MOVED_DART;

import brightplumb.core.geometry.Curves;
import brightplumb.core.geometry.Point;
import brightplumb.core.geometry.Segment;
import brightplumb.core.measure.Length;
import brightplumb.core.measure.Refusal;
import brightplumb.core.paper.Draft;
import brightplumb.core.paper.Drawn;
import brightplumb.core.pattern.Dart;
import brightplumb.core.pattern.DartMove;
import brightplumb.core.pattern.EdgeRole;
import brightplumb.core.pattern.Layer;
import brightplumb.core.pattern.Mark;
import brightplumb.core.pattern.Pattern;
import brightplumb.core.pattern.Piece;
import brightplumb.core.pattern.Relaid;
import brightplumb.core.rule.DartTo;
import brightplumb.core.rule.Panels;
import brightplumb.core.rule.Rule;
import brightplumb.core.rule.Setting;
import brightplumb.core.table.Operation;
import brightplumb.core.table.Rank;
import brightplumb.core.table.Table;
import brightplumb.core.working.Amount;
import brightplumb.core.working.Fact;
import java.util.List;
import java.util.Map;

/**
 * The waist dart nearest the side moved about its point, to open at the side or at the hem. Common practice, no source.
 */
public final class MoveDart implements Operation {

    private static final Fact DART_MOVED = new Fact("dart.moved");

    private static final double INSIDE_POINT = Length.INCH / 2;
    private static final double CLEAR = 20;

    @Override
    public String id() {
        return "move-dart";
    }

    @Override
    public String title() {
        return "Move a dart";
    }

    @Override
    public String place() {
        return "dart";
    }

    @Override
    public Rank rank() {
        return Rank.SHAPE;
    }

    @Override
    public List<Setting> reads() {
        return List.of(MOVED_DART, DART_TO, DART_DOWN);
    }

    @Override
    public Map<Setting, Rule> asks() {
        return Map.of(
                MOVED_DART, Rule.chosen(Panels.FRONT, "The front's dart nearest the side."),
                DART_TO, Rule.chosen(DartTo.SIDE, "Turned about its point until it opens at the side."),
                DART_DOWN, Rule.inches(5, "{5} below the waist."));
    }

    @Override
    public boolean fits(Draft before) {
        return before.pieces().stream().anyMatch(MoveDart::darted);
    }

    private static boolean darted(Piece piece) {
        return piece.layer() == Layer.SHELL
                && !piece.darts().isEmpty()
                && piece.edge(EdgeRole.WAIST).isPresent()
                && piece.edge(EdgeRole.SIDE).isPresent()
                && piece.edge(EdgeRole.HEM).isPresent();
    }

    @Override
    public Draft on(Draft before, Table table) {
        Panels which = table.set().choice(MOVED_DART, Panels.class);
        DartTo to = table.set().choice(DART_TO, DartTo.class);
        Pattern pattern = before.pattern();
        boolean moved = false;
        for (Piece panel : before.pieces().stream().filter(MoveDart::darted).toList()) {
            if (which.has(panel.panel())) {
                moved = true;
                Piece turned = moved(table, panel, to);
                pattern = pattern.instead(turned);
                String sheet = panel.id().toString();
                for (EdgeRole role : List.of(EdgeRole.WAIST, EdgeRole.SIDE, EdgeRole.HEM)) {
                    table.paper()
                            .draw(
                                    sheet,
                                    Drawn.Role.OUTLINE,
                                    "",
                                    turned.require(role).run());
                }
            }
        }
        if (!moved) {
            throw new Refusal(MOVED_DART.field(), "There is no dart on that panel to move");
        }
        return table.finished(Relaid.joins(before.pattern(), pattern));
    }

    private static Piece moved(Table table, Piece panel, DartTo to) {
        Dart dart = panel.darts().get(panel.darts().size() - 1);
        EdgeRole role = to == DartTo.SIDE ? EdgeRole.SIDE : EdgeRole.HEM;
        List<Segment> edge = panel.require(role).run();
        double at = to == DartTo.SIDE
                ? table.set(DART_DOWN).value()
                : Curves.nearest(edge, below(edge, dart.point())).along();
        double room = Curves.length(edge);
        if (at > room - CLEAR || at < CLEAR) {
            throw new Refusal(
                    to == DartTo.SIDE ? DART_DOWN.field() : DART_TO.field(),
                    "The dart would open beyond the end of that edge");
        }
        Piece turned = DartMove.along(panel, dart, role, at);
        Dart opened = turned.darts().get(turned.darts().size() - 1);
        double angle =
                2 * Math.asin(Math.min(1, dart.intake() / 2 / dart.point().distance(dart.outer())));
        table.step(
                DART_MOVED.of(panel.id()),
                panel.title() + ": moved dart takes, where it opens",
                Amount.found("measured between its legs", opened.intake()).called("moved dart"),
                "Its angle is kept, " + Math.round(Math.toDegrees(angle))
                        + " degrees: the further from its point, the wider it opens.");
        return turned.marked(marks(opened, panel));
    }

    /** Straight below a place on an edge. */
    private static Point below(List<Segment> edge, Point place) {
        for (Segment s : edge) {
            var t = Curves.crossing(s, place, Point.of(0, 1));
            if (t.isPresent()) {
                return s.at(t.getAsDouble());
            }
        }
        return edge.get(0).from();
    }

    private static List<Mark> marks(Dart dart, Piece panel) {
        Point inward = dart.point().minus(dart.centre()).unit();
        Point out = inward.times(-1);
        return List.of(
                Mark.notch(Mark.Subject.DART, dart.inner(), out, panel.strokes(), "dart, moved"),
                Mark.notch(Mark.Subject.DART, dart.outer(), out, panel.strokes(), "dart, moved"),
                Mark.drill(Mark.Subject.DART, dart.point().plus(out.times(INSIDE_POINT)), "dart point, below this"));
    }
}
