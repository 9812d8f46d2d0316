package brightplumb.core.style.pocket;

import static brightplumb.core.table.Exhibit.Ink.FAULT;
import static brightplumb.core.table.Exhibit.Ink.PENCIL;

import brightplumb.core.geometry.Curves;
import brightplumb.core.geometry.Point;
import brightplumb.core.geometry.Segment;
import brightplumb.core.measure.Length;
import brightplumb.core.paper.Remedy;
import brightplumb.core.pattern.Dart;
import brightplumb.core.pattern.Layer;
import brightplumb.core.pattern.Piece;
import brightplumb.core.rule.ScoopSettings;
import brightplumb.core.table.Check;
import brightplumb.core.table.CheckId;
import brightplumb.core.table.Evidence;
import brightplumb.core.table.Exhibit;
import brightplumb.core.table.Inspected;
import brightplumb.core.table.Quantity;
import brightplumb.core.table.Verdict;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;

/**
 * Whether a pocket's mouth keeps clear of the darts: an inch, as darts do of any seam. Nearer, the mouth's seam is sewn
 * into the dart and neither lies flat.
 */
final class ClearOfDarts {

    static final CheckId ID = new CheckId("pocket.clear", "clear", "{measured} from a dart");

    /** How far a mouth keeps from a dart, mm. */
    static final double WANTED = Length.INCH;

    private static final double SEWN_INTO = Length.INCH / 2;
    private static final int PLACES = 24;

    private ClearOfDarts() {}

    static boolean applies(Inspected on) {
        return nearest(on) != null;
    }

    static Check of(Inspected on) {
        Nearest nearest = nearest(on);
        double apart = nearest.apart();
        Verdict verdict = apart >= WANTED ? Verdict.TRUE : apart >= SEWN_INTO ? Verdict.WATCH : Verdict.OFF;
        return new Check(
                        ID,
                        "Pocket and dart",
                        verdict,
                        Quantity.MM,
                        apart,
                        WANTED,
                        0,
                        switch (verdict) {
                            case TRUE -> "The pocket's mouth keeps clear of the dart.";
                            case WATCH -> "The pocket's mouth comes near a dart.";
                            default -> "The pocket's mouth and a dart are sewn into each other.";
                        },
                        verdict == Verdict.TRUE
                                ? ""
                                : "Between the mouth and the dart less than {1} is left, and neither lies flat.",
                        verdict == Verdict.TRUE || !on.set().knows(ScoopSettings.SCOOP_ACROSS)
                                ? List.of()
                                : List.of(nearerTheSide(on, apart)),
                        nearest)
                .asFloor();
    }

    private static Remedy nearerTheSide(Inspected on, double apart) {
        double across = on.set().amount(ScoopSettings.SCOOP_ACROSS).value() - (WANTED - apart) * 1.2;
        return new Remedy(
                "Let the pocket begin nearer the side",
                Map.of(ScoopSettings.SCOOP_ACROSS, ScoopSettings.SCOOP_ACROSS.value(Math.floor(across))));
    }

    /** The dart that lies nearest to a mouth on its piece; null where no piece has both. */
    private static Nearest nearest(Inspected on) {
        return on.draft().pieces().stream()
                .filter(p -> p.layer() == Layer.SHELL)
                .flatMap(piece -> piece.edge(Bag.MOUTH).stream()
                        .flatMap(mouth -> piece.darts().stream().map(dart -> between(piece, mouth.run(), dart))))
                .min(Comparator.comparingDouble(Nearest::apart))
                .orElse(null);
    }

    private static Nearest between(Piece piece, List<Segment> mouth, Dart dart) {
        return Curves.flattened(mouth, PLACES).stream()
                .flatMap(place -> Stream.of(dart.innerLeg(), dart.outerLeg())
                        .map(leg -> new Nearest(piece, mouth, dart, place, on(leg, place))))
                .min(Comparator.comparingDouble(Nearest::apart))
                .orElseThrow();
    }

    private static Point on(Segment leg, Point place) {
        List<Segment> run = List.of(leg);
        return Curves.along(run, Curves.nearest(run, place).along()).at();
    }

    /**
     * A mouth and the dart next to it.
     *
     * @param place where the mouth comes nearest
     * @param onDart the place on the dart's leg across from it
     */
    record Nearest(Piece piece, List<Segment> mouth, Dart dart, Point place, Point onDart) implements Evidence {

        double apart() {
            return place.distance(onDart);
        }

        @Override
        public List<Figure> figures() {
            return List.of(Figure.mm("mouth to dart", apart()), new Figure("wanted", Quantity.MM, WANTED, false));
        }

        @Override
        public Exhibit exhibit() {
            Exhibit.Table table = new Exhibit.Table()
                    .draw(PENCIL, piece.sewLine())
                    .draw(Exhibit.ink(piece), mouth)
                    .draw(Exhibit.ink(piece), List.of(dart.innerLeg(), dart.outerLeg()));
            if (apart() < WANTED) {
                table.draw(FAULT, place, onDart);
            }
            return table.done();
        }
    }
}
