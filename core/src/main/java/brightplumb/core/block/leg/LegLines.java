package brightplumb.core.block.leg;

import static brightplumb.core.paper.Drawn.Role.OUTLINE;

import brightplumb.core.block.waist.ClosedWaist;
import brightplumb.core.block.waist.WaistLine;
import brightplumb.core.block.waist.WaistQuarter;
import brightplumb.core.geometry.Curves;
import brightplumb.core.geometry.Point;
import brightplumb.core.geometry.Segment;
import brightplumb.core.paper.Paper;
import brightplumb.core.pattern.Half;
import brightplumb.core.rule.LegFacts;
import brightplumb.core.rule.Settings;
import brightplumb.core.working.Amount;
import java.util.List;

/** Draws the lines of a leg's panels on the paper, each under the step that measures it. */
final class LegLines {

    /**
     * A panel's lines, as drawn.
     *
     * @param waist from centre to side
     * @param side from waist to hem
     * @param hem from side to inseam
     * @param inseam from fork to hem
     * @param crotch from waist to fork
     */
    record Panelled(
            Half panel,
            ClosedWaist waist,
            List<Segment> side,
            List<Segment> hem,
            List<Segment> inseam,
            CrotchSeam crotch) {}

    private final Paper paper;
    private final Settings set;

    LegLines(Paper paper, Settings set) {
        this.paper = paper;
        this.set = set;
    }

    /**
     * Draws a panel.
     *
     * @param sideWanted the length its side should have, or NaN where it is the master
     */
    Panelled drawn(
            Half panel,
            WaistQuarter quarter,
            CrotchSeam crotch,
            LegRun inseam,
            LegRun side,
            Point slant,
            double hemY,
            double sideRise,
            double sideWanted) {
        LegRun.Hem hem = LegRun.Hem.drawn(side, inseam, hemY);
        LegSide edge = new LegSide(side.whole().get(0).from(), side, hem.side(), slant);
        ClosedWaist waist = WaistLine.drawn(
                set,
                panel,
                quarter,
                crotch.run().get(0),
                sideRise,
                Double.isNaN(sideWanted) ? edge : edge.asLongAs(sideWanted));
        Panelled lines =
                new Panelled(panel, waist, edge.down(waist.side()), hem.run(), inseam.to(hem.inseam()), crotch);
        say(lines);
        return lines;
    }

    private void say(Panelled lines) {
        Half panel = lines.panel();
        String name = panel.title();
        paper.draw(panel.id(), OUTLINE, "", lines.crotch().run());
        paper.step(
                Amount.found("measured along the seam", lines.crotch().length())
                        .as(LegFacts.CROTCH_CURVE.of(panel), panel.id() + " crotch seam"),
                name + " crotch seam",
                panel == Half.FRONT
                        ? "Down the centre front and round to the fork: shallow, for the belly."
                        : "Down the centre back and round to the fork: longer, and flat under the seat.");
        WaistLine.say(paper, panel, lines.waist());
        paper.draw(panel.id(), OUTLINE, "", lines.side());
        paper.step(
                Amount.found("measured along the seam", Curves.length(lines.side()))
                        .as(LegFacts.SIDE.of(panel), panel.id() + " side"),
                name + " side",
                panel == Half.FRONT
                        ? "Upright over the hip, then in one sweep to the leg below."
                        : "Its waist point rises or falls until this side is as long as the front's.");
        paper.draw(panel.id(), OUTLINE, "", lines.inseam()).draw(panel.id(), OUTLINE, "", lines.hem());
        paper.step(
                Amount.found("measured along the seam", Curves.length(lines.inseam()))
                        .as(LegFacts.INSEAM.of(panel), panel.id() + " inseam"),
                name + " inseam and hem",
                "One curve from the fork to the knee. The hem leaves both seams square.");
    }
}
