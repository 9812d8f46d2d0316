package brightplumb.core.style.pocket;

import static brightplumb.core.rule.PocketSettings.*;

import brightplumb.core.geometry.Curves;
import brightplumb.core.geometry.Line;
import brightplumb.core.geometry.Outlines;
import brightplumb.core.geometry.Point;
import brightplumb.core.geometry.Segment;
import brightplumb.core.measure.Length;
import brightplumb.core.measure.Refusal;
import brightplumb.core.measure.Sentence;
import brightplumb.core.paper.Draft;
import brightplumb.core.paper.Drawn;
import brightplumb.core.pattern.Copies;
import brightplumb.core.pattern.Edge;
import brightplumb.core.pattern.EdgeRole;
import brightplumb.core.pattern.End;
import brightplumb.core.pattern.Hand;
import brightplumb.core.pattern.Join;
import brightplumb.core.pattern.Layer;
import brightplumb.core.pattern.Mark;
import brightplumb.core.pattern.OnBody;
import brightplumb.core.pattern.Panel;
import brightplumb.core.pattern.Pattern;
import brightplumb.core.pattern.Piece;
import brightplumb.core.pattern.PieceId;
import brightplumb.core.pattern.Placed;
import brightplumb.core.pattern.Run;
import brightplumb.core.pattern.Seam;
import brightplumb.core.pattern.Stretch;
import brightplumb.core.rule.Rule;
import brightplumb.core.rule.Setting;
import brightplumb.core.rule.Settings;
import brightplumb.core.table.Evidence.Figure;
import brightplumb.core.table.MakingStep;
import brightplumb.core.table.Notion;
import brightplumb.core.table.Operation;
import brightplumb.core.table.Rank;
import brightplumb.core.table.StepId;
import brightplumb.core.table.Supply;
import brightplumb.core.table.Table;
import brightplumb.core.table.Work;
import brightplumb.core.working.Amount;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * A patch pocket with a flap on each front, placed from the waist seam and the grain line. Common practice, no source.
 */
public final class PatchPocket implements Operation {

    private static final Seam POCKET_SEAM = new Seam("pocket");

    private static final Seam FLAP_SEAM = new Seam("flap");

    private static final PieceId POCKET = PieceId.of("pocket");
    private static final PieceId FLAP = PieceId.of("flap");
    private static final EdgeRole AROUND = new EdgeRole("around", "edge-stitched down");
    private static final EdgeRole SEAM = new EdgeRole("seam", "sewn on");
    private static final EdgeRole FREE = new EdgeRole("edge", "edge");
    private static final EdgeRole POCKET_LINE = new EdgeRole("pocket", "pocket line");
    private static final EdgeRole FLAP_LINE = new EdgeRole("flap", "flap line");
    private static final double INSIDE = 3;
    private static final double ABOVE_POCKET = 15;
    private static final double HAND_PASSES = 5.5 * Length.INCH;

    @Override
    public String id() {
        return "patch-pocket";
    }

    @Override
    public String title() {
        return "Patch pockets with flaps";
    }

    @Override
    public Rank rank() {
        return Rank.POCKET;
    }

    @Override
    public List<Setting> reads() {
        return List.of(POCKET_WIDTH, POCKET_HEIGHT, POCKET_DOWN, POCKET_IN, POCKET_HEM, FLAP_HEIGHT);
    }

    @Override
    public Map<Setting, Rule> asks() {
        return Map.of(
                POCKET_WIDTH, inProportion(15, "Fifteen centimetres, to pass a hand."),
                POCKET_HEIGHT, inProportion(20, "Twenty centimetres deep."),
                POCKET_DOWN, inProportion(5, "Five centimetres below the waist seam."),
                POCKET_IN, inProportion(5, "From five centimetres on the centre's side of the grain line."),
                POCKET_HEM, Rule.fixed(Length.cm(4), "Four centimetres, turned and stitched."),
                FLAP_HEIGHT, Rule.fixed(Length.cm(5), "Five centimetres, cut double on the fold."));
    }

    private static Rule inProportion(double cm, String why) {
        return Rule.inProportion(Amount.byHabit(Length.cm(cm)), why);
    }

    @Override
    public boolean fits(Draft before) {
        return before.pieces().stream().anyMatch(PatchPocket::carries);
    }

    private static boolean carries(Piece piece) {
        return piece.panel().equals(Panel.FRONT) && piece.layer() == Layer.SHELL && !piece.fromShoulder();
    }

