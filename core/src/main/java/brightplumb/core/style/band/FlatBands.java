package brightplumb.core.style.band;

import static brightplumb.core.rule.BandSettings.BAND_HEIGHT;
import static brightplumb.core.rule.BandSettings.BAND_PLACE;

import brightplumb.core.geometry.Line;
import brightplumb.core.geometry.Point;
import brightplumb.core.paper.Draft;
import brightplumb.core.paper.Drawn;
import brightplumb.core.pattern.Copies;
import brightplumb.core.pattern.Edge;
import brightplumb.core.pattern.EdgeRole;
import brightplumb.core.pattern.End;
import brightplumb.core.pattern.Half;
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
import brightplumb.core.rule.BandPlace;
import brightplumb.core.rule.Setting;
import brightplumb.core.rule.Settings;
import brightplumb.core.style.pocket.ScoopPocket;
import brightplumb.core.table.Evidence.Figure;
import brightplumb.core.table.InSeam;
import brightplumb.core.table.MakingStep;
import brightplumb.core.table.Operation;
import brightplumb.core.table.Rank;
import brightplumb.core.table.StepId;
import brightplumb.core.table.Table;
import brightplumb.core.table.Work;
import brightplumb.core.working.Amount;
import brightplumb.core.working.Fact;
import java.util.ArrayList;
import java.util.List;

/**
 * A straight band in two, front and back, each put on while the garment lies flat; the sides are sewn through them
 * last, so that the waist can still be taken in there. Common practice, no source.
 */
public final class FlatBands implements Operation {

    private static final Seam SIDE_SEAM = Seam.SIDE.in("band");

    private static final StepId ON = new StepId("bands.flat");

    @Override
    public String id() {
        return "flat-bands";
    }

    @Override
    public String title() {
        return "Front and back band, put on flat";
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
        return List.of(BAND_PLACE, BAND_HEIGHT);
    }

    @Override
    public boolean wanted(Settings set) {
        return !set.chose(BAND_PLACE, BandPlace.NONE);
    }

    /** A waist with a front and a back that does not open at a centre. */
    @Override
    public boolean fits(Draft before) {
        return before.pattern().find(Seam.WAIST).isEmpty()
                && WaistRound.there(before)
                && before.with(EdgeRole.WAIST).stream()
                        .flatMap(p -> p.edges().stream())
                        .noneMatch(e -> e.end() == End.OPENING);
    }

    @Override
    public Draft on(Draft before, Table table) {
        Draft draft = table.set().chose(BAND_PLACE, BandPlace.TAKEN_OFF)
                ? TakenOff.from(before, table.set(BAND_HEIGHT).value())
                : before;
        Amount height = table.step(
                table.set(BAND_HEIGHT).as(BAND_HEIGHT.fact(), "band height"),
                "Band high, finished",
                table.set().why(BAND_HEIGHT));
        List<Piece> bands = new ArrayList<>();
        List<Join> joins = new ArrayList<>();
        double round = 0;
        for (Half half : Half.values()) {
            Run run = across(draft, half.panel());
            boolean onFold = run.stretches().stream().allMatch(s -> s.copy() == Hand.LEFT);
            Piece band = band(half, run.length(), height.value(), onFold);
            bands.add(band);
            round += run.length() * (onFold ? 2 : 1);
            table.paper().draw(band.id().toString(), Drawn.Role.OUTLINE, "", band.sewLine());
            joins.add(new Join(Seam.WAIST, List.of(run, lower(band), upper(band)), 0, Join.Kind.SEWN));
        }
        joins.add(new Join(SIDE_SEAM, List.of(end(bands.get(0)), end(bands.get(1))), 0, Join.Kind.SEWN));
        table.step(
                Amount.found("measured along the waist, darts shut", round).as(Fact.BAND_LENGTH, "band length"),
                "Bands long, sewn",
                "Front and back together, as long as the redrawn waist.");
        Pattern pattern = draft.pattern().with(bands).joined(joins);
        for (Join waist : joins.subList(0, 2)) {
            pattern = Notches.whereMet(pattern, waist, 0, WaistRound::met);
        }
        double high = height.value();
        return table.finished(
                pattern,
                off -> bands.forEach(
                        band -> off.down(BAND_HEIGHT.fact(), band.id().toString(), 0, high, 2 * high)
                                .along(
                                        Fact.BAND_LENGTH,
                                        band.id().toString(),
                                        band.require(StraightBand.LOWER).run())));
    }

