package brightplumb.core.block.sleeve;

import static brightplumb.core.table.Exhibit.Ink.BACK;
import static brightplumb.core.table.Exhibit.Ink.FAULT;
import static brightplumb.core.table.Exhibit.Ink.FRONT;
import static brightplumb.core.table.Exhibit.Ink.PENCIL;

import brightplumb.core.geometry.Point;
import brightplumb.core.pattern.Join;
import brightplumb.core.rule.SleeveSettings;
import brightplumb.core.table.Check;
import brightplumb.core.table.Evidence;
import brightplumb.core.table.Exhibit;
import brightplumb.core.table.Inspected;
import brightplumb.core.table.Quantity;
import brightplumb.core.table.Verdict;
import java.util.List;

/** Whether the cap is as long as the armhole it is set into and the ease asked. */
final class SleeveFits {

    /** What is held in evenly without a pleat, mm. */
    private static final double TOLERANCE = 3.175;

    private SleeveFits() {}

    static boolean applies(Inspected on) {
        return on.draft().pattern().find("armhole").isPresent();
    }

    static Check of(Inspected on) {
        Join join = on.draft().join("armhole");
        Laid laid = new Laid(
                join.layers().get(0).length(),
                join.layers().get(1).stretches().get(0).length(),
                join.layers().get(1).stretches().get(1).length());
        double asked = on.set().amount(SleeveSettings.CAP_EASE).value();
        boolean fits = Math.abs(laid.eased() - asked) <= TOLERANCE;
        return new Check(
                "sleeve.fits",
                "Sleeve",
                fits ? Verdict.TRUE : Verdict.OFF,
                Quantity.MM,
                laid.eased(),
                asked,
                TOLERANCE,
                fits
                        ? "The cap is as long as the armhole, and the ease that was asked."
                        : "The cap does not go into the armhole with the ease that was asked.",
                fits ? "" : "Neither bicep nor height could be found for this armhole.",
                List.of(),
                laid);
    }

    /** Cap and armhole straightened out along each other. */
    record Laid(double cap, double front, double back) implements Evidence {

        double eased() {
            return cap - front - back;
        }

        @Override
        public List<Figure> figures() {
            return List.of(
                    Figure.mm("cap", cap),
                    Figure.mm("front armhole", front),
                    Figure.mm("back armhole", back),
                    Figure.together("eased in", eased()));
        }

        @Override
        public Exhibit exhibit() {
            double armhole = front + back;
            Exhibit.Table table = new Exhibit.Table()
                    .draw(FRONT, Point.of(0, 0), Point.of(front, 0))
                    .say(FRONT, Point.of(front / 2, -18), "front armhole", Quantity.MM, front)
                    .draw(BACK, Point.of(front, 0), Point.of(armhole, 0))
                    .say(BACK, Point.of(front + back / 2, -18), "back armhole", Quantity.MM, back)
                    .draw(FRONT, Point.of(0, 60), Point.of(cap, 60))
                    .say(FRONT, Point.of(cap / 2, 96), "cap", Quantity.MM, cap);
            for (double x : new double[] {0, front, armhole}) {
                table.draw(PENCIL, Point.of(x, -10), Point.of(x, 70));
            }
            if (cap > armhole + 0.5) {
                table.draw(FAULT, Point.of(armhole, 60), Point.of(cap, 60))
                        .say(FAULT, Point.of(cap, 36), "held in", Quantity.MM, cap - armhole);
            }
            return table.done();
        }
    }
}
