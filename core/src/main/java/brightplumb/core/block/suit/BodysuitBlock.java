package brightplumb.core.block.suit;

import static brightplumb.core.paper.Drawn.Role.CONSTRUCTION;
import static brightplumb.core.paper.Drawn.Role.MEASURE;
import static brightplumb.core.paper.Drawn.Role.OUTLINE;
import static brightplumb.core.rule.ClosureSettings.*;
import static brightplumb.core.rule.CrotchSettings.CROTCH_DEPTH;
import static brightplumb.core.rule.SuitSettings.*;

import brightplumb.core.block.bodice.BodicesLaidOff;
import brightplumb.core.block.bodice.Levels;
import brightplumb.core.block.bodice.UpperHalf;
import brightplumb.core.block.bodice.UpperLines;
import brightplumb.core.block.waist.HipRange;
import brightplumb.core.geometry.Curves;
import brightplumb.core.geometry.Line;
import brightplumb.core.geometry.Point;
import brightplumb.core.geometry.Segment;
import brightplumb.core.measure.Length;
import brightplumb.core.measure.Measure;
import brightplumb.core.measure.Refusal;
import brightplumb.core.measure.TapeWriter;
import brightplumb.core.paper.Draft;
import brightplumb.core.paper.Notice;
import brightplumb.core.paper.Paper;
import brightplumb.core.pattern.Half;
import brightplumb.core.pattern.Notches;
import brightplumb.core.pattern.Pattern;
import brightplumb.core.pattern.Piece;
import brightplumb.core.pattern.Seam;
import brightplumb.core.rule.BodiceFacts;
import brightplumb.core.rule.Closure;
import brightplumb.core.rule.CrotchFastening;
import brightplumb.core.rule.LegLineWidth;
import brightplumb.core.rule.Setting;
import brightplumb.core.rule.Settings;
import brightplumb.core.rule.SuitFacts;
import brightplumb.core.rule.SuitSettings;
import brightplumb.core.table.Table;
import brightplumb.core.working.Amount;
import java.util.ArrayList;
import java.util.List;

/**
 * The bodysuit block: front and back on the fold from the neck to a strip between the legs, where they meet. The centre
 * line is x = 0 with the side at +x; the waist is y = 0 and y grows downward. Front and back differ at neck, armhole,
 * leg curve and end; their sides are one line.
 */
final class BodysuitBlock {

    /** The strip between the legs is as wide as its end over so much of each panel, mm. */
    private static final double STRIP = Length.INCH;

    /**
     * A leg curve passes the corner by so much of what the straight line does at the least, and at the most: nearer it
     * would cut into the corner, further it would stand off the straight line like a wing.
     */
    private static final double NEAREST = 0.55;

    private static final double FURTHEST = 1.25;

    /** Less than this between leg line and strip leaves no curve, mm. */
    private static final double LEAST_CURVE = Length.INCH;

    private final Table table;
    private final Paper paper;
    private final Settings set;
    private final SuitFrame frame;

    BodysuitBlock(Table table) {
        this.table = table;
        this.paper = table.paper();
        this.set = table.set();
        this.frame = new SuitFrame(paper, set);
    }

