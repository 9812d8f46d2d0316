package brightplumb.core.block.bodice;

import static brightplumb.core.measure.Measure.*;
import static brightplumb.core.paper.Drawn.Role.CONSTRUCTION;
import static brightplumb.core.paper.Drawn.Role.LEVEL;
import static brightplumb.core.paper.Drawn.Role.OUTLINE;
import static brightplumb.core.rule.BodiceSettings.*;

import brightplumb.core.geometry.Curves;
import brightplumb.core.geometry.Line;
import brightplumb.core.geometry.Point;
import brightplumb.core.geometry.Roots;
import brightplumb.core.geometry.Segment;
import brightplumb.core.measure.Length;
import brightplumb.core.measure.Measure;
import brightplumb.core.measure.Refusal;
import brightplumb.core.measure.TapeWriter;
import brightplumb.core.paper.Notice;
import brightplumb.core.paper.Paper;
import brightplumb.core.pattern.Half;
import brightplumb.core.rule.ArmholeFrom;
import brightplumb.core.rule.ArmholeRule;
import brightplumb.core.rule.BodiceFacts;
import brightplumb.core.rule.BodiceSettings;
import brightplumb.core.rule.Body;
import brightplumb.core.rule.NeckFit;
import brightplumb.core.rule.Setting;
import brightplumb.core.rule.Settings;
import brightplumb.core.table.Table;
import brightplumb.core.working.Amount;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * The upper half of a garment that hangs from the shoulder: its levels, the bust quarter, and for each panel neck,
 * shoulder and armhole. The waist is y = 0 with y growing downward, so that whatever hangs below it is drafted as ever.
 */
public final class UpperHalf {

    /** The chest line stays so far above the bust, mm. */
    private static final double ABOVE_BUST = Length.INCH;

    /** Between the armholes a quarter stays so far inside its own width, mm. */
    private static final double INSIDE_QUARTER = Length.INCH;

    /** A close neck is between these shares of what is said. */
    private static final double LEAST_SHARE = 0.3;

    private static final double MOST_SHARE = 2;

    /** Less shoulder than this carries nothing, mm. */
    private static final double LEAST_SHOULDER = Length.INCH / 2;

    /** Less side than this above the waist is none, mm. */
    private static final double LEAST_SIDE = 2 * Length.INCH;

    /** The settings it reads, in the order of the body. */
    public static final List<Setting> READS = List.of(
            NECK_WIDTH,
            FRONT_NECK_DEPTH,
            BACK_NECK_DEPTH,
            NECK_FIT,
            NECK_EASE,
            SHOULDER_SLOPE,
            STRAP,
            ARMHOLE_RULE,
            ARMHOLE_FROM,
            ARMHOLE_SHALLOWER,
            ARMHOLE_HOLLOW_FRONT,
            ARMHOLE_HOLLOW_BACK,
            BUST_EASE);

    private final Table table;
    private final String sheets;
    private final Paper paper;
    private final Body body;
    private final Settings set;
    private Amount slope;
    private Amount quarter;
    private Amount shoulderHalf;
    private Amount neckWidth;
    private Levels levels;
    private Optional<Amount> neckShare = Optional.empty();

    /** Begins the upper half on a table, its panels on the sheets of their own names. */
    /** Begins the upper half on a table, its panels on the sheets of their own names. */
    public UpperHalf(Table table) {
        this(table, "");
    }

    /** @param sheets what the names of its sheets have before those of the panels */
    UpperHalf(Table table, String sheets) {
        this.table = table;
        this.sheets = sheets;
        this.paper = table.paper();
        this.body = table.body();
        this.set = table.set();
    }

    /**
     * Finds the levels, the quarter and the width of the neck.
     *
     * @throws Refusal where a measure is missing, or two make no body, naming them
     */
    public Levels levels() {
        withoutNeck();
        neckShare = set.chose(NECK_FIT, NeckFit.CLOSE) ? Optional.of(close()) : Optional.empty();
        neckWidth = table.step(
                fitted(set.amount(NECK_WIDTH)).as(BodiceFacts.NECK_WIDTH, "half neck"),
                "Neck, half its width",
                set.why(NECK_WIDTH));
        if (neckWidth.value() > shoulderHalf.value() - LEAST_SHOULDER) {
            throw new Refusal(
                    set.byHand(NECK_WIDTH) ? BodiceSettings.NECK_WIDTH.field() : Measure.SHOULDER_WIDTH.field(),
                    "The neck is as wide as the shoulders; look at both");
        }
        return levels;
    }

