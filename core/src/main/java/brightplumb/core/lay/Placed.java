package brightplumb.core.lay;

/**
 * Something laid.
 *
 * @param x where it begins along the cloth, mm
 * @param y where it begins across it, mm
 */
record Placed(Item item, Way way, double x, double y) {

    double end() {
        return x + way.length();
    }

    double reach() {
        return y + way.width();
    }

    Outline outline() {
        return way.outline().slid(x, y);
    }

    Placed at(double otherX, double otherY) {
        return new Placed(item, way, otherX, otherY);
    }
}
