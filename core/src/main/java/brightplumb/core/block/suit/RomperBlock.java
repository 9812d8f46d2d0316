package brightplumb.core.block.suit;

import static brightplumb.core.paper.Drawn.Role.OUTLINE;
import static brightplumb.core.rule.ClosureSettings.CLOSURE;
import static brightplumb.core.rule.ClosureSettings.ZIP_LENGTH;
import static brightplumb.core.rule.CrotchSettings.CROTCH_DEPTH;
import static brightplumb.core.rule.HemSettings.LENGTH;
import static brightplumb.core.rule.HipSettings.HIP_EASE;
import static brightplumb.core.rule.LegSettings.HEM_EDGES_IN;
import static brightplumb.core.rule.SuitSettings.INNER_LEG_IN;

import brightplumb.core.block.bodice.BodicesLaidOff;
import brightplumb.core.block.bodice.Levels;
import brightplumb.core.block.bodice.UpperHalf;
import brightplumb.core.block.bodice.UpperLines;
import brightplumb.core.block.waist.HipRange;
import brightplumb.core.geometry.Cubic;
import brightplumb.core.geometry.Curves;
import brightplumb.core.geometry.Line;
import brightplumb.core.geometry.Point;
import brightplumb.core.geometry.Segment;
import brightplumb.core.measure.Length;
import brightplumb.core.measure.Measure;
import brightplumb.core.measure.Refusal;
import brightplumb.core.paper.Draft;
import brightplumb.core.paper.Paper;
import brightplumb.core.pattern.Copies;
import brightplumb.core.pattern.Edge;
import brightplumb.core.pattern.EdgeRole;
import brightplumb.core.pattern.End;
import brightplumb.core.pattern.Half;
import brightplumb.core.pattern.Join;
import brightplumb.core.pattern.Notches;
import brightplumb.core.pattern.OnBody;
import brightplumb.core.pattern.Pattern;
import brightplumb.core.pattern.Piece;
import brightplumb.core.pattern.PieceId;
import brightplumb.core.pattern.Seam;
import brightplumb.core.rule.BodiceFacts;
import brightplumb.core.rule.Closure;
import brightplumb.core.rule.Settings;
import brightplumb.core.rule.SuitFacts;
import brightplumb.core.table.Table;
import brightplumb.core.working.Amount;
import brightplumb.core.working.Fact;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;

/**
 * The romper block: front and back on the fold of the cloth from neck to crotch, where each parts into legs; in cloth
 * that does not give the back is a pair with a zip between. The inner leg leaves the fold square, stands a little in
 * after three inches and falls plumb; so does the side below the hip. The centre line is x = 0 with the side at +x; the
 * waist is y = 0 and y grows downward.
 */
final class RomperBlock {

    /** The inner leg has come in after so much, mm. */
    private static final double COMES_IN = 3 * Length.INCH;

    /** No leg is shorter than this on its inside, mm. */
    private static final double SHORTEST = 3.5 * Length.INCH;

    private final Table table;
    private final Paper paper;
    private final Settings set;
    private final SuitFrame frame;

    RomperBlock(Table table) {
        this.table = table;
        this.paper = table.paper();
        this.set = table.set();
        this.frame = new SuitFrame(paper, set);
    }

    /**
     * Drafts a romper.
     *
     * @throws Refusal where a measure is missing or the amounts leave no leg, naming the field at fault
     */
    Draft draft() {
        // Levels
        UpperHalf upper = new UpperHalf(table);
        Levels levels = upper.levels();
        Amount hipDepth = frame.hipDepth();
        Amount crotch = frame.level(
                set.amount(CROTCH_DEPTH).as(BodiceFacts.CROTCH_LINE, "crotch line"),
                "crotch",
                "Crotch line below the waist",
                set.why(CROTCH_DEPTH));
        paper.fact(crotch.as(BodiceFacts.CROTCH_END.of(Half.FRONT), "crotch line"));
        paper.fact(crotch.as(BodiceFacts.CROTCH_END.of(Half.BACK), "crotch line"));
        Amount length = set.amount(LENGTH).as(Fact.LENGTH, "length");
        if (length.value() < crotch.value() + SHORTEST) {
            throw new Refusal(LENGTH.field(), "A leg is at least 3½ in (9 cm) long on its inside");
        }
        frame.level(length, "hem", "Length below the waist", set.why(LENGTH));
        Amount top = Amount.length("shoulder to waist", Length.mm(-levels.top()));
        paper.step(
                top.plus(crotch).times(2).as(BodiceFacts.TRUNK, "trunk as drawn"),
                "Trunk, round and back",
                "Straight down from the shoulder, between the legs and up again: this decides whether one can sit.");

        // Quarters
        Amount waist = frame.waistQuarter();
        Amount hip = frame.hipQuarter();
        Amount inner = paper.step(
                INNER_LEG_IN.fact(), "Inner leg in from the fold", set.amount(INNER_LEG_IN), set.why(INNER_LEG_IN));
        if (hip.value() - inner.value() < 3 * Length.INCH) {
            throw new Refusal(
                    set.byHand(INNER_LEG_IN) ? INNER_LEG_IN.field() : set.faultField(HIP_EASE, Measure.HIP_GIRTH),
                    "This leaves less than 3 in (8 cm) for half a leg");
        }

        // The lines
        Point underarm = Point.of(upper.quarter().value(), levels.armhole());
        SuitSide side = SuitSide.through(List.of(
                underarm,
                levels.atBust(underarm),
                Point.of(waist.value(), 0),
                Point.of(hip.value(), hipDepth.value())));
        Amount in = set.amount(HEM_EDGES_IN);
        List<Segment> down = new ArrayList<>(side.downTo(Math.max(crotch.value(), hipDepth.value())));
        down.add(toHem(down.get(down.size() - 1).to(), length.value(), -in.value()));
        List<Segment> leg = inner(crotch.value(), inner.value(), length.value(), in.value());
        Amount zip = set.chose(CLOSURE, Closure.CENTRE_BACK_ZIP)
                ? paper.step(ZIP_LENGTH.fact(), "Zip long", set.amount(ZIP_LENGTH), set.why(ZIP_LENGTH))
                : null;
        Piece front = panel(Half.FRONT, upper.drawn(Half.FRONT), down, leg, null);
        Piece back = panel(Half.BACK, upper.drawn(Half.BACK), down, leg, zip);
        upper.together(lines(front), lines(back));
        paper.step(
                (in.value() == 0
                                ? hip.minus(inner)
                                : hip.minus(inner)
                                        .minus(in.called("each edge in").times(2)))
                        .times(2)
                        .as(Fact.HEM_GIRTH, "hem all round"),
                "Hem, once round a leg",
                in.value() == 0
                        ? "As wide as the leg all the way down: the cloth must give as much as the thigh is larger."
                        : "Its edges come in, or go out, below the crotch line.");
        HipRange.addStep(paper, set);
        Pattern pattern = new Pattern(
                List.of(front, back),
                Stream.concat(
                                Stream.of(
                                        Join.sewn(Seam.SHOULDER, EdgeRole.SHOULDER, front, back),
                                        Join.sewn(Seam.SIDE, EdgeRole.SIDE, front, back),
                                        Join.sewn(Seam.INSEAM, EdgeRole.INSEAM, front, back)),
                                BackOpening.seams(back).stream())
                        .toList());
        Pattern notched = Notches.level(pattern, pattern.joins().get(1), "waist", 0);
        return BodicesLaidOff.on(
                table.finished(Notches.level(notched, pattern.joins().get(1), "hip", hipDepth.value())));
    }

