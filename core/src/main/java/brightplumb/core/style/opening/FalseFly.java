package brightplumb.core.style.opening;

import static brightplumb.core.rule.FlySettings.FALSE_FLY;

import brightplumb.core.geometry.Cubic;
import brightplumb.core.geometry.Curves;
import brightplumb.core.geometry.Line;
import brightplumb.core.geometry.Parallel;
import brightplumb.core.geometry.Point;
import brightplumb.core.geometry.Segment;
import brightplumb.core.measure.Refusal;
import brightplumb.core.paper.Draft;
import brightplumb.core.paper.Drawn;
import brightplumb.core.pattern.Edge;
import brightplumb.core.pattern.EdgeRole;
import brightplumb.core.pattern.End;
import brightplumb.core.pattern.Layer;
import brightplumb.core.pattern.Parted;
import brightplumb.core.pattern.Pattern;
import brightplumb.core.pattern.Piece;
import brightplumb.core.pattern.Placed;
import brightplumb.core.pattern.Seam;
import brightplumb.core.rule.AllowanceSettings;
import brightplumb.core.rule.Rule;
import brightplumb.core.rule.Setting;
import brightplumb.core.rule.Settings;
import brightplumb.core.table.MakingStep;
import brightplumb.core.table.MakingStep.Shown;
import brightplumb.core.table.Operation;
import brightplumb.core.table.Rank;
import brightplumb.core.table.StepId;
import brightplumb.core.table.Table;
import brightplumb.core.table.Work;
import brightplumb.core.working.Amount;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * A false fly: cloth is cut on beyond the centre front, the crotch is sewn shut, and the cloth pressed to the left
 * front and stitched there as a fly would be. Common practice, no source.
 */
public final class FalseFly implements Operation {

    private static final StepId STEP = new StepId("false-fly");

    private static final String LINE = "false.fly";

    /** The part of the front crotch that cloth is cut on beyond, for the fly. */
    private static final EdgeRole CUT_ON = new EdgeRole("false.fly", "false fly");

    /**
     * The cloth ends so far beneath the turn to the fork, in widths of the fly: two inches for one of an inch and a
     * half.
     */
    private static final double UNDER = 4.0 / 3;

    private static final double LESS = 3;

    /** How many places along the curve are looked at. */
    private static final int PLACES = 24;

    /** What is left of the crotch below the cloth, mm. */
    private static final double LEFT = 12;

    @Override
    public String id() {
        return "false-fly";
    }

    @Override
    public String title() {
        return "False fly";
    }

    @Override
    public Rank rank() {
        return Rank.OPENING;
    }

    @Override
    public List<Setting> reads() {
        return List.of(FALSE_FLY);
    }

    @Override
    public Map<Setting, Rule> asks() {
        return Map.of(FALSE_FLY, Rule.inProportion(Amount.byHabit(1.5), "{1.5}, as a fly would be."));
    }

    @Override
    public boolean fits(Draft before) {
        return before.pieces().stream().anyMatch(FalseFly::carries);
    }

    @Override
    public Optional<Setting> allowance(Piece piece, Edge edge) {
        if (!edge.role().equals(CUT_ON)) {
            return Optional.empty();
        }
        return Optional.of(piece.layer() == Layer.SHELL ? FALSE_FLY : AllowanceSettings.CROTCH_ALLOWANCE);
    }

    /** A leg's front whose crotch seam is not opened. */
    private static boolean carries(Piece piece) {
        return piece.layer() == Layer.SHELL
                && !piece.behind()
                && piece.edge(EdgeRole.CROTCH).isPresent()
                && piece.edge(EdgeRole.HEM).isPresent()
                && piece.edges().stream().noneMatch(e -> e.end() == End.OPENING);
    }

    @Override
    public Draft on(Draft before, Table table) {
        Amount wide = table.step(
                FALSE_FLY.fact(),
                "False fly wide",
                table.set(FALSE_FLY),
                table.set().why(FALSE_FLY));
        Pattern pattern = before.pattern();
        for (Piece front : before.pieces().stream().filter(FalseFly::carries).toList()) {
            Placed line = new Placed(
                    LINE,
                    "stitched, left front",
                    stitched(front, wide.value(), table.set().byHand(FALSE_FLY)));
            table.paper().draw(front.id().toString(), Drawn.Role.CONSTRUCTION, "false fly", line.run());
            pattern = cutOn(pattern, front.placing(line), wide.value());
        }
        Pattern stitched = pattern;
        return table.finished(
                pattern,
                off -> stitched.pieces()
                        .forEach(front -> front.lines().stream()
                                .filter(l -> l.id().equals(LINE))
                                .forEach(l -> off.off(
                                        FALSE_FLY.fact(),
                                        front.id().toString(),
                                        Curves.reversed(front.require(CUT_ON).run())
                                                .get(0)
                                                .from(),
                                        l.run().get(0).from()))));
    }

