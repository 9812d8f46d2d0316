package brightplumb.core.garment;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assumptions.assumeThat;

import brightplumb.core.geometry.Curves;
import brightplumb.core.geometry.Outlines;
import brightplumb.core.geometry.Point;
import brightplumb.core.geometry.Segment;
import brightplumb.core.measure.Refusal;
import brightplumb.core.rule.Way;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.ArrayList;
import java.util.HexFormat;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/**
 * Every cut in every way on a dozen bodies comes out as it did, and on a few of them with all that it is made with:
 * facts, verdicts, and of each outline its length, its area and the middle of it, a file of text for each cut. What
 * moves on purpose is taken over with {@code -Dgolden.write=true}, which names the engine anew; the difference of the
 * files is then read like any other.
 */
class GoldenDraftsTest {

    private static final Path FOLDER = Path.of("src/test/resources/golden");
    private static final Path ENGINE = Path.of("src/main/resources/brightplumb/core/garment/engine-id");

    /** Written to a thousandth of a millimetre: what is within its rounding has not moved. */
    private static final double SAME = 0.0006;

    private static final int BODIES = 12;
    private static final int LETTERS = 12;

    private static Map<String, List<String>> golden;

    /** A cut in a way: its blocks alone, or made with all that the cut is made with. */
    record Recipe(Cut cut, Way way, boolean made) {
        @Override
        public String toString() {
            return cut.id() + " " + way.id() + (made ? " made" : "");
        }

        private MadeWith with() {
            return made ? MadeWith.RECIPE : MadeWith.NOTHING;
        }

        /** Of what is made, which has more pieces, every fourth body is enough to see a move. */
        private List<Bodies.Row> bodies() {
            List<Bodies.Row> all = GoldenDraftsTest.bodies();
            return IntStream.range(0, all.size())
                    .filter(i -> !made || i % 4 == 0)
                    .mapToObj(all::get)
                    .toList();
        }
    }

    static Stream<Recipe> recipes() {
        return Catalogue.CUTS.stream()
                .flatMap(cut -> Stream.concat(
                        cut.ways().stream().map(way -> new Recipe(cut, way, false)),
                        cut.ways().stream()
                                .filter(way -> way.id().equals(cut.way()))
                                .map(way -> new Recipe(cut, way, true))));
    }

    private static List<Bodies.Row> bodies() {
        List<Bodies.Row> all = Bodies.all();
        return IntStream.range(0, BODIES)
                .mapToObj(i -> all.get(i * (all.size() - 1) / (BODIES - 1)))
                .toList();
    }

    @BeforeAll
    static void read() throws IOException {
        if (Boolean.getBoolean("golden.write")) {
            write();
        }
        golden = new LinkedHashMap<>();
        for (Cut cut : Catalogue.CUTS) {
            List<String> draft = new ArrayList<>();
            for (String line : Files.readAllLines(file(cut))) {
                if (line.startsWith("= ")) {
                    draft = new ArrayList<>();
                    golden.put(line.substring(2), draft);
                } else {
                    draft.add(line);
                }
            }
        }
    }

    private static Path file(Cut cut) {
        return FOLDER.resolve(cut.id() + ".txt");
    }

    private static void write() throws IOException {
        Files.createDirectories(FOLDER);
        for (Cut cut : Catalogue.CUTS) {
            List<String> all = new ArrayList<>();
            recipes()
                    .filter(recipe -> recipe.cut() == cut)
                    .forEach(recipe -> recipe.bodies().forEach(body -> {
                        all.add("= " + recipe + " " + body.id());
                        all.addAll(lines(recipe, body));
                    }));
            Files.write(file(cut), all);
        }
        Files.createDirectories(ENGINE.getParent());
        Files.writeString(ENGINE, hash() + "\n");
    }

    /** The first letters of a hash of all that is written. */
    private static String hash() throws IOException {
        try {
            MessageDigest digest = MessageDigest.getInstance("SHA-256");
            for (Cut cut : Catalogue.CUTS) {
                digest.update(Files.readAllBytes(file(cut)));
            }
            return HexFormat.of().formatHex(digest.digest()).substring(0, LETTERS);
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException(e);
        }
    }

