package brightplumb.core.truing;

import static brightplumb.core.table.Exhibit.Ink.BACK;
import static brightplumb.core.table.Exhibit.Ink.FAULT;
import static brightplumb.core.table.Exhibit.Ink.FRONT;
import static brightplumb.core.table.Exhibit.Ink.PENCIL;

import brightplumb.core.geometry.Curves;
import brightplumb.core.geometry.Point;
import brightplumb.core.geometry.Rigid;
import brightplumb.core.geometry.Segment;
import brightplumb.core.measure.Length;
import brightplumb.core.paper.Remedy;
import brightplumb.core.pattern.Seam;
import brightplumb.core.rule.CrotchSettings;
import brightplumb.core.table.Check;
import brightplumb.core.table.CheckId;
import brightplumb.core.table.Evidence;
import brightplumb.core.table.Exhibit;
import brightplumb.core.table.Inspected;
import brightplumb.core.table.Quantity;
import brightplumb.core.table.Remedies;
import brightplumb.core.table.Verdict;
import java.util.List;
import java.util.Map;

/** Whether two seams that are sewn to each other are one length. */
final class SeamsMeet {

    static final CheckId SIDES = new CheckId("side.meets", "meet");
    static final CheckId INSEAMS = new CheckId("inseam.meets", "meet");

    private SeamsMeet() {}

    /** The sides, from waist to hem. */
    static Check sides(Inspected on) {
        Walked walked = new Walked(Curves.reversed(layer(on, Seam.SIDE, 0)), Curves.reversed(layer(on, Seam.SIDE, 1)));
        boolean meets = Math.abs(walked.back() - walked.front()) <= WaistCloses.TOLERANCE;
        return new Check(
                SIDES,
                "Sides",
                meets ? Verdict.TRUE : Verdict.OFF,
                Quantity.MM,
                walked.back(),
                walked.front(),
                WaistCloses.TOLERANCE,
                meets
                        ? "Front and back side are one length from waist to hem."
                        : "Front and back side are not one length.",
                meets ? "" : "The two hip curves differ, and the back waist point was not moved to make up for it.",
                List.of(),
                walked);
    }

    /** The inseams, from the hem to the fork, less what is stretched in. */
    static Check inseams(Inspected on) {
        Walked walked = new Walked(layer(on, Seam.INSEAM, 0), layer(on, Seam.INSEAM, 1));
        double apart = inseamsApart(on);
        boolean meets = Math.abs(apart) <= WaistCloses.TOLERANCE;
        return new Check(
                INSEAMS,
                "Inseams",
                meets ? Verdict.TRUE : Verdict.OFF,
                Quantity.MM,
                walked.back(),
                walked.back() - apart,
                WaistCloses.TOLERANCE,
                meets
                        ? "Front and back inseam are one length from hem to fork."
                        : "Front and back inseam are not one length.",
                meets
                        ? ""
                        : apart > 0
                                ? "The wider back fork makes a longer inseam, and the fork was not dropped enough to "
                                        + "make up for it."
                                : "The back fork lies too low for the front's.",
                meets ? List.of() : Remedies.whenAsked(() -> dropped(on, apart)),
                walked);
    }

    private static List<Remedy> dropped(Inspected on, double apart) {
        return on
                .solveSetting(
                        CrotchSettings.FORK_DROP,
                        CrotchSettings.FORK_DROP.least(),
                        CrotchSettings.FORK_DROP.most(),
                        SeamsMeet::inseamsApart)
                .stream()
                .mapToObj(drop -> new Remedy(
                        apart > 0 ? "Drop the back fork" : "Raise the back fork",
                        Map.of(CrotchSettings.FORK_DROP, CrotchSettings.FORK_DROP.value(drop))))
                .toList();
    }

    private static double inseamsApart(Inspected on) {
        return Curves.length(layer(on, Seam.INSEAM, 1))
                + on.set().amount(CrotchSettings.STRETCH_IN).value()
                - Curves.length(layer(on, Seam.INSEAM, 0));
    }

    private static List<Segment> layer(Inspected on, Seam seam, int layer) {
        return on.draft().layer(on.join(seam), layer);
    }

    /**
     * Two seams walked along each other from the same end.
     *
     * @param one the front's, from where the walk starts
     * @param other the back's, from the same place
     */
    record Walked(List<Segment> one, List<Segment> other) implements Evidence {

        private static final double APART = 3 * Length.INCH;
        private static final double STRIDE = 2 * Length.INCH;

        double front() {
            return Curves.length(one);
        }

        double back() {
            return Curves.length(other);
        }

        @Override
        public List<Figure> figures() {
            return List.of(
                    Figure.mm("back seam", back()),
                    Figure.mm("front seam", front()),
                    Figure.together("apart", back() - front()));
        }

        @Override
        public Exhibit exhibit() {
            Exhibit.Table table = new Exhibit.Table();
            Point start = one.get(0).from();
            Rigid beside = Rigid.slide(
                    start.plus(Point.of(APART, 0)).minus(other.get(0).from()));
            List<Segment> laid = Curves.moved(other, beside);
            double common = Math.min(front(), back());
            for (double walked = 0; walked <= common; walked += STRIDE) {
                table.draw(
                        PENCIL,
                        Curves.along(one, walked).at(),
                        Curves.along(laid, walked).at());
            }
            table.draw(FRONT, one).draw(BACK, laid);
            table.say(FRONT, Curves.along(one, common / 2).at().plus(Point.of(-70, 0)), "front", Quantity.MM, front());
            table.say(BACK, Curves.along(laid, common / 2).at().plus(Point.of(70, 0)), "back", Quantity.MM, back());
            Point endOne = Curves.along(one, common).at();
            Point endOther = Curves.along(laid, common).at();
            table.draw(PENCIL, endOne, endOther);
            if (Math.abs(back() - front()) > WaistCloses.TOLERANCE) {
                boolean longer = back() > front();
                table.draw(FAULT, Curves.cutAt(longer ? laid : one, common).get(1));
                table.say(
                        FAULT,
                        (longer
                                        ? laid.get(laid.size() - 1).to()
                                        : one.get(one.size() - 1).to())
                                .plus(Point.of(0, -22)),
                        longer ? "back longer" : "front longer",
                        Quantity.MM,
                        Math.abs(back() - front()));
            } else {
                table.say(PENCIL, endOne.toward(endOther, 0.5).plus(Point.of(0, -20)), "they end together");
            }
            return table.say(PENCIL, start.plus(Point.of(APART / 2, 26)), "walked from here")
                    .done();
        }
    }
}