    @Override
    public Optional<Setting> allowance(Piece piece, Edge edge) {
        boolean top = piece.panel().equals(Panel.POCKET) && piece.layer() == Layer.SHELL;
        return top && edge.role().equals(EdgeRole.HEM) ? Optional.of(POCKET_HEM) : Optional.empty();
    }

    @Override
    public Draft on(Draft before, Table table) {
        Amount wide = table.step(
                POCKET_WIDTH.fact(),
                "Pocket wide",
                table.set(POCKET_WIDTH),
                table.set().why(POCKET_WIDTH));
        Amount high = table.step(
                POCKET_HEIGHT.fact(),
                "Pocket high",
                table.set(POCKET_HEIGHT),
                table.set().why(POCKET_HEIGHT));
        table.step(
                POCKET_DOWN.fact(),
                "Pocket below the waist seam",
                table.set(POCKET_DOWN),
                table.set().why(POCKET_DOWN));
        table.step(
                POCKET_IN.fact(),
                "Pocket inside the grain line",
                table.set(POCKET_IN),
                table.set().why(POCKET_IN));
        Pattern pattern = before.pattern();
        List<Piece> fronts =
                before.pieces().stream().filter(PatchPocket::carries).toList();
        Piece pocket = rectangle(POCKET, "Pocket", wide.value(), high.value(), EdgeRole.HEM, AROUND, 2);
        double flapHeight = table.set(FLAP_HEIGHT).value();
        List<Piece> pieces = new ArrayList<>(List.of(pocket));
        Piece flap = null;
        if (flapHeight > 0) {
            flap = flap(wide.value(), flapHeight);
            pieces.add(flap);
            pieces.add(fusing(wide.value(), flapHeight));
        }
        List<Join> joins = new ArrayList<>();
        for (Piece front : fronts) {
            Piece placed = placed(table, front, wide.value(), high.value(), flap != null);
            pattern = pattern.instead(placed);
            joins.add(laid(POCKET_SEAM, pocket, AROUND, placed, POCKET_LINE));
            if (flap != null) {
                joins.add(laid(FLAP_SEAM, flap, SEAM, placed, FLAP_LINE));
            }
            placed.lines()
                    .forEach(
                            l -> table.paper().draw(front.id().toString(), Drawn.Role.CONSTRUCTION, l.text(), l.run()));
        }
        pieces.forEach(p -> table.paper().draw(p.id().toString(), Drawn.Role.OUTLINE, "", p.sewLine()));
        table.step(
                FLAP_HEIGHT.fact(),
                "Flap high",
                table.set(FLAP_HEIGHT),
                wide.value() < HAND_PASSES
                        ? Sentence.of("A mouth of less than {5.5 in} hardly passes a hand.")
                        : table.set().why(FLAP_HEIGHT));
        return table.finished(pattern.with(pieces).joined(joins), off -> {
            off.across(POCKET_WIDTH.fact(), POCKET.toString(), high.value(), 0, wide.value());
            off.down(POCKET_HEIGHT.fact(), POCKET.toString(), 0, 0, high.value());
            off.down(FLAP_HEIGHT.fact(), FLAP.toString(), 0, 0, flapHeight);
            for (Piece front : fronts) {
                double grain = front.grain().from().x();
                double waist = waistAt(front, grain);
                double top = waist + table.set(POCKET_DOWN).value();
                off.down(POCKET_DOWN.fact(), front.id().toString(), grain, waist, top);
                off.across(
                        POCKET_IN.fact(),
                        front.id().toString(),
                        top,
                        grain - table.set(POCKET_IN).value(),
                        grain);
            }
        });
    }

    private static Join laid(Seam seam, Piece on, EdgeRole edge, Piece front, EdgeRole line) {
        double length = Curves.length(front.run(line, 1));
        return new Join(
                seam,
                List.of(
                        Run.of(Stretch.whole(on, on.require(edge))),
                        Run.of(new Stretch(front.id(), Hand.BOTH, line, 1, 0, length, false))),
                on.require(edge).length() - length,
                Join.Kind.LAID);
    }

