package brightplumb.core.block.leg;

import static brightplumb.core.paper.Drawn.Role.CONSTRUCTION;
import static brightplumb.core.paper.Drawn.Role.LEVEL;
import static brightplumb.core.pattern.Half.BACK;
import static brightplumb.core.pattern.Half.FRONT;
import static brightplumb.core.rule.BandSettings.BAND_PLACE;
import static brightplumb.core.rule.ClosureSettings.*;
import static brightplumb.core.rule.CrotchSettings.*;
import static brightplumb.core.rule.HemSettings.*;
import static brightplumb.core.rule.HipSettings.*;
import static brightplumb.core.rule.LegSettings.*;
import static brightplumb.core.rule.LegSettings.HEM;
import static brightplumb.core.rule.WaistSettings.*;

import brightplumb.core.block.waist.FrontFirst;
import brightplumb.core.block.waist.HipRange;
import brightplumb.core.block.waist.Openings;
import brightplumb.core.block.waist.PanelsLaidOff;
import brightplumb.core.block.waist.WaistNotices;
import brightplumb.core.block.waist.WaistQuarter;
import brightplumb.core.geometry.Line;
import brightplumb.core.geometry.Point;
import brightplumb.core.measure.Length;
import brightplumb.core.measure.Measure;
import brightplumb.core.measure.Refusal;
import brightplumb.core.measure.Sentence;
import brightplumb.core.paper.Draft;
import brightplumb.core.paper.Paper;
import brightplumb.core.pattern.Half;
import brightplumb.core.pattern.Pattern;
import brightplumb.core.pattern.Piece;
import brightplumb.core.rule.BackInseam;
import brightplumb.core.rule.BandPlace;
import brightplumb.core.rule.Body;
import brightplumb.core.rule.Closure;
import brightplumb.core.rule.FrontCurve;
import brightplumb.core.rule.LegFacts;
import brightplumb.core.rule.PanelFacts;
import brightplumb.core.rule.Setting;
import brightplumb.core.rule.Settings;
import brightplumb.core.table.Table;
import brightplumb.core.working.Amount;
import brightplumb.core.working.Fact;
import java.util.List;

/**
 * The trouser block: front and back of a leg over the same lines. The centre-front line is x = 0 with the side at +x
 * and the fork at −x; the waist is y = 0 and y grows downward. Shorts are the long leg cut at their hem. Facts keep the
 * arithmetic; what is solved says so.
 */
final class LegBlock {

    private static final Amount STAYS_LEVEL = Amount.inches("level, where the waist is wider than the hip", 0);
    private static final double LEAST_OPENING = Length.INCH / 4;
    private static final double LEAST_LEG = 3 * Length.INCH;
    private static final Amount LEAST_THIGH = Amount.inches("least length of the thigh", 4);

    private final Table table;
    private final Paper paper;
    private final Body body;
    private final Settings set;

    LegBlock(Table table) {
        this.table = table;
        this.paper = table.paper();
        this.body = table.body();
        this.set = table.set();
    }

