package brightplumb.core.style.opening;

import static brightplumb.core.rule.ClosureSettings.CLOSURE;
import static brightplumb.core.rule.ClosureSettings.ZIP_LENGTH;
import static brightplumb.core.rule.FlySettings.FLY_WIDTH;

import brightplumb.core.geometry.Cubic;
import brightplumb.core.geometry.Line;
import brightplumb.core.geometry.Point;
import brightplumb.core.geometry.Segment;
import brightplumb.core.measure.Length;
import brightplumb.core.paper.Draft;
import brightplumb.core.paper.Drawn;
import brightplumb.core.pattern.Copies;
import brightplumb.core.pattern.Edge;
import brightplumb.core.pattern.EdgeRole;
import brightplumb.core.pattern.End;
import brightplumb.core.pattern.Hand;
import brightplumb.core.pattern.Join;
import brightplumb.core.pattern.Layer;
import brightplumb.core.pattern.OnBody;
import brightplumb.core.pattern.Panel;
import brightplumb.core.pattern.Pattern;
import brightplumb.core.pattern.Piece;
import brightplumb.core.pattern.PieceId;
import brightplumb.core.pattern.Placed;
import brightplumb.core.pattern.Rectangle;
import brightplumb.core.pattern.Run;
import brightplumb.core.pattern.Seam;
import brightplumb.core.pattern.Stretch;
import brightplumb.core.pattern.Surgery;
import brightplumb.core.rule.Closure;
import brightplumb.core.rule.Rule;
import brightplumb.core.rule.Setting;
import brightplumb.core.rule.Settings;
import brightplumb.core.table.MakingStep;
import brightplumb.core.table.Notion;
import brightplumb.core.table.Operation;
import brightplumb.core.table.Rank;
import brightplumb.core.table.StepId;
import brightplumb.core.table.Supply;
import brightplumb.core.table.Table;
import brightplumb.core.table.Work;
import brightplumb.core.working.Amount;
import brightplumb.core.working.Fact;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;

/** A fly with its facing under the left front and a shield, cut double, behind the zip. Common practice, no source. */
public final class Fly implements Operation {

    private static final Panel FLY_PARTS = new Panel("fly");

    private static final Fact FLY_LONG = new Fact("fly.long");

    private static final Seam FACING_SEAM = new Seam("fly.facing");

    private static final Seam SHIELD_SEAM = new Seam("fly.shield");

    public static final StepId STEP = new StepId("fly");

    private static final PieceId FACING = PieceId.of("fly-facing");
    private static final PieceId SHIELD = PieceId.of("fly-shield");
    private static final EdgeRole OUTER = new EdgeRole("fly.outer", "curved edge");
    private static final EdgeRole FOLDED = new EdgeRole("fly.free", "edge");
    private static final double BEYOND = Length.INCH / 2;

    @Override
    public String id() {
        return "fly";
    }

    @Override
    public String title() {
        return "Fly with shield and facing";
    }

    @Override
    public String place() {
        return "closure";
    }

    /** Its pieces are as long as the opening is once the top is done. */
    @Override
    public Rank rank() {
        return Rank.POCKET;
    }

    @Override
    public List<Setting> reads() {
        return List.of(CLOSURE, ZIP_LENGTH, FLY_WIDTH);
    }

    @Override
    public Map<Setting, Rule> asks() {
        return Map.of(
                CLOSURE, Rule.chosen(Closure.FLY, "Opens where a hand reaches it."),
                FLY_WIDTH, Rule.inches(1.5, "{1.5}, for the stitching to lie clear of the zip."));
    }

    @Override
    public Map<Setting, Rule> off() {
        return Map.of(CLOSURE, Rule.chosen(Closure.NONE, "It is pulled on."));
    }

    @Override
    public boolean wanted(Settings set) {
        return set.chose(CLOSURE, Closure.FLY);
    }

    @Override
    public boolean fits(Draft before) {
        return before.pieces().stream().anyMatch(Fly::carries);
    }

    private static boolean carries(Piece piece) {
        return piece.layer() == Layer.SHELL
                && piece.edge(EdgeRole.HEM).isPresent()
                && piece.edge(EdgeRole.FLY).isPresent();
    }

