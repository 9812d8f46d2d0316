package brightplumb.core.style.pocket;

import static brightplumb.core.rule.ScoopSettings.SCOOP_ACROSS;
import static brightplumb.core.rule.ScoopSettings.SCOOP_DOWN;
import static brightplumb.core.table.Exhibit.Ink.FAULT;
import static brightplumb.core.table.Exhibit.Ink.PLAIN;

import brightplumb.core.measure.Length;
import brightplumb.core.measure.Sentence;
import brightplumb.core.paper.Notice;
import brightplumb.core.paper.Remedy;
import brightplumb.core.pattern.Join;
import brightplumb.core.pattern.Pattern;
import brightplumb.core.pattern.Piece;
import brightplumb.core.pattern.Tolerance;
import brightplumb.core.rule.ScoopSettings;
import brightplumb.core.rule.Setting;
import brightplumb.core.rule.Settings;
import brightplumb.core.table.Check;
import brightplumb.core.table.CheckId;
import brightplumb.core.table.Evidence;
import brightplumb.core.table.Exhibit;
import brightplumb.core.table.Inspected;
import brightplumb.core.table.Quantity;
import brightplumb.core.table.Table;
import brightplumb.core.table.Verdict;
import java.util.List;
import java.util.Map;

/** Whether a hand passes the mouth of a pocket: five and a half inches along the edge. Common practice, no source. */
final class HandPasses {

    static final CheckId ID = new CheckId("hand.passes", "passes a hand");

    private static final double EIGHTH = Length.INCH / 8;
    private static final double HAND = 5.5 * Length.INCH;

    private HandPasses() {}

    static boolean applies(Inspected on) {
        return on.draft().pattern().find(Bag.MOUTH_SEAM).isPresent();
    }

    /** How long the shortest mouth is, mm. */
    static double mouth(Pattern pattern) {
        double joined = pattern.joins().stream()
                .filter(j -> j.seam().equals(Bag.MOUTH_SEAM))
                .mapToDouble(j -> j.layers().get(0).length())
                .min()
                .orElse(Double.NaN);
        return Double.isNaN(joined)
                ? pattern.pieces().stream()
                        .flatMap(p -> p.edge(Bag.MOUTH).stream())
                        .mapToDouble(e -> e.length())
                        .min()
                        .orElse(0)
                : joined;
    }

    /**
     * Whether a mouth that no hand passes is the recipe's own: it is said once, in a notice, and is no fault of this
     * garment. A mouth that a hand asked, or that found no room, is.
     */
    static boolean byItsRecipe(Settings set, double length) {
        return set.knows(SCOOP_DOWN)
                && !set.byHand(SCOOP_DOWN)
                && !set.byHand(SCOOP_ACROSS)
                && length < HAND
                && length
                        >= Math.hypot(
                                        set.amount(SCOOP_ACROSS).value(),
                                        set.amount(SCOOP_DOWN).value())
                                - Tolerance.SEAM;
    }

    /** Says a mouth of the recipe's that no hand passes. */
    static void say(Table table, double length) {
        if (byItsRecipe(table.set(), length)) {
            table.paper()
                    .notice(new Notice(
                            "pocket-mouth-small",
                            "A hand hardly goes into the pocket as this recipe has it: its mouth is "
                                    + Sentence.figure(Length.mm(length)) + ", and a hand asks {5.5}.",
                            opened(table.set(), SCOOP_DOWN, HAND - length)));
        }
    }

    static Check of(Inspected on) {
        Mouth mouth = new Mouth(on.draft().pattern(), on.draft().join(Bag.MOUTH_SEAM));
        boolean passes = mouth.length() >= HAND || byItsRecipe(on.set(), mouth.length());
        double more = HAND - mouth.length();
        return new Check(
                        ID,
                        "Pocket mouth",
                        passes ? Verdict.TRUE : Verdict.WATCH,
                        Quantity.MM,
                        mouth.length(),
                        HAND,
                        0,
                        passes ? "A hand goes in." : "A hand hardly goes in.",
                        passes ? "" : "The mouth is shorter than a hand is broad.",
                        passes ? List.of() : longer(on, more),
                        mouth)
                .asFloor();
    }

    /** Down the side, or along it, by what is missing and a little: a curve grows less than its ends are moved. */
    private static List<Remedy> longer(Inspected on, double more) {
        return List.of(SCOOP_DOWN, ScoopSettings.MOUTH).stream()
                .filter(s -> on.set().knows(s))
                .map(s -> opened(on.set(), s, more))
                .limit(1)
                .toList();
    }

    private static Remedy opened(Settings set, Setting setting, double more) {
        return new Remedy(
                "Open the pocket further",
                Map.of(
                        setting,
                        setting.value(Math.ceil((set.amount(setting).value() + more * 1.2) / EIGHTH) * EIGHTH)));
    }

    /** The mouth on its piece. */
    record Mouth(Pattern pattern, Join join) implements Evidence {

        double length() {
            return join.layers().get(0).length();
        }

        @Override
        public List<Figure> figures() {
            return List.of(Figure.mm("mouth, along its edge", length()), Figure.mm("a hand", HAND));
        }

        @Override
        public Exhibit exhibit() {
            Piece piece = pattern.piece(join.layers().get(0).piece());
            return new Exhibit.Table()
                    .draw(Exhibit.ink(piece), piece.sewLine())
                    .draw(
                            length() >= HAND ? PLAIN : FAULT,
                            pattern.lines(join.layers().get(0)))
                    .done();
        }
    }
}