    /** The waist of front or back from its centre to the side; where left and right differ, from side to side. */
    private static Run across(Draft draft, Panel panel) {
        List<Piece> panels = draft.with(EdgeRole.WAIST).stream()
                .filter(p -> p.panel().equals(panel))
                .toList();
        Run left = Run.shut(panels.get(0), EdgeRole.WAIST).of(Hand.LEFT);
        return panels.size() == 1
                ? left
                : left.reversed().then(Run.shut(panels.get(1), EdgeRole.WAIST).of(Hand.RIGHT));
    }

    /** Cut double; on the fold at the centre where both halves are alike. */
    private static Piece band(Half half, double long_, double height, boolean onFold) {
        EdgeRole centre = half == Half.FRONT ? EdgeRole.CENTRE_FRONT : EdgeRole.CENTRE_BACK;
        Point a = Point.of(0, 0);
        Point b = Point.of(long_, 0);
        Point c = Point.of(long_, 2 * height);
        Point d = Point.of(0, 2 * height);
        List<Edge> edges = List.of(
                Edge.of(StraightBand.UPPER, List.of(new Line(a, b))),
                Edge.of(EdgeRole.SIDE, List.of(new Line(b, c))),
                Edge.of(StraightBand.LOWER, List.of(new Line(c, d))),
                onFold
                        ? Edge.of(centre, List.of(new Line(d, a))).as(End.FOLD)
                        : new Edge(EdgeRole.SIDE, 2, List.of(new Line(d, a)), End.SEWN));
        return Piece.of(
                        PieceId.of("band", half),
                        "Band " + half,
                        Panel.BAND,
                        edges,
                        new Line(Point.of(long_ * 0.2, height * 1.5), Point.of(long_ * 0.8, height * 1.5)),
                        onFold ? new Copies.OnFold(centre, 1) : new Copies.Singles(1),
                        OnBody.NOWHERE)
                .placing(new Placed("fold", "fold", List.of(new Line(Point.of(0, height), Point.of(long_, height)))));
    }

    /** From the centre, as the waist is walked. */
    private static Run lower(Piece band) {
        return Run.of(Stretch.whole(band, band.require(StraightBand.LOWER))).reversed();
    }

    private static Run upper(Piece band) {
        return Run.of(Stretch.whole(band, band.require(StraightBand.UPPER)));
    }

    private static Run end(Piece band) {
        return Run.of(Stretch.whole(band, band.require(EdgeRole.SIDE)));
    }

    @Override
    public List<InSeam> inSeams(Draft after, Settings set) {
        return List.of(InSeam.of(
                Seam.SIDE, "From the hem up to {1.5} below the waist: above it they are sewn through the bands."));
    }

    @Override
    public List<MakingStep> making(Draft after, Settings set) {
        List<Figure> looks = new ArrayList<>();
        for (Join join : after.joins()) {
            if (join.seam().equals(Seam.WAIST)) {
                looks.add(Figure.mm(
                        after.piece(join.layers().get(1).piece()).spoken(),
                        join.layers().get(1).length()));
            }
        }
        return List.of(
                MakingStep.of(
                                ON,
                                "Bands on, flat",
                                Work.HEM,
                                "Each band to its half of the waist; press "
                                        + "its free edge {0.5 in} under, bring it over, and edge-stitch.")
                        .sewing(Seam.WAIST)
                        .looking(looks)
                        .with("edge-stitched")
                        .after(StepId.MARK, StepId.FUSE, StepId.DARTS, ScoopPocket.STEP)
                        .after(Seam.CROTCH_FRONT, Seam.CROTCH_BACK),
                MakingStep.of(
                                StepId.BAND,
                                "Sides through the bands",
                                Work.BAND,
                                "Sew the sides on through the bands. What is too much at the waist is halved over "
                                        + "both sides and taken in there; the left side is basted for the zip.")
                        .sewing(SIDE_SEAM)
                        .after(ON)
                        .after(Seam.SIDE));
    }
}
