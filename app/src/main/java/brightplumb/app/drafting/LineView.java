package brightplumb.app.drafting;

import brightplumb.app.drafting.DraftView.DrawnView;
import brightplumb.app.drafting.DraftView.FoldView;
import brightplumb.app.drafting.DraftView.LevelView;
import brightplumb.app.drafting.DraftView.MadeView;
import brightplumb.app.drafting.DraftView.PlacedView;
import brightplumb.app.drafting.DraftView.Segment;
import brightplumb.core.cutting.CutPiece;
import brightplumb.core.garment.Drafted;
import brightplumb.core.paper.Step;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;
import java.util.Map;

/**
 * What a draft puts on the paper, under the names the whole draft has for it, and nothing that is said of it. Places
 * are told to a thousandth of a millimetre: it is drawn anew with every movement of a hand, and looked at.
 */
public record LineView(
        String cut,
        String way,
        List<LineStepView> steps,
        List<LinePieceView> pieces,
        List<SewnView> joins,
        List<LevelView> levels,
        List<MadeView> made) {

    static LineView of(Drafted drafted) {
        Map<String, String> madeBy = DraftViews.madeBy(drafted);
        return new LineView(
                drafted.request().cut().id(),
                drafted.request().way().id(),
                drafted.draft().steps().stream().map(s -> step(drafted, s)).toList(),
                drafted.pieces().stream()
                        .map(p -> piece(p, madeBy.get(p.piece().id().toString())))
                        .toList(),
                drafted.draft().pattern().joins().stream()
                        .flatMap(DraftViews::join)
                        .map(j -> new SewnView(j.one(), j.other()))
                        .distinct()
                        .toList(),
                DraftViews.levels(drafted),
                DraftViews.made(drafted));
    }

    private static LineStepView step(Drafted drafted, Step step) {
        return new LineStepView(
                step.fact().id(),
                step.amount().value(),
                DraftViews.kind(step.amount().kind()),
                DraftViews.setting(drafted, step),
                DraftViews.drawn(step, Places.SEEN));
    }

    private static LinePieceView piece(CutPiece cut, String madeBy) {
        var piece = cut.piece();
        return new LinePieceView(
                piece.id().toString(),
                cut.name(),
                piece.panel().id(),
                piece.behind(),
                madeBy,
                Places.SEEN.segments(piece.sewLine()),
                DraftViews.edges(piece, (edge, segments) -> new SewnEdgeView(edge.name(), segments)),
                piece.darts().stream()
                        .map(d -> new OpenDartView(Places.SEEN.xy(d.point()), DraftViews.legs(d, Places.SEEN)))
                        .toList(),
                DraftViews.folds(piece, Places.SEEN),
                DraftViews.lines(piece, Places.SEEN));
    }

    /** A step by what it comes to and what it draws; {@code setting} as in the whole draft. */
    public record LineStepView(
            String id,
            double value,
            String kind,
            @Schema(types = {"string", "null"}) String setting,
            List<DrawnView> draws) {}

    /** A piece as it is sewn. */
    public record LinePieceView(
            String id,
            String name,
            String panel,
            boolean behind,
            @Schema(types = {"string", "null"}) String madeBy,
            List<Segment> sewLine,
            List<SewnEdgeView> seams,
            List<OpenDartView> darts,
            List<FoldView> folds,
            List<PlacedView> lines) {}

    /** An edge, and which segments of the sewn line it is. */
    public record SewnEdgeView(String id, List<Integer> segments) {}

    /** A dart as drawn, open. */
    public record OpenDartView(double[] point, double[][] legs) {}

    /** Two edges that are sewn to each other. */
    public record SewnView(String one, String other) {}
}
