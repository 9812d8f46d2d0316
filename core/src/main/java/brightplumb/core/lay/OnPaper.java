package brightplumb.core.lay;

import brightplumb.core.geometry.Point;
import brightplumb.core.geometry.Rigid;
import brightplumb.core.geometry.Segment;
import brightplumb.core.lay.BottomLeft.Taste;
import brightplumb.core.pattern.PieceId;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Polygon;

/**
 * Pieces beside each other on paper, upright as they were drafted and some distance apart. Paper has no grain and no
 * price: a few plain layings at a width are enough, and whoever prints takes the one that suits its sheets.
 */
public final class OnPaper {

    private static final Comparator<Item> LARGEST_FIRST =
            Comparator.comparingDouble(Item::area).reversed();

    /** What is laid on paper is told apart by its number alone. */
    private static final PieceId OUTLINE = PieceId.of("outline");

    private final List<Item> items;
    private final NoFit noFit;

    private OnPaper(List<Item> items) {
        this.items = items;
        this.noFit = new NoFit(items.size());
    }

    /**
     * Where pieces lie.
     *
     * @param places where each piece's own origin lies, mm from the upper left corner, in the order of the pieces
     * @param width how far they reach across, mm
     * @param height how far they reach down, mm
     */
    public record Places(List<Point> places, double width, double height) {
        public Places {
            places = List.copyOf(places);
        }
    }

    /**
     * Pieces that are to be laid on paper.
     *
     * @param outlines their closed cut lines, mm, y downward
     * @param apart how far from each other they lie at least, mm
     */
    public static OnPaper of(List<List<Segment>> outlines, double apart) {
        List<Item> items = new ArrayList<>();
        for (List<Segment> outline : outlines) {
            // What lies along the cloth lies down the paper.
            Outline round = grown(Outline.of(outline).turnedOver(), apart / 2);
            Rigid move = Rigid.slide(Point.of(-round.left(), -round.top()));
            Outline home = round.moved(move);
            int n = items.size();
            Way way = new Way(n, 0, false, move, home, Scan.of(home), Double.NaN);
            items.add(new Item(
                    "",
                    OUTLINE,
                    n,
                    n,
                    List.of(way),
                    Item.Side.ANY,
                    false,
                    home.polygon().getArea()));
        }
        return new OnPaper(List.copyOf(items));
    }

    private static Outline grown(Outline outline, double by) {
        Coordinate[] ring =
                ((Polygon) outline.polygon().buffer(by, 2)).getExteriorRing().getCoordinates();
        return Outline.through(IntStream.range(0, ring.length - 1)
                .mapToObj(i -> Point.of(ring[i].x, ring[i].y))
                .toList());
    }

    /** The widest piece with its distance round it: no paper is narrower, mm. */
    public double widest() {
        return items.stream().mapToDouble(Item::width).max().orElse(0);
    }

    /**
     * Some ways to lay them all at a width: each as short as its taste makes it, and plain rows.
     *
     * @param across mm, {@link #widest} at least
     */
    public List<Places> within(double across) {
        if (items.isEmpty()) {
            return List.of(new Places(List.of(), 0, 0));
        }
        BottomLeft layer = new BottomLeft(noFit, new Ground.Bolt(across, false, 0));
        List<Item> order = items.stream().sorted(LARGEST_FIRST).toList();
        Stream<List<Placed>> tasted = Arrays.stream(Taste.values())
                .map(taste -> layer.lay(order, taste).put().stream()
                        .map(BottomLeft.Put::placed)
                        .toList());
        return Stream.concat(tasted, Stream.of(rows(across))).map(this::places).toList();
    }

    /** Side by side in rows, in the order in which they are cut. */
    private List<Placed> rows(double across) {
        List<Placed> rows = new ArrayList<>();
        double x = 0;
        double y = 0;
        double below = 0;
        for (Item item : items) {
            if (y > 0 && y + item.width() > across + 1e-6) {
                x = below;
                y = 0;
            }
            rows.add(new Placed(item, item.ways().get(0), x, y));
            y += item.width();
            below = Math.max(below, x + item.length());
        }
        return rows;
    }

    private Places places(List<Placed> all) {
        Point[] places = new Point[items.size()];
        double width = 0;
        double height = 0;
        for (Placed placed : all) {
            Point origin = placed.way().move().apply(Point.of(placed.x(), placed.y()));
            places[placed.item().copy()] = Point.of(origin.y(), origin.x());
            width = Math.max(width, placed.y() + placed.way().width());
            height = Math.max(height, placed.end());
        }
        return new Places(List.of(places), width, height);
    }
}