    private static UpperLines lines(Piece piece) {
        return new UpperLines(
                piece.require(EdgeRole.NECK).run(),
                (Line) piece.require(EdgeRole.SHOULDER).run().get(0),
                piece.require(EdgeRole.ARMHOLE).run());
    }

    /** From a place where an edge hangs plumb to the hem, so far over. */
    private static Segment toHem(Point from, double hem, double over) {
        Point to = Point.of(from.x() + over, hem);
        Point leaving = from.plus(Point.of(0, (hem - from.y()) / 2));
        return over == 0 ? new Line(from, to) : Cubic.parabola(from, leaving, to);
    }

    /** From the hem up to the fold; its edge comes in at the hem by so much. */
    private static List<Segment> inner(double crotch, double in, double hem, double edgeIn) {
        Point fork = Point.of(0, crotch);
        Point plumb = Point.of(in, crotch + COMES_IN);
        Cubic out = new Cubic(plumb, plumb.minus(Point.of(0, COMES_IN * 0.6)), fork.plus(Point.of(in * 0.6, 0)), fork);
        return List.of(toHem(plumb, hem, edgeIn).reversed(), out);
    }

    private Piece panel(Half panel, UpperLines upper, List<Segment> down, List<Segment> leg, Amount zip) {
        Point hemSide = down.get(down.size() - 1).to();
        Point hemInner = leg.get(0).from();
        Point fork = leg.get(leg.size() - 1).to();
        Line fold = new Line(fork, upper.neck().get(0).from());
        Line hem = new Line(hemSide, hemInner);
        paper.draw(panel.id(), OUTLINE, "", down).draw(panel.id(), OUTLINE, "", leg);
        paper.draw(panel.id(), OUTLINE, "", hem, fold);
        paper.step(
                SuitFacts.INNER_LEG.of(panel),
                panel.title() + " inner leg",
                Amount.found("measured along the line", Curves.length(leg)),
                "It leaves the fold square, so that no corner stands between the legs, and falls plumb.");
        double top = upper.neck().get(0).from().y();
        double x = hemInner.x() * 1.4;
        List<Edge> edges = new ArrayList<>(List.of(
                Edge.of(EdgeRole.NECK, upper.neck()).as(End.BOUND),
                Edge.of(EdgeRole.SHOULDER, List.of(upper.shoulder())),
                Edge.of(EdgeRole.ARMHOLE, upper.armhole()).as(End.BOUND),
                Edge.of(EdgeRole.SIDE, down),
                Edge.of(EdgeRole.HEM, List.of(hem)),
                Edge.of(EdgeRole.INSEAM, leg)));
        BackOpening opening = BackOpening.of(List.of(fold), set, zip);
        boolean front = panel == Half.FRONT;
        edges.addAll(
                front ? List.of(Edge.of(EdgeRole.CENTRE_FRONT, List.of(fold)).as(End.FOLD)) : opening.edges());
        return Piece.of(
                        PieceId.of(panel),
                        "Romper " + panel.id(),
                        panel.panel(),
                        edges,
                        new Line(
                                Point.of(x, top + (hemInner.y() - top) * 0.2),
                                Point.of(x, top + (hemInner.y() - top) * 0.85)),
                        front ? new Copies.OnFold(EdgeRole.CENTRE_FRONT, 1) : opening.copies(),
                        OnBody.AS_DRAFTED)
                .withMarks(opening.marks());
    }
}
