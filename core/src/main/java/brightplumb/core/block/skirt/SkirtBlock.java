package brightplumb.core.block.skirt;

import static brightplumb.core.paper.Drawn.Role.CONSTRUCTION;
import static brightplumb.core.paper.Drawn.Role.LEVEL;
import static brightplumb.core.pattern.Half.BACK;
import static brightplumb.core.pattern.Half.FRONT;
import static brightplumb.core.rule.ClosureSettings.*;
import static brightplumb.core.rule.HemSettings.*;
import static brightplumb.core.rule.HipSettings.*;
import static brightplumb.core.rule.WaistSettings.*;

import brightplumb.core.block.waist.FrontFirst;
import brightplumb.core.block.waist.HipRange;
import brightplumb.core.block.waist.Openings;
import brightplumb.core.block.waist.PanelsLaidOff;
import brightplumb.core.block.waist.WaistNotices;
import brightplumb.core.block.waist.WaistQuarter;
import brightplumb.core.geometry.Curves;
import brightplumb.core.geometry.Line;
import brightplumb.core.geometry.Point;
import brightplumb.core.measure.Length;
import brightplumb.core.measure.Measure;
import brightplumb.core.measure.Refusal;
import brightplumb.core.measure.TapeWriter;
import brightplumb.core.paper.Draft;
import brightplumb.core.paper.Paper;
import brightplumb.core.pattern.Half;
import brightplumb.core.pattern.Notches;
import brightplumb.core.pattern.Pattern;
import brightplumb.core.pattern.Piece;
import brightplumb.core.rule.Body;
import brightplumb.core.rule.Closure;
import brightplumb.core.rule.HemSettings;
import brightplumb.core.rule.HipSettings;
import brightplumb.core.rule.PanelFacts;
import brightplumb.core.rule.Seat;
import brightplumb.core.rule.Setting;
import brightplumb.core.rule.Settings;
import brightplumb.core.rule.WaistSettings;
import brightplumb.core.table.Table;
import brightplumb.core.working.Amount;
import brightplumb.core.working.Fact;
import java.util.List;

/**
 * The skirt block: a quarter each of front and back from waist to hem. The centre line is x = 0 with the side at +x;
 * the waist is y = 0 and y grows downward. Facts keep the arithmetic; the drawn points then move a few millimetres so
 * that the seams are true.
 */
final class SkirtBlock {

    private static final Amount STAYS_LEVEL = Amount.inches("level, where the waist is wider than the hip", 0);

    private final Table table;
    private final Paper paper;
    private final Body body;
    private final Settings set;

    SkirtBlock(Table table) {
        this.table = table;
        this.paper = table.paper();
        this.body = table.body();
        this.set = table.set();
    }

    /**
     * Drafts a skirt.
     *
     * @throws Refusal when the amounts set by hand leave no skirt to draw, naming the one at fault
     */
    Draft draft() {
        // Levels
        Amount hipDepth = hipDepth();
        Amount length = length(hipDepth);

        // Hip
        setting(HIP_EASE, "Hip ease, all round");
        setting(HIP_ALLOCATION, "Back takes more at the hip, each quarter");
        setting(WAIST_EASE, "Waist ease, all round");
        var shares = new SkirtAmounts(body, set, paper);
        Amount frontHip = hip(shares, FRONT);
        Amount backHip = hip(shares, BACK);

        // Waist and darts
        WaistQuarter front = frontQuarter(shares, frontHip);
        WaistQuarter back = backQuarter(shares, backHip);
        boolean wider = front.waistWider() || back.waistWider();
        Amount frontDrop = drop(CENTRE_FRONT_DROP, CENTRE_FRONT_DROP.fact(), "Centre front down", wider);
        Amount backDrop = drop(CENTRE_BACK_DROP, CENTRE_BACK_DROP.fact().ofBack(), "Centre back down", false);
        Amount rise = drop(SIDE_RISE, SIDE_RISE.fact(), "Side up", wider);

        // Hem
        Amount frontTaper = taper(HEM_TAPER_FRONT, FRONT);
        Amount backTaper = taper(HEM_TAPER_BACK, BACK);
        Amount start = setting(TAPER_START, "Taper starts below the hip")
                .atMost(length.minus(hipDepth).over(2));
        Amount narrow = narrow(hipDepth, length, start);
        CentreBack centreBack = CentreBack.of(
                new CentreBack.Shaping(
                        shares.centreBackShape(),
                        set.choice(SEAT, Seat.class),
                        back.centreIn().value(),
                        set.amount(CENTRE_BACK_HEM).value(),
                        narrow.value(),
                        backTaper.value() > 0),
                backDrop.value(),
                hipDepth.value(),
                length.value());
        hems(frontHip, backHip, frontTaper, backTaper, centreBack);

        // The lines. The front's side is the master; the back's waist point rises or falls until both sides are one
        // length.
        var lines = new SkirtLines(
                paper,
                set,
                hipDepth.value(),
                length.value(),
                frontTaper.value(),
                backTaper.value(),
                start.value(),
                narrow.value(),
                rise.value());
        SkirtLines.Panelled frontLines = lines.front(front, frontDrop.value());
        SkirtLines.Panelled backLines = lines.back(back, centreBack, frontLines.sideLength());
        Closure closure = set.choice(CLOSURE, Closure.class);
        Amount zip = zip(closure);
        if (closure == Closure.CENTRE_BACK_ZIP) {
            Openings.within(set, Curves.length(backLines.centre()) - Length.INCH);
        }
        Piece frontPiece = SkirtPieces.front(frontLines, closure == Closure.SIDE_ZIP ? zip : null);
        Piece backPiece = SkirtPieces.back(backLines, closure, zip, slit(length, hipDepth));
        Pattern pattern = new Pattern(List.of(frontPiece, backPiece), SkirtPieces.joins(frontPiece, backPiece));

        HipRange.addStep(paper, set);
        WaistNotices.bareHip(paper, set);
        WaistNotices.pulledOn(paper, set);
        SkirtNotices.say(paper, body, set, shares, front, back);
        if (zip != null) {
            double top = closure == Closure.CENTRE_BACK_ZIP ? backDrop.value() : -rise.value();
            WaistNotices.zipEnd(paper, top + zip.value(), hipDepth.value(), top);
        }
        Draft drawn = table.finished(Notches.level(pattern, pattern.joins().get(0), "hip", hipDepth.value()));
        return PanelsLaidOff.on(FrontFirst.arranged(drawn));
    }

