package brightplumb.core.block.skirt;

import static brightplumb.core.paper.Drawn.Role.OUTLINE;

import brightplumb.core.block.waist.ClosedWaist;
import brightplumb.core.block.waist.WaistLine;
import brightplumb.core.block.waist.WaistQuarter;
import brightplumb.core.geometry.Curves;
import brightplumb.core.geometry.Line;
import brightplumb.core.geometry.Point;
import brightplumb.core.geometry.Segment;
import brightplumb.core.paper.Paper;
import brightplumb.core.pattern.Half;
import brightplumb.core.rule.PanelFacts;
import brightplumb.core.rule.Settings;
import brightplumb.core.working.Amount;
import java.util.List;

/** Draws the lines of a skirt's panels on the paper, each under the step that measures it. */
final class SkirtLines {

    /**
     * A panel's lines, as drawn.
     *
     * @param waist from centre to side
     * @param side from waist to hem
     * @param hem from side to centre
     * @param centre from waist to hem
     */
    record Panelled(
            Half panel, double hipY, ClosedWaist waist, List<Segment> side, List<Segment> hem, List<Segment> centre) {
        double sideLength() {
            return Curves.length(side);
        }
    }

    private final Paper paper;
    private final Settings set;
    private final double hipY;
    private final double hemY;
    private final double frontTaper;
    private final double backTaper;
    private final double taperStart;
    private final double narrowY;
    private final double rise;

    SkirtLines(
            Paper paper,
            Settings set,
            double hipY,
            double hemY,
            double frontTaper,
            double backTaper,
            double taperStart,
            double narrowY,
            double rise) {
        this.paper = paper;
        this.set = set;
        this.hipY = hipY;
        this.hemY = hemY;
        this.frontTaper = frontTaper;
        this.backTaper = backTaper;
        this.taperStart = taperStart;
        this.narrowY = narrowY;
        this.rise = rise;
    }

    Panelled front(WaistQuarter quarter, double drop) {
        List<Segment> centre = List.of(new Line(Point.of(0, drop), Point.of(0, hemY)));
        SkirtSide side = side(quarter, 0, frontTaper);
        return drawn(Half.FRONT, quarter, centre, side, hem(side, 0), side);
    }

    /** The back, whose side is as long as the front's. */
    Panelled back(WaistQuarter quarter, CentreBack centre, double wanted) {
        SkirtSide side = side(quarter, centre.inAt(hipY), backTaper);
        HemLine hem = hem(side, centre.hem().x());
        return drawn(Half.BACK, quarter, centre.run(), side, hem, side.asLongAs(wanted, hem.sideEnd()));
    }

    private SkirtSide side(WaistQuarter quarter, double centreIn, double taper) {
        Point hip = Point.of(centreIn + quarter.hip().value(), hipY);
        return new SkirtSide(hip, taper, taperStart, narrowY, hemY, quarter.waistWider());
    }

    private HemLine hem(SkirtSide side, double centreX) {
        return HemLine.drawn(side.atHemLevel(), side.atHem(), Point.of(centreX, hemY));
    }

    private Panelled drawn(
            Half panel,
            WaistQuarter quarter,
            List<Segment> centre,
            SkirtSide side,
            HemLine hem,
            ClosedWaist.Side meets) {
        ClosedWaist waist = WaistLine.drawn(set, panel, quarter, centre.get(0), rise, meets);
        List<Segment> sideRun = side.down(waist.side(), hem.sideEnd());
        say(panel, waist, sideRun, hem, centre);
        return new Panelled(panel, hipY, waist, sideRun, hem.run(), centre);
    }

    private void say(Half panel, ClosedWaist waist, List<Segment> side, HemLine hem, List<Segment> centre) {
        String name = panel.title();
        WaistLine.say(paper, panel, waist);
        paper.draw(panel.id(), OUTLINE, "", side);
        paper.step(
                PanelFacts.SIDE_LINE.of(panel),
                name + " side",
                Amount.found("measured along the line", Curves.length(side)),
                panel == Half.FRONT
                        ? "The hip curve meets the hip line upright, so that the hip is not pinched."
                        : "Its waist point rises or falls until this side is as long as the front's.");
        paper.draw(panel.id(), OUTLINE, "", hem.run()).draw(panel.id(), OUTLINE, "", centre);
        paper.step(
                PanelFacts.CENTRE_LINE.of(panel),
                name + " centre and hem",
                Amount.found("measured along the centre", Curves.length(centre)),
                "The hem leaves the side square and bends to the level, so that the hem runs on across the seam.");
    }
}
