package brightplumb.core.block.bodice;

import brightplumb.core.measure.Length;
import brightplumb.core.paper.Draft;
import brightplumb.core.pattern.Half;
import brightplumb.core.rule.BodiceFacts;
import brightplumb.core.rule.LegFacts;
import brightplumb.core.table.Table;
import brightplumb.core.working.Amount;

/** The trunk loop of legs with a bodice above them. */
final class TrunkRound {

    private TrunkRound() {}

    /**
     * Says what the loop is as drawn: down the centre front, round under the body along the crotch seam, and up behind.
     *
     * @param legs the legs, with their crotch seams
     */
    static void said(Table table, Draft legs, Levels levels, String why) {
        Amount top = Amount.length("shoulder to waist", Length.mm(-levels.top()));
        Amount round = Amount.inches("nothing yet", 0);
        for (Half panel : Half.values()) {
            Amount curve = legs.fact(LegFacts.CROTCH_CURVE.of(panel));
            table.paper().fact(curve.as(BodiceFacts.CROTCH_END.of(panel), panel.id() + " crotch seam"));
            round = panel == Half.FRONT ? curve : round.plus(curve);
        }
        table.paper().fact(legs.fact(LegFacts.CROTCH_DEPTH).as(BodiceFacts.CROTCH_LINE, "crotch line"));
        table.step(top.times(2).plus(round).as(BodiceFacts.TRUNK, "trunk as drawn"), "Trunk, round and back", why);
    }
}
