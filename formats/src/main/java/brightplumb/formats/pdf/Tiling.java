package brightplumb.formats.pdf;

import brightplumb.core.geometry.Curves;
import brightplumb.core.geometry.Point;
import brightplumb.formats.sheet.Ink;
import brightplumb.formats.sheet.PatternSheet;
import java.util.ArrayList;
import java.util.List;

/**
 * How a sheet is cut up over printed pages. Columns have letters, rows numbers; neighbours overlap by 12 mm, and a page
 * nothing falls on is not printed.
 *
 * @param paper the printed page
 * @param columns how many pages across
 * @param rows how many pages down
 * @param tiles the pages that carry something, row by row
 */
public record Tiling(PaperSize paper, int columns, int rows, List<Tile> tiles) {

    /** mm that neighbouring pages share. */
    public static final double OVERLAP = 12;

    /** mm that a printer leaves blank at each edge. */
    public static final double MARGIN = 10;

    /**
     * One printed page.
     *
     * @param column counted from 0
     * @param row counted from 0
     * @param left mm from the sheet's left edge to the page's printed area
     * @param top mm from the sheet's upper edge to the page's printed area
     */
    public record Tile(int column, int row, double left, double top) {

        /** Its name on the page map: {@code B3}. */
        public String name() {
            return letters(column) + (row + 1);
        }

        private static String letters(int column) {
            return (column >= 26 ? letters(column / 26 - 1) : "") + (char) ('A' + column % 26);
        }
    }

    /** The pages a pattern sheet needs. */
    public static Tiling of(PatternSheet sheet, PaperSize paper) {
        double stepX = paper.width() - 2 * MARGIN - OVERLAP;
        double stepY = paper.height() - 2 * MARGIN - OVERLAP;
        int columns = count(sheet.width(), stepX);
        int rows = count(sheet.height(), stepY);
        boolean[][] used = used(sheet, stepX, stepY, columns, rows);
        List<Tile> tiles = new ArrayList<>();
        for (int row = 0; row < rows; row++) {
            for (int column = 0; column < columns; column++) {
                if (used[row][column]) {
                    tiles.add(new Tile(column, row, column * stepX, row * stepY));
                }
            }
        }
        return new Tiling(paper, columns, rows, List.copyOf(tiles));
    }

    private static int count(double extent, double step) {
        return Math.max(1, (int) Math.ceil((extent - OVERLAP) / step - 1e-9));
    }

    /** The width of a page's printed area, mm. */
    public double printedWidth() {
        return paper.width() - 2 * MARGIN;
    }

    /** The height of a page's printed area, mm. */
    public double printedHeight() {
        return paper.height() - 2 * MARGIN;
    }

    private static boolean[][] used(PatternSheet sheet, double stepX, double stepY, int columns, int rows) {
        boolean[][] used = new boolean[rows][columns];
        for (Ink ink : sheet.ink()) {
            List<Point> points = ink instanceof Ink.Stroke stroke
                    ? dense(Curves.flattened(stroke.run(), 32))
                    : words((Ink.Text) ink);
            for (Point p : points) {
                for (double dx : new double[] {0, OVERLAP}) {
                    for (double dy : new double[] {0, OVERLAP}) {
                        int column = (int) Math.floor((p.x() - dx) / stepX);
                        int row = (int) Math.floor((p.y() - dy) / stepY);
                        if (column >= 0 && column < columns && row >= 0 && row < rows) {
                            used[row][column] = true;
                        }
                    }
                }
            }
        }
        return used;
    }

    /** Places at most 5 mm apart along a chain, so that no page is stepped over. */
    private static List<Point> dense(List<Point> chain) {
        List<Point> points = new ArrayList<>();
        for (int i = 0; i + 1 < chain.size(); i++) {
            int steps = (int) Math.ceil(chain.get(i).distance(chain.get(i + 1)) / 5) + 1;
            for (int k = 0; k <= steps; k++) {
                points.add(chain.get(i).toward(chain.get(i + 1), (double) k / steps));
            }
        }
        return points;
    }

    private static List<Point> words(Ink.Text text) {
        double run = text.text().length() * text.height() * 0.75;
        double turned = Math.toRadians(text.turned());
        Point end = text.at().plus(Point.of(Math.cos(turned) * run, Math.sin(turned) * run));
        return dense(List.of(text.at(), end));
    }
}
