package brightplumb.core.garment;

import static org.assertj.core.api.Assertions.assertThat;

import brightplumb.core.geometry.Curves;
import brightplumb.core.geometry.Point;
import brightplumb.core.geometry.Segment;
import brightplumb.core.making.Planned;
import brightplumb.core.making.Sequence;
import brightplumb.core.table.Exhibit;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.junit.jupiter.api.DynamicTest;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestFactory;

/**
 * The pieces of a step are drawn so that their names can be read: at the size of the screen no name lies on another.
 */
class NamesOnTheTableTest {

    /** The paper of a small laptop, less its margins, and 15 px letters on it. */
    private static final double PAPER = 487;

    private static final double LETTER = 8;
    private static final double LINE = 18;

    /** Where a name stands, px. */
    private record Name(String text, double left, double right, double top, double bottom) {

        boolean over(Name other) {
            return left < other.right && other.left < right && top < other.bottom && other.top < bottom;
        }
    }

    @TestFactory
    Stream<DynamicTest> no_name_lies_on_another_in_any_step_of_any_cut() {
        return Catalogue.CUTS.stream()
                .map(cut -> DynamicTest.dynamicTest(
                        cut.id(),
                        () -> Making.of(
                                        OnHer.plain(cut.id()),
                                        Making.habits(cut).get(0))
                                .steps()
                                .stream()
                                .map(Planned.Step::exhibit)
                                .forEach(NamesOnTheTableTest::apart)));
    }

    @Test
    void a_lined_bodysuit_with_its_strips_and_bindings_can_be_read() {
        Drafted lined = OnHer.with("round-neck-bodysuit", Map.of(), "suit-lining");
        List<Exhibit> steps = Making.of(lined, Sequence.SIDES_LAST).steps().stream()
                .map(Planned.Step::exhibit)
                .toList();
        steps.forEach(NamesOnTheTableTest::apart);
        assertThat(steps.stream().flatMap(e -> e.notes().stream()).map(Exhibit.Note::text))
                .as("a long name is written in two lines")
                .contains("Lining\nbodysuit front");
    }

    private static void apart(Exhibit exhibit) {
        List<Name> names = names(exhibit);
        for (int i = 0; i < names.size(); i++) {
            for (int j = i + 1; j < names.size(); j++) {
                assertThat(names.get(i).over(names.get(j)))
                        .as("%s over %s", names.get(i), names.get(j))
                        .isFalse();
            }
        }
    }

    private static List<Name> names(Exhibit exhibit) {
        List<Segment> all =
                exhibit.strokes().stream().flatMap(s -> s.run().stream()).toList();
        if (all.isEmpty()) {
            return List.of();
        }
        List<Point> drawn = new ArrayList<>(Curves.flattened(all, 8));
        exhibit.notes().forEach(n -> drawn.add(n.at()));
        double wide = spread(drawn.stream().map(Point::x).toList());
        double high = spread(drawn.stream().map(Point::y).toList());
        double scale = PAPER / Math.max(wide, high);
        return exhibit.notes().stream()
                .filter(n -> n.ink() != Exhibit.Ink.PENCIL)
                .map(n -> {
                    double half =
                            n.text().lines().mapToInt(String::length).max().orElse(0) * LETTER / 2;
                    double tall = n.text().lines().count() * LINE / 2;
                    double x = n.at().x() * scale;
                    double y = n.at().y() * scale - LINE / 4;
                    return new Name(n.text(), x - half, x + half, y - tall, y + tall);
                })
                .toList();
    }

    private static double spread(List<Double> along) {
        return along.stream().max(Double::compare).orElse(0.0)
                - along.stream().min(Double::compare).orElse(0.0);
    }
}
