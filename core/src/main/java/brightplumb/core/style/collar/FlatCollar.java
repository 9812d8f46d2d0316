package brightplumb.core.style.collar;

import static brightplumb.core.rule.SleeveSettings.COLLAR_WIDTH;

import brightplumb.core.geometry.Cubic;
import brightplumb.core.geometry.Curves;
import brightplumb.core.geometry.Point;
import brightplumb.core.geometry.Segment;
import brightplumb.core.measure.Refusal;
import brightplumb.core.paper.Draft;
import brightplumb.core.paper.Drawn;
import brightplumb.core.pattern.Copies;
import brightplumb.core.pattern.Edge;
import brightplumb.core.pattern.EdgeRole;
import brightplumb.core.pattern.End;
import brightplumb.core.pattern.Join;
import brightplumb.core.pattern.Layer;
import brightplumb.core.pattern.Mark;
import brightplumb.core.pattern.OnBody;
import brightplumb.core.pattern.Panel;
import brightplumb.core.pattern.Pattern;
import brightplumb.core.pattern.Piece;
import brightplumb.core.pattern.PieceId;
import brightplumb.core.pattern.Seam;
import brightplumb.core.pattern.Strip;
import brightplumb.core.pattern.Surgery;
import brightplumb.core.rule.Rule;
import brightplumb.core.rule.Setting;
import brightplumb.core.rule.Settings;
import brightplumb.core.style.neck.Funnel;
import brightplumb.core.style.neck.OnShoulder;
import brightplumb.core.table.Evidence.Figure;
import brightplumb.core.table.MakingStep;
import brightplumb.core.table.Operation;
import brightplumb.core.table.Rank;
import brightplumb.core.table.StepId;
import brightplumb.core.table.Supply;
import brightplumb.core.table.Table;
import brightplumb.core.table.Work;
import brightplumb.core.working.Amount;
import brightplumb.core.working.Fact;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;

/**
 * A flat collar on the front neckline alone: the neckline traced from the centre to the shoulder and as wide all along,
 * rounded at the centre front. Two outer and two under pieces, caught between neck and facing. Common practice, no
 * source.
 */
public final class FlatCollar implements Operation {

    private static final Fact COLLAR_LENGTH = new Fact("collar.length");

    /** The collar to the neck. */
    public static final Seam NECK_SEAM = new Seam("collar");

    /** The collar to its facing. */
    private static final Seam ROUND_SEAM = NECK_SEAM.of("round");

    private static final StepId MADE = new StepId("collar.made");

    private static final PieceId COLLAR = PieceId.of("collar");

    /** Its edge all round the outside, where outer and under are sewn to each other. */
    private static final EdgeRole ROUND = new EdgeRole("round", "outer edge");

    /** How much of its width the corner at the centre front is rounded off by. */
    private static final double ROUNDED = 0.6;

    @Override
    public String id() {
        return "flat-collar";
    }

    @Override
    public String title() {
        return "Flat collar";
    }

    @Override
    public String place() {
        return "neck";
    }

    @Override
    public Rank rank() {
        return Rank.TOP;
    }

    @Override
    public List<Setting> reads() {
        return List.of(COLLAR_WIDTH);
    }

    @Override
    public Map<Setting, Rule> asks() {
        return Map.of(COLLAR_WIDTH, Rule.inches(3, "{3} wide, lying flat on the shoulder."));
    }

    @Override
    public boolean fits(Draft before) {
        return !fronts(before).isEmpty();
    }

    /** The one front that hangs from the shoulder, where its neck is not bound already. */
    private static List<Piece> fronts(Draft draft) {
        List<Piece> fronts = draft.with(EdgeRole.NECK).stream()
                .filter(p -> p.layer() == Layer.SHELL && p.panel().equals(Panel.FRONT))
                .filter(p -> draft.joins().stream()
                        .filter(j -> j.kind() == Join.Kind.BOUND || j.seam().equals(Funnel.ENDS))
                        .flatMap(j -> j.layers().stream())
                        .flatMap(run -> run.stretches().stream())
                        .noneMatch(s -> s.on(p.id(), p.require(EdgeRole.NECK))))
                .toList();
        return fronts.size() == 1 ? fronts : List.of();
    }