    private Amount hipDepth() {
        Amount depth = set.belowBand(body.hipDepth());
        for (Half panel : Half.values()) {
            paper.draw(panel.id(), CONSTRUCTION, "", new Line(Point.of(0, 0), Point.of(0, depth.value())));
            paper.draw(panel.id(), LEVEL, "waist", across(0)).draw(panel.id(), LEVEL, "hip", across(depth.value()));
        }
        paper.level("waist", 0);
        paper.level("hip", depth.value());
        return paper.step(
                depth.as(Fact.HIP_DEPTH, "waist to hip"),
                "Waist to hip",
                "The hip line lies where this seat is fullest. Levels are personal: {8 in} for everyone puts many hip "
                        + "curves in the wrong place.");
    }

    private Amount length(Amount hipDepth) {
        Amount length = set.belowBand(set.amount(LENGTH));
        if (length.value() < hipDepth.value() + 2 * Length.INCH || hipDepth.value() < 2 * Length.INCH) {
            throw new Refusal(HemSettings.LENGTH.field(), "A skirt must end at least 2 in (5 cm) below the hip line");
        }
        for (Half panel : Half.values()) {
            paper.draw(
                    panel.id(), CONSTRUCTION, "", new Line(Point.of(0, hipDepth.value()), Point.of(0, length.value())));
            paper.draw(panel.id(), LEVEL, "hem", across(length.value()));
        }
        paper.level("hem", length.value());
        return paper.step(length.as(Fact.LENGTH, "length"), "Length", set.why(LENGTH));
    }

    /** Where the taper ends: a long pencil is narrowest above the knee and hangs straight from there. */
    private Amount narrow(Amount hipDepth, Amount length, Amount start) {
        Amount level = set.amount(KNEE_LEVEL);
        if (level.value() == 0) {
            return length;
        }
        Amount least = hipDepth.plus(start).plus(Amount.inches("least run of the taper", 2));
        return paper.step(
                KNEE_LEVEL.fact(),
                "Narrowest level",
                set.belowBand(level).atLeast(least).atMost(length),
                set.why(KNEE_LEVEL));
    }

    private Amount slit(Amount length, Amount hipDepth) {
        if (set.amount(SLIT).value() == 0) {
            return null;
        }
        Amount most = length.minus(hipDepth)
                .minus(Amount.inches("closed below the hip", 2))
                .notBelowZero();
        if (set.byHand(SLIT) && set.amount(SLIT).value() > most.value()) {
            throw new Refusal(
                    HemSettings.SLIT.field(),
                    "Here a slit goes up to " + TapeWriter.inBoth(Length.mm(most.value()))
                            + ": two inches below the hip stay closed");
        }
        return paper.step(SLIT.fact(), "Slit, up from the hem", set.amount(SLIT).atMost(most), set.why(SLIT));
    }

    private Line across(double y) {
        return new Line(Point.of(0, y), Point.of(body.hip().value() / 4 + 40, y));
    }

