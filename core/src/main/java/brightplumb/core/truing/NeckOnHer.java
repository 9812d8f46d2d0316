package brightplumb.core.truing;

import static brightplumb.core.table.Exhibit.Ink.BACK;
import static brightplumb.core.table.Exhibit.Ink.BODY;
import static brightplumb.core.table.Exhibit.Ink.FAULT;
import static brightplumb.core.table.Exhibit.Ink.FRONT;
import static brightplumb.core.table.Exhibit.Ink.PENCIL;
import static brightplumb.core.table.Exhibit.Ink.PLAIN;

import brightplumb.core.geometry.Cubic;
import brightplumb.core.geometry.Curves;
import brightplumb.core.geometry.Line;
import brightplumb.core.geometry.Point;
import brightplumb.core.geometry.Rigid;
import brightplumb.core.geometry.Segment;
import brightplumb.core.measure.Measure;
import brightplumb.core.pattern.EdgeRole;
import brightplumb.core.table.Evidence;
import brightplumb.core.table.Exhibit;
import brightplumb.core.table.Inspected;
import brightplumb.core.table.Quantity;
import brightplumb.core.truing.GoesRound.Round;
import java.util.ArrayList;
import java.util.List;

/**
 * A neckline on her, seen from before: front and back as drawn, both halves, on her shoulders. The base of her neck is
 * the neckline's own shape as long as the tape round it, so that where the one lies inside the other is seen; her head
 * is as round as its tape.
 *
 * @param round the lengths that are judged
 * @param front half the front neckline, from the centre
 * @param back half the back neckline
 * @param shoulder from the neck's end out
 * @param head round the head, mm
 */
record NeckOnHer(Round round, List<Segment> front, List<Segment> back, Segment shoulder, double head)
        implements Evidence {

    /** Round the head where it was not taken, mm: open data, the middle of women and men. */
    private static final double USUAL_HEAD = 560;

    /** A head is so much of a circle across, seen from before, and so much longer than wide. Our own drawing. */
    private static final double ACROSS = 0.87;

    private static final double LONGER = 1.35;

    static NeckOnHer of(Inspected on, Round round) {
        return new NeckOnHer(
                round,
                on.front().require(EdgeRole.NECK).run(),
                on.back().require(EdgeRole.NECK).run(),
                on.front().require(EdgeRole.SHOULDER).run().get(0),
                on.body().find(Measure.HEAD_GIRTH).map(a -> a.value()).orElse(USUAL_HEAD));
    }

    @Override
    public List<Figure> figures() {
        return round.figures();
    }

    @Override
    public Exhibit exhibit() {
        Exhibit.Table table = new Exhibit.Table();
        double top = shoulder.from().y();
        double share = round.measured() > 0 ? round.body() / round.measured() : 1;
        List<Segment> base = new ArrayList<>(scaled(whole(front), share, top));
        base.addAll(scaled(Curves.reversed(whole(back)), share, top));
        double half = shoulder.from().x() * share;
        double wide = head / Math.PI / 2 * ACROSS;
        double chin = top - half * 0.9;
        table.fill(
                BODY,
                Exhibit.outline(
                        Point.of(-half, top),
                        Point.of(-half * 0.9, chin),
                        Point.of(half * 0.9, chin),
                        Point.of(half, top)));
        table.fill(BODY, base);
        table.fill(BODY, Exhibit.oval(Point.of(0, chin - wide * LONGER * 0.8), wide, wide * LONGER));
        boolean tight = round.spare() < -WaistCloses.TOLERANCE;
        table.draw(BACK, whole(back)).draw(tight ? FAULT : FRONT, whole(front));
        Rigid over = Rigid.flip(Point.of(0, 0), Point.of(0, 1));
        table.draw(PENCIL, List.of(shoulder)).draw(PENCIL, Curves.moved(List.of(shoulder), over));
        table.say(FRONT, front.get(0).from().plus(Point.of(0, 30)), "front", Quantity.MM, round.front());
        table.say(BACK, Point.of(-shoulder.from().x() - 48, top - 14), "back", Quantity.MM, round.back());
        table.say(PLAIN, Point.of(half + 62, chin + 8), "her neck", Quantity.MM, round.body());
        if (tight) {
            table.say(
                    FAULT, front.get(0).from().plus(Point.of(0, 70)), "short, all round", Quantity.MM, -round.spare());
        }
        return table.done();
    }

    /** Both halves of a line from the centre, as one from her right to her left. */
    private static List<Segment> whole(List<Segment> half) {
        List<Segment> whole =
                new ArrayList<>(Curves.reversed(Curves.moved(half, Rigid.flip(Point.of(0, 0), Point.of(0, 1)))));
        whole.addAll(half);
        return whole;
    }

    /** Larger or smaller about the middle between the neck's ends. */
    private static List<Segment> scaled(List<Segment> run, double share, double top) {
        Point middle = Point.of(0, top);
        List<Segment> scaled = new ArrayList<>();
        for (Segment s : run) {
            scaled.add(
                    s instanceof Cubic k
                            ? new Cubic(
                                    middle.toward(k.from(), share),
                                    middle.toward(k.c1(), share),
                                    middle.toward(k.c2(), share),
                                    middle.toward(k.to(), share))
                            : new Line(middle.toward(s.from(), share), middle.toward(s.to(), share)));
        }
        return scaled;
    }
}
