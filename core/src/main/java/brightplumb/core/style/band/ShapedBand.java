package brightplumb.core.style.band;

import static brightplumb.core.rule.BandSettings.BAND_HEIGHT;
import static brightplumb.core.rule.BandSettings.BAND_PLACE;

import brightplumb.core.paper.Draft;
import brightplumb.core.paper.Drawn;
import brightplumb.core.pattern.Copies;
import brightplumb.core.pattern.Dart;
import brightplumb.core.pattern.Edge;
import brightplumb.core.pattern.EdgeRole;
import brightplumb.core.pattern.End;
import brightplumb.core.pattern.Hand;
import brightplumb.core.pattern.Join;
import brightplumb.core.pattern.Layer;
import brightplumb.core.pattern.Panel;
import brightplumb.core.pattern.Pattern;
import brightplumb.core.pattern.Piece;
import brightplumb.core.pattern.PieceId;
import brightplumb.core.pattern.Relaid;
import brightplumb.core.pattern.Run;
import brightplumb.core.pattern.Seam;
import brightplumb.core.pattern.Stretch;
import brightplumb.core.pattern.Strip;
import brightplumb.core.pattern.Surgery;
import brightplumb.core.rule.BandPlace;
import brightplumb.core.rule.Setting;
import brightplumb.core.rule.Settings;
import brightplumb.core.style.opening.Zip;
import brightplumb.core.style.shape.SideTakes;
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
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;

/**
 * A shaped, faced band: cut off the sewn waist with its darts shut, so that it lies on the body as the block did. Two
 * layers, the facing fused. What a dart would still have taken below it is taken at the side. Common practice, no
 * source.
 */
public final class ShapedBand implements Operation {

    private static final StepId MADE = new StepId("band.made");

    private static final StepId FACED = new StepId("band.faced");

    /** A panel's edge under the band; the waist is the band's own upper edge. */
    public static final EdgeRole UNDER = new EdgeRole("under.band", "under the band");

    private static final SideTakes.Words UNDER_A_BAND = new SideTakes.Words(
            BAND_HEIGHT.field(),
            "No smooth line can be drawn under a band of this height; make it lower",
            "Under this band no side is left below the hip, to curve what the darts have left to; make it lower",
            "measured under the band",
            "Below the band no dart is sewn; what it would still have taken comes off the side, curved anew to the "
                    + "hip.");

    @Override
    public String id() {
        return "shaped-band";
    }

