package brightplumb.core.style.sweep;

import brightplumb.core.geometry.Cubic;
import brightplumb.core.geometry.Curves;
import brightplumb.core.geometry.Line;
import brightplumb.core.geometry.Point;
import brightplumb.core.geometry.Rigid;
import brightplumb.core.geometry.Segment;
import brightplumb.core.pattern.Edge;
import brightplumb.core.pattern.EdgeRole;
import brightplumb.core.pattern.End;
import brightplumb.core.pattern.Mark;
import brightplumb.core.pattern.OnBody;
import brightplumb.core.pattern.Piece;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * A panel cut plumb from its hem to the bust point, its outer part swung about it. Nothing is stretched: the inner part
 * stays, the outer is turned as one, and between the two the hem is an arc about the bust point; where the side gets
 * back what it lost, the hem falls to it in one sweep.
 *
 * @param piece the panel as it is then, lying on the body in its two parts
 * @param spread straight across at the hem, mm
 * @param lost what its side got shorter, mm, before any was given back
 */
record SlashAndSpread(Piece piece, double spread, double lost) {

    /**
     * Cuts and swings.
     *
     * @param bust the bust point
     * @param waist the level of the waist
     * @param angle radians, outward
     * @param giveBack whether the side gets back at the hem what it lost
     * @return empty where the plumb line from the bust point does not meet the hem
     */
    static Optional<SlashAndSpread> of(Piece panel, Point bust, double waist, double angle, boolean giveBack) {
        List<Segment> hem = panel.require(EdgeRole.HEM).run();
        List<Segment> side = panel.require(EdgeRole.SIDE).run();
        OptionalDouble along = crossed(hem, bust);
        OptionalDouble toWaist = levelled(side, waist);
        if (along.isEmpty() || toWaist.isEmpty()) {
            return Optional.empty();
        }
        // Outward: the hem of the outer part goes away from the centre.
        Rigid swing = Rigid.turn(bust, -angle);
        List<List<Segment>> hems = Curves.cutAt(hem, along.getAsDouble());
        List<List<Segment>> sides = Curves.cutAt(side, toWaist.getAsDouble());
        if (hems.get(0).isEmpty() || hems.get(1).isEmpty() || sides.get(1).isEmpty()) {
            return Optional.empty();
        }
        Point cut = hems.get(1).get(0).from();
        Point swungCut = swing.apply(cut);
        double spread = cut.distance(swungCut);
        List<Segment> lower = Curves.moved(sides.get(1), swing);
        List<Segment> outerHem = Curves.moved(hems.get(0), swing);
        // One curve from the underarm to the swung waist: the dart's legs would stand out there.
        Point underarm = side.get(0).from();
        Point swungWaist = lower.get(0).from();
        List<Segment> down = new ArrayList<>();
        Cubic upper =
                Cubic.leaving(underarm, side.get(0).direction(0), lower.get(0).direction(0), swungWaist, 1.0 / 3);
        // Parted at the bust, where what stays meets what is swung.
        double atBust = Curves.crossing(upper, bust, Point.of(1, 0)).orElse(0.5);
        down.add(upper.part(0, atBust));
        down.add(upper.part(atBust, 1));
        down.addAll(lower);
        double lost = Curves.length(side) - Curves.length(down);
        List<Segment> opened = List.of(Cubic.arc(bust, swungCut, cut, angle));
        if (giveBack && lost > 0) {
            Segment last = down.get(down.size() - 1);
            Point end = last.to().plus(last.direction(1).times(lost));
            down.add(new Line(last.to(), end));
            // The hem falls to the longer side in one sweep from where it was cut, square to both.
            Cubic sweep = Cubic.leaving(
                    end, last.direction(1).turned(), cut.minus(bust).unit().turned(), cut, 1.0 / 3);
            double atCut =
                    Curves.crossing(sweep, bust, swungCut.minus(bust).unit()).orElse(0.5);
            outerHem = List.of(sweep.part(0, atCut));
            opened = List.of(sweep.part(atCut, 1));
            swungCut = sweep.at(atCut);
        }
        List<Segment> newHem = new ArrayList<>(outerHem);
        newHem.addAll(opened);
        newHem.addAll(hems.get(1));
        List<Edge> edges = panel.edges().stream()
                .map(e -> e.role().equals(EdgeRole.SIDE)
                        ? e.along(down)
                        : e.role().equals(EdgeRole.HEM) ? e.along(newHem).as(End.ROLLED) : e)
                .toList();
        List<Mark> marks = panel.marks().stream()
                .map(m -> outer(m, bust) ? m.moved(swing) : m)
                .toList();
        Piece swung = panel.withEdges(edges)
                .withMarks(marks)
                .withCopies(panel.copies().neverFolded())
                .lying(new OnBody(zones(panel, down, outerHem, bust, swungCut, swing)));
        return Optional.of(new SlashAndSpread(swung, spread, lost));
    }

    private static boolean outer(Mark mark, Point bust) {
        return mark.at().x() > bust.x() && mark.at().y() > bust.y();
    }

    /** How far along the hem the plumb line through the bust point crosses it. */
    private static OptionalDouble crossed(List<Segment> hem, Point bust) {
        return lengthTo(hem, bust, Point.of(0, 1));
    }

    private static OptionalDouble levelled(List<Segment> side, double level) {
        return lengthTo(side, Point.of(0, level), Point.of(1, 0));
    }

    private static OptionalDouble lengthTo(List<Segment> run, Point through, Point direction) {
        double before = 0;
        for (Segment part : run) {
            OptionalDouble t = Curves.crossing(part, through, direction);
            if (t.isPresent()) {
                return OptionalDouble.of(before + part.part(0, t.getAsDouble()).length());
            }
            before += part.length();
        }
        return OptionalDouble.empty();
    }

    /** The outer part lies swung back, the inner as it is; what opened between them lies on nobody. */
    private static List<OnBody.Zone> zones(
            Piece panel, List<Segment> down, List<Segment> outerHem, Point bust, Point cut, Rigid swing) {
        double at = levelled(down, bust.y()).orElse(0);
        List<Segment> below = Curves.cutAt(down, at).get(1);
        List<Segment> outer = new ArrayList<>();
        outer.add(new Line(bust, below.get(0).from()));
        outer.addAll(below);
        outer.addAll(outerHem);
        outer.add(new Line(cut, bust));
        // Inside the plumb line, and all above the bust, is the part that stays.
        return List.of(
                new OnBody.Zone(outer, swing.back()),
                new OnBody.Zone(inner(panel, Curves.cutAt(down, at).get(0), bust), Rigid.STAY));
    }

    private static List<Segment> inner(Piece panel, List<Segment> upper, Point bust) {
        List<Segment> hem = panel.require(EdgeRole.HEM).run();
        List<Segment> innerHem =
                Curves.cutAt(hem, crossed(hem, bust).orElseThrow()).get(1);
        List<Segment> outline = new ArrayList<>();
        for (Edge edge : panel.edges()) {
            if (edge.role().equals(EdgeRole.SIDE)) {
                outline.addAll(upper);
                outline.add(new Line(upper.get(upper.size() - 1).to(), bust));
                outline.add(new Line(bust, innerHem.get(0).from()));
            } else if (edge.role().equals(EdgeRole.HEM)) {
                outline.addAll(innerHem);
            } else {
                outline.addAll(edge.run());
            }
        }
        return outline;
    }
}
