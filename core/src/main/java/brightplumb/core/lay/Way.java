package brightplumb.core.lay;

import brightplumb.core.geometry.Rigid;

/**
 * One way in which a piece may lie.
 *
 * @param number its own among all the ways of a lay
 * @param angle by how much it is turned from its grain pointing along, degrees: 0 or 180
 * @param flipped laid face down
 * @param move from the piece's own coordinates to where its outline begins at x = 0 and y = 0
 * @param outline its cut line after that move
 * @param scan the same in rows
 * @param phase where along it the print has to match, mm from its beginning
 * @param length how far it reaches along, mm: asked at every place that is tried, so known once
 * @param width how far it reaches across, mm
 */
record Way(
        int number,
        int angle,
        boolean flipped,
        Rigid move,
        Outline outline,
        Scan scan,
        double phase,
        double length,
        double width) {

    Way(int number, int angle, boolean flipped, Rigid move, Outline outline, Scan scan, double phase) {
        this(number, angle, flipped, move, outline, scan, phase, outline.right(), outline.bottom());
    }
}
