package brightplumb.formats.sheet;

import brightplumb.core.geometry.Point;
import java.util.List;
import java.util.Map;

/**
 * All pieces of a pattern beside each other at full size.
 *
 * @param ink what is drawn, in mm from the sheet's upper left corner
 * @param places where each piece's own origin lies on the sheet, by the piece's id
 * @param width of the sheet, mm
 * @param height of the sheet, mm
 * @param title what is written on it
 */
public record PatternSheet(List<Ink> ink, Map<String, Point> places, double width, double height, TitleBlock title) {

    /** The width of most rolls, mm. */
    private static final double YARD = 914.4;

    public PatternSheet {
        ink = List.copyOf(ink);
        places = Map.copyOf(places);
    }

    /** The sheet of a pattern's pieces, a yard wide or as wide as its widest piece needs. */
    public static PatternSheet of(DrawnPattern pattern, TitleBlock title) {
        DrawnPieces pieces = DrawnPieces.of(pattern, title);
        return pieces.shortest(Math.max(YARD, pieces.narrowest()));
    }
}
