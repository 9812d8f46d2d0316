package brightplumb.core.style.drawn;

import static brightplumb.core.rule.DrawnSettings.CORD_BEYOND;
import static brightplumb.core.rule.DrawnSettings.CORD_HOLE;

import brightplumb.core.geometry.Line;
import brightplumb.core.geometry.Point;
import brightplumb.core.measure.Length;
import brightplumb.core.paper.Draft;
import brightplumb.core.paper.Drawn;
import brightplumb.core.pattern.Copies;
import brightplumb.core.pattern.EdgeRole;
import brightplumb.core.pattern.End;
import brightplumb.core.pattern.Layer;
import brightplumb.core.pattern.Panel;
import brightplumb.core.pattern.Piece;
import brightplumb.core.pattern.PieceId;
import brightplumb.core.pattern.Placed;
import brightplumb.core.pattern.Rectangle;
import brightplumb.core.rule.Rule;
import brightplumb.core.rule.Setting;
import brightplumb.core.rule.Settings;
import brightplumb.core.table.Evidence.Figure;
import brightplumb.core.table.MakingStep;
import brightplumb.core.table.MakingStep.Shown;
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
 * A cord in the band, out through two buttonholes beside the centre front. Common practice, no source; how much longer
 * than the band is our own.
 */
public final class Drawcord implements Operation {

    private static final Fact CORD_LENGTH = new Fact("cord.length");

    private static final StepId HOLES = new StepId("cord.holes");

    private static final StepId STEP = new StepId("cord");

    private static final StepId ROWS = new StepId("cord.channel");

    private static final String HOLE = "buttonhole";

    /** The two rows that the cord runs between. */
    static final String CHANNEL = "cord.channel";

    private static final double HOLE_LONG = Length.INCH / 2;
    private static final EdgeRole RAW = new EdgeRole("patch", "edge");
    private static final PieceId PATCH = PieceId.of("cord-patch");

    @Override
    public String id() {
        return "drawcord";
    }

    @Override
    public String title() {
        return "Drawcord";
    }

    @Override
    public Rank rank() {
        return Rank.FINISH;
    }

    @Override
    public List<Setting> reads() {
        return List.of(CORD_BEYOND, CORD_HOLE);
    }

    @Override
    public Map<Setting, Rule> asks() {
        return Map.of(
                CORD_BEYOND, Rule.inches(16, "{16}, so that it still ties when the waist is drawn open."),
                CORD_HOLE, Rule.inches(1, "{1} each side of the centre front."));
    }

    @Override
    public boolean fits(Draft before) {
        return before.pieces().stream().anyMatch(Drawcord::carries);
    }

    /** A band on the fold at the centre front. */
    private static boolean carries(Piece piece) {
        return piece.panel().equals(Panel.BAND)
                && piece.layer() == Layer.SHELL
                && piece.copies() instanceof Copies.OnFold fold
                && fold.role().equals(EdgeRole.CENTRE_FRONT)
                && piece.lines().stream().anyMatch(l -> l.id().equals("fold"));
    }

    @Override
    public Draft on(Draft before, Table table) {
        Piece band =
                before.pieces().stream().filter(Drawcord::carries).findFirst().orElseThrow();
        table.step(
                before.fact(Fact.BAND_LENGTH).plus(table.set(CORD_BEYOND)).as(CORD_LENGTH, "cord"),
                "Cord long",
                table.set().why(CORD_BEYOND));
        Amount from = table.step(
                CORD_HOLE.fact(),
                "Buttonholes from the centre front",
                table.set(CORD_HOLE),
                table.set().why(CORD_HOLE));
        // In the layer that is brought over to the face: above the fold on the paper.
        double fold = band.lines().stream()
                .filter(l -> l.id().equals("fold"))
                .findFirst()
                .orElseThrow()
                .run()
                .get(0)
                .from()
                .y();
        Line hole = new Line(
                Point.of(from.value(), fold / 2 - HOLE_LONG / 2), Point.of(from.value(), fold / 2 + HOLE_LONG / 2));
        double long_ = band.top().length();
        List<Placed> placed = new ArrayList<>(band.lines());
        placed.add(new Placed(HOLE, "buttonhole, outer layer", List.of(hole)));
        for (Point row : List.of(hole.from(), hole.to())) {
            placed.add(new Placed(CHANNEL, "", List.of(new Line(Point.of(0, row.y()), Point.of(long_, row.y())))));
        }
        Piece holed = band.withLines(placed);
        Piece patch = Rectangle.of(
                        PATCH,
                        "Cord patch",
                        Panel.BAND,
                        2 * HOLE_LONG,
                        2 * HOLE_LONG,
                        RAW,
                        RAW,
                        RAW,
                        RAW,
                        new Copies.Singles(2))
                .in(Layer.FUSING)
                .ending(RAW, End.RAW);
        table.paper().draw(band.id().toString(), Drawn.Role.CONSTRUCTION, "buttonhole", List.of(hole));
        return table.finished(
                before.pattern().instead(holed).with(List.of(patch)),
                off -> off.across(CORD_HOLE.fact(), band.id().toString(), fold / 2, 0, from.value()));
    }

    @Override
    public List<Notion> notions(Draft after, Settings set) {
        return List.of(Notion.measured(
                Supply.CORD,
                "Cord",
                "its ends knotted or tipped",
                after.fact(Fact.BAND_LENGTH).value() + set.amount(CORD_BEYOND).value()));
    }

    @Override
    public List<MakingStep> making(Draft after, Settings set) {
        List<Shown> holes = after.pieces().stream()
                .flatMap(
                        p -> p.lines().stream().filter(l -> l.id().equals(HOLE)).map(l -> new Shown(p.id(), l.run())))
                .toList();
        return List.of(
                MakingStep.of(
                                HOLES,
                                "Buttonholes for the cord",
                                Work.FUSE,
                                "Fuse a patch behind each, and work two upright buttonholes {0.5 in} long through the "
                                        + "outer layer only, before the band is closed.")
                        .showing(holes)
                        .taking(Supply.FUSING)
                        .after(StepId.MARK, StepId.FUSE),
                MakingStep.of(
                                ROWS,
                                "Channel for the cord",
                                Work.DRAW_IN,
                                "Two rows of stitching round the band, {0.5 in} apart: one above the buttonholes, one "
                                        + "below them. Stretch the waist flat as you stitch, so that an elastic lies "
                                        + "even and cannot turn.")
                        .showing(after.pieces().stream()
                                .flatMap(p -> p.lines().stream()
                                        .filter(l -> l.id().equals(CHANNEL))
                                        .map(l -> new Shown(p.id(), l.run())))
                                .toList())
                        .with("topstitched")
                        .after(HOLES, StepId.BAND, Elastic.STEP),
                MakingStep.of(
                                STEP,
                                "Cord",
                                Work.DRAW_IN,
                                "Draw it in at one buttonhole, between the two rows, and out at the other; knot "
                                        + "its ends, and catch it at the centre back so that it cannot be pulled out.")
                        .looking(List.of(Figure.mm(
                                "cord",
                                after.fact(Fact.BAND_LENGTH).value()
                                        + set.amount(CORD_BEYOND).value())))
                        .taking(Supply.CORD)
                        .after(ROWS));
    }
}
