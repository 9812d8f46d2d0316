package brightplumb.app.drafting;

import brightplumb.app.drafting.DraftView.LevelView;
import brightplumb.app.drafting.DraftView.Segment;
import brightplumb.core.garment.Drafted;
import brightplumb.core.geometry.Line;
import brightplumb.formats.sheet.BenchSheet;
import brightplumb.formats.sheet.DrawnPattern;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.ArrayList;
import java.util.List;

/** A draft as numbered distances from two base lines. Lengths are mm. */
record BenchSheetView(List<BenchPanelView> panels) {

    /**
     * One piece: whether it lies behind on the body, its outline with its darts and the lines inside it, its levels
     * (none where it was made besides), and its points in order.
     */
    record BenchPanelView(
            String panel,
            boolean behind,
            String name,
            List<Segment> outline,
            List<Segment> darts,
            List<Segment> inner,
            List<LevelView> levels,
            List<PlaceView> places,
            String begins) {}

    /**
     * A point.
     *
     * @param down mm down from the waist line; negative is up
     * @param out mm out from the centre line; negative is beyond it
     * @param how how the line is drawn to it
     * @param cut where the cut line lies beside it, out and down, mm; null for a point inside the piece
     */
    record PlaceView(
            int number,
            String what,
            double down,
            double out,
            String how,
            @Schema(types = {"array", "null"}) double[] cut) {}

    /** The sheet of a draft, with the cut line beside each point. */
    static BenchSheetView of(Drafted drafted) {
        return new BenchSheetView(BenchSheet.of(DrawnPattern.of(drafted), true).panels().stream()
                .map(p -> panel(p, drafted.draft().piece(p.piece().id()).behind()))
                .toList());
    }

    private static BenchPanelView panel(BenchSheet.Panel panel, boolean behind) {
        List<brightplumb.core.geometry.Segment> darts = new ArrayList<>();
        panel.piece()
                .darts()
                .forEach(d -> darts.addAll(List.of(new Line(d.inner(), d.point()), new Line(d.point(), d.outer()))));
        return new BenchPanelView(
                panel.piece().id(),
                behind,
                panel.name(),
                Places.MEASURED.segments(panel.piece().sewLine()),
                Places.MEASURED.segments(darts),
                panel.piece().inner().stream()
                        .flatMap(l -> Places.MEASURED.segments(l.run()).stream())
                        .toList(),
                panel.levels().stream().map(l -> new LevelView(l.name(), l.y())).toList(),
                panel.places().stream()
                        .map(p -> new PlaceView(
                                p.number(),
                                p.what(),
                                p.at().y(),
                                p.at().x(),
                                p.how(),
                                p.cut() == null ? null : Places.MEASURED.xy(p.cut())))
                        .toList(),
                panel.begins());
    }
}
