package brightplumb.core.truing;

import static brightplumb.core.table.Exhibit.Ink.BACK;
import static brightplumb.core.table.Exhibit.Ink.FAULT;
import static brightplumb.core.table.Exhibit.Ink.FRONT;
import static brightplumb.core.table.Exhibit.Ink.PENCIL;
import static brightplumb.core.table.Exhibit.Ink.PLAIN;

import brightplumb.core.geometry.Curves;
import brightplumb.core.geometry.Point;
import brightplumb.core.geometry.Rigid;
import brightplumb.core.measure.Length;
import brightplumb.core.paper.Remedy;
import brightplumb.core.rule.HipSettings;
import brightplumb.core.table.Check;
import brightplumb.core.table.CheckId;
import brightplumb.core.table.Evidence;
import brightplumb.core.table.Exhibit;
import brightplumb.core.table.Inspected;
import brightplumb.core.table.Lines;
import brightplumb.core.table.Quantity;
import brightplumb.core.table.Verdict;
import java.util.List;
import java.util.Map;

/** Whether both panels, as drawn at the hip line, make half the hip and its ease. */
final class HipCloses {

    static final CheckId ID = new CheckId("hip.closes", "closes");

    private HipCloses() {}

    static Check of(Inspected on) {
        Across across = new Across(
                on,
                (on.body().hip().value() + on.set().amount(HipSettings.HIP_EASE).value()) / 2);
        double difference = across.measured() - across.wanted();
        Verdict verdict = difference < -WaistCloses.TOLERANCE || difference > Length.INCH
                ? Verdict.OFF
                : difference > WaistCloses.TOLERANCE ? Verdict.WATCH : Verdict.TRUE;
        return new Check(
                ID,
                "Hip",
                verdict,
                Quantity.MM,
                across.measured(),
                across.wanted(),
                WaistCloses.TOLERANCE,
                switch (verdict) {
                    case TRUE -> "At the hip line, front and back together make half the hip and its ease.";
                    case WATCH -> "At the hip line, the draft is wider than it says.";
                    default -> "At the hip line, front and back together do not make half the hip and its ease.";
                },
                verdict == Verdict.TRUE
                        ? ""
                        : "The side or the centre crosses the hip line elsewhere than the quarter was laid off.",
                difference < -WaistCloses.TOLERANCE ? wider(on, -difference) : List.of(),
                across);
    }

    /** What rounding a leaning side took off the hip is given back as ease. */
    private static List<Remedy> wider(Inspected on, double missing) {
        double ease = on.set().amount(HipSettings.HIP_EASE).value() + 2 * missing;
        return ease > HipSettings.HIP_EASE.most()
                ? List.of()
                : List.of(new Remedy(
                        "Give the hip what the rounded side took",
                        Map.of(HipSettings.HIP_EASE, HipSettings.HIP_EASE.value(ease))));
    }

    /** Both panels side by side at the hip line. */
    record Across(Inspected on, double wanted) implements Evidence {

        double front() {
            return on.acrossHip(on.front());
        }

        double back() {
            return on.acrossHip(on.back());
        }

        double measured() {
            return front() + back();
        }

        @Override
        public List<Figure> figures() {
            return List.of(
                    Figure.mm("front at the hip", front()),
                    Figure.mm("back at the hip", back()),
                    Figure.together("together", measured()),
                    Figure.mm("half the hip and its ease", wanted));
        }

        @Override
        public Exhibit exhibit() {
            double hipY = on.hipY();
            double join = Inspected.sideAt(on.front(), hipY);
            Rigid beside = Rigid.slide(Point.of(join + Inspected.sideAt(on.back(), hipY), 0))
                    .after(Exhibit.MIRRORED);
            double below = hipY + 4 * Length.INCH;
            double end = join + back();
            Exhibit.Table table = new Exhibit.Table()
                    .draw(FRONT, Lines.above(on.front().sewLine(), below))
                    .draw(BACK, Curves.moved(Lines.above(on.back().sewLine(), below), beside))
                    .draw(PENCIL, Point.of(-40, hipY), Point.of(end + 60, hipY))
                    .span(FRONT, Point.of(0, hipY), Point.of(join, hipY), "front")
                    .span(BACK, Point.of(join, hipY), Point.of(end, hipY), "back")
                    .span(PLAIN, Point.of(0, below + 60), Point.of(wanted, below + 60), "half the hip and its ease");
            if (Math.abs(measured() - wanted) > WaistCloses.TOLERANCE) {
                table.draw(FAULT, Point.of(end, hipY), Point.of(wanted, hipY));
            }
            return table.say(PENCIL, Point.of(-20, hipY - 12), "hip").done();
        }
    }
}
