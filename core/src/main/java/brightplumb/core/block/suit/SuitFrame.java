package brightplumb.core.block.suit;

import static brightplumb.core.paper.Drawn.Role.LEVEL;
import static brightplumb.core.rule.HipSettings.HIP_EASE;
import static brightplumb.core.rule.WaistSettings.WAIST_EASE;

import brightplumb.core.geometry.Line;
import brightplumb.core.geometry.Point;
import brightplumb.core.measure.Length;
import brightplumb.core.measure.Refusal;
import brightplumb.core.measure.Sentence;
import brightplumb.core.paper.Paper;
import brightplumb.core.pattern.Half;
import brightplumb.core.rule.PanelFacts;
import brightplumb.core.rule.Setting;
import brightplumb.core.rule.Settings;
import brightplumb.core.working.Amount;
import brightplumb.core.working.Fact;

/** The levels below the waist and the quarters at waist and hip, which front and back have alike. */
final class SuitFrame {

    /** No quarter is narrower, mm. */
    private static final double NARROWEST = 2 * Length.INCH;

    /** A level is ruled so far beyond the hip quarter, mm. */
    private static final double BEYOND = 40;

    private final Paper paper;
    private final Settings set;

    SuitFrame(Paper paper, Settings set) {
        this.paper = paper;
        this.set = set;
    }

    Amount hipDepth() {
        paper.level("waist", 0);
        ruled(0);
        return level(
                set.body().hipDepth().as(Fact.HIP_DEPTH, "waist to hip"),
                "hip",
                "Waist to hip",
                Sentence.of("The hip line lies where this seat is fullest."));
    }

    /** Rules a level on both panels and says it. */
    Amount level(Amount at, String name, String title, Sentence why) {
        paper.level(name, at.value());
        ruled(at.value());
        return paper.step(at, title, why);
    }

    private void ruled(double y) {
        double wide = set.body().hip().value() / 4 + BEYOND;
        for (Half panel : Half.values()) {
            paper.draw(panel.id(), LEVEL, "", new Line(Point.of(0, y), Point.of(wide, y)));
        }
    }

    Amount waistQuarter() {
        return quarter(set.body().waist(), WAIST_EASE, PanelFacts.WAIST_QUARTER, "waist", "Waist");
    }

    Amount hipQuarter() {
        return quarter(set.body().hip(), HIP_EASE, PanelFacts.HIP_QUARTER, "hip", "Hip");
    }

    private Amount quarter(Amount girth, Setting ease, Fact fact, String where, String title) {
        Amount quarter = girth.plus(set.amount(ease)).over(4);
        if (quarter.value() < NARROWEST) {
            throw new Refusal(ease.field(), "This leaves less than 2 in (5 cm) for a quarter of the " + where);
        }
        return paper.step(quarter.as(fact, where + " quarter"), title + " quarter", set.why(ease));
    }
}
