package brightplumb.app.laying;

import brightplumb.app.laying.LayRequest.LayAsked;
import brightplumb.core.garment.Lays.Asked;
import brightplumb.core.geometry.Line;
import brightplumb.core.geometry.Point;
import brightplumb.core.measure.FieldPath;
import brightplumb.core.measure.Refusal;
import brightplumb.core.pattern.Layer;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;

/** What is asked of a lay, read and checked. */
final class AskedLays {

    private static final int MOST_COPIES = 20;
    private static final int MOST_TRIES = 5000;
    private static final int MOST_CORNERS = 200;

    /** No cloth reaches further, mm. */
    private static final double FURTHEST = 50_000;

    private AskedLays() {}

    /** @throws Refusal naming the field at fault */
    static Asked read(LayAsked asked) {
        int copies = asked.copies() == null ? 1 : asked.copies();
        if (copies < 1 || copies > MOST_COPIES) {
            throw new Refusal(new FieldPath("lay.copies"), "One to twenty of a garment are laid together");
        }
        if (asked.tries() != null && (asked.tries() < 1 || asked.tries() > MOST_TRIES)) {
            throw new Refusal(new FieldPath("lay.tries"), "A search tries 1 to 5000 lays");
        }
        return new Asked(
                layer(asked.layer()),
                copies,
                asked.sheet() == null ? List.of() : places(new FieldPath("lay.sheet"), asked.sheet()),
                asked.avoided() == null
                        ? List.of()
                        : asked.avoided().stream().map(AskedLays::line).toList(),
                Boolean.TRUE.equals(asked.pieced()),
                Optional.ofNullable(asked.tries()));
    }

    static Layer layer(String id) {
        return id == null
                ? Layer.SHELL
                : Arrays.stream(Layer.values())
                        .filter(l -> l.id().equals(id))
                        .findFirst()
                        .orElseThrow(() -> new Refusal(
                                new FieldPath("lay.layer"), "The cloth is shell, lining, fusing or pocketing"));
    }

    private static Line line(List<List<Double>> ends) {
        List<Point> places = places(new FieldPath("lay.avoided"), ends);
        if (places.size() != 2) {
            throw new Refusal(new FieldPath("lay.avoided"), "A seam in the cloth runs from one place to another");
        }
        return new Line(places.get(0), places.get(1));
    }

    private static List<Point> places(FieldPath field, List<List<Double>> all) {
        if (all.size() > MOST_CORNERS) {
            throw new Refusal(field, "A piece of cloth has up to 200 corners");
        }
        return all.stream()
                .map(at -> {
                    if (at == null
                            || at.size() != 2
                            || at.stream().anyMatch(v -> v == null || !(Math.abs(v) <= FURTHEST))) {
                        throw new Refusal(field, "A corner is two numbers of millimetres, up to 50 m");
                    }
                    return Point.of(at.get(0), at.get(1));
                })
                .toList();
    }
}