    /**
     * Drafts the legs, or those of one side.
     *
     * @throws Refusal when the amounts leave no leg to draw, naming the one at fault
     */
    Draft draft() {
        // Levels
        Amount crotch = crotchDepth();
        Amount hipDepth = hipDepth(crotch);
        Amount length = length(crotch);
        Amount knee = knee(crotch, length);
        levels(hipDepth, crotch, knee, length);

        // Hip
        setting(HIP_EASE, "Hip ease, all round");
        setting(HIP_ALLOCATION, "Back takes more at the hip, each quarter");
        setting(WAIST_EASE, "Waist ease, all round");
        var shares = new LegAmounts(body, set, paper);
        Amount frontHip = shares.hip(FRONT);
        Amount backHip = shares.hip(BACK);
        Amount backHipIn = paper.step(
                set.amount(BACK_HIP_IN).as(BACK_HIP_IN.fact().ofBack(), "centre back in at the hip"),
                "Centre back in at the hip",
                set.why(BACK_HIP_IN));

        // Fork and crease
        paper.step(
                set.amount(FRONT_EXTENSION).as(LegFacts.CROTCH_EXTENSION.of(Half.FRONT), "front extension"),
                "Front fork out from the centre",
                set.why(FRONT_EXTENSION));
        var frame = new LegFrame(body, set.without(HEM), paper, frontHip, crotch, knee, length);

        // Waist and darts
        Amount frontOut = setting(FRONT_HIP_OUT, "Centre front out at the hip");
        Amount crease = Amount.length("crease", Length.mm(frame.crease()));
        WaistQuarter front = shares.quarter(
                FRONT, frontHip, Amount.inches("centre front line", 0), CENTRE_FRONT_IN, null, crease, 0);
        Amount guess = set.asked(BACK_RISE).orElseGet(this::usualRise);
        // The darts lean as far as the waist slopes by habit: a rise that is found, or that a hand asks, turns no dart.
        double slope = set.without(BACK_RISE)
                        .asked(BACK_RISE)
                        .orElseGet(this::usualRise)
                        .value()
                / (backHip.value() + 1);
        WaistQuarter back = shares.quarter(BACK, backHip, backHipIn, BACK_IN, PanelFacts.BACK_IN, crease, slope);
        Amount drop = level(CENTRE_FRONT_DROP, CENTRE_FRONT_DROP.fact(), "Centre front down", front.waistWider());
        Amount sideRise = level(SIDE_RISE, SIDE_RISE.fact(), "Side up", front.waistWider());

        // Fork drop, back extension and back rise. The centre seams are alike on both legs, whatever the sides are.
        double seatY = set.amount(HIP_ABOVE_CROTCH).value() > 0
                ? hipDepth.value()
                : set.belowBand(body.hipDepthAtCentre()).value();
        var fork = new LegFork(body, set, paper, crotch, guess);
        boolean twoChords = set.choice(FRONT_CURVE, FrontCurve.class) == FrontCurve.TWO_CHORDS;
        var frontCentre = new LegInner.Centre(
                Point.of(front.centreIn().value(), drop.value()),
                Point.of(-frontOut.value(), seatY),
                twoChords ? Double.NaN : fork.guide(CURVE_GUIDE_FRONT),
                twoChords ? LegInner.TWO_CHORDS : LegInner.SHARE);
        var backCentre = new LegInner.Centre(
                Point.of(back.centreIn().value(), 0),
                Point.of(backHipIn.value(), seatY),
                fork.guide(CURVE_GUIDE_BACK),
                LegInner.SHARE);
        AskedHem.Laid laid = AskedHem.laid(
                set,
                fork,
                hem -> new LegInner(
                        frame,
                        hem,
                        frontCentre,
                        backCentre,
                        from(front, hipDepth, sideRise),
                        from(back, hipDepth, sideRise),
                        crotch.value(),
                        length.value(),
                        set.amount(STRETCH_IN).value(),
                        set.choice(BACK_INSEAM, BackInseam.class) == BackInseam.HALF_STRAIGHT));
        laid.say(set, paper);
        LegInner inner = laid.inner();
        ForkSolver.Found found = laid.found();
        fork.say(found);
        LegInner.Drawn drawn = inner.drawn(found.extension(), found.drop(), found.rise());
        if (drawn == null) {
            throw new Refusal(
                    set.faultField(),
                    "No crotch curve can be drawn from this; look at hip, rise and waist to hip, or bring extensions "
                            + "and guides nearer to the usual");
        }
        fork.guideStep(FRONT, CURVE_GUIDE_FRONT, drawn.front());
        fork.guideStep(BACK, CURVE_GUIDE_BACK, drawn.back());

        // The lines. The front's side is the master; the back's waist point rises or falls until both sides are one
        // length.
        var lines = new LegLines(paper, set);
        LegLines.Panelled frontLines = lines.drawn(
                FRONT,
                front,
                drawn.front(),
                drawn.frontInseam(),
                inner.side(FRONT),
                slant(front, hipDepth, sideRise),
                length.value(),
                sideRise.value(),
                Double.NaN);
        LegLines.Panelled backLines = lines.drawn(
                BACK,
                back,
                drawn.back(),
                drawn.backInseam(),
                inner.side(BACK),
                slant(back, hipDepth, sideRise),
                length.value(),
                sideRise.value(),
                paper.known(LegFacts.SIDE.of(Half.FRONT)).value());
        LegWidths.say(paper, frontLines, inner.side(FRONT), drawn.frontInseam(), knee.value(), length.value());
        LegWidths.say(paper, backLines, inner.side(BACK), drawn.backInseam(), knee.value(), length.value());
        LegWidths.girths(paper);

        // Pieces
        Closure closure = set.choice(CLOSURE, Closure.class);
        double straight = (closure == Closure.FLY ? drawn.front() : drawn.back())
                .run()
                .get(0)
                .length();
        double zip = closure == Closure.NONE ? 0 : opening(closure, straight).value();
        if (closure.atCentre() && Math.min(zip, straight) < LEAST_OPENING) {
            throw new Refusal(
                    set.faultField(),
                    "The centre seam has no straight part for an opening here; look at rise, hip and waist to hip");
        }
        if (closure.atCentre()) {
            Openings.within(set, straight);
        }
        Piece frontPiece =
                LegPieces.of(table.hand(), frontLines, closure, zip, hipDepth.value(), length.value(), frame.crease());
        Piece backPiece =
                LegPieces.of(table.hand(), backLines, closure, zip, hipDepth.value(), length.value(), frame.crease());
        Pattern pattern = new Pattern(List.of(frontPiece, backPiece), LegPieces.joins(frontPiece, backPiece));
        pattern = LegPieces.notched(pattern, hipDepth.value(), knee.value(), length.value());
        HipRange.addStep(paper, set);
        WaistNotices.bareHip(paper, set);
        WaistNotices.pulledOn(paper, set);
        LegNotices.say(paper, body, set, front, back, found, drawn, hipDepth.value(), crotch.value());
        if (zip > 0) {
            double top = closure == Closure.FLY
                    ? drop.value()
                    : closure == Closure.SIDE_ZIP ? -sideRise.value() : -found.rise();
            WaistNotices.zipEnd(paper, top + zip, hipDepth.value(), top);
        }
        return PanelsLaidOff.on(FrontFirst.arranged(table.finished(pattern)));
    }