    @Override
    public String title() {
        return "Shaped faced band";
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

    @Override
    public boolean fits(Draft before) {
        return before.pattern().find(Seam.WAIST).isEmpty() && WaistRound.there(before);
    }

    @Override
    public Draft on(Draft before, Table table) {
        Amount height = table.step(
                table.set(BAND_HEIGHT).as(BAND_HEIGHT.fact(), "band height"),
                "Band high, finished",
                table.set().why(BAND_HEIGHT));
        // Cut the strip off every panel
        Map<PieceId, Piece> bands = new LinkedHashMap<>();
        Map<PieceId, Double> left = new LinkedHashMap<>();
        Pattern pattern = before.pattern();
        for (Piece panel : before.with(EdgeRole.WAIST)) {
            Strip strip = TakenOff.strip(panel, height.value());
            bands.put(panel.id(), OffTheTop.piece(panel, strip, "band", Panel.BAND, "Band", 2));
            left.put(
                    panel.id(),
                    strip.rest().dartsOn(EdgeRole.WAIST).stream()
                            .mapToDouble(Dart::intake)
                            .sum());
            pattern = pattern.instead(strip.rest());
        }
        // Below the band the side takes what the darts have left
        pattern = SideTakes.darts(table, pattern, left, UNDER_A_BAND);
        pattern = Relaid.joins(before.pattern(), pattern);
        for (PieceId panel : bands.keySet()) {
            pattern = pattern.instead(under(pattern.piece(panel)));
        }
        // Sew it together
        List<Piece> pieces = new ArrayList<>();
        bands.values().forEach(b -> pieces.add(b));
        bands.values().forEach(b -> pieces.add(fusing(b)));
        pattern = pattern.with(pieces).joined(joins(pattern, bands));
        say(table, pattern, bands);
        return table.finished(
                pattern,
                off -> bands.values()
                        .forEach(band -> OffTheTop.deep(off, BAND_HEIGHT.fact(), band, EdgeRole.WAIST)
                                .along(
                                        Fact.BAND_LENGTH,
                                        band.id().toString(),
                                        band.require(Strip.LOWER).run())));
    }

    private static Piece under(Piece panel) {
        return panel.withEdges(panel.edges().stream()
                .map(e -> e.role().equals(EdgeRole.WAIST) ? new Edge(UNDER, 1, e.run(), End.SEWN) : e)
                .toList());
    }

    private static Piece fusing(Piece band) {
        PieceId id = band.id().fusing();
        Copies one = band.copies() instanceof Copies.OnFold fold
                ? new Copies.OnFold(fold.role(), 1)
                : band.copies() instanceof Copies.Pairs ? new Copies.Pairs(1) : new Copies.Singles(1);
        return Surgery.traced(band, id, band.title() + " fusing", Layer.FUSING).withCopies(one);
    }

    /** Each band to its panel, and the bands to each other where the panels are sewn. */
    private static List<Join> joins(Pattern pattern, Map<PieceId, Piece> bands) {
        List<Join> joins = new ArrayList<>();
        bands.forEach((panel, band) -> joins.add(Join.sewn(
                Seam.WAIST,
                Run.shut(pattern.piece(panel), UNDER),
                Run.of(Stretch.whole(band, band.require(Strip.LOWER))).reversed())));
        joins.addAll(OffTheTop.joins("band", pattern, bands));
        return joins;
    }

    private static void say(Table table, Pattern pattern, Map<PieceId, Piece> bands) {
        double length = 0;
        for (Piece band : bands.values()) {
            table.paper().draw(band.id().toString(), Drawn.Role.OUTLINE, "", band.sewLine());
            length += band.require(Strip.LOWER).length() * (band.id().hand() == Hand.BOTH ? 2 : 1);
        }
        for (PieceId panel : bands.keySet()) {
            Piece piece = pattern.piece(panel);
            table.paper()
                    .draw(
                            panel.toString(),
                            Drawn.Role.OUTLINE,
                            "",
                            piece.require(UNDER).run());
        }
        table.step(
                Amount.found("measured along its lower edge", length).as(Fact.BAND_LENGTH, "band length"),
                "Band long, where it is sewn on",
                "Cut off the sewn waist with the darts shut; front and back meet at the sides.");
    }

    @Override
    public List<MakingStep> making(Draft after, Settings set) {
        List<Seam> own = after.joins().stream()
                .map(Join::seam)
                .filter(s -> s.isIn("band"))
                .distinct()
                .toList();
        double along = after.joins().stream()
                .filter(j -> j.seam().equals(Seam.WAIST))
                .mapToDouble(j -> j.layers().get(1).length())
                .sum();
        return List.of(
                MakingStep.of(
                                MADE,
                                "Band and facing, each by itself",
                                Work.BAND,
                                "Join the fronts to the backs at the sides, of the band and of its facing; leave open "
                                        + "where the zip comes. Press open.",
                                "Neaten the free edge of the facing.")
                        .sewing(own)
                        .taking(Supply.FUSING)
                        .after(StepId.MARK, StepId.FUSE),
                MakingStep.of(
                                StepId.BAND,
                                "Band on",
                                Work.BAND,
                                "Right sides together, centres, sides and notches first. Clip, and press the seam up "
                                        + "into the band.")
                        .sewing(Seam.WAIST)
                        .looking(List.of(Figure.mm("half the band, where it is sewn on", along)))
                        .after(MADE)
                        .after(Seam.SIDE),
                MakingStep.of(
                                FACED,
                                "Facing on",
                                Work.DRAW_IN,
                                "Facing to band at the upper edge, right sides together; clip, turn, and understitch "
                                        + "{0.125 in} from the edge.",
                                "Catch its lower edge in the ditch of the band's seam.")
                        .on(bands(after))
                        .with("understitched")
                        .after(StepId.BAND, Zip.STEP));
    }

    private static Stream<PieceId> bands(Draft draft) {
        return draft.pieces().stream()
                .filter(p -> p.panel().equals(Panel.BAND) && p.layer() == Layer.SHELL)
                .map(Piece::id);
    }
}
