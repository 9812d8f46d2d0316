package brightplumb.bench;

import brightplumb.core.garment.DraftRequest;
import brightplumb.core.garment.Drafting;
import brightplumb.core.garment.MadeWith;
import brightplumb.core.measure.UsualBody;
import java.util.Arrays;
import java.util.Map;

/**
 * Two drafts in turns, some of the one, then some of the other: the machine's speed changes by the minute, and a ratio
 * of two that were drawn side by side does not. Only the second half is counted: so much code takes tens of seconds
 * until all of it is compiled.
 */
public final class PairsBench {

    private static final int ROUNDS = 600;
    private static final int DRAFTS = 25;

    private PairsBench() {}

    /**
     * Measures the two against each other.
     *
     * @param args a cut and a way, drawn with all its pieces and as panels alone; or two of each, drawn against each
     *     other
     */
    public static void main(String[] args) {
        DraftRequest one = DraftRequest.of(args[0], args[1], UsualBody.SHEET, Map.of(), null);
        DraftRequest other = args.length > 2
                ? DraftRequest.of(args[2], args[3], UsualBody.SHEET, Map.of(), null)
                : DraftRequest.of(args[0], args[1], UsualBody.SHEET, Map.of(), null, MadeWith.NOTHING);
        compare(String.join(" ", args), one, other);
    }

    private static void compare(String name, DraftRequest one, DraftRequest other) {
        double[] ones = new double[ROUNDS];
        double[] others = new double[ROUNDS];
        double[] ratios = new double[ROUNDS];
        for (int round = 0; round < ROUNDS; round++) {
            ones[round] = microseconds(one);
            others[round] = microseconds(other);
            ratios[round] = ones[round] / others[round];
        }
        System.out.printf(
                "  %-44s %5.0f us against %5.0f us, ratio: median %.2f, nine in ten below %.2f%n",
                name, of(ones, 0.5), of(others, 0.5), of(ratios, 0.5), of(ratios, 0.9));
    }

    private static double microseconds(DraftRequest request) {
        long from = System.nanoTime();
        for (int i = 0; i < DRAFTS; i++) {
            Drafting.draft(request);
        }
        return (System.nanoTime() - from) / 1e3 / DRAFTS;
    }

    /** A share of the second half. */
    private static double of(double[] all, double share) {
        double[] counted = Arrays.copyOfRange(all, all.length / 2, all.length);
        Arrays.sort(counted);
        return counted[(int) (share * (counted.length - 1))];
    }
}
