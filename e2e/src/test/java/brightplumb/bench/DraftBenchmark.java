package brightplumb.bench;

import brightplumb.core.cut.DraftRequest;
import brightplumb.core.cut.Drafted;
import brightplumb.core.cut.Drafting;
import brightplumb.core.cut.Rival;
import brightplumb.core.measure.Measure;
import brightplumb.core.measure.Sheet;
import java.util.List;
import java.util.Map;
import java.util.concurrent.TimeUnit;
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
@Warmup(iterations = 3, time = 1)
@Measurement(iterations = 4, time = 1)
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
        "lounge-shorts arc"
    })
    public String cutAndWay;

    private DraftRequest request;

    @org.openjdk.jmh.annotations.Setup
    public void request() {
        Sheet body = Sheet.ofMillimetres(Map.of(
                Measure.WAIST_GIRTH, 711.2,
                Measure.HIP_GIRTH, 965.2,
                Measure.HIP_DEPTH, 203.2,
                Measure.BODY_RISE, 266.7,
                Measure.CROTCH_LENGTH, 692.7,
                Measure.OUTSIDE_LEG, 1028.7));
        String[] names = cutAndWay.split(" ");
        request = DraftRequest.of(names[0], names[1], body, Map.of(), null);
    }

    @Benchmark
    public Drafted draftWithChecks() {
        return Drafting.draft(request);
    }

    @Benchmark
    public Map<String, List<Rival>> draftWithRivals() {
        return Drafting.rivals(Drafting.draft(request));
    }
}