    @Override
    public Draft on(Draft before, Table table) {
        Amount wide = table.step(
                FLY_WIDTH.fact(), "Fly wide", table.set(FLY_WIDTH), table.set().why(FLY_WIDTH));
        Piece left = of(before, Hand.LEFT);
        Piece right = of(before, Hand.RIGHT);
        double high = left.require(EdgeRole.FLY).length();
        Piece facing = facing(wide.value(), high);
        Piece fusing = Surgery.traced(facing, FACING.fusing(), "Fly facing fusing", Layer.FUSING)
                .ending(EdgeRole.FLY, End.RAW)
                .ending(OUTER, End.RAW);
        Piece shield = shield(wide.value() + Length.INCH / 4, high + BEYOND);
        for (Piece piece : List.of(facing, shield)) {
            table.paper().draw(piece.id().toString(), Drawn.Role.OUTLINE, "", piece.sewLine());
        }
        Amount long_ = Amount.found("measured along the opening", high);
        table.step(
                FLY_LONG,
                "Facing and shield long",
                long_.plus(Amount.inches("beyond the end", 0.5)),
                "{0.5} below the end of the zip.");
        Pattern pattern = before.pattern().with(List.of(facing, fusing, shield));
        Stretch onLeft = Stretch.whole(left, left.require(EdgeRole.FLY)).of(Hand.LEFT);
        Stretch onRight = Stretch.whole(right, right.require(EdgeRole.FLY)).of(Hand.RIGHT);
        return table.finished(
                pattern.joined(List.of(
                        Join.sewn(
                                FACING_SEAM, Run.of(onLeft), along(facing, high).reversed()),
                        new Join(
                                SHIELD_SEAM,
                                List.of(Run.of(onRight), along(shield, high).reversed(), folded(shield, high)),
                                0,
                                Join.Kind.SEWN))),
                off -> off.across(FLY_WIDTH.fact(), FACING.toString(), high / 2, 0, wide.value())
                        .down(FLY_LONG, FACING.toString(), 0, 0, high + BEYOND));
    }

    private static Piece of(Draft draft, Hand hand) {
        return draft.pieces().stream()
                .filter(Fly::carries)
                .filter(p -> p.id().hand() == Hand.BOTH || p.id().hand() == hand)
                .findFirst()
                .orElseThrow();
    }

    /** The upper part of its fly edge, as long as the opening; the edge runs down. */
    private static Run along(Piece piece, double high) {
        return Run.of(new Stretch(piece.id(), Hand.BOTH, EdgeRole.FLY, 1, 0, high, false));
    }

    /** The other long edge of the shield, which lies on the first when it is folded; it runs up. */
    private static Run folded(Piece shield, double high) {
        double all = shield.require(EdgeRole.FLY, 2).length();
        return Run.of(new Stretch(SHIELD, Hand.BOTH, EdgeRole.FLY, 2, all - high, all, false));
    }

    /** Straight along the front, its other edge curved in to the end. */
    private static Piece facing(double wide, double high) {
        double end = high + BEYOND;
        Point top = Point.of(0, 0);
        Point inner = Point.of(wide, 0);
        Point turn = Point.of(0, end - wide);
        Point foot = Point.of(wide, end);
        List<Segment> curve = List.of(Cubic.parabola(foot, Point.of(0, end), turn), new Line(turn, top));
        return Piece.of(
                FACING,
                "Fly facing",
                FLY_PARTS,
                List.of(
                        Edge.of(EdgeRole.WAIST, List.of(new Line(top, inner))),
                        Edge.of(EdgeRole.FLY, List.of(new Line(inner, foot))),
                        Edge.of(OUTER, curve).as(End.RAW)),
                new Line(Point.of(wide / 2, high * 0.2), Point.of(wide / 2, high * 0.7)),
                new Copies.Singles(1),
                OnBody.NOWHERE);
    }

    private static Piece shield(double wide, double high) {
        Piece shield = Rectangle.of(
                SHIELD,
                "Fly shield",
                FLY_PARTS,
                2 * wide,
                high,
                EdgeRole.WAIST,
                EdgeRole.FLY,
                FOLDED,
                EdgeRole.FLY,
                new Copies.Singles(1));
        return shield.placing(new Placed("fold", "fold", List.of(new Line(Point.of(wide, 0), Point.of(wide, high)))));
    }

    @Override
    public List<Notion> notions(Draft after, Settings set) {
        return Openings.zip(after, set, "trouser zip");
    }

    @Override
    public List<MakingStep> making(Draft after, Settings set) {
        return List.of(MakingStep.of(
                        STEP,
                        "Fly, up to the fork",
                        Work.FLY,
                        "Sew the front crotch from the end of the fly {1.5 in} toward the fork, so that it holds; "
                                + "clip to the end.",
                        "Left front: facing to the edge, right sides together; turn, press, and understitch. Lay the "
                                + "zip under it and sew it to the facing alone.",
                        "Fold the shield, right side out, and neaten its open edge. Right front: turn {0.25 in} "
                                + "beside the line, lay it on the zip with the shield beneath, and edge-stitch all "
                                + "three.",
                        "Topstitch the left front from the waist round to the end, the shield out of the way; then "
                                + "back-tack the end through all layers.")
                .sewing(Stream.concat(Openings.seams(after, EdgeRole.FLY).stream(), Stream.of(FACING_SEAM, SHIELD_SEAM))
                        .distinct()
                        .toList())
                .looking(Openings.figures(after, set))
                .with("topstitched")
                .taking(Supply.ZIP)
                .after(StepId.MARK, StepId.FUSE, StepId.DARTS, StepId.NEATEN));
    }
}
