package brightplumb.core.style.band;

import static brightplumb.core.rule.AllowanceSettings.SIDE_SEWN_IN;
import static brightplumb.core.rule.BandSettings.BAND_HEIGHT;
import static brightplumb.core.rule.BandSettings.BAND_KIND;
import static brightplumb.core.rule.BandSettings.BAND_OVERLAP;
import static brightplumb.core.rule.BandSettings.BAND_PLACE;
import static brightplumb.core.rule.BandSettings.BAND_ROUND;
import static brightplumb.core.rule.ClosureSettings.CLOSURE;
import static brightplumb.core.rule.WaistSettings.WAIST_FINISH;

import brightplumb.core.geometry.Line;
import brightplumb.core.geometry.Point;
import brightplumb.core.measure.Refusal;
import brightplumb.core.paper.Draft;
import brightplumb.core.paper.Drawn;
import brightplumb.core.pattern.Copies;
import brightplumb.core.pattern.Edge;
import brightplumb.core.pattern.EdgeRole;
import brightplumb.core.pattern.End;
import brightplumb.core.pattern.Hand;
import brightplumb.core.pattern.Join;
import brightplumb.core.pattern.Notches;
import brightplumb.core.pattern.OnBody;
import brightplumb.core.pattern.Panel;
import brightplumb.core.pattern.Pattern;
import brightplumb.core.pattern.Piece;
import brightplumb.core.pattern.PieceId;
import brightplumb.core.pattern.Placed;
import brightplumb.core.pattern.Run;
import brightplumb.core.pattern.Seam;
import brightplumb.core.pattern.Stretch;
import brightplumb.core.rule.BandKind;
import brightplumb.core.rule.BandPlace;
import brightplumb.core.rule.Closure;
import brightplumb.core.rule.Rule;
import brightplumb.core.rule.Setting;
import brightplumb.core.rule.Settings;
import brightplumb.core.rule.WaistFinish;
import brightplumb.core.style.opening.Fly;
import brightplumb.core.table.Evidence.Figure;
import brightplumb.core.table.Inspection;
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
import java.util.ArrayList;
import java.util.List;
import java.util.Map;

/**
 * A straight band: as long as the waist it is sewn to, darts shut; cut double and folded along its middle. Common
 * practice, no source.
 */
public final class StraightBand implements Operation {

    private static final Fact BAND_WAIST = new Fact("band.waist");
    private static final Fact BAND_EDGE = new Fact("band.edge");

    /** Where its ends lie over each other. */
    private static final Seam LAP = new Seam("lap");

    /** The edge that is sewn to the waist from outside. */
    public static final EdgeRole LOWER = new EdgeRole("lower", "sewn to the waist");

    /** The edge that is brought over and stitched inside. */
    public static final EdgeRole UPPER = new EdgeRole("upper", "stitched inside");

    private static final EdgeRole END = new EdgeRole("end", "end");
    private static final PieceId BAND = PieceId.of("band");

    @Override
    public String id() {
        return "straight-band";
    }

    @Override
    public String title() {
        return "Straight band";
    }

    @Override
    public String place() {
        return "band";
    }

    @Override
    public Rank rank() {
        return Rank.TOP;
    }

    @Override
    public List<Setting> reads() {
        return List.of(BAND_PLACE, BAND_HEIGHT, BAND_KIND, BAND_OVERLAP, BAND_ROUND);
    }

    @Override
    public Map<Setting, Rule> asks() {
        return Map.of(
                BAND_KIND,
                Rule.choosing(
                        given -> given.settings().chose(CLOSURE, Closure.NONE)
                                ? BandKind.RING
                                : given.settings().chose(CLOSURE, Closure.FLY) ? BandKind.LAPPED : BandKind.OPEN,
                        "Edge to edge over a zip, lapped over a fly, a ring where it is pulled on."),
                BAND_OVERLAP,
                Rule.inches(1, "{1} goes on under the other end."),
                BAND_ROUND,
                Rule.worked(
                        given -> given.body().waist().minus(Amount.inches("to hold by itself", 1)),
                        "A ring without an elastic holds where it is {1} shorter than the waist; it is stretched to "
                                + "the edge it is sewn to."));
    }