    /**
     * The pattern with the front's crotch parted where the cloth for the fly ends; the seam goes on over both parts.
     */
    private static Pattern cutOn(Pattern before, Piece front, double wide) {
        Edge crotch = front.require(EdgeRole.CROTCH);
        double high = Curves.length(straight(crotch));
        double under = UNDER * wide;
        // Where the curve is tighter than the cloth is wide, its cut line would run into itself: it ends above that.
        while (under > 0 && hollow(crotch, high + under) < wide) {
            under -= LESS;
        }
        double from = Math.max(LEFT, crotch.length() - high - Math.max(0, under));
        List<List<Segment>> parts = Curves.cutAt(crotch.run(), from);
        List<Edge> edges = new ArrayList<>();
        for (Edge edge : front.edges()) {
            if (edge.equals(crotch)) {
                edges.add(edge.along(parts.get(0)));
                edges.add(Edge.of(CUT_ON, parts.get(1)));
            } else {
                edges.add(edge);
            }
        }
        Parted parted = new Parted(front.id(), crotch, from, CUT_ON);
        return before.instead(front.withEdges(edges)).withJoins(parted.in(before.joins()));
    }

    /** The tightest radius of the crotch's last so many mm, from the waist; infinite where they run straight. */
    private static double hollow(Edge crotch, double along) {
        return Curves.cutAt(crotch.run(), Math.max(LEFT, crotch.length() - along)).get(1).stream()
                .filter(Cubic.class::isInstance)
                .mapToDouble(s -> ((Cubic) s).tightestHollow(PLACES))
                .min()
                .orElse(Double.POSITIVE_INFINITY);
    }

    /** The straight of the centre front, walked down. */
    private static List<Segment> straight(Edge crotch) {
        List<Segment> down = new ArrayList<>();
        for (Segment s : Curves.reversed(crotch.run())) {
            if (!(s instanceof Line)) {
                break;
            }
            down.add(s);
        }
        return down;
    }

    /**
     * Beside the straight of the centre front, walked down so that the cloth lies on its left, and curved in to its
     * end.
     */
    private static List<Segment> stitched(Piece front, double asked, boolean byHand) {
        List<Segment> down = straight(front.require(EdgeRole.CROTCH));
        double high = Curves.length(down);
        // On a child's short rise a fly by habit is narrower than it is elsewhere.
        double wide = byHand ? asked : Math.min(asked, high / 2);
        if (high < 2 * wide || wide < FALSE_FLY.least()) {
            throw new Refusal(
                    FALSE_FLY.field(),
                    "The straight of the centre front is too short for a false fly so wide; make it narrower");
        }
        List<Segment> beside = Parallel.beside(down, wide);
        List<Segment> straight = Curves.cutAt(beside, high - wide).get(0);
        Point turn = straight.get(straight.size() - 1).to();
        Point end = down.get(down.size() - 1).to();
        Point corner = beside.get(beside.size() - 1).to();
        List<Segment> line = new ArrayList<>(straight);
        line.add(Cubic.parabola(turn, corner, end));
        return line;
    }

    @Override
    public List<MakingStep> making(Draft after, Settings set) {
        return List.of(MakingStep.of(
                        STEP,
                        "False fly",
                        Work.CENTRE,
                        "Press the cloth that is cut on to the left front, wrong sides together, and neaten both its "
                                + "edges as one; from the right side, stitch along the fly line from the waist round "
                                + "to the seam, and back-tack.")
                .showing(after.pieces().stream()
                        .flatMap(p -> p.lines().stream()
                                .filter(l -> l.id().equals(LINE))
                                .map(l -> new Shown(p.id(), l.run())))
                        .toList())
                .with("topstitched")
                .after(Seam.CROTCH_FRONT));
    }
}
