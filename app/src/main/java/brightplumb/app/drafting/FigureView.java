package brightplumb.app.drafting;

import brightplumb.core.table.Evidence;

/** One figure; {@code total} stands under a rule. {@code unit} is mm, degrees or count. */
public record FigureView(String label, String unit, double value, boolean total) {

    public static FigureView of(Evidence.Figure figure) {
        return new FigureView(figure.label(), figure.quantity().id(), figure.value(), figure.total());
    }
}
