package brightplumb.app.printing;

import brightplumb.formats.pdf.Tiling;
import brightplumb.formats.sheet.PatternSheet;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;

/**
 * How the pattern falls on printed pages, mm.
 *
 * @param places where each piece's own origin lies on the sheet
 * @param alike pieces that can be cut from one sheet, as they differ in nothing but the neck; each by the ids of its
 *     pieces
 */
record PagesView(
        double width,
        double height,
        double printedWidth,
        double printedHeight,
        double overlap,
        List<PageView> pages,
        Map<String, double[]> places,
        List<List<String>> alike) {

    /** A printed page: its name and where its printed area lies on the sheet, mm. */
    record PageView(String name, double left, double top) {}

    static PagesView of(PatternSheet sheet, Tiling tiling, List<List<String>> alike) {
        return new PagesView(
                sheet.width(),
                sheet.height(),
                tiling.printedWidth(),
                tiling.printedHeight(),
                Tiling.OVERLAP,
                tiling.tiles().stream()
                        .map(t -> new PageView(t.name(), t.left(), t.top()))
                        .toList(),
                places(sheet),
                alike);
    }

    /** The whole sheet on one page, off a roll. */
    static PagesView one(PatternSheet sheet, List<List<String>> alike) {
        return new PagesView(
                sheet.width(),
                sheet.height(),
                sheet.width(),
                sheet.height(),
                0,
                List.of(new PageView("A1", 0, 0)),
                places(sheet),
                alike);
    }

    private static Map<String, double[]> places(PatternSheet sheet) {
        Map<String, double[]> places = new TreeMap<>();
        sheet.places().forEach((piece, at) -> places.put(piece, new double[] {at.x(), at.y()}));
        return places;
    }
}
