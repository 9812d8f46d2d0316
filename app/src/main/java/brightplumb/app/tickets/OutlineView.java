package brightplumb.app.tickets;

import brightplumb.formats.svg.SmallOutline;
import java.util.List;

/**
 * A garment as a small picture, mm.
 *
 * @param panels front and back; {@code outline} and {@code darts} are SVG path data
 */
public record OutlineView(double width, double height, List<PanelView> panels) {

    /** One panel. */
    public record PanelView(boolean behind, String outline, String darts) {}

    static OutlineView of(SmallOutline small) {
        return new OutlineView(
                small.width(),
                small.height(),
                small.panels().stream()
                        .map(p -> new PanelView(p.behind(), p.outline(), p.darts()))
                        .toList());
    }
}
