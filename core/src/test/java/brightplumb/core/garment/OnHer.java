package brightplumb.core.garment;

import brightplumb.core.cutting.CutPiece;
import brightplumb.core.geometry.Curves;
import brightplumb.core.geometry.Point;
import brightplumb.core.geometry.Segment;
import brightplumb.core.measure.Measure;
import brightplumb.core.measure.Refusal;
import brightplumb.core.measure.Sheet;
import brightplumb.core.table.Check;
import brightplumb.core.table.Verdict;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.Polygon;

/** Garments drafted on one invented body, with what a hand adds to them or takes off. */
final class OnHer {

    private static final Sheet SHE = Sheet.ofMillimetres(Map.of(
            Measure.WAIST_GIRTH,
            711.2,
            Measure.HIP_GIRTH,
            965.2,
            Measure.HIP_DEPTH,
            203.2,
            Measure.BODY_RISE,
            266.7,
            Measure.CROTCH_LENGTH,
            692.7,
            Measure.OUTSIDE_LEG,
            1028.7,
            Measure.BUST_GIRTH,
            914.4,
            Measure.SHOULDER_WIDTH,
            390.0));

    private OnHer() {}

    static Drafted with(String cut, Map<String, Object> settings, String... operations) {
        return Drafting.draft(
                DraftRequest.of(cut, null, SHE, settings, null, new MadeWith(Set.of(operations), Set.of())));
    }

    static Drafted without(String cut, Map<String, Object> settings, String... operations) {
        return Drafting.draft(
                DraftRequest.of(cut, null, SHE, settings, null, new MadeWith(Set.of(), Set.of(operations))));
    }

    static Drafted plain(String cut) {
        return with(cut, Map.of());
    }

    static CutPiece piece(Drafted drafted, String id) {
        return drafted.pieces().stream()
                .filter(p -> p.piece().id().toString().equals(id))
                .findFirst()
                .orElseThrow();
    }

    static Verdict verdict(Drafted drafted, String check) {
        return drafted.checks().stream()
                .filter(c -> c.id().id().equals(check))
                .map(Check::verdict)
                .findFirst()
                .orElseThrow();
    }

    /** General-purpose reference library: JTS. */
    static double area(List<Segment> outline) {
        List<Coordinate> places = new ArrayList<>();
        for (Point p : Curves.flattened(outline, 64)) {
            places.add(new Coordinate(p.x(), p.y()));
        }
        places.add(places.get(0));
        Polygon polygon = new GeometryFactory().createPolygon(places.toArray(Coordinate[]::new));
        return polygon.getArea();
    }

    static String field(Refusal refusal) {
        return refusal.faults().get(0).field().path();
    }
}
