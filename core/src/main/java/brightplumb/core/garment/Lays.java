package brightplumb.core.garment;

import brightplumb.core.cutting.CutPiece;
import brightplumb.core.geometry.Line;
import brightplumb.core.geometry.Point;
import brightplumb.core.lay.Bundle;
import brightplumb.core.lay.ByHand;
import brightplumb.core.lay.Ground;
import brightplumb.core.lay.Lay;
import brightplumb.core.lay.NotWanted;
import brightplumb.core.lay.Wanted;
import brightplumb.core.measure.FieldPath;
import brightplumb.core.measure.Length;
import brightplumb.core.measure.Refusal;
import brightplumb.core.measure.Sentence;
import brightplumb.core.pattern.Layer;
import brightplumb.core.rule.Cloth;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Garments laid on one cloth, and what would save cloth. */
public final class Lays {

    /**
     * A try takes as the square of the pieces, and every garment brings time of its own: so many tries of a lay of one
     * piece for each garment. Two seconds hold them for one garment, twenty for ten. Measured, not reckoned.
     */
    private static final int WORK = 160_000;

    private static final int LEAST_TRIES = 120;
    private static final int MOST_TRIES = 1500;

    /**
     * No lay is worth more work than this, in tries of a lay of one piece: ten seconds or so, whatever is laid. It is
     * what 150 pieces take at {@link #LEAST_TRIES}.
     */
    private static final int MOST_WORK = 2_700_000;

    /** Not even one try of more pieces is made: twenty garments of the largest cut. */
    private static final int MOST_PIECES = 400;

    /** What is only compared is looked for this much less thoroughly. */
    private static final int COMPARED = 4;

    /** Some ten lays are compared, which together are worth no more work than two by themselves. */
    private static final int COMPARED_WORK = MOST_WORK / 5;

    /** Widths at which cloth is usually sold, mm: 36, 45, 54 and 60 in; 90, 115, 140 and 150 cm. */
    private static final List<Double> WIDTHS = List.of(
            900.0, 36 * Length.INCH, 45 * Length.INCH, 1150.0, 54 * Length.INCH, 1400.0, 1500.0, 60 * Length.INCH);

    /** No saving is named that is less, mm. */
    private static final double WORTH_IT = Length.INCH / 2;

    private Lays() {}

    /**
     * A garment that is cut from the cloth.
     *
     * @param name whose it is
     */
    public record Cutting(String name, Drafted drafted) {}

    /**
     * What a lay is asked for.
     *
     * @param layer the cloth that is laid
     * @param copies how many of each garment are cut, 1 to 20
     * @param sheet the corners of a remnant in place of cloth off the bolt; empty where there is none
     * @param avoided seams in it that no piece may cross
     * @param pieced bands that would lie on a fold are cut in two
     * @param tries how many lays are tried; empty where that is left to their number
     */
    public record Asked(
            Layer layer, int copies, List<Point> sheet, List<Line> avoided, boolean pieced, Optional<Integer> tries) {

        public Asked {
            sheet = List.copyOf(sheet);
            avoided = List.copyOf(avoided);
        }

        /** Returns so many copies of one layer, laid on their own cloth; from 1. */
        public static Asked of(Layer layer, int copies) {
            return new Asked(layer, copies, List.of(), List.of(), false, Optional.empty());
        }

        Asked copies(int n) {
            return new Asked(layer, n, sheet, avoided, pieced, tries);
        }

        Asked piecing() {
            return new Asked(layer, copies, sheet, avoided, true, tries);
        }

        Asked tries(int n) {
            return new Asked(layer, copies, sheet, avoided, pieced, Optional.of(n));
        }
    }

    /**
     * What would save cloth.
     *
     * @param id what kind of change it is
     * @param text the change, in a few words
     * @param why what it costs
     * @param cloth the cloth it is then
     * @param length what a garment then takes, mm
     * @param saved what a garment then takes less, mm
     * @param beside whose other garment is cut with it; empty where none is
     */
    public record Saving(
            String id, Sentence text, Sentence why, Cloth cloth, double length, double saved, String beside) {}

