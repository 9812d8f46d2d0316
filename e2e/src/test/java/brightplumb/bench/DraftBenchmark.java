package brightplumb.bench;

import brightplumb.core.garment.DraftRequest;
import brightplumb.core.garment.Drafted;
import brightplumb.core.garment.Drafting;
import brightplumb.core.garment.MadeWith;
import brightplumb.core.garment.Rival;
import brightplumb.core.garment.Rivals;
import brightplumb.core.geometry.Curves;
import brightplumb.core.geometry.Point;
import brightplumb.core.geometry.Segment;
import brightplumb.core.measure.UsualBody;
import brightplumb.core.working.Fact;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.concurrent.TimeUnit;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.Polygon;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Param;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;

/** One garment, drafted with its checks and cut lines, on one thread: the distribution of single drafts. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.SampleTime)
@OutputTimeUnit(TimeUnit.MICROSECONDS)
@Fork(1)
@Warmup(iterations = 2, time = 1)
@Measurement(iterations = 3, time = 1)
public class DraftBenchmark {

    @Param({
        "straight-skirt house",
        "straight-skirt quarter",
        "straight-skirt halfblock",
        "straight-skirt allocated",
        "slit-pencil house",
        "half-block-skirt halfblock",
        "knit-pencil house",
        "seat-shaped-skirt allocated",
        "ankle-pencil house",
        "classic-trousers house",
        "classic-trousers quarter",
        "classic-trousers sixteenth",
        "classic-trousers arc",
        "palazzo house",
        "shorts-block house",
        "tailored-shorts house",
        "drawcord-shorts house",
        "lounge-shorts arc",
        "lined-pencil house",
        "flap-pocket-shorts house",
        "box-fold-palazzo house"
    })
    public String cutAndWay;

    private DraftRequest request;
    private DraftRequest bare;
    private List<Polygon> outlines;

    @org.openjdk.jmh.annotations.Setup
    public void request() {
        String[] names = cutAndWay.split(" ");
        request = DraftRequest.of(names[0], names[1], UsualBody.SHEET, Map.of(), null);
        bare = DraftRequest.of(names[0], names[1], UsualBody.SHEET, Map.of(), null, MadeWith.NOTHING);
        outlines = Drafting.draft(request).pieces().stream()
                .map(p -> polygon(p.piece().sewLine()))
                .toList();
    }

    private static Polygon polygon(List<Segment> run) {
        List<Coordinate> ring = new ArrayList<>();
        for (Point p : Curves.flattened(run, 12)) {
            ring.add(new Coordinate(p.x(), p.y()));
        }
        ring.add(new Coordinate(ring.get(0)));
        return new GeometryFactory().createPolygon(ring.toArray(Coordinate[]::new));
    }

    /**
     * What a general-purpose library takes to put half an inch round the same outlines: absolute times differ from day
     * to day.
     */
    @Benchmark
    public double yardstick() {
        return outlines.stream().mapToDouble(o -> o.buffer(12.7).getArea()).sum();
    }

    @Benchmark
    public Drafted draftWithChecks() {
        return Drafting.draft(request);
    }

    /** The panels of the same garment, with nothing made besides. */
    @Benchmark
    public Drafted panelsAlone() {
        return Drafting.draft(bare);
    }

    @Benchmark
    public Map<Fact, List<Rival>> draftWithRivals() {
        return Rivals.of(Drafting.draft(request));
    }
}
