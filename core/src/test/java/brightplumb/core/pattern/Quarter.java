package brightplumb.core.pattern;

import brightplumb.core.geometry.Cubic;
import brightplumb.core.geometry.Curves;
import brightplumb.core.geometry.Line;
import brightplumb.core.geometry.Point;
import brightplumb.core.geometry.Segment;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.operation.overlayng.OverlayNG;
import org.locationtech.jts.operation.overlayng.OverlayNGRobust;

/** A quarter of a skirt with a dart, of any size, to try moves on; and what JTS makes of an outline. */
final class Quarter {

    static final PieceId FRONT = PieceId.of(Half.FRONT);
    private static final GeometryFactory JTS = new GeometryFactory();

    private Quarter() {}

    static Piece any(Random r) {
        double wide = between(r, 180, 420);
        double deep = between(r, 380, 900);
        double rise = between(r, 0, 25);
        double flare = between(r, 0, 120);
        double at = wide * between(r, 0.35, 0.6);
        double intake = between(r, 8, 36);
        Point centre = Point.of(0, rise);
        Point side = Point.of(wide, between(r, -15, 0));
        Cubic waist = Cubic.leaving(centre, Point.of(1, 0), Point.of(0.98, -0.15), side, 1.0 / 3);
        Point hemSide = Point.of(wide + flare, deep);
        Point hemCentre = Point.of(0, deep + rise);
        // Over a dart's mouth the waist runs straight.
        Point inner = Curves.along(List.of(waist), at).at();
        Point outer = Curves.along(List.of(waist), at + intake).at();
        List<Segment> top = new ArrayList<>(Curves.part(List.of(waist), 0, at));
        top.add(new Line(inner, outer));
        top.addAll(Curves.part(List.of(waist), at + intake, waist.length()));
        List<Edge> edges = List.of(
                Edge.of(EdgeRole.WAIST, top),
                Edge.of(
                        EdgeRole.SIDE,
                        List.of(Cubic.leaving(side, Point.of(0.25, 1), Point.of(0, 1), hemSide, 1.0 / 3))),
                Edge.of(
                        EdgeRole.HEM,
                        List.of(Cubic.leaving(hemSide, Point.of(-1, 0), Point.of(-1, 0), hemCentre, 1.0 / 3))),
                Edge.of(EdgeRole.CENTRE_FRONT, List.of(new Line(hemCentre, centre))));
        Point middle = inner.toward(outer, 0.5);
        Dart dart = new Dart(middle.plus(Point.of(0, between(r, 90, 150))), inner, outer);
        return Piece.of(
                        FRONT,
                        "Front",
                        Panel.FRONT,
                        edges,
                        new Line(Point.of(40, 100), Point.of(40, 300)),
                        new Copies.OnFold(EdgeRole.CENTRE_FRONT, 1),
                        OnBody.AS_DRAFTED)
                .withDarts(List.of(dart));
    }

    static double between(Random r, double least, double most) {
        return least + r.nextDouble() * (most - least);
    }

    /** The cloth of a piece, its outline in fine straight steps. */
    static Geometry cloth(Piece piece) {
        return cloth(piece.sewLine());
    }

    static Geometry cloth(List<Segment> outline) {
        Coordinate[] places = Curves.flattened(outline, 300).stream()
                .map(p -> new Coordinate(p.x(), p.y()))
                .toArray(Coordinate[]::new);
        places[places.length - 1] = places[0].copy();
        return JTS.createPolygon(places);
    }

    /** The cloth to the right of a line through a place, as far as anybody reaches. */
    static Geometry rightOf(Point through, Point direction) {
        Point far = direction.times(5000);
        Point out = direction.turned().times(5000);
        return cloth(List.of(
                new Line(through.minus(far), through.plus(far)),
                new Line(through.plus(far), through.plus(far).plus(out)),
                new Line(through.plus(far).plus(out), through.minus(far).plus(out)),
                new Line(through.minus(far).plus(out), through.minus(far))));
    }

    static Geometry both(Geometry one, Geometry other) {
        return OverlayNGRobust.overlay(one, other, OverlayNG.UNION);
    }

    static Geometry shared(Geometry one, Geometry other) {
        return OverlayNGRobust.overlay(one, other, OverlayNG.INTERSECTION);
    }

    static Geometry without(Geometry one, Geometry other) {
        return OverlayNGRobust.overlay(one, other, OverlayNG.DIFFERENCE);
    }

    /** The area that only one of them covers, mm². */
    static double differ(Geometry one, Geometry other) {
        return OverlayNGRobust.overlay(one, other, OverlayNG.SYMDIFFERENCE).getArea();
    }
}