    /** The cloths that a garment is cut from. */
    public static List<Layer> layers(Drafted drafted) {
        return drafted.pieces().stream()
                .map(p -> p.piece().layer())
                .distinct()
                .sorted()
                .toList();
    }

    /**
     * The lay of garments on a cloth.
     *
     * @throws Refusal where a piece does not go across the cloth, or a remnant cannot be laid on or does not hold all
     */
    public static Lay of(List<Cutting> garments, Cloth cloth, Asked asked) {
        return of(garments, cloth, asked, Wanted.ALWAYS);
    }

    /**
     * The lay of garments on a cloth, given up where nobody wants it any more.
     *
     * @throws Refusal where a piece does not go across the cloth, a remnant cannot be laid on or does not hold all, or
     *     they are too many
     * @throws NotWanted where it is not wanted any more
     */
    public static Lay of(List<Cutting> garments, Cloth cloth, Asked asked, Wanted wanted) {
        return of(garments, cloth, asked, MOST_WORK, wanted);
    }

    /** A lay that is one of several to be compared. */
    static Lay compared(List<Cutting> garments, Cloth cloth, Asked asked, Wanted wanted) {
        return of(garments, cloth, asked, COMPARED_WORK, wanted);
    }

    private static Lay of(List<Cutting> garments, Cloth cloth, Asked asked, int work, Wanted wanted) {
        List<Bundle> bundles = bundles(garments, asked);
        int pieces = pieces(bundles);
        int tries = Math.min(asked.tries().orElseGet(() -> tries(bundles)), work / Math.max(1, pieces * pieces));
        return Lay.of(bundles, ground(cloth, asked), cloth.oneWay(), Math.max(1, tries), wanted);
    }

    /**
     * The lay as a hand made it.
     *
     * @throws Refusal where a piece lies as it may not, off the cloth, or on another
     */
    public static Lay byHand(List<Cutting> garments, Cloth cloth, Asked asked, List<ByHand> hands) {
        return Lay.byHand(bundles(garments, asked), ground(cloth, asked), cloth.oneWay(), hands);
    }

    private static Ground ground(Cloth cloth, Asked asked) {
        return asked.sheet().isEmpty()
                ? new Ground.Bolt(cloth.width(), cloth.folded(), cloth.repeat())
                : Ground.Remnant.checked(asked.sheet(), asked.avoided(), cloth.repeat());
    }

    private static List<Bundle> bundles(List<Cutting> garments, Asked asked) {
        return garments.stream()
                .map(g -> new Bundle(garments.size() == 1 ? "" : g.name(), pieces(g.drafted(), asked), asked.copies()))
                .toList();
    }

    private static int tries(List<Bundle> bundles) {
        int garments = bundles.stream().mapToInt(Bundle::copies).sum();
        int pieces = pieces(bundles);
        return Math.max(LEAST_TRIES, Math.min(MOST_TRIES, WORK * garments / Math.max(1, pieces * pieces)));
    }

    /** How many pieces of cloth are laid. */
    private static int pieces(List<Bundle> bundles) {
        int pieces = bundles.stream()
                .mapToInt(b ->
                        b.copies() * b.pieces().stream().mapToInt(CutPiece::cut).sum())
                .sum();
        if (pieces > MOST_PIECES) {
            throw new Refusal(
                    new FieldPath("lay.copies"),
                    "These are " + pieces + " pieces; up to " + MOST_PIECES
                            + " are laid together. Lay them in two lots");
        }
        return pieces;
    }

    private static List<CutPiece> pieces(Drafted drafted, Asked asked) {
        return drafted.pieces().stream()
                .filter(p -> p.piece().layer() == asked.layer())
                .map(p -> asked.pieced() ? Pieced.of(p) : p)
                .toList();
    }

