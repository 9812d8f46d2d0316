package brightplumb.app.drafting;

import brightplumb.core.table.Check;
import brightplumb.core.table.Evidence;
import brightplumb.core.table.Exhibit;
import brightplumb.core.table.Quantity;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;
import java.util.Locale;

/**
 * What an inspection measured, laid out to be seen: lines in mm with y downward, distances between places, words beside them, and the
 * figures as they are added up.
 */
record EvidenceView(
        String check, List<FigureView> figures, List<StrokeView> strokes, List<SpanView> spans, List<NoteView> notes) {

    /** One figure; {@code total} stands under a rule. {@code unit} is mm, degrees or count. */
    record FigureView(String label, String unit, double value, boolean total) {}

    /** A line. {@code ink} is front, back, pencil, body, cloth, fault or plain. */
    record StrokeView(String ink, boolean filled, List<DraftView.Segment> segments) {}

    /** A distance between two places. */
    record SpanView(String ink, double[] from, double[] to, double value, String label) {}

    /** Words at a place, with a figure where there is one. */
    record NoteView(
            String ink,
            double[] at,
            String text,
            String unit,
            @Schema(types = {"number", "null"}) Double value) {}

    static EvidenceView of(Check check) {
        Evidence evidence = check.evidence();
        Exhibit exhibit = evidence.exhibit();
        return new EvidenceView(
                check.id(),
                evidence.figures().stream()
                        .map(f -> new FigureView(f.label(), f.quantity().id(), f.value(), f.total()))
                        .toList(),
                exhibit.strokes().stream()
                        .map(s -> new StrokeView(ink(s.ink()), s.filled(), DraftViews.segments(s.run())))
                        .toList(),
                exhibit.spans().stream()
                        .map(s -> new SpanView(
                                ink(s.ink()),
                                DraftViews.xy(s.from()),
                                DraftViews.xy(s.to()),
                                s.from().distance(s.to()),
                                s.label()))
                        .toList(),
                exhibit.notes().stream()
                        .map(n -> new NoteView(
                                ink(n.ink()), DraftViews.xy(n.at()), n.text(), unit(n.quantity()), n.value()))
                        .toList());
    }

    private static String ink(Exhibit.Ink ink) {
        return ink.name().toLowerCase(Locale.ROOT);
    }

    private static String unit(Quantity quantity) {
        return quantity.id();
    }
}
