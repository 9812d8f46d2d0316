package brightplumb.app.drafting;

import brightplumb.core.table.Exhibit;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;
import java.util.Locale;

/** Lines laid out to be seen, in mm with y downward, distances between places, and words beside them. */
public record ExhibitView(List<StrokeView> strokes, List<SpanView> spans, List<NoteView> notes) {

    /** A line. {@code ink} is front, back, pencil, body, cloth, fault, seam or plain. */
    public record StrokeView(String ink, boolean filled, List<DraftView.Segment> segments) {}

    /** A distance between two places. */
    public record SpanView(String ink, double[] from, double[] to, double value, String label) {}

    /** Words at a place, with a figure where there is one. */
    public record NoteView(
            String ink,
            double[] at,
            String text,
            String unit,
            @Schema(types = {"number", "null"}) Double value) {}

    public static ExhibitView of(Exhibit exhibit) {
        return new ExhibitView(
                exhibit.strokes().stream()
                        .map(s -> new StrokeView(ink(s.ink()), s.filled(), Places.MEASURED.segments(s.run())))
                        .toList(),
                exhibit.spans().stream()
                        .map(s -> new SpanView(
                                ink(s.ink()),
                                Places.MEASURED.xy(s.from()),
                                Places.MEASURED.xy(s.to()),
                                s.from().distance(s.to()),
                                s.label()))
                        .toList(),
                exhibit.notes().stream()
                        .map(n -> new NoteView(
                                ink(n.ink()),
                                Places.MEASURED.xy(n.at()),
                                n.text(),
                                n.quantity().id(),
                                n.value()))
                        .toList());
    }

    private static String ink(Exhibit.Ink ink) {
        return ink.name().toLowerCase(Locale.ROOT);
    }
}
