package brightplumb.core.truing;

import static brightplumb.core.table.Exhibit.Ink.BACK;
import static brightplumb.core.table.Exhibit.Ink.FAULT;
import static brightplumb.core.table.Exhibit.Ink.FRONT;
import static brightplumb.core.table.Exhibit.Ink.PENCIL;

import brightplumb.core.geometry.Point;
import brightplumb.core.paper.Remedy;
import brightplumb.core.pattern.Half;
import brightplumb.core.pattern.Join;
import brightplumb.core.pattern.Run;
import brightplumb.core.pattern.Seam;
import brightplumb.core.pattern.Stretch;
import brightplumb.core.table.Check;
import brightplumb.core.table.CheckId;
import brightplumb.core.table.Evidence;
import brightplumb.core.table.Exhibit;
import brightplumb.core.table.Inspected;
import brightplumb.core.table.Quantity;
import brightplumb.core.table.Verdict;
import java.util.ArrayList;
import java.util.List;

/**
 * Whether bodice and legs are one length along the waist seam with their darts shut, panel by panel, and their darts
 * stand on each other.
 */
final class WaistMeetsWaist {

    static final CheckId ID = new CheckId("waist.meets.waist", "meets");

    /** Common practice, no source: what a hand eases in without seeing it, mm. */
    private static final double TOLERANCE = 1;

    private WaistMeetsWaist() {}

    static Check of(Inspected on) {
        Walked walked = new Walked(on.draft().joins().stream()
                .filter(j -> j.seam().equals(Seam.WAIST))
                .toList());
        double apart = walked.apart();
        boolean meets = apart <= TOLERANCE;
        return new Check(
                ID,
                "Waist seam",
                meets ? Verdict.TRUE : Verdict.OFF,
                Quantity.MM,
                walked.above(),
                walked.below(),
                TOLERANCE,
                meets
                        ? "Darts shut, bodice and legs are one length all along, and dart stands on dart."
                        : "Darts shut, bodice and legs do not meet along the waist seam.",
                meets
                        ? ""
                        : "Where the two legs differ at the waist, or a dart was moved on one of them, the bodice "
                                + "fits only the other.",
                List.<Remedy>of(),
                walked);
    }

    /** The seams as they are walked along each other, each panel's legs and bodice. */
    record Walked(List<Join> seams) implements Evidence {

        double above() {
            return seams.stream().mapToDouble(j -> j.layers().get(1).length()).sum();
        }

        double below() {
            return seams.stream().mapToDouble(j -> j.layers().get(0).length()).sum();
        }

        /** The furthest that two ends, or two darts, lie apart, mm. */
        double apart() {
            double most = 0;
            for (Join join : seams) {
                most = Math.max(
                        most,
                        Math.abs(join.layers().get(0).length()
                                - join.layers().get(1).length()));
                List<Double> bodice = darts(join.layers().get(1));
                for (double dart : bodice) {
                    most = Math.max(
                            most,
                            darts(join.layers().get(0)).stream()
                                    .mapToDouble(d -> Math.abs(d - dart))
                                    .min()
                                    .orElse(0));
                }
            }
            return most;
        }

        /** How far along a run its darts stand, sewn. */
        private static List<Double> darts(Run run) {
            List<Double> at = new ArrayList<>();
            double along = 0;
            List<Stretch> stretches = run.stretches();
            for (int i = 0; i + 1 < stretches.size(); i++) {
                along += stretches.get(i).length();
                if (opens(stretches.get(i), stretches.get(i + 1))) {
                    at.add(along);
                }
            }
            return at;
        }

        /**
         * Whether the mouth of a dart lies between two stretches; where the one piece ends and the next begins there is
         * none.
         */
        private static boolean opens(Stretch one, Stretch next) {
            return one.piece().equals(next.piece())
                    && Math.max(one.from(), next.from()) - Math.min(one.to(), next.to()) > TOLERANCE;
        }

        @Override
        public List<Figure> figures() {
            List<Figure> figures = new ArrayList<>();
            for (Join join : seams) {
                Half half = Half.of(join.layers().get(0).piece().behind());
                figures.add(Figure.mm("bodice " + half, join.layers().get(1).length()));
                figures.add(Figure.mm("leg " + half, join.layers().get(0).length()));
            }
            figures.add(Figure.mm("furthest apart", apart()));
            return figures;
        }

        /** Each panel's two seams, one above the other, with their darts upright on them. */
        @Override
        public Exhibit exhibit() {
            Exhibit.Table table = new Exhibit.Table();
            double y = 0;
            for (Join join : seams) {
                boolean behind = join.layers().get(0).piece().behind();
                for (int layer = 1; layer >= 0; layer--) {
                    Run run = join.layers().get(layer);
                    table.draw(behind ? BACK : FRONT, Point.of(0, y), Point.of(run.length(), y));
                    table.say(
                            PENCIL,
                            Point.of(-32, y + 3),
                            (layer == 1 ? "bodice " : "leg ") + (behind ? "back" : "front"));
                    for (double dart : darts(run)) {
                        table.draw(
                                apart() > TOLERANCE ? FAULT : PENCIL,
                                Point.of(dart, y),
                                Point.of(dart, y + (layer == 1 ? -34 : 34)));
                    }
                    y += layer == 1 ? 16 : 110;
                }
            }
            return table.done();
        }
    }
}