    /** The front with the lines the pocket and its flap are laid on, and holes inside the pocket's corners. */
    private static Piece placed(Table table, Piece front, double wide, double high, boolean flapped) {
        double grain = front.grain().from().x();
        double left = grain - table.set(POCKET_IN).value();
        double right = left + wide;
        double top = waistAt(front, grain) + table.set(POCKET_DOWN).value();
        Point a = Point.of(left, top);
        Point b = Point.of(right, top);
        Point c = Point.of(right, top + high);
        Point d = Point.of(left, top + high);
        for (Point corner : List.of(a, b, c, d)) {
            if (!Outlines.inside(front.sewLine(), corner)) {
                throw new Refusal(
                        POCKET_WIDTH.field(),
                        "The pocket does not lie whole on the front; make it smaller, or move it");
            }
        }
        // Walked as the pocket's own edge is: down one side, along the foot and up the other.
        List<Segment> around = List.of(new Line(b, c), new Line(c, d), new Line(d, a));
        Piece placed = front.placing(new Placed(POCKET_LINE.id(), "pocket", around));
        if (flapped) {
            double y = top - ABOVE_POCKET;
            placed = placed.placing(
                    new Placed(FLAP_LINE.id(), "flap", List.of(new Line(Point.of(left, y), Point.of(right, y)))));
        }
        List<Mark> holes = new ArrayList<>();
        for (Point corner : List.of(a, b, c, d)) {
            double x = corner.x() + (corner.x() == left ? INSIDE : -INSIDE);
            double y = corner.y() + (corner.y() == top ? INSIDE : -INSIDE);
            holes.add(Mark.drill(Mark.Subject.PLACE, Point.of(x, y), "pocket corner"));
        }
        return placed.marked(holes);
    }

    private static double waistAt(Piece front, double x) {
        for (Segment s : front.top().run()) {
            var t = Curves.crossing(s, Point.of(x, 0), Point.of(0, 1));
            if (t.isPresent()) {
                return s.at(t.getAsDouble()).y();
            }
        }
        return front.top().run().get(0).from().y();
    }

    /** A rectangle whose upper edge has a role of its own; the other three sides are one edge. */
    private static Piece rectangle(
            PieceId id, String title, double wide, double high, EdgeRole top, EdgeRole around, int copies) {
        Point a = Point.of(0, 0);
        Point b = Point.of(wide, 0);
        Point c = Point.of(wide, high);
        Point d = Point.of(0, high);
        return Piece.of(
                id,
                title,
                Panel.POCKET,
                List.of(
                        Edge.of(top, List.of(new Line(a, b))),
                        Edge.of(around, List.of(new Line(b, c), new Line(c, d), new Line(d, a)))),
                new Line(Point.of(wide / 2, high * 0.2), Point.of(wide / 2, high * 0.8)),
                new Copies.Singles(copies),
                OnBody.NOWHERE);
    }

    private static Piece flap(double wide, double high) {
        Piece flap = rectangle(FLAP, "Flap", wide, 2 * high, SEAM, FREE, 2);
        Line fold = new Line(Point.of(0, high), Point.of(wide, high));
        return flap.placing(new Placed("fold", "fold", List.of(fold)));
    }

    /** Half the flap is fused. */
    private static Piece fusing(double wide, double high) {
        PieceId id = FLAP.fusing();
        return rectangle(id, "Flap fusing", wide, high, SEAM, FREE, 2)
                .in(Layer.FUSING)
                .ending(SEAM, End.RAW)
                .ending(FREE, End.RAW);
    }

    @Override
    public List<Notion> notions(Draft after, Settings set) {
        int flaps = after.pattern().find(FLAP).map(p -> p.copies().cloth()).orElse(0);
        return flaps == 0
                ? List.of()
                : List.of(Notion.counted(Supply.POCKET_BUTTON, "Buttons", "one a flap, with its buttonhole", flaps));
    }

    @Override
    public List<MakingStep> making(Draft after, Settings set) {
        boolean flapped = after.pattern().find(FLAP).isPresent();
        List<MakingStep> steps = new ArrayList<>(List.of(MakingStep.of(
                        POCKET_SEAM,
                        "Patch pockets",
                        Work.POCKET,
                        "Turn and stitch the upper hem. Press the other edges under by their allowance; mitre the "
                                + "corners.",
                        "Lay each on its drill marks, which it just covers; edge-stitch round, and again {0.25 in} "
                                + "inside.")
                .looking(List.of(Figure.mm(
                        "down from the waist seam", set.amount(POCKET_DOWN).value())))
                .with("edge-stitched twice")
                .after(StepId.MARK, StepId.DARTS)));
        if (flapped) {
            steps.add(MakingStep.of(
                            FLAP_SEAM,
                            "Flaps",
                            Work.POCKET,
                            "Fold right sides together, sew the ends, turn and press; work the buttonhole.",
                            "Sew it on upside down along its line; trim the seam to {0.125 in}, turn it down, and "
                                    + "stitch {0.25 in} from the fold. Sew the button on the pocket.")
                    .taking(Supply.POCKET_BUTTON)
                    .after(StepId.FUSE)
                    .after(POCKET_SEAM));
        }
        return steps;
    }
}
