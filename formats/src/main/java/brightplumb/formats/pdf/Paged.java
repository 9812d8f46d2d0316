package brightplumb.formats.pdf;

import brightplumb.formats.sheet.DrawnPieces;
import brightplumb.formats.sheet.Model;
import brightplumb.formats.sheet.PatternSheet;

/** A pattern laid so that it takes as few printed pages as plain layings on any number of columns do. */
public final class Paged {

    /** So many columns more than the widest piece needs are tried: wider than that, rows are no shorter. */
    private static final int WIDER = 3;

    private Paged() {}

    /**
     * The sheet.
     *
     * @param parts how many times smaller than life: 1, or 2 or 4 for a model
     */
    public static PatternSheet of(DrawnPieces pieces, PaperSize paper, int parts) {
        double column = paper.width() - 2 * Tiling.MARGIN - Tiling.OVERLAP;
        int narrowest = Math.max(1, (int) Math.ceil((pieces.narrowest() / parts - Tiling.OVERLAP) / column - 1e-9));
        PatternSheet best = null;
        int fewest = Integer.MAX_VALUE;
        for (int columns = narrowest; columns <= narrowest + WIDER; columns++) {
            double across = (columns * column + Tiling.OVERLAP) * parts;
            for (PatternSheet laid : pieces.within(across)) {
                PatternSheet sheet = scaled(laid, parts);
                int pages = Tiling.of(sheet, paper).tiles().size();
                if (pages < fewest || pages == fewest && area(sheet) < area(best) - 1) {
                    best = sheet;
                    fewest = pages;
                }
            }
        }
        return best;
    }

    /** The sheet at a scale, or as it is. */
    static PatternSheet scaled(PatternSheet sheet, int parts) {
        return parts == 1 ? sheet : Model.of(sheet, parts);
    }

    private static double area(PatternSheet sheet) {
        return sheet.width() * sheet.height();
    }
}
