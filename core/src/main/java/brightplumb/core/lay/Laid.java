package brightplumb.core.lay;

import java.util.List;

/**
 * Everything laid.
 *
 * @param length of cloth that it takes, mm
 * @param weight how far along the cloth lies on the whole, mm: of two lays of one length the one with the lesser has
 *     more room at its end
 */
record Laid(List<Placed> all, double length, double weight) {

    static Laid of(List<Placed> all) {
        double length = 0;
        double area = 0;
        double weight = 0;
        for (Placed p : all) {
            length = Math.max(length, p.end());
            area += p.item().area();
            weight += p.item().area() * p.end();
        }
        return new Laid(List.copyOf(all), length, area == 0 ? 0 : weight / area);
    }

    /** Whether it is shorter, or of the same length with more room at its end. */
    boolean betterThan(Laid other) {
        return length < other.length - 0.01 || length < other.length + 0.01 && weight < other.weight - 0.01;
    }
}
