package brightplumb.core.truing;

import static brightplumb.core.table.Exhibit.Ink.BACK;
import static brightplumb.core.table.Exhibit.Ink.FAULT;
import static brightplumb.core.table.Exhibit.Ink.PENCIL;
import static brightplumb.core.table.Exhibit.Ink.PLAIN;

import brightplumb.core.geometry.Curves;
import brightplumb.core.geometry.Point;
import brightplumb.core.geometry.Segment;
import brightplumb.core.pattern.Mark;
import brightplumb.core.pattern.Piece;
import brightplumb.core.table.Check;
import brightplumb.core.table.CheckId;
import brightplumb.core.table.Evidence;
import brightplumb.core.table.Exhibit;
import brightplumb.core.table.Inspected;
import brightplumb.core.table.Quantity;
import brightplumb.core.table.Verdict;
import java.util.List;

/** Whether a shaped centre-back edge says what it is: it looks like a side seam, and people sew the wrong edge. */
final class CentreBackMarked {

    static final CheckId ID = new CheckId("centre.back.marked", "marked", "not marked");

    private static final int WANTED = 2;

    private CentreBackMarked() {}

    /** Whether the centre back of a draft is shaped at all. */
    static boolean applies(Inspected on) {
        List<Segment> centre = Inspected.centre(on.back());
        return Curves.flattened(centre, 8).stream().anyMatch(p -> Math.abs(p.x()) > 1);
    }

    static Check of(Inspected on) {
        Marked marked = new Marked(on.back());
        boolean ok = marked.notches() >= WANTED;
        return new Check(
                        ID,
                        "Centre back",
                        ok ? Verdict.TRUE : Verdict.OFF,
                        Quantity.COUNT,
                        marked.notches(),
                        WANTED,
                        0,
                        ok
                                ? "The shaped centre back carries its two notches and its name."
                                : "Nothing tells the shaped centre back from a side seam.",
                        ok ? "" : "Two notches and the words \"centre back\" are missing on its edge.",
                        List.of(),
                        marked)
                .asFloor();
    }

    /** The back with the marks on its centre edge. */
    record Marked(Piece back) implements Evidence {

        /** Strokes of the notches that name the centre that lie on the edge. */
        int notches() {
            return back.marks().stream()
                    .filter(this::names)
                    .mapToInt(Mark::count)
                    .sum();
        }

        private boolean names(Mark mark) {
            return mark.kind() == Mark.Kind.NOTCH
                    && mark.subject() == Mark.Subject.CENTRE
                    && Math.abs(Inspected.centreAt(back, mark.at().y())
                                    - mark.at().x())
                            < 1;
        }

        @Override
        public List<Figure> figures() {
            return List.of(
                    new Figure("notches on the edge", Quantity.COUNT, notches(), false),
                    new Figure("wanted", Quantity.COUNT, WANTED, false));
        }

        @Override
        public Exhibit exhibit() {
            Exhibit.Table table = new Exhibit.Table()
                    .draw(PENCIL, back.sewLine())
                    .draw(notches() >= WANTED ? BACK : FAULT, Inspected.centre(back));
            Point top = back.sewLine().get(0).from();
            Point hem = Inspected.centre(back)
                    .get(Inspected.centre(back).size() - 1)
                    .to();
            table.draw(PENCIL, Point.of(0, top.y()), Point.of(0, hem.y()));
            for (Mark mark : back.marks()) {
                if (mark.kind() == Mark.Kind.NOTCH && mark.direction().x() < -0.5) {
                    Point across = mark.direction().turned();
                    for (int i = 0; i < mark.count(); i++) {
                        Point at = mark.at().plus(across.times(i * 7.0 - (mark.count() - 1) * 3.5));
                        table.draw(PLAIN, at, at.plus(mark.direction().times(14)));
                    }
                    table.say(PLAIN, mark.at().plus(mark.direction().times(70)), mark.text());
                }
            }
            return table.done();
        }
    }
}