    /** The same of a top without shoulders. */
    Levels withoutNeck() {
        missing();
        Amount down = needed(SHOULDER_TO_WAIST);
        double top = -down.value();
        table.step(
                BodiceFacts.SHOULDER_TO_WAIST,
                "Shoulder to waist",
                down,
                "From the neck end of the shoulder, down to the waist.");
        Amount bust = needed(BUST_GIRTH);
        Amount toBust = needed(SHOULDER_TO_BUST);
        if (toBust.value() > down.value() - LEAST_SIDE / 2) {
            throw new Refusal(List.of(
                    new Refusal.Fault(
                            Measure.SHOULDER_TO_BUST.field(), "The bust would lie at the waist; look at both tapes"),
                    new Refusal.Fault(
                            Measure.SHOULDER_TO_WAIST.field(), "The waist would lie at the bust; look at both tapes")));
        }
        quarter = table.step(
                bust.plus(set.amount(BUST_EASE)).over(4).as(BodiceFacts.BUST_QUARTER, "bust quarter"),
                "Bust quarter",
                set.why(BUST_EASE));
        slope = table.step(
                set.amount(SHOULDER_SLOPE).as(BodiceFacts.SHOULDER_SLOPE, "shoulder slope"),
                "Shoulder slopes",
                set.why(SHOULDER_SLOPE));
        shoulderHalf = shoulder();
        Amount depth = armholeDepth(bust);
        Amount from = set.chose(ARMHOLE_FROM, ArmholeFrom.SLOPE) ? depth.plus(slope) : depth;
        Amount level = table.step(
                BodiceFacts.ARMHOLE_LEVEL,
                "Armhole below the top line",
                from.minus(set.amount(ARMHOLE_SHALLOWER)),
                set.why(ARMHOLE_FROM) + " " + set.why(ARMHOLE_SHALLOWER));
        double armhole = top + level.value();
        double bustY = top + toBust.value();
        if (armhole > bustY - ABOVE_BUST) {
            armhole = bustY - ABOVE_BUST;
            paper.notice(Notice.of(
                    "chest-raised",
                    "By its own rule the armhole would reach the bust: the chest line was raised to {1} above it."));
        }
        if (armhole > -LEAST_SIDE || armhole < top + slope.value() + LEAST_SIDE / 2) {
            throw new Refusal(
                    set.faultField(
                            ARMHOLE_SHALLOWER,
                            body.find(ARMHOLE_GIRTH).isPresent() ? ARMHOLE_GIRTH : SHOULDER_TO_WAIST),
                    "These leave no armhole between shoulder and waist; look at both tapes");
        }
        levels = new Levels(top, top + slope.value(), armhole, bustY);
        paper.level("shoulder", top);
        paper.level("chest", armhole);
        paper.level("bust", bustY);
        for (Half panel : Half.values()) {
            paper.draw(sheet(panel), CONSTRUCTION, "", new Line(Point.of(0, top), Point.of(0, 0)));
            for (double y : new double[] {top, armhole, bustY}) {
                paper.draw(sheet(panel), LEVEL, "", new Line(Point.of(0, y), Point.of(quarter.value() + 30, y)));
            }
        }
        table.step(
                BodiceFacts.BUST_LEVEL,
                "Bust below the top line",
                toBust,
                "Levels are personal: the bust line lies where this bust is fullest.");
        return levels;
    }