    /** What to buy, mm: what shrinks away and what the print needs to begin are bought with it. */
    public static double buy(double length, Cloth cloth) {
        return length / (1 - cloth.shrinkage()) + cloth.repeat();
    }

    /**
     * What would save cloth, the most first: each laid anew, and named only where it saves half an inch or more a
     * garment.
     */
    public static List<Saving> savings(List<Cutting> garments, Cloth cloth, Asked asked, Lay now, Wanted wanted) {
        if (!asked.sheet().isEmpty()) {
            return List.of();
        }
        List<Saving> found = new ArrayList<>();
        int tries = Math.max(LEAST_TRIES, now.tried() / COMPARED);
        Asked quick = asked.tries(tries);
        Cloth turned = cloth.folded(!cloth.folded());
        saving(
                        cloth.folded() ? "open" : "folded",
                        cloth.folded() ? "Lay it open" : "Lay it folded",
                        cloth.folded() ? "Cut single; mind left and right." : "Cut two at once, the fold straight.",
                        garments,
                        turned,
                        quick,
                        now,
                        1,
                        wanted)
                .ifPresent(found::add);
        for (double width : WIDTHS) {
            if (width > cloth.width() + 1) {
                saving(
                                "width",
                                "Wider cloth",
                                "More of it in every yard: compare the price.",
                                garments,
                                cloth.wide(width),
                                quick,
                                now,
                                1,
                                wanted)
                        .ifPresent(found::add);
            }
        }
        if (!asked.pieced() && garments.stream().anyMatch(g -> Pieced.any(g.drafted(), asked.layer()))) {
            saving(
                            "pieced",
                            "Piece the band",
                            "One seam more, where it would have lain on the fold.",
                            garments,
                            cloth,
                            quick.piecing(),
                            now,
                            1,
                            wanted)
                    .ifPresent(found::add);
        }
        saving(
                        "copy",
                        "Cut one more with it",
                        "Two garments share what is left over.",
                        garments,
                        cloth,
                        quick.copies(asked.copies() + 1),
                        now,
                        (double) asked.copies() / (asked.copies() + 1),
                        wanted)
                .ifPresent(found::add);
        found.sort((a, b) -> Double.compare(b.saved(), a.saved()));
        return List.copyOf(found);
    }

    /**
     * What is saved where another garment is cut with these, against each lay by itself; empty where it is less than
     * half an inch.
     *
     * @param now the lay of these by themselves
     * @param wanted asked between two tries
     * @throws NotWanted where it is not wanted any more
     */
    public static Optional<Saving> together(
            List<Cutting> garments, Cutting other, Cloth cloth, Asked asked, Lay now, Wanted wanted) {
        try {
            Asked quick = asked.tries(LEAST_TRIES);
            double alone = compared(List.of(other), cloth, quick, wanted).length();
            List<Cutting> all = new ArrayList<>(garments);
            all.add(other);
            double length = compared(all, cloth, quick, wanted).length();
            double saved = now.length() + alone - length;
            return saved >= WORTH_IT
                    ? Optional.of(new Saving(
                            "together",
                            Sentence.of("Cut another with it"),
                            Sentence.of("Less than each from a length of its own."),
                            cloth,
                            length,
                            saved,
                            other.name()))
                    : Optional.empty();
        } catch (Refusal cannot) {
            return Optional.empty();
        }
    }

    private static Optional<Saving> saving(
            String id,
            String text,
            String why,
            List<Cutting> garments,
            Cloth cloth,
            Asked asked,
            Lay now,
            double share,
            Wanted wanted) {
        try {
            double length = compared(garments, cloth, asked, wanted).length() * share;
            double saved = now.length() - length;
            return saved >= WORTH_IT
                    ? Optional.of(new Saving(id, Sentence.of(text), Sentence.of(why), cloth, length, saved, ""))
                    : Optional.empty();
        } catch (Refusal cannot) {
            return Optional.empty();
        }
    }
}
