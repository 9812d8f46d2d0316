package brightplumb.app.drafting;

import brightplumb.core.table.Check;
import brightplumb.core.table.Evidence;
import java.util.List;

/**
 * What an inspection measured, laid out to be seen: lines in mm with y downward, distances between places, words beside them, and the
 * figures as they are added up.
 */
record EvidenceView(
        String check,
        List<FigureView> figures,
        List<ExhibitView.StrokeView> strokes,
        List<ExhibitView.SpanView> spans,
        List<ExhibitView.NoteView> notes) {

    static EvidenceView of(Check check) {
        Evidence evidence = check.evidence();
        ExhibitView shown = ExhibitView.of(evidence.exhibit());
        return new EvidenceView(
                check.id(),
                evidence.figures().stream().map(FigureView::of).toList(),
                shown.strokes(),
                shown.spans(),
                shown.notes());
    }
}