    /**
     * By how much a close neck is wider and deeper than its amounts say, so that once round it is the tape and its
     * ease.
     */
    private Amount close() {
        Amount wanted = body.find(NECK_GIRTH)
                .orElseThrow(() -> new Refusal(
                        Measure.NECK_GIRTH.field(), "Neck is needed: a close neckline is drawn by the tape round it"))
                .plus(set.amount(NECK_EASE));
        double share = Roots.between(LEAST_SHARE, MOST_SHARE, k -> neckRound(k) - wanted.value())
                .orElseThrow(() -> new Refusal(
                        set.byHand(NECK_EASE) ? BodiceSettings.NECK_EASE.field() : Measure.NECK_GIRTH.field(),
                        "No neckline of this shape is so long; look at the tape round the neck, or draw the "
                                + "neck as wide and deep as said"));
        return table.step(
                BodiceFacts.NECK_SHARE,
                "Neck, as a share of what is said",
                Amount.counted("until once round is the neck and its ease", share),
                "Width and depths keep their ratio: all three are so much of their amounts.");
    }

    /** Once round the neck where its width and depths are a share of their amounts, mm. */
    private double neckRound(double share) {
        double round = 0;
        for (Setting depthOf : List.of(FRONT_NECK_DEPTH, BACK_NECK_DEPTH)) {
            UpperLines lines = UpperLines.drawn(
                    levels,
                    share * set.amount(NECK_WIDTH).value(),
                    share * set.amount(depthOf).value(),
                    Point.of(shoulderHalf.value(), levels.shoulder()),
                    across(),
                    0,
                    Point.of(quarter.value(), levels.armhole()));
            round += 2 * Curves.length(lines.neck());
        }
        return round;
    }

    private Amount fitted(Amount said) {
        return neckShare.map(said::times).orElse(said);
    }

    private String sheet(Half panel) {
        return sheets + panel.id();
    }

    /** A quarter on chest and bust line. */
    public Amount quarter() {
        return quarter;
    }

    /** Draws a panel's upper lines. */
    public UpperLines drawn(Half panel) {
        return drawn(panel, 0);
    }

    /**
     * Draws a panel's upper lines.
     *
     * @param lower how far below the chest line its underarm lies, mm; negative where it lies above
     */
    public UpperLines drawn(Half panel, double lower) {
        Setting depthOf = panel == Half.FRONT ? FRONT_NECK_DEPTH : BACK_NECK_DEPTH;
        Amount depth = table.step(
                fitted(set.amount(depthOf)).as(BodiceFacts.NECK_DEPTH.of(panel), panel.id() + " neck depth"),
                panel.title() + " neck down",
                set.why(depthOf));
        if (levels.top() + depth.value() > levels.armhole() + LEAST_SIDE * 2) {
            throw new Refusal(
                    depthOf.field(), "So deep a neck leaves nothing to hold the shoulders; make it shallower");
        }
        Setting hollowOf = panel == Half.FRONT ? ARMHOLE_HOLLOW_FRONT : ARMHOLE_HOLLOW_BACK;
        Point underarm = Point.of(quarter.value(), levels.armhole() + lower);
        UpperLines lines = UpperLines.drawn(
                levels,
                neckWidth.value(),
                depth.value(),
                end(),
                across(),
                set.amount(hollowOf).value(),
                underarm);
        paper.draw(sheet(panel), OUTLINE, "", lines.neck()).draw(sheet(panel), OUTLINE, "", lines.shoulder());
        table.step(
                BodiceFacts.NECK_LINE.of(panel),
                panel.title() + " neckline, half",
                Amount.found("measured along the line", Curves.length(lines.neck())),
                "It meets the centre square and leaves the shoulder square, so that it runs on across both.");
        paper.draw(sheet(panel), OUTLINE, "", lines.armhole());
        table.step(
                BodiceFacts.ARMHOLE_LINE.of(panel),
                panel.title() + " armhole",
                Amount.found("measured along the line", Curves.length(lines.armhole())),
                set.why(hollowOf));
        return lines;
    }

    /**
     * Draws an armhole alone, from the end of the whole shoulder.
     *
     * @param lower how far below the chest line its underarm lies, mm
     */
    List<Segment> armhole(Half panel, double lower) {
        Setting hollowOf = panel == Half.FRONT ? ARMHOLE_HOLLOW_FRONT : ARMHOLE_HOLLOW_BACK;
        Line shoulder = new Line(
                Point.of(set.amount(NECK_WIDTH).value(), levels.top()),
                Point.of(shoulderHalf.value(), levels.shoulder()));
        return UpperLines.armhole(
                shoulder, across(), set.amount(hollowOf).value(), Point.of(quarter.value(), levels.armhole() + lower));
    }

