package brightplumb.core.block.leg;

import brightplumb.core.measure.Length;
import brightplumb.core.paper.Paper;
import brightplumb.core.pattern.Half;
import brightplumb.core.rule.LegFacts;
import brightplumb.core.working.Amount;
import java.util.List;

/** What a leg measures across, read off the lines as drawn. */
final class LegWidths {

    private static final double BELOW_FORK = Length.INCH;

    private LegWidths() {}

    static void say(Paper paper, LegLines.Panelled lines, LegRun side, LegRun inseam, double kneeY, double hemY) {
        Half panel = lines.panel();
        double forkY = inseam.whole().get(0).from().y();
        width(paper, "thigh", panel, "{1} below its own fork.", side, inseam, forkY + BELOW_FORK);
        width(paper, "knee", panel, "At the level of the knee, on the long leg.", side, inseam, kneeY);
        double hem = lines.hem().get(0).from().x()
                - lines.hem().get(lines.hem().size() - 1).to().x();
        said(paper, "hem", panel, "Straight across from seam to seam.", hem);
    }

    private static void width(Paper paper, String where, Half panel, String why, LegRun side, LegRun inseam, double y) {
        said(paper, where, panel, why, side.at(y).at().x() - inseam.at(y).at().x());
    }

    private static void said(Paper paper, String where, Half panel, String why, double width) {
        paper.step(
                Amount.found("measured across", width).as(LegFacts.width(where).of(panel), panel.id() + " " + where),
                panel.title() + " across the " + where,
                why);
    }

    /** Knee and hem all round, and the loop between the legs. */
    static void girths(Paper paper) {
        paper.step(
                paper.known(LegFacts.CROTCH_CURVE.of(Half.FRONT))
                        .plus(paper.known(LegFacts.CROTCH_CURVE.of(Half.BACK)))
                        .as(LegFacts.CROTCH_CURVE_TOTAL, "crotch loop"),
                "Crotch loop, waist to waist",
                "Front and back seam together, to lay against the tape between the legs.");
        for (String where : List.of("knee", "hem")) {
            paper.step(
                    paper.known(LegFacts.width(where).of(Half.FRONT))
                            .plus(paper.known(LegFacts.width(where).of(Half.BACK)))
                            .as(LegFacts.girth(where), where + " all round"),
                    Character.toUpperCase(where.charAt(0)) + where.substring(1) + ", all round",
                    "Front and back together.");
        }
    }
}