    private Amount hip(SkirtAmounts shares, Half panel) {
        Amount hip = shares.hip(panel);
        if (hip.value() < 2 * Length.INCH) {
            throw new Refusal(
                    set.byHand(HIP_ALLOCATION)
                            ? HipSettings.HIP_ALLOCATION.field()
                            : set.faultField(HIP_EASE, Measure.HIP_GIRTH),
                    "This leaves less than 2 in (5 cm) for the " + panel.id() + " hip quarter");
        }
        return paper.step(hip, panel.title() + " hip quarter", set.why(HIP_ALLOCATION));
    }

    private WaistQuarter frontQuarter(SkirtAmounts shares, Amount hip) {
        Amount none = Amount.inches("straight centre front", 0);
        return quarter(shares, FRONT, hip, shares.waist(FRONT, hip), none);
    }

    private WaistQuarter backQuarter(SkirtAmounts shares, Amount hip) {
        Amount waist = shares.waist(BACK, hip);
        return quarter(shares, BACK, hip, waist, shares.centreBackIn(hip, waist));
    }

    private WaistQuarter quarter(SkirtAmounts shares, Half panel, Amount hip, Amount waist, Amount centreIn) {
        if (waist.value() < 1.5 * Length.INCH) {
            throw new Refusal(
                    set.byHand(WAIST_EASE)
                            ? WaistSettings.WAIST_EASE.field()
                            : set.faultField(HIP_ALLOCATION, Measure.WAIST_GIRTH),
                    "This leaves less than 1½ in (4 cm) for the " + panel.id() + " waist quarter");
        }
        Amount intake = shares.intake(panel, hip, waist, centreIn);
        Amount inset = shares.sideInset(panel, hip, waist, centreIn, intake);
        var darts = new SkirtDarts(body, set, paper, shares.plan()).place(panel, intake, waist, centreIn);
        return new WaistQuarter(hip, WaistQuarter.STRAIGHT, waist, centreIn, intake, darts, inset);
    }

    /** How far a panel's side comes in at the hem; said once where both are alike. */
    private Amount taper(Setting ofPanel, Half panel) {
        Amount both = set.amount(HEM_TAPER);
        Amount taper = set.amount(ofPanel);
        if (panel == FRONT) {
            setting(HEM_TAPER, "In at the hem, each side");
        }
        return taper.value() == both.value()
                ? both
                : setting(ofPanel, HEM_TAPER.fact().of(panel), panel.title() + " side in at the hem");
    }

    private Amount setting(Setting setting, String title) {
        return setting(setting, setting.fact(), title);
    }

    private Amount setting(Setting setting, Fact fact, String title) {
        return paper.step(fact, title, set.amount(setting), set.why(setting));
    }

    private Amount drop(Setting setting, Fact fact, String title, boolean level) {
        return paper.step(
                (level ? STAYS_LEVEL : set.amount(setting)).as(fact, title.toLowerCase(java.util.Locale.ROOT)),
                title,
                set.why(setting));
    }

    private void hems(Amount frontHip, Amount backHip, Amount frontTaper, Amount backTaper, CentreBack centreBack) {
        Amount front = frontHip.minus(frontTaper).as(PanelFacts.HEM_QUARTER.of(Half.FRONT), "front hem quarter");
        Amount back = backHip.minus(backTaper);
        if (centreBack.hem().x() > 0) {
            back = back.minus(Amount.length(
                            "centre back in at the hem",
                            Length.mm(centreBack.hem().x())))
                    .plus(Amount.length("centre back in at the hip", Length.mm(centreBack.inAt(centreBack.hipY()))));
        } else if (centreBack.inAt(centreBack.hipY()) > 1e-9) {
            back = back.plus(Amount.length("centre back in at the hip", Length.mm(centreBack.inAt(centreBack.hipY()))));
        }
        back = back.as(PanelFacts.HEM_QUARTER.of(Half.BACK), "back hem quarter");
        if (Math.min(front.value(), back.value()) < 2 * Length.INCH) {
            throw new Refusal(
                    HemSettings.HEM_TAPER.field(), "This taper leaves less than 2 in (5 cm) for a quarter of the hem");
        }
        paper.step(front, "Front hem quarter", "The side comes in from the hip by the taper.");
        paper.step(back, "Back hem quarter", "The same taper; what the centre back takes below the hip is counted.");
        paper.step(
                front.plus(back).times(2).as(Fact.HEM_GIRTH, "hem all round"),
                "Hem, all round",
                "Twice front and back: what you step against.");
    }

    private Amount zip(Closure closure) {
        return closure == Closure.NONE
                ? null
                : paper.step(ZIP_LENGTH.fact(), "Zip long", set.amount(ZIP_LENGTH), set.why(ZIP_LENGTH));
    }
}