    /** What is looked at of a draft: a name and what it comes to, a line each. */
    private static List<String> lines(Recipe recipe, Bodies.Row body) {
        List<String> lines = new ArrayList<>();
        try {
            Drafted drafted = Drafting.draft(DraftRequest.of(
                    recipe.cut().id(), recipe.way().id(), Bodies.withDepths(body), Map.of(), null, recipe.with()));
            drafted.draft().facts().forEach((name, amount) -> lines.add(name + " " + number(amount.value())));
            drafted.checks()
                    .forEach(check -> lines.add(
                            "check." + check.id() + " " + check.verdict().id() + " " + number(check.measured())));
            drafted.pieces().forEach(piece -> {
                outline(piece.piece().id() + ".sewn", piece.piece().sewLine(), lines);
                outline(piece.piece().id() + ".cut", piece.cutLine(), lines);
            });
        } catch (Refusal refused) {
            lines.add("refused "
                    + refused.faults().stream().map(f -> f.field().path()).toList());
        }
        return lines;
    }

    private static void outline(String name, List<Segment> run, List<String> lines) {
        List<Point> places = Curves.flattened(run, 24);
        double twice = 0;
        double x = 0;
        double y = 0;
        for (int i = 0; i < places.size(); i++) {
            Point a = places.get(i);
            Point b = places.get((i + 1) % places.size());
            double cross = a.cross(b);
            twice += cross;
            x += (a.x() + b.x()) * cross;
            y += (a.y() + b.y()) * cross;
        }
        // Areas in square centimetres, so that one tolerance serves.
        lines.add(name + " " + number(Curves.length(run)) + " " + number(Outlines.area(run) / 100) + " "
                + number(x / 3 / twice) + " " + number(y / 3 / twice));
    }

    private static String number(double value) {
        String text = String.format(Locale.ROOT, "%.3f", value).replaceFirst("\\.?0+$", "");
        return text.equals("-0") ? "0" : text;
    }

    @Test
    void the_golden_drafts_are_all_there() {
        assertThat(golden.keySet())
                .containsExactlyElementsOf(recipes()
                        .flatMap(r -> r.bodies().stream().map(b -> r + " " + b.id()))
                        .toList());
    }

    @Test
    void an_engine_that_draws_otherwise_has_another_name() throws IOException {
        assumeThat(Boolean.getBoolean("golden.write"))
                .as("the name was read before it was written")
                .isFalse();
        assertThat(Engine.ID)
                .as("the golden drafts moved; write them with -Dgolden.write=true, which names the engine anew")
                .isEqualTo(hash());
    }

    @ParameterizedTest
    @MethodSource("recipes")
    void nothing_has_moved(Recipe recipe) {
        for (Bodies.Row body : recipe.bodies()) {
            List<String> then = golden.get(recipe + " " + body.id());
            List<String> now = lines(recipe, body);
            assertThat(now).as(recipe + " " + body.id()).hasSameSizeAs(then);
            for (int i = 0; i < then.size(); i++) {
                assertThat(same(then.get(i), now.get(i)))
                        .as(recipe + " " + body.id() + ": " + then.get(i) + " is now " + now.get(i))
                        .isTrue();
            }
        }
    }

    private static boolean same(String then, String now) {
        String[] one = then.split(" ", -1);
        String[] other = now.split(" ", -1);
        if (one.length != other.length) {
            return false;
        }
        for (int i = 0; i < one.length; i++) {
            boolean alike = one[i].matches("-?\\d+(\\.\\d+)?") && other[i].matches("-?\\d+(\\.\\d+)?")
                    ? Math.abs(Double.parseDouble(one[i]) - Double.parseDouble(other[i])) <= SAME
                    : one[i].equals(other[i]);
            if (!alike) {
                return false;
            }
        }
        return true;
    }

    @Test
    void what_moves_by_a_hundredth_of_a_millimetre_is_seen() {
        assertThat(same("hip.quarter.front 241.3", "hip.quarter.front 241.3005"))
                .isTrue();
        assertThat(same("hip.quarter.front 241.3", "hip.quarter.front 241.31")).isFalse();
        assertThat(same("check.sits true 20", "check.sits off 20")).isFalse();
    }
}
