package brightplumb.app;

import java.time.Duration;
import java.util.concurrent.locks.LockSupport;
import java.util.function.BooleanSupplier;

/** Waits for what is meant. */
final class Waiting {

    private static final Duration LONGEST = Duration.ofSeconds(30);

    private Waiting() {}

    /** Waits until something is so; fails when it is not within half a minute. */
    static void until(BooleanSupplier so) {
        long end = System.nanoTime() + LONGEST.toNanos();
        while (!so.getAsBoolean()) {
            if (System.nanoTime() > end) {
                throw new AssertionError("This did not come about within " + LONGEST);
            }
            LockSupport.parkNanos(20_000_000);
        }
    }
}
