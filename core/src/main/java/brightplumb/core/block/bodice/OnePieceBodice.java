package brightplumb.core.block.bodice;

import static brightplumb.core.paper.Drawn.Role.OUTLINE;
import static brightplumb.core.rule.WaistSettings.WAIST_EASE;

import brightplumb.core.block.leg.Legs;
import brightplumb.core.geometry.Cubic;
import brightplumb.core.geometry.Curves;
import brightplumb.core.geometry.Line;
import brightplumb.core.geometry.Point;
import brightplumb.core.geometry.Roots;
import brightplumb.core.geometry.Segment;
import brightplumb.core.measure.Length;
import brightplumb.core.measure.Refusal;
import brightplumb.core.paper.Draft;
import brightplumb.core.pattern.CentreOpening;
import brightplumb.core.pattern.Edge;
import brightplumb.core.pattern.EdgeRole;
import brightplumb.core.pattern.End;
import brightplumb.core.pattern.Half;
import brightplumb.core.pattern.Hand;
import brightplumb.core.pattern.Join;
import brightplumb.core.pattern.Notches;
import brightplumb.core.pattern.Pattern;
import brightplumb.core.pattern.Piece;
import brightplumb.core.pattern.PieceId;
import brightplumb.core.pattern.Relaid;
import brightplumb.core.pattern.Seam;
import brightplumb.core.rule.BodiceFacts;
import brightplumb.core.rule.ClosureSettings;
import brightplumb.core.rule.LegFacts;
import brightplumb.core.rule.LegSettings;
import brightplumb.core.rule.PanelFacts;
import brightplumb.core.table.Table;
import brightplumb.core.working.Amount;
import brightplumb.core.working.Fact;
import java.util.ArrayList;
import java.util.List;

/**
 * Draws a bodice on from legs: the waist goes, the centres run up plumb to the neck, and each side is one line from the
 * underarm over the waist to the hip and on down the leg. The front's side is the master; the back's underarm rises or
 * falls until both are one length.
 */
final class OnePieceBodice {

    /** The back's underarm lies no further than this from the chest line, mm. */
    private static final double MOST = 1.5 * Length.INCH;

    private final Draft before;
    private final Table table;
    private final double hipY;

    OnePieceBodice(Draft before, Table table) {
        this.before = before;
        this.table = table;
        this.hipY = before.fact(Fact.HIP_DEPTH).value();
    }

    /**
     * Draws it.
     *
     * @throws Refusal where a measure is missing, or front and back side cannot be brought to one length
     */
    Draft draft() {
        table.paper().takeBack(Legs.OWN_WAIST);
        UpperHalf upper = new UpperHalf(table);
        Levels levels = upper.levels();
        Amount waist = table.step(
                table.body().waist().plus(table.set(WAIST_EASE)).over(4).as(PanelFacts.WAIST_QUARTER, "waist quarter"),
                "Waist quarter",
                table.set().why(WAIST_EASE));
        Point underarm = Point.of(upper.quarter().value(), levels.armhole());
        Point atWaist = Point.of(waist.value(), 0);
        Pattern pattern = before.pattern();
        UpperLines frontLines = upper.drawn(Half.FRONT, 0);
        for (Piece front : panels(Half.FRONT)) {
            pattern = pattern.instead(whole(front, frontLines, side(front, levels, underarm, atWaist)));
        }
        UpperLines backLines = null;
        for (Piece back : panels(Half.BACK)) {
            Piece front = pattern.piece(PieceId.of(Half.FRONT).on(back.id().hand()));
            double wanted = front.require(EdgeRole.SIDE).length();
            double lower = Roots.between(
                            -MOST,
                            MOST,
                            by -> Curves.length(side(back, levels, underarm.plus(Point.of(0, by)), atWaist)) - wanted)
                    .orElseThrow(() -> new Refusal(
                            LegSettings.HEM.field(),
                            "Front and back side cannot be brought to one length; bring what the back leg is "
                                    + "wider nearer to the usual"));
            if (backLines == null) {
                table.step(
                        BodiceFacts.UNDERARM_BACK,
                        lower < 0 ? "Back underarm higher" : "Back underarm lower",
                        Amount.found("until both sides are one length", Math.abs(lower)),
                        "Below the hip the back leg bends more than the front; the underarm takes up what its side "
                                + "differs by.");
                backLines = upper.drawn(Half.BACK, lower);
            }
            pattern = pattern.instead(
                    whole(back, backLines, side(back, levels, underarm.plus(Point.of(0, lower)), atWaist)));
        }
        pattern = Relaid.joins(before.pattern(), pattern);
        pattern = pattern.joined(shoulders(pattern));
        for (Join join : pattern.joins()) {
            if (join.seam().equals(Seam.SIDE)) {
                pattern = Notches.level(pattern, join, "waist", 0);
            }
        }
        say(pattern);
        upper.together(frontLines, backLines);
        TrunkRound.said(
                table,
                before,
                levels,
                "Down from the shoulder, along both crotch seams and up again: no waist gives, so this decides "
                        + "whether one can sit.");
        return BodicesLaidOff.on(table.finished(pattern));
    }

