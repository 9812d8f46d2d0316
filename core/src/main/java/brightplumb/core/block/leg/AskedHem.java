package brightplumb.core.block.leg;

import static brightplumb.core.rule.LegSettings.HEM;

import brightplumb.core.measure.Length;
import brightplumb.core.measure.Refusal;
import brightplumb.core.measure.TapeWriter;
import brightplumb.core.rule.Settings;
import java.util.function.DoubleFunction;
import java.util.function.DoubleUnaryOperator;

/** Keeps a hem that is asked as wide as it was asked. */
final class AskedHem {

    /** A hem that was asked is drawn as asked within this, mm. */
    private static final double AS_ASKED = 0.45;

    private static final int MOST_LAID = 6;

    /** What a hand asks is drawn within this, or refused, mm. */
    private static final double KEPT = 0.5;

    private AskedHem() {}

    /** Inner edges whose hem is as wide as asked, and where their fork lies. */
    record Laid(LegInner inner, ForkSolver.Found found) {}

    /**
     * Lays off the inner edges. A hem leaves both seams square, and where these lean it ends a little above or below
     * the level at which its width was laid off; so one that was asked is laid off wider or narrower by as much.
     *
     * @param edges the inner edges with the hem laid off so much wider, mm
     * @throws Refusal when a hem that a hand set cannot be had
     */
    static Laid laid(Settings set, LegFork fork, DoubleFunction<LegInner> edges) {
        if (!set.askedBeyondWay(HEM)) {
            LegInner asAsked = edges.apply(0);
            return new Laid(asAsked, fork.found(asAsked));
        }
        LegInner usual = edges.apply(wider(set, fork, edges, fork.asked()));
        ForkSolver.Found found = fork.found(usual);
        if (found.extension() == fork.asked()) {
            return new Laid(usual, found);
        }
        // The loop moved the fork, and with it how far the inseam leans.
        LegInner moved = edges.apply(wider(set, fork, edges, found.extension()));
        return new Laid(moved, fork.found(moved));
    }

    private static double wider(Settings set, LegFork fork, DoubleFunction<LegInner> edges, double extension) {
        DoubleUnaryOperator drawn = wider -> {
            LegInner tried = edges.apply(wider);
            return tried.hemGirth(extension, fork.drop(tried, extension));
        };
        double asked = set.amount(HEM).value();
        double before = 0;
        double lackedBefore = asked - drawn.applyAsDouble(0);
        double wider = 0;
        double lacks = lackedBefore;
        double next = lackedBefore;
        for (int i = 0; i < MOST_LAID && Math.abs(lacks) > AS_ASKED; i++) {
            wider = next;
            lacks = asked - drawn.applyAsDouble(wider);
            // The steeper the seams the less of what is given comes out at the hem: the next try follows what the last
            // two gave.
            double gave = (lackedBefore - lacks) / (wider - before);
            before = wider;
            lackedBefore = lacks;
            next = wider + lacks / Math.max(0.2, gave);
        }
        if (Math.abs(lacks) > KEPT && set.byHand(HEM)) {
            throw new Refusal(
                    HEM.field(),
                    "On so short a leg the seams lean too much for this hem; it would come out at "
                            + TapeWriter.inBoth(Length.mm(asked - lacks)));
        }
        return wider;
    }
}
