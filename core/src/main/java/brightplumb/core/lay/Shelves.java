package brightplumb.core.lay;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/**
 * The plain way, for comparison: each piece in its box, the longest first, side by side in rows across the cloth; where
 * one has no room left in the row, the next row begins (next fit decreasing height: Coffman, Garey, Johnson and Tarjan,
 * 1980). One piece of a row lies on the fold.
 */
final class Shelves {

    private Shelves() {}

    static Laid of(List<Item> items, double across) {
        List<Item> order = new ArrayList<>(items);
        order.sort(Comparator.comparingDouble(Item::length).reversed());
        List<Placed> all = new ArrayList<>();
        List<Item> row = new ArrayList<>();
        double from = 0;
        for (Item item : order) {
            double used = row.stream().mapToDouble(Item::width).sum();
            boolean foldTaken = row.stream().anyMatch(Item::atFold);
            if (used + item.width() > across + 1e-6 || item.atFold() && foldTaken) {
                all.addAll(laid(row, from));
                from += row.get(0).length();
                row.clear();
            }
            row.add(item);
        }
        all.addAll(laid(row, from));
        return Laid.of(all);
    }

    private static List<Placed> laid(List<Item> row, double from) {
        List<Placed> all = new ArrayList<>();
        double across = 0;
        for (Item item :
                row.stream().sorted(Comparator.comparing(i -> !i.atFold())).toList()) {
            all.add(new Placed(item, item.ways().get(0), from, across));
            across += item.width();
        }
        return all;
    }
}
