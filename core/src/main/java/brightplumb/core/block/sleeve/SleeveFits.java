package brightplumb.core.block.sleeve;

import static brightplumb.core.table.Exhibit.Ink.BACK;
import static brightplumb.core.table.Exhibit.Ink.FAULT;
import static brightplumb.core.table.Exhibit.Ink.FRONT;
import static brightplumb.core.table.Exhibit.Ink.PENCIL;

import brightplumb.core.geometry.Curves;
import brightplumb.core.geometry.Point;
import brightplumb.core.geometry.Segment;
import brightplumb.core.pattern.Join;
import brightplumb.core.pattern.Seam;
import brightplumb.core.rule.SleeveSettings;
import brightplumb.core.table.Check;
import brightplumb.core.table.CheckId;
import brightplumb.core.table.Evidence;
import brightplumb.core.table.Exhibit;
import brightplumb.core.table.Inspected;
import brightplumb.core.table.Quantity;
import brightplumb.core.table.Verdict;
import java.util.List;

/** Whether the cap is as long as the armhole it is set into and the ease asked. */
final class SleeveFits {

    static final CheckId ID = new CheckId("sleeve.fits", "fits");

    /** What is held in evenly without a pleat, mm. */
    private static final double TOLERANCE = 3.175;

    private SleeveFits() {}

    static boolean applies(Inspected on) {
        return on.draft().pattern().find(Seam.ARMHOLE).isPresent();
    }

    static Check of(Inspected on) {
        Join join = on.draft().join(Seam.ARMHOLE);
        Laid laid = new Laid(
                on.draft().layer(join, 0),
                join.layers().get(1).stretches().get(0).length(),
                join.layers().get(1).stretches().get(1).length());
        double asked = on.set().amount(SleeveSettings.CAP_EASE).value();
        boolean fits = Math.abs(laid.eased() - asked) <= TOLERANCE;
        return new Check(
                ID,
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

    /**
     * The armhole laid along the cap, the front's from the one end, the back's from the other: what is left between
     * them is held in.
     *
     * @param run the cap, in the direction it is sewn
     * @param front the front armhole, mm
     * @param back the back armhole, mm
     */
    record Laid(List<Segment> run, double front, double back) implements Evidence {

        double cap() {
            return Curves.length(run);
        }

        double eased() {
            return cap() - front - back;
        }

        @Override
        public List<Figure> figures() {
            return List.of(
                    Figure.mm("cap", cap()),
                    Figure.mm("front armhole", front),
                    Figure.mm("back armhole", back),
                    Figure.together("eased in", eased()));
        }

        @Override
        public Exhibit exhibit() {
            double cap = cap();
            double held = Math.max(0, eased());
            double from = Math.min(front, cap);
            double to = Math.max(from, cap - back);
            Exhibit.Table table = new Exhibit.Table();
            Point one = run.get(0).from();
            Point other = run.get(run.size() - 1).to();
            table.draw(PENCIL, one, other);
            table.draw(FRONT, Curves.part(run, 0, from)).draw(BACK, Curves.part(run, to, cap));
            said(table, FRONT, from / 2, ASIDE, "front armhole", front);
            said(table, BACK, (to + cap) / 2, ASIDE, "back armhole", back);
            if (held > HARDLY) {
                table.draw(FAULT, Curves.part(run, from, to));
                said(table, FAULT, (from + to) / 2, ABOVE, "held in", held);
            } else if (eased() < -HARDLY) {
                table.say(FAULT, one.toward(other, 0.5).plus(Point.of(0, 40)), "short", Quantity.MM, -eased());
            }
            table.say(PENCIL, one.toward(other, 0.5).plus(Point.of(0, -12)), "cap", Quantity.MM, cap);
            return table.done();
        }

        /** A word outside the cap, beside the place it is about. */
        private void said(Exhibit.Table table, Exhibit.Ink ink, double along, double beside, String text, double mm) {
            Curves.Along at = Curves.along(run, along);
            table.say(ink, at.at().plus(at.direction().turned().times(-beside)), text, Quantity.MM, mm);
        }

        private static final double ASIDE = 62;

        private static final double ABOVE = 24;

        /** Less than this is not seen, mm. */
        private static final double HARDLY = 0.5;
    }
}
