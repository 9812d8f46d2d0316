package brightplumb.app.drafting;

import brightplumb.core.table.Check;
import brightplumb.core.table.Evidence;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;

/**
 * What an inspection measured, laid out to be seen: lines in mm with y downward, distances between places, words beside
 * them, and the figures as they are added up.
 *
 * @param room the cloth round the body there; null where it measured something else
 */
record EvidenceView(
        String check,
        List<FigureView> figures,
        List<ExhibitView.StrokeView> strokes,
        List<ExhibitView.SpanView> spans,
        List<ExhibitView.NoteView> notes,
        @Schema(types = {"object", "null"}) RoomView room) {

    /** The cloth round the body at a level, mm: the body there, the cloth, and the least that goes round it. */
    record RoomView(String level, double body, double cloth, double least) {}

    static EvidenceView of(Check check) {
        Evidence evidence = check.evidence();
        ExhibitView shown = ExhibitView.of(evidence.exhibit());
        return new EvidenceView(
                check.id().id(),
                evidence.figures().stream().map(FigureView::of).toList(),
                shown.strokes(),
                shown.spans(),
                shown.notes(),
                evidence.onHer()
                        .map(r -> new RoomView(r.level(), r.body(), r.cloth(), r.least()))
                        .orElse(null));
    }
}
