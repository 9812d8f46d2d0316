package brightplumb.core.truing;

import static brightplumb.core.table.Exhibit.Ink.FAULT;
import static brightplumb.core.table.Exhibit.Ink.PENCIL;
import static brightplumb.core.table.Exhibit.Ink.PLAIN;

import brightplumb.core.geometry.Point;
import brightplumb.core.geometry.Segment;
import brightplumb.core.measure.Length;
import brightplumb.core.paper.Remedy;
import brightplumb.core.pattern.EdgeRole;
import brightplumb.core.rule.Setting;
import brightplumb.core.rule.WaistSettings;
import brightplumb.core.table.Check;
import brightplumb.core.table.CheckId;
import brightplumb.core.table.Evidence;
import brightplumb.core.table.Exhibit;
import brightplumb.core.table.Inspected;
import brightplumb.core.table.Quantity;
import brightplumb.core.table.Verdict;
import java.util.List;
import java.util.Map;

/**
 * Whether the centre front lies where a body asks it at the waist: a little lower than the side, and hardly off plumb.
 * Front tilts of a quarter of an inch to one inch are common practice, no source; how much more is borne, our own
 * choice.
 */
final class CentreFrontLies {

    static final CheckId ID = new CheckId("centre.front", "lies well", "{measured} too far");

    /** How far the centre may lie below the side, and above it, mm. */
    private static final double LOWER = 1.25 * Length.INCH;

    private static final double HIGHER = 0.5 * Length.INCH;

    /** How far it may come in from where it lies at the hip, mm. */
    private static final double IN = Length.INCH;

    /** What goes further than this beyond is no matter of taste, mm. */
    private static final double MUCH = 0.75 * Length.INCH;

    private CentreFrontLies() {}

    static boolean applies(Inspected on) {
        return on.front().edge(EdgeRole.WAIST).isPresent();
    }

    static Check of(Inspected on) {
        Waist waist = Waist.of(on);
        double beyond = waist.beyond();
        Verdict verdict = beyond <= 0.5 ? Verdict.TRUE : beyond <= MUCH ? Verdict.WATCH : Verdict.OFF;
        return new Check(
                ID,
                "Centre front",
                verdict,
                Quantity.MM,
                Math.max(0, beyond),
                0,
                0,
                verdict == Verdict.TRUE
                        ? "At the waist the centre front lies as low and as far out as a body asks."
                        : "At the waist the centre front lies further off than a body asks.",
                verdict == Verdict.TRUE ? "" : waist.why(),
                verdict == Verdict.TRUE ? List.of() : List.of(waist.back(on)),
                waist);
    }

    /**
     * The front's waist, from the centre to the side.
     *
     * @param line its line
     * @param hip where the centre lies at the hip
     */
    record Waist(List<Segment> line, Point hip) implements Evidence {

        static Waist of(Inspected on) {
            double y = on.hipY();
            return new Waist(on.front().require(EdgeRole.WAIST).run(), Point.of(Inspected.centreAt(on.front(), y), y));
        }

        private Point centre() {
            return line.get(0).from();
        }

        private Point side() {
            return line.get(line.size() - 1).to();
        }

        private double lower() {
            return centre().y() - side().y();
        }

        private double in() {
            return centre().x() - hip.x();
        }

        double beyond() {
            return Math.max(Math.max(lower() - LOWER, -lower() - HIGHER), Math.abs(in()) - IN);
        }

        private boolean across() {
            return Math.abs(in()) - IN >= beyond();
        }

        String why() {
            return across()
                    ? "It comes in so far at the waist that the front's grain swings off plumb."
                    : lower() > 0
                            ? "It lies so far below the side that the waist drops in front and the hem swings up."
                            : "It lies above the side: cloth stands in folds across the front below the waist.";
        }

        /** Brings it to the furthest that is usual. */
        Remedy back(Inspected on) {
            Setting setting = across() ? WaistSettings.CENTRE_FRONT_IN : WaistSettings.CENTRE_FRONT_DROP;
            double now = on.set().amount(setting).value();
            double by = across() ? Math.signum(in()) : Math.signum(lower());
            return new Remedy(
                    "Bring the centre front to where it usually lies",
                    Map.of(setting, setting.value(Math.max(setting.least(), now - by * (beyond() + 0.5)))));
        }

        @Override
        public List<Figure> figures() {
            return List.of(
                    Figure.mm(lower() < 0 ? "above the side" : "below the side", Math.abs(lower())),
                    Figure.mm("in from the hip", Math.abs(in())));
        }

        @Override
        public Exhibit exhibit() {
            Exhibit.Ink ink = beyond() <= 0.5 ? PLAIN : FAULT;
            return new Exhibit.Table()
                    .draw(PENCIL, Point.of(hip.x(), side().y()), hip)
                    .draw(PENCIL, Point.of(hip.x(), side().y()), side())
                    .draw(Exhibit.Ink.FRONT, line)
                    .span(ink, Point.of(hip.x() - 24, side().y()), Point.of(hip.x() - 24, centre().y()), "lower")
                    .draw(ink, centre(), hip)
                    .done();
        }
    }
}
