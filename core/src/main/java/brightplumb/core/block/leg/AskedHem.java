package brightplumb.core.block.leg;

import static brightplumb.core.rule.LegSettings.HEM;
import static brightplumb.core.rule.LegSettings.HEM_EDGES_IN;
import static brightplumb.core.rule.ShapeSettings.TAPER_BY;

import brightplumb.core.block.leg.LegFrame.HemLaid;
import brightplumb.core.measure.Length;
import brightplumb.core.measure.Refusal;
import brightplumb.core.measure.TapeWriter;
import brightplumb.core.paper.Paper;
import brightplumb.core.rule.LegFacts;
import brightplumb.core.rule.Settings;
import brightplumb.core.working.Amount;
import java.util.function.DoubleUnaryOperator;
import java.util.function.Function;

/** Keeps a hem that is asked as wide as it was asked. */
final class AskedHem {

    /** A hem that was asked is drawn as asked within this, mm. */
    private static final double AS_ASKED = 0.45;

    /** A hem that is less all round is none, mm. */
    private static final double LEAST = 5 * Length.INCH;

    private static final int MOST_LAID = 6;

    /** What a hand asks is drawn within this, or refused, mm. */
    private static final double KEPT = 0.5;

    private AskedHem() {}

    /**
     * Inner edges whose hem is as wide as asked, and where their fork lies.
     *
     * @param wider how much wider the hem was laid off for that, mm all round
     */
    record Laid(LegInner inner, ForkSolver.Found found, double wider) {

        /** Says how far the edges were moved for a hem that a hand asked. */
        void say(Settings set, Paper paper) {
            if (set.byHand(HEM) && Math.abs(wider) > AS_ASKED) {
                paper.step(
                        LegFacts.HEM_EDGE_MOVED,
                        wider > 0 ? "Each edge out at the hem" : "Each edge in at the hem",
                        Amount.found("until the hem is as wide as it was asked", Math.abs(wider) / 4),
                        "Both seams of front and back move alike.");
            }
        }
    }

    /**
     * Lays off the inner edges. A hem leaves both seams square, and where these lean it ends a little above or below
     * the level at which its width was laid off; so one that was asked is laid off wider or narrower by as much. What a
     * hand asks is laid off from what the leg is without it, each seam edge of both panels moved alike. So is one whose
     * edges come in: it is narrower than it would be by four times that.
     *
     * @param edges the inner edges for a hem laid off so
     * @throws Refusal when a hem that a hand set cannot be had
     */
    static Laid laid(Settings set, LegFork fork, Function<HemLaid, LegInner> edges) {
        if (!set.askedBeyondWay(HEM) && set.amount(HEM_EDGES_IN).value() == 0) {
            LegInner asAsked = edges.apply(new HemLaid(true, 0));
            return new Laid(asAsked, fork.found(asAsked), 0);
        }
        double asked = asked(set, fork, edges);
        if (asked < LEAST) {
            boolean tapered = set.knows(TAPER_BY) && !set.byHand(HEM_EDGES_IN);
            throw new Refusal(
                    set.byHand(HEM) ? HEM.field() : (tapered ? TAPER_BY : HEM_EDGES_IN).field(),
                    "This leaves less than 2½ in (6 cm) for half the leg");
        }
        double wider = wider(set, fork, edges, asked, fork.asked());
        LegInner usual = edges.apply(new HemLaid(true, wider));
        ForkSolver.Found found = fork.found(usual);
        if (found.extension() == fork.asked()) {
            return new Laid(usual, found, wider);
        }
        // The loop moved the fork, and with it how far the inseam leans.
        wider = wider(set, fork, edges, asked, found.extension());
        LegInner moved = edges.apply(new HemLaid(true, wider));
        return new Laid(moved, fork.found(moved), wider);
    }

    /** What is asked all round, mm: of what was not said, what it would be if no edge came in. */
    private static double asked(Settings set, LegFork fork, Function<HemLaid, LegInner> edges) {
        double in = 4 * set.amount(HEM_EDGES_IN).value();
        if (set.askedBeyondWay(HEM)) {
            return set.amount(HEM).value() - in;
        }
        LegInner plain = edges.apply(new HemLaid(false, 0));
        return hem(plain, fork, fork.found(plain).extension()) - in;
    }

    private static double hem(LegInner edges, LegFork fork, double extension) {
        return edges.hemGirth(extension, fork.drop(edges, extension));
    }

    private static double wider(
            Settings set, LegFork fork, Function<HemLaid, LegInner> edges, double asked, double extension) {
        DoubleUnaryOperator drawn = wider -> hem(edges.apply(new HemLaid(true, wider)), fork, extension);
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