    private Amount crotchDepth() {
        Amount asked = set.amount(CROTCH_DEPTH);
        if (asked.worksFrom(RISE_EASE.spoken())) {
            setting(RISE_EASE, "Deeper than the rise");
        }
        Amount depth =
                set.belowBand(asked.called("crotch depth from the waist")).as(LegFacts.CROTCH_DEPTH, "crotch depth");
        for (Half panel : Half.values()) {
            paper.draw(panel.id(), CONSTRUCTION, "", new Line(Point.of(0, 0), Point.of(0, depth.value())));
        }
        ruled("waist", 0);
        ruled("crotch", depth.value());
        boolean included = set.chose(BAND_PLACE, BandPlace.INCLUDED);
        return paper.step(
                depth,
                "Crotch line below the waist",
                set.why(CROTCH_DEPTH) + (included ? " The band finishes at the waist and is taken off." : ""));
    }

    /**
     * An opening behind begins where the back has risen to, and is so much longer unless a length was asked; none at a
     * centre goes round the curve.
     *
     * @param straight how long the straight of the centre seam is, mm
     */
    private Amount opening(Closure closure, double straight) {
        boolean behind = closure == Closure.CENTRE_BACK_ZIP && !set.askedBeyondWay(ZIP_LENGTH);
        Amount zip = set.amount(ZIP_LENGTH);
        Amount asked = behind ? zip.plus(paper.known(LegFacts.BACK_RISE)) : zip;
        return paper.step(
                ZIP_LENGTH.fact(),
                "Opening long",
                closure.atCentre() ? asked.atMost(Amount.found("where the curve begins", straight)) : asked,
                set.why(ZIP_LENGTH));
    }