    /**
     * Drafts a bodysuit.
     *
     * @throws Refusal where a measure is missing or the amounts leave no leg line, naming the field at fault
     */
    Draft draft() {
        // Levels
        UpperHalf upper = new UpperHalf(table);
        Levels levels = upper.levels();
        Amount hipDepth = frame.hipDepth();
        Amount crotch = crotchLine();
        Amount legLine = legLine(crotch);

        // Quarters
        Amount waist = frame.waistQuarter();
        Amount hip = frame.hipQuarter();
        boolean byCurve = set.chose(LEG_LINE_WIDTH, LegLineWidth.HIP_CURVE);
        double widest = byCurve ? hipDepth.value() : legLine.value();
        Point underarm = Point.of(upper.quarter().value(), levels.armhole());
        SuitSide side = SuitSide.through(
                List.of(underarm, levels.atBust(underarm), Point.of(waist.value(), 0), Point.of(hip.value(), widest)));
        Amount there = paper.step(
                (byCurve && legLine.value() < hipDepth.value()
                                ? Amount.found("read from the hip curve", side.at(legLine.value()))
                                : hip)
                        .as(SuitFacts.LEG_LINE_QUARTER, "quarter at the leg line"),
                "Quarter at the leg line",
                set.why(LEG_LINE_WIDTH));

        // Crotch ends
        Amount frontEnd = paper.step(
                crotch.plus(set.amount(FRONT_END))
                        .as(BodiceFacts.CROTCH_END.of(Half.FRONT), "front end below the waist"),
                "Front ends below the waist",
                set.why(FRONT_END));
        Amount backEnd = paper.step(
                frontEnd.plus(set.amount(BACK_END))
                        .as(BodiceFacts.CROTCH_END.of(Half.BACK), "back end below the waist"),
                "Back ends below the waist",
                set.why(BACK_END));
        Amount lap =
                paper.step(CROTCH_LAP.fact(), "Front laps over the back", set.amount(CROTCH_LAP), set.why(CROTCH_LAP));
        Amount top = Amount.length("shoulder to waist", Length.mm(-levels.top()));
        paper.step(
                top.plus(frontEnd).plus(top).plus(backEnd).minus(lap).as(BodiceFacts.TRUNK, "trunk as drawn"),
                "Trunk, round and back",
                "Straight down from the shoulder, between the legs and up again: this decides whether one can sit.");

        // The lines
        Point corner = Point.of(there.value(), legLine.value());
        Panel front = panel(upper, Half.FRONT, side, corner, frontEnd);
        Panel back = panel(upper, Half.BACK, side, corner, backEnd);
        upper.together(front.upper(), back.upper());
        paper.step(
                Amount.found("front leg curve", Curves.length(front.leg()))
                        .plus(Amount.found("back leg curve", Curves.length(back.leg())))
                        .as(SuitFacts.LEG_OPENING, "leg opening"),
                "Leg, once round",
                "Front and back curve with their strips, as they are bound.");
        HipRange.addStep(paper, set);
        Amount zip = set.chose(CLOSURE, Closure.CENTRE_BACK_ZIP)
                ? paper.step(ZIP_LENGTH.fact(), "Zip long", set.amount(ZIP_LENGTH), set.why(ZIP_LENGTH))
                : null;
        boolean sewn = set.chose(FASTENING, CrotchFastening.SEWN);
        Piece frontPiece = SuitPieces.front(front, sewn);
        Piece backPiece = SuitPieces.back(back, sewn, set, zip);
        Pattern pattern = SuitPieces.joined(frontPiece, backPiece, sewn);
        return BodicesLaidOff.on(
                table.finished(Notches.level(pattern, pattern.find(Seam.SIDE).orElseThrow(), "waist", 0)));
    }

    /**
     * A panel's lines.
     *
     * @param side from the underarm to the leg line
     * @param leg from the side to the end of the strip
     * @param end how far below the waist it ends, mm
     * @param half half the width of its end, mm
     */
    record Panel(Half panel, UpperLines upper, List<Segment> side, List<Segment> leg, double end, double half) {}

    private Amount crotchLine() {
        return frame.level(
                set.amount(CROTCH_DEPTH).as(BodiceFacts.CROTCH_LINE, "crotch line"),
                "crotch",
                "Crotch line below the waist",
                set.why(CROTCH_DEPTH));
    }

    private Amount legLine(Amount crotch) {
        Amount level = set.amount(LEG_LINE_LEVEL).as(SuitFacts.LEG_LINE_LEVEL, "leg line");
        double room = crotch.value() + set.amount(FRONT_END).value() - STRIP - level.value();
        if (room < LEAST_CURVE) {
            throw new Refusal(
                    set.byHand(LEG_LINE_LEVEL)
                            ? SuitSettings.LEG_LINE_LEVEL.field()
                            : set.faultField(CROTCH_DEPTH, Measure.BODY_RISE),
                    "The leg line must lie at least 1 in (2.5 cm) above the strip between the legs");
        }
        return frame.level(level, "leg line", "Leg line below the waist, at the side", set.why(LEG_LINE_LEVEL));
    }

