package brightplumb.core.block.leg;

import static brightplumb.core.rule.LegSettings.HEM;

import brightplumb.core.measure.Length;
import brightplumb.core.measure.Refusal;
import brightplumb.core.measure.TapeWriter;
import brightplumb.core.paper.Draft;
import brightplumb.core.rule.Settings;
import brightplumb.core.table.Table;
import brightplumb.core.working.Fact;

/** Legs whose hem, where one is asked, is sewn as wide as it was asked. */
final class AskedHem {

    /** A hem that was asked is drawn as asked within this, mm. */
    private static final double AS_ASKED = 0.45;

    private static final int MOST_LAID = 6;

    /** What a hand asks is drawn within this, or refused, mm. */
    private static final double KEPT = 0.5;

    private AskedHem() {}

    /**
     * Drafts the legs. A hem leaves both seams square, and where these lean it ends a little above or below the level at which its width was
     * laid off; a hem that was asked is laid off again, by as much wider or narrower.
     *
     * @throws Refusal when the amounts leave no leg to draw, naming the one at fault
     */
    static Draft drafted(Table table) {
        Draft drawn = new LegBlock(table, 0).draft();
        double before = 0;
        double lackedBefore = hemLacks(table.set(), drawn);
        double wider = lackedBefore;
        double lacks = lackedBefore;
        for (int i = 0; i < MOST_LAID && Math.abs(lacks) > AS_ASKED; i++) {
            drawn = new LegBlock(table.afresh(), wider).draft();
            lacks = hemLacks(table.set(), drawn);
            // The steeper the seams the less of what is given comes out at the hem: the next try follows what the last
            // two gave.
            double gave = (lackedBefore - lacks) / (wider - before);
            before = wider;
            lackedBefore = lacks;
            wider += lacks / Math.max(0.2, gave);
        }
        if (Math.abs(lacks) > KEPT && table.set().byHand(HEM)) {
            throw new Refusal(
                    "settings.hem",
                    "On so short a leg the seams lean too much for this hem; it would come out at "
                            + TapeWriter.inBoth(
                                    Length.mm(drawn.fact(Fact.HEM_GIRTH).value())));
        }
        return drawn;
    }

    /** How much narrower the hem was drawn than it was asked; nothing where none was asked. */
    private static double hemLacks(Settings set, Draft drawn) {
        return set.askedBeyondWay(HEM)
                ? set.amount(HEM).value() - drawn.fact(Fact.HEM_GIRTH).value()
                : 0;
    }
}