    @Override
    public boolean wanted(Settings set) {
        return !set.chose(BAND_PLACE, BandPlace.NONE);
    }

    @Override
    public boolean fits(Draft before) {
        return before.pattern().find(Seam.WAIST).isEmpty() && WaistRound.there(before);
    }

    @Override
    public Draft on(Draft before, Table table) {
        Closure closure = table.set().choice(CLOSURE, Closure.class);
        boolean takenOff = table.set().chose(BAND_PLACE, BandPlace.TAKEN_OFF);
        Draft draft = takenOff ? TakenOff.from(before, table.set(BAND_HEIGHT).value()) : before;
        BandKind kind = table.set().choice(BAND_KIND, BandKind.class);
        WaistRound round = WaistRound.of(draft, closure);
        if (kind == BandKind.LAPPED) {
            round = round.whole();
        }
        Amount height = table.step(
                table.set(BAND_HEIGHT).as(BAND_HEIGHT.fact(), "band height"),
                "Band high, finished",
                table.set().why(BAND_HEIGHT));
        Amount sewn = table.step(
                BAND_WAIST,
                "Waist the band is as long as",
                Amount.found(
                                "measured along the waist, darts shut",
                                WaistRound.of(before, closure).girth())
                        .called("waist as drawn"),
                "The redrawn waist, not the tape: it measures a little more.");
        boolean holds = holds(table.set());
        if (holds) {
            sewn = table.step(
                    sewn.minus(table.set(SIDE_SEWN_IN).times(4))
                            .atMost(table.set(BAND_ROUND))
                            .as(BAND_ROUND.fact(), "band that holds"),
                    "Band round, so that it holds",
                    table.set().why(BAND_ROUND));
        }
        if (takenOff) {
            table.step(
                    Amount.found("measured along the new edge, darts shut", round.girth())
                            .as(BAND_EDGE, "edge under the band"),
                    "Edge under the band",
                    "The band's height was cut off the top, and the edge lies lower on the hip: it is held in to the "
                            + "band.");
        }
        Amount length = kind == BandKind.LAPPED ? sewn.plus(table.set(BAND_OVERLAP)) : sewn;
        Piece band = drawn(table, round, length.value(), height.value());
        table.paper().draw(BAND.toString(), Drawn.Role.OUTLINE, "", band.sewLine());
        table.step(
                length.as(Fact.BAND_LENGTH, "band length"),
                "Band long, sewn",
                round.half()
                        ? "All round. The piece is half of it, on the fold at the "
                                + round.turns().spoken() + "."
                        : "From the " + round.opens() + " once round.");
        double high = height.value();
        double walked = sewn.value() / (round.half() ? 2 : 1);
        return table.finished(joined(draft.pattern(), band, round, sewn.value(), kind), off -> {
            String sheet = BAND.toString();
            off.down(BAND_HEIGHT.fact(), sheet, 0, high, 2 * high);
            off.across(Fact.BAND_LENGTH, sheet, 2 * high, 0, band.require(LOWER).length());
            off.across(holds ? BAND_ROUND.fact() : BAND_WAIST, sheet, 2 * high, 0, walked);
            if (holds) {
                // It is shorter than the waist, which is then to be seen on the panels alone.
                before.with(EdgeRole.WAIST)
                        .forEach(p ->
                                off.along(BAND_WAIST, p.id().toString(), p.top().run()));
            }
        });
    }

    /** Whether the band itself holds the garment up: a ring of stretch cloth over a waist that is not drawn up. */
    private static boolean holds(Settings set) {
        return set.chose(BAND_KIND, BandKind.RING)
                && set.cloth().stretches()
                && !set.chose(WAIST_FINISH, WaistFinish.GATHERED);
    }