    private Panel panel(UpperHalf upper, Half panel, SuitSide side, Point corner, Amount end) {
        UpperLines lines = upper.drawn(panel);
        Setting widthOf = panel == Half.FRONT ? CROTCH_WIDTH : CROTCH_WIDTH_BACK;
        Amount half = paper.step(
                set.amount(widthOf).as(SuitFacts.HALF_WIDTH.of(panel), panel.id() + " half width"),
                panel.title() + " end, half its width",
                set.why(widthOf));
        if (half.value() > corner.x() - LEAST_CURVE) {
            throw new Refusal(widthOf.field(), "So wide a strip leaves no leg curve");
        }
        Point strip = Point.of(half.value(), end.value() - STRIP);
        Amount guide = guide(panel, LegCurve.chord(corner, strip));
        LegCurve curve = LegCurve.through(corner, side.inward(corner.y()), strip, guide.value());
        paper.draw(panel.id(), CONSTRUCTION, "", new Line(corner, strip));
        paper.draw(panel.id(), MEASURE, "", new Line(Point.of(0, corner.y()), curve.guide()));
        paper.step(
                guide.as(SuitFacts.LEG_GUIDE.of(panel), panel.id() + " leg guide"),
                panel.title() + " leg curve passes the corner by",
                set.why(panel == Half.FRONT ? LEG_SHARE_FRONT : LEG_SHARE_BACK));
        if (curve.hooks()) {
            paper.notice(Notice.of(
                    "hooked-leg-line." + panel.id(),
                    "The " + panel.id()
                            + " leg line bends round less than {12 mm}: cloth and binding will pull there. Let it pass "
                            + "nearer to the straight line, or meet the side lower."));
        }
        List<Segment> leg = new ArrayList<>(curve.run());
        leg.add(new Line(strip, Point.of(half.value(), end.value())));
        List<Segment> down = side.downTo(corner.y());
        paper.draw(panel.id(), OUTLINE, "", down).draw(panel.id(), OUTLINE, "", leg);
        paper.draw(
                panel.id(),
                OUTLINE,
                "",
                new Line(Point.of(half.value(), end.value()), Point.of(0, end.value())),
                new Line(Point.of(0, end.value()), lines.neck().get(0).from()));
        paper.step(
                SuitFacts.LEG_LINE.of(panel),
                panel.title() + " leg curve",
                Amount.found("measured along the line", Curves.length(leg)),
                "It leaves the side square and reaches the strip upright, so that it runs on across both.");
        return new Panel(panel, lines, down, List.copyOf(leg), end.value(), half.value());
    }

    /**
     * How far from the corner the curve passes: a distance where one is asked, else a share of the straight line's,
     * hollowed or covering.
     */
    private Amount guide(Half panel, double chord) {
        Setting guideOf = panel == Half.FRONT ? LEG_GUIDE_FRONT : LEG_GUIDE_BACK;
        Setting movedBy = panel == Half.FRONT ? LEG_HOLLOW : COVER;
        Amount asked = set.amount(guideOf);
        Amount straight = Amount.found("straight line from the corner", chord);
        Amount by = asked.value() > 0
                ? asked
                : straight.times(set.amount(panel == Half.FRONT ? LEG_SHARE_FRONT : LEG_SHARE_BACK));
        Amount moved = panel == Half.FRONT ? by.minus(set.amount(movedBy)) : by.plus(set.amount(movedBy));
        Amount least = straight.times(NEAREST);
        Amount most = straight.times(FURTHEST);
        for (Setting hand : List.of(guideOf, movedBy)) {
            if (set.byHand(hand) && (moved.value() < least.value() || moved.value() > most.value())) {
                throw new Refusal(
                        hand.field(),
                        "Here the " + panel.id() + " leg curve passes the corner by "
                                + TapeWriter.inBoth(Length.mm(least.value())) + " to "
                                + TapeWriter.inBoth(Length.mm(most.value())));
            }
        }
        return moved.atLeast(least).atMost(most);
    }
}