    private List<Piece> panels(Half half) {
        return before.with(EdgeRole.WAIST).stream()
                .filter(p -> p.panel().equals(half.panel()))
                .toList();
    }

    /** From the underarm plumb to the bust line, over the waist to the hip, and on as the leg's own side. */
    private List<Segment> side(Piece leg, Levels levels, Point underarm, Point waist) {
        List<Segment> below = leg.require(EdgeRole.SIDE).run().stream()
                .filter(s -> s.from().y() > hipY - 1e-6)
                .toList();
        Point hip = below.get(0).from();
        Point above = levels.atBust(underarm);
        double up = (waist.y() - above.y()) / 3;
        double down = (hip.y() - waist.y()) / 3;
        List<Segment> side = new ArrayList<>();
        if (above.y() > underarm.y()) {
            side.add(new Line(underarm, above));
        }
        side.add(new Cubic(above, above.plus(Point.of(0, up)), waist.minus(Point.of(0, up)), waist));
        side.add(new Cubic(
                waist,
                waist.plus(Point.of(0, down)),
                hip.minus(below.get(0).direction(0).times(down)),
                hip));
        side.addAll(below);
        return List.copyOf(side);
    }

    /** A leg with the bodice above it, in one outline. */
    private Piece whole(Piece leg, UpperLines upper, List<Segment> side) {
        Point centre = leg.require(EdgeRole.WAIST).run().get(0).from();
        List<Edge> edges = new ArrayList<>();
        edges.add(Edge.of(EdgeRole.NECK, upper.neck()).as(End.BOUND));
        edges.add(Edge.of(EdgeRole.SHOULDER, List.of(upper.shoulder())));
        edges.add(Edge.of(EdgeRole.ARMHOLE, upper.armhole()).as(End.BOUND));
        edges.add(leg.require(EdgeRole.SIDE).along(side));
        int after = leg.edges().indexOf(leg.require(EdgeRole.SIDE)) + 1;
        List<Edge> rest = new ArrayList<>(leg.edges().subList(after, leg.edges().size()));
        Edge last = rest.remove(rest.size() - 1);
        List<Segment> up = new ArrayList<>(last.run());
        up.add(new Line(centre, upper.neck().get(0).from()));
        edges.addAll(rest);
        edges.add(last.along(up));
        String hand = leg.id().hand() == Hand.BOTH ? "" : ", " + leg.id().hand().id();
        Half half = leg.behind() ? Half.BACK : Half.FRONT;
        return leg.named(leg.id(), half.title() + hand).withEdges(edges);
    }

    private static List<Join> shoulders(Pattern pattern) {
        List<Join> joins = new ArrayList<>();
        for (Piece front : pattern.pieces()) {
            if (!front.behind() && front.edge(EdgeRole.SHOULDER).isPresent()) {
                Piece back = pattern.piece(PieceId.of(Half.BACK).on(front.id().hand()));
                joins.add(Join.sewn(Seam.SHOULDER, EdgeRole.SHOULDER, front, back));
            }
        }
        return joins;
    }

    private void say(Pattern pattern) {
        for (Piece piece : pattern.pieces()) {
            table.paper()
                    .draw(
                            piece.panel().id(),
                            OUTLINE,
                            "",
                            piece.require(EdgeRole.SIDE).run());
            table.step(
                    Amount.found(
                                    "measured along the seam",
                                    piece.require(EdgeRole.SIDE).length())
                            .as(LegFacts.SIDE.of(piece.panel()), piece.panel() + " side"),
                    piece.title() + " side, underarm to hem",
                    "One line: upright at underarm and waist, and on into the leg's own side at the hip.");
        }
        double opening = CentreOpening.reach(pattern, EdgeRole.CENTRE_BACK_ZIP, true, Hand.LEFT);
        before.steps().stream()
                .filter(s -> s.fact().equals(ClosureSettings.ZIP_LENGTH.fact()))
                .mapToDouble(s -> s.amount().value())
                .filter(below -> opening > below)
                .forEach(below -> table.step(
                        BodiceFacts.ZIP_THROUGH,
                        "Opening long, from the neck",
                        Amount.found("above the legs' waist", opening - below).plus(Amount.found("below it", below)),
                        "The seam is open from the neck down to where the legs' own opening ends: the zip is bought "
                                + "for all of it."));
    }
}