    /** Says what both panels come to together: neck and armhole. */
    public void together(UpperLines front, UpperLines back) {
        table.step(
                Amount.found("measured along the front's half", Curves.length(front.neck()))
                        .plus(Amount.found("along the back's", Curves.length(back.neck())))
                        .times(2)
                        .as(BodiceFacts.NECK_OPENING, "neck opening"),
                "Neck, once round",
                "What passes through it is checked against this.");
        table.step(
                Amount.found("front armhole", Curves.length(front.armhole()))
                        .plus(Amount.found("back armhole", Curves.length(back.armhole())))
                        .as(BodiceFacts.ARMHOLE_LENGTH, "armhole length"),
                "Armhole, once round",
                "Front and back together, as they are sewn.");
    }

    /** What cannot be guessed is asked for together, each at its own field. */
    private void missing() {
        List<Refusal.Fault> faults = new ArrayList<>();
        if (body.find(BUST_GIRTH).isEmpty()) {
            faults.add(fault(BUST_GIRTH));
        }
        if (body.find(SHOULDER_WIDTH).or(() -> body.find(ACROSS_BACK)).isEmpty()) {
            faults.add(fault(SHOULDER_WIDTH));
        }
        if (!faults.isEmpty()) {
            throw new Refusal(faults);
        }
    }

    private static Refusal.Fault fault(Measure measure) {
        return new Refusal.Fault(
                measure.field(),
                measure.title() + " is needed: what hangs from the shoulder cannot be drafted without it");
    }

    private Amount needed(Measure measure) {
        return body.find(measure).orElseThrow(() -> new Refusal(List.of(fault(measure))));
    }

    private Amount shoulder() {
        Amount across =
                body.find(SHOULDER_WIDTH).or(() -> body.find(ACROSS_BACK)).orElseThrow();
        Amount most = quarter.minus(Amount.inches("shoulder inside the bust quarter", 0.5));
        if (across.value() / 2 > body.find(BUST_GIRTH).orElseThrow().value() / 4) {
            paper.notice(Notice.of(
                    "shoulder-beyond-bust",
                    "Half the shoulder is wider than a quarter of the bust: it was brought in to {0.5} inside "
                            + "the quarter. Look at both tapes."));
        }
        return table.step(
                across.over(2).atMost(most).as(BodiceFacts.SHOULDER_HALF, "half shoulder"),
                "Shoulder, half",
                "From the centre to where the arm begins; {0.5} inside the bust quarter at least, or the armhole "
                        + "would lean out.");
    }

    private Amount armholeDepth(Amount bust) {
        Amount depth = set.chose(ARMHOLE_RULE, ArmholeRule.HALF_ARMHOLE)
                ? needed(ARMHOLE_GIRTH).over(2)
                : bust.over(6).plus(Amount.inches("armhole allowance", 1.5));
        return table.step(depth.as(BodiceFacts.ARMHOLE_DEPTH, "armhole depth"), "Armhole deep", set.why(ARMHOLE_RULE));
    }

    /** Where the shoulder ends: all of it, or a strap's width along the same slope. */
    private Point end() {
        Point neck = Point.of(neckWidth.value(), levels.top());
        Point whole = Point.of(shoulderHalf.value(), levels.shoulder());
        double strap = set.amount(STRAP).value();
        double all = neck.distance(whole);
        if (set.byHand(STRAP) && strap > all) {
            throw new Refusal(
                    BodiceSettings.STRAP.field(),
                    "From neck to end the shoulder is " + TapeWriter.inBoth(Length.mm(all)) + "; 0 lies on all of it");
        }
        return strap == 0 || strap >= all ? whole : neck.toward(whole, strap / all);
    }

    /** Half the width between the armholes: it stays an inch inside the quarter. */
    private double across() {
        double taped = body.find(ACROSS_BACK)
                .or(() -> body.find(SHOULDER_WIDTH))
                .map(a -> a.value() / 2)
                .orElse(shoulderHalf.value());
        return Math.min(taped, quarter.value() - INSIDE_QUARTER);
    }
}
