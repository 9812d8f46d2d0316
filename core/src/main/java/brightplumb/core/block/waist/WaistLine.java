package brightplumb.core.block.waist;

import static brightplumb.core.paper.Drawn.Role.DART;
import static brightplumb.core.paper.Drawn.Role.OUTLINE;

import brightplumb.core.geometry.Curves;
import brightplumb.core.geometry.Point;
import brightplumb.core.geometry.Segment;
import brightplumb.core.measure.Refusal;
import brightplumb.core.paper.Paper;
import brightplumb.core.pattern.Dart;
import brightplumb.core.pattern.Half;
import brightplumb.core.rule.PanelFacts;
import brightplumb.core.rule.Settings;
import brightplumb.core.working.Amount;

/** Draws a panel's waist from its quarter, and says so on the paper. */
public final class WaistLine {

    private WaistLine() {}

    /**
     * The waist, darts closed, as long as the quarter says.
     *
     * @param top where the centre seam leaves the waist, downward
     * @param rise mm the side is first tried above the level waist line
     * @param side the side seam's part in it
     * @throws Refusal where no smooth line can be drawn
     */
    public static ClosedWaist drawn(
            Settings set, Half half, WaistQuarter quarter, Segment top, double rise, ClosedWaist.Side side) {
        ClosedWaist waist = ClosedWaist.drawn(
                top.from(),
                top.direction(0),
                quarter.darts(),
                quarter.waist().value(),
                Point.of(quarter.waistEnd(), -rise),
                side);
        if (waist == null) {
            throw new Refusal(
                    set.faultField(),
                    "No smooth " + half.id()
                            + " waist can be drawn from this; look at waist, hip and waist to hip, or bring darts, "
                            + "drops, rise and ease nearer to the usual");
        }
        return waist;
    }

    /** Draws it on a panel's sheet, and measures it with its darts closed. */
    public static void say(Paper paper, Half half, ClosedWaist waist) {
        double taken = 0;
        for (Dart dart : waist.darts()) {
            paper.draw(half.id(), DART, "", dart.innerLeg(), dart.outerLeg());
            taken += dart.intake();
        }
        paper.draw(half.id(), OUTLINE, "", waist.run());
        paper.step(
                PanelFacts.WAIST_LINE.of(half),
                half.title() + " waist line, darts closed",
                Amount.found("measured along the line", Curves.length(waist.run()) - taken),
                "Fold the darts, draw one smooth line square to centre and side, unfold. The side point moves until "
                        + "the line measures what it should.");
    }
}