    /** Drawn from the fold, or from the end that is sewn last, with its opening end to the right. */
    private static Piece drawn(Table table, WaistRound round, double length, double height) {
        double long_ = round.half() ? length / 2 : length;
        double wide = 2 * height;
        if (long_ < 25 || height < 5) {
            throw new Refusal(table.set().faultField(), "This leaves no band to cut; look at its height");
        }
        Point a = Point.of(0, 0);
        Point b = Point.of(long_, 0);
        Point c = Point.of(long_, wide);
        Point d = Point.of(0, wide);
        List<Edge> edges = new ArrayList<>(List.of(
                Edge.of(UPPER, List.of(new Line(a, b))),
                Edge.of(END, List.of(new Line(b, c))).as(End.OPENING),
                Edge.of(LOWER, List.of(new Line(c, d)))));
        edges.add(
                round.half()
                        ? Edge.of(round.turns(), List.of(new Line(d, a))).as(End.FOLD)
                        : new Edge(END, 2, List.of(new Line(d, a)), End.OPENING));
        Line fold = new Line(Point.of(0, height), Point.of(long_, height));
        // A band is cut along the selvedge, which hardly gives.
        Line grain = new Line(Point.of(long_ * 0.2, height * 1.5), Point.of(long_ * 0.8, height * 1.5));
        return Piece.of(
                        BAND,
                        "Band",
                        Panel.BAND,
                        edges,
                        grain,
                        round.half() ? new Copies.OnFold(round.turns(), 1) : new Copies.Singles(1),
                        OnBody.NOWHERE)
                .placing(new Placed("fold", "fold", List.of(fold)));
    }

    private static Pattern joined(Pattern before, Piece band, WaistRound round, double sewn, BandKind kind) {
        double walked = round.half() ? sewn / 2 : sewn;
        double all = band.require(LOWER).length();
        Stretch lower = new Stretch(BAND, Hand.BOTH, LOWER, 1, 0, walked, false);
        Stretch upper = new Stretch(BAND, Hand.BOTH, UPPER, 1, all - walked, all, true);
        Join waist = new Join(
                Seam.WAIST,
                List.of(round.run(), Run.of(lower), Run.of(upper)),
                round.run().length() - walked,
                Join.Kind.SEWN);
        Pattern pattern = before.with(List.of(band)).joined(List.of(waist));
        pattern = Notches.whereMet(pattern, waist, 0, WaistRound::met);
        if (kind == BandKind.LAPPED) {
            pattern = Notches.along(
                    pattern,
                    new Join(LAP, List.of(Run.of(lower), Run.of(upper)), 0, Join.Kind.LAPPED),
                    "underlap from here",
                    walked);
        }
        return pattern;
    }

    @Override
    public List<Inspection> checks() {
        return List.of(Inspection.where(BandFits.ID, BandFits::applies, BandFits::of));
    }

    @Override
    public List<Notion> notions(Draft after, Settings set) {
        return switch (set.choice(BAND_KIND, BandKind.class)) {
            case LAPPED -> List.of(Notion.counted(Supply.BUTTON, "Button", "and a buttonhole, or a hook and bar", 1));
            case OPEN -> List.of(Notion.counted(Supply.HOOK, "Hook and eye", "above the zip", 1));
            case RING -> List.of();
        };
    }

    @Override
    public List<MakingStep> making(Draft after, Settings set) {
        boolean drawnUp = set.chose(WAIST_FINISH, WaistFinish.GATHERED);
        double waist = after.join(Seam.WAIST).layers().get(0).length();
        double band = after.join(Seam.WAIST).layers().get(1).length();
        boolean half = after.piece(BAND).copies() instanceof Copies.OnFold;
        return List.of(MakingStep.of(StepId.BAND, "Band", Work.BAND)
                .sewing(Seam.WAIST)
                .saying(List.of(
                        "Right side of the band to the wrong side of the garment; pin centres, sides and notches, "
                                + "then between.",
                        "Press its free edge {0.5 in} under, bring it over to the face so that it just covers the "
                                + "seam, and edge-stitch.",
                        drawnUp
                                ? "Leave {1.5 in} open for the elastic."
                                : "The ends are closed first, right sides together, and turned."))
                .looking(List.of(
                        Figure.mm(half ? "half the raw waist, darts shut" : "raw waist, darts shut", waist),
                        Figure.mm(half ? "half the band" : "band", band)))
                .with("edge-stitched")
                .taking(Supply.BUTTON, Supply.HOOK)
                .after(StepId.MARK, StepId.FUSE, StepId.DARTS, Fly.STEP));
    }
}