    private Amount hipDepth(Amount crotch) {
        Amount above = set.amount(HIP_ABOVE_CROTCH);
        Amount depth = above.value() > 0 ? crotch.minus(above) : set.belowBand(body.hipDepth());
        if (crotch.value() < depth.value() / 2 + LegInner.CURVE_HEIGHT || depth.value() < 2 * Length.INCH) {
            throw new Refusal(
                    set.faultField(CROTCH_DEPTH, Measure.BODY_RISE),
                    "Waist, hip line and crotch line lie too near each other; look at the rise and at waist to hip");
        }
        ruled("hip", depth.value());
        return paper.step(
                depth.as(Fact.HIP_DEPTH, "waist to hip"),
                "Waist to hip",
                above.value() > 0
                        ? set.why(HIP_ABOVE_CROTCH)
                        : Sentence.of("The hip line lies where this seat is fullest."));
    }

    private Amount length(Amount crotch) {
        Amount whole = set.belowBand(set.amount(LENGTH));
        Amount join = set.amount(TURN_UP_JOIN);
        Amount length = (join.value() > 0 ? whole.minus(join) : whole).as(Fact.LENGTH, "length");
        if (length.value() < crotch.value() + LEAST_LEG) {
            throw new Refusal(
                    set.faultField(LENGTH, Measure.BODY_RISE), "A leg must end at least 3 in (8 cm) below the crotch");
        }
        ruled("hem", length.value());
        return paper.step(length, "Length", set.why(LENGTH));
    }

    private Amount knee(Amount crotch, Amount length) {
        Amount knee = set.belowBand(body.find(Measure.KNEE_DEPTH).orElseThrow()).atLeast(crotch.plus(LEAST_THIGH));
        if (crosses(knee, length)) {
            ruled("knee", knee.value());
        }
        return paper.step(
                KNEE_LEVEL.fact(),
                "Waist to knee",
                knee,
                "Where the leg bends; the inner and outer seams run in one sweep to here.");
    }

    private void levels(Amount hip, Amount crotch, Amount knee, Amount length) {
        paper.level("waist", 0);
        paper.level("hip", hip.value());
        paper.level("crotch", crotch.value());
        if (crosses(knee, length)) {
            paper.level("knee", knee.value());
        }
        paper.level("hem", length.value());
    }

    private static boolean crosses(Amount knee, Amount length) {
        return knee.value() < length.value() - LEAST_LEG;
    }

    /** A level ruled on both sheets. */
    private void ruled(String name, double y) {
        for (Half panel : Half.values()) {
            double quarter = body.hip().value() / 4;
            paper.draw(panel.id(), LEVEL, name, new Line(Point.of(-quarter / 2, y), Point.of(quarter + 40, y)));
        }
    }

    private Amount setting(Setting setting, String title) {
        return paper.step(setting.fact(), title, set.amount(setting), set.why(setting));
    }

    private Amount level(Setting setting, Fact fact, String title, boolean level) {
        return paper.step(
                (level ? STAYS_LEVEL : set.amount(setting)).as(fact, title.toLowerCase(java.util.Locale.ROOT)),
                title,
                set.why(setting));
    }

    private Amount usualRise() {
        return body.hip().over(32);
    }

    private LegInner.SideFrom from(WaistQuarter quarter, Amount hipDepth, Amount sideRise) {
        Point slant = slant(quarter, hipDepth, sideRise);
        return new LegInner.SideFrom(
                Point.of(quarter.hipX(), hipDepth.value()), slant == null ? Point.of(0, 1) : slant);
    }

    /** The direction in which a side comes down to the hip where the waist is wider; null where it comes upright. */
    private Point slant(WaistQuarter quarter, Amount hipDepth, Amount sideRise) {
        return quarter.waistWider()
                ? Point.of(quarter.hipX() - quarter.waistEnd(), hipDepth.value() + sideRise.value())
                        .unit()
                : null;
    }
}