    @Override
    public Draft on(Draft before, Table table) {
        Piece front = fronts(before).get(0).ending(EdgeRole.NECK, End.SEWN);
        double width = OnShoulder.deep(List.of(front), COLLAR_WIDTH, "collar", table);
        table.step(
                COLLAR_WIDTH.fact(),
                "Collar wide",
                table.set(COLLAR_WIDTH).atMost(Amount.found("the shoulder", width)),
                table.set().why(COLLAR_WIDTH));
        Strip strip = Strip.off(front, EdgeRole.NECK, width)
                .orElseThrow(() -> new Refusal(
                        COLLAR_WIDTH.field(),
                        "So wide a collar reaches past the end of the shoulder; make it narrower"));
        Piece flat = collar(strip.parts().get(0), width);
        Piece collar = flat.grained(front.grain().direction(0), flat.top(), flat.require(ROUND));
        table.paper().draw(COLLAR.toString(), Drawn.Role.OUTLINE, "", collar.sewLine());
        table.step(
                Amount.found("measured along the neckline", collar.top().length())
                        .as(COLLAR_LENGTH, "collar length"),
                "Collar long, where it is sewn on",
                "Traced from the front neckline, centre to shoulder: laid back on it, both end together.");
        Piece fusing = Surgery.traced(collar, COLLAR.fusing(), "Collar fusing", Layer.FUSING)
                .withCopies(new Copies.Pairs(1));
        Join on = Join.sewn(NECK_SEAM, EdgeRole.NECK, front, collar);
        Pattern pattern = before.pattern()
                .instead(front)
                .with(List.of(collar, fusing))
                .joined(List.of(on, Join.mirrored(ROUND_SEAM, ROUND, collar)));
        List<Segment> neck = collar.top().run();
        Curves.Along middle = Curves.along(neck, Curves.length(neck) / 2);
        return table.finished(
                pattern,
                off -> off.off(
                                COLLAR_WIDTH.fact(),
                                COLLAR.toString(),
                                middle.at(),
                                middle.at().plus(middle.direction().turned().times(width)))
                        .along(COLLAR_LENGTH, COLLAR.toString(), neck));
    }

    /** The strip along the neckline with its corner at the centre front rounded, both ends named: they get swapped. */
    private static Piece collar(Piece strip, double width) {
        List<Edge> edges = strip.edges();
        List<Segment> neck = edges.get(0).run();
        double corner = ROUNDED * width;
        List<Segment> outer = edges.get(2).run();
        List<Segment> kept = Curves.cutAt(outer, Curves.length(outer) - corner).get(0);
        List<Segment> up = Curves.cutAt(edges.get(3).run(), corner).get(1);
        Point from = kept.get(kept.size() - 1).to();
        Point at = outer.get(outer.size() - 1).to();
        List<Segment> round = new ArrayList<>(edges.get(1).run());
        round.addAll(kept);
        round.add(Cubic.parabola(from, at, up.get(0).from()));
        round.addAll(up);
        return Piece.of(
                        COLLAR,
                        "Collar",
                        Panel.COLLAR,
                        List.of(Edge.of(EdgeRole.NECK, neck), Edge.of(ROUND, round)),
                        strip.grain(),
                        new Copies.Pairs(2),
                        OnBody.NOWHERE)
                .withMarks(List.of(
                        end(neck.get(0).from(), neck.get(0).direction(0), 1, "centre front"),
                        end(
                                neck.get(neck.size() - 1).to(),
                                neck.get(neck.size() - 1).direction(1),
                                2,
                                "shoulder")));
    }

    private static Mark end(Point at, Point along, int strokes, String text) {
        return Mark.notch(Mark.Subject.PLACE, at, along.turned().times(-1), strokes, text);
    }

    @Override
    public List<MakingStep> making(Draft after, Settings set) {
        return List.of(
                MakingStep.of(
                                MADE,
                                "Collar, by itself",
                                Work.BAND,
                                "Outer to under, right sides together, round the outside; clip, turn and press. Make "
                                        + "both, and lay them on the neckline: centre front to centre front, for they "
                                        + "get swapped.")
                        .sewing(ROUND_SEAM)
                        .taking(Supply.FUSING)
                        .looking(List.of(
                                Figure.mm("wide", set.amount(COLLAR_WIDTH).value())))
                        .after(StepId.MARK, StepId.FUSE),
                MakingStep.of(
                                NECK_SEAM,
                                "Collar on",
                                Work.BAND,
                                "Baste it to the right side of the front neckline, from the centre front to the "
                                        + "shoulder; the facing catches it.")
                        .after(MADE)
                        .after(Seam.SHOULDER));
    }
}
