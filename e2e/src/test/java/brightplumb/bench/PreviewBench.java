package brightplumb.bench;

import brightplumb.e2e.Packaged;
import java.io.IOException;
import java.util.concurrent.locks.LockSupport;

/** Previews over loopback at twenty a second, each another body, measured from when it was due. */
public final class PreviewBench {

    private static final int A_SECOND = 20;
    private static final int WARM = 400;
    private static final int COUNTED = 600;

    private final Caller caller;

    private PreviewBench(Caller caller) {
        this.caller = caller;
    }

    public static void main(String[] args) throws Exception {
        try (Packaged application = Packaged.start("bench_preview")) {
            PreviewBench bench = new PreviewBench(Caller.signedIn(application.address()));
            bench.run(WARM);
            System.out.println("preview over loopback at 20 a second: " + bench.run(COUNTED));
        }
    }

    private Spread run(int count) throws IOException, InterruptedException {
        double[] timings = new double[count];
        long start = System.nanoTime();
        for (int i = 0; i < count; i++) {
            long due = start + i * 1_000_000_000L / A_SECOND;
            while (System.nanoTime() < due) {
                LockSupport.parkNanos(due - System.nanoTime());
            }
            caller.must("POST", "/api/drafts/preview", body(i));
            timings[i] = (System.nanoTime() - due) / 1e6;
        }
        return Spread.of(timings);
    }

    static String body(int i) {
        return "{\"cut\":\"straight-skirt\",\"way\":\"house\",\"measures\":{\"waistGirth\":" + (650 + i % 200)
                + ",\"hipGirth\":" + (930 + i % 170)
                + ",\"hipDepth\":205},\"settings\":{\"hemTaper\":25.4,\"length\":640}}";
    }
}
