package brightplumb.core.lay;

import brightplumb.core.pattern.PieceId;
import java.util.List;

/**
 * Something to be laid once.
 *
 * @param garment whose it is; empty where only one garment is laid
 * @param piece which piece it is
 * @param copy which of its layings it is, from 1
 * @param kind alike for layings that can change places
 * @param ways how it may lie
 * @param side where across the cloth it may lie
 * @param atFold whether its own fold lies on that of the cloth
 * @param area of cloth that it gives, both layers counted, mm²
 */
record Item(String garment, PieceId piece, int copy, int kind, List<Way> ways, Side side, boolean atFold, double area) {
    Item {
        ways = List.copyOf(ways);
    }

    /** Where across the cloth something may lie. */
    enum Side {
        /** Anywhere. */
        ANY,
        /** Against y = 0: the fold, or a selvedge. */
        NEAR,
        /** Against the other selvedge. */
        FAR
    }

    /** The same, to be laid in one way and at one side, and no other. */
    Item only(Way way, Side otherSide) {
        return new Item(garment, piece, copy, kind, List.of(way), otherSide, atFold, area);
    }

    double length() {
        return ways.get(0).length();
    }

    double width() {
        return ways.get(0).width();
    }
}
