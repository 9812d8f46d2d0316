package brightplumb.core.style.drape;

import brightplumb.core.geometry.Cubic;
import brightplumb.core.geometry.Point;
import brightplumb.core.paper.Remedy;
import brightplumb.core.rule.Drape;
import brightplumb.core.table.Check;
import brightplumb.core.table.CheckId;
import brightplumb.core.table.Evidence;
import brightplumb.core.table.Exhibit;
import brightplumb.core.table.Inspected;
import brightplumb.core.table.Quantity;
import brightplumb.core.table.Verdict;
import java.util.List;

/** Whether the cloth suits what is to fall from it in folds. Common practice, no source. */
public final class FallsSoftly {

    public static final CheckId ID = new CheckId("cloth.suits", "suits");

    private FallsSoftly() {}

    /**
     * Returns the check of the cloth's drape.
     *
     * @param what what falls, within a sentence
     */
    public static Check of(Inspected on, String what) {
        boolean firm = on.set().cloth().drape() == Drape.FIRM;
        return new Check(
                ID,
                "Drape",
                firm ? Verdict.WATCH : Verdict.TRUE,
                Quantity.COUNT,
                on.set().cloth().drape().ordinal(),
                firm ? Drape.MEDIUM.ordinal() : on.set().cloth().drape().ordinal(),
                0,
                firm
                        ? "So firm a cloth stands away; a " + what + " wants cloth that falls."
                        : "The cloth falls as a " + what + " asks.",
                firm
                        ? "The cloth was said to be firm: it will stand off the body where it is drawn to hang in "
                                + "folds."
                        : "",
                List.<Remedy>of(),
                new Falls(on.set().cloth().drape()));
    }

    /** How the cloth was said to fall. */
    record Falls(Drape drape) implements Evidence {
        @Override
        public List<Figure> figures() {
            return List.of(new Figure("how far it stands off, degrees", Quantity.COUNT, leaning(drape), false));
        }

        /**
         * What hangs from an edge, seen from the side: the more it stands off, the firmer the cloth. An illustration,
         * not a measure.
         */
        @Override
        public Exhibit exhibit() {
            Exhibit.Table table = new Exhibit.Table();
            table.draw(Exhibit.Ink.BODY, Point.of(0, -60), Point.of(0, DEEP + 60));
            for (Drape other : Drape.values()) {
                boolean own = other == drape;
                Exhibit.Ink ink =
                        !own ? Exhibit.Ink.PENCIL : other == Drape.FIRM ? Exhibit.Ink.FAULT : Exhibit.Ink.FRONT;
                Point end = end(other);
                table.draw(
                        ink,
                        List.of(new Cubic(Point.of(0, 0), end.times(0.3), Point.of(end.x(), end.y() * 0.55), end)));
                table.say(ink, end.plus(Point.of(0, 24)), other.id());
            }
            return table.done();
        }

        private static Point end(Drape drape) {
            double off = Math.toRadians(leaning(drape));
            return Point.of(DEEP * Math.sin(off), DEEP * Math.cos(off));
        }

        private static double leaning(Drape drape) {
            return switch (drape) {
                case SOFT -> 8;
                case MEDIUM -> 24;
                case FIRM -> 48;
            };
        }

        private static final double DEEP = 230;
    }
}
