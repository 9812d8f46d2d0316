package brightplumb.app.limits;

import java.time.Duration;
import java.util.concurrent.Semaphore;
import java.util.concurrent.TimeUnit;

/** Lets through so many at once, in the order in which they came, and knows how long they usually stay. */
final class Gate {

    /** How much the latest stay counts among all before it. */
    private static final double LATEST = 0.2;

    private final Semaphore room;
    private final int atOnce;
    private volatile double usualNanos;

    /** @param atOnce how many are let through at once, 1 or more */
    Gate(int atOnce) {
        this.room = new Semaphore(atOnce, true);
        this.atOnce = atOnce;
    }

    /** Waits for room; answers whether there was some within the time, in nanoseconds. */
    boolean enter(long withinNanos) {
        try {
            // In a fair queue: nobody who comes now goes before those who wait.
            return room.tryAcquire(Math.max(0, withinNanos), TimeUnit.NANOSECONDS);
        } catch (InterruptedException stopped) {
            Thread.currentThread().interrupt();
            return false;
        }
    }

    /** Makes room again after a stay of so many nanoseconds. */
    void leave(long stayed) {
        // Two that leave at once may count as one: it is an estimate.
        usualNanos = usualNanos == 0 ? stayed : usualNanos + LATEST * (stayed - usualNanos);
        room.release();
    }

    /** Makes room again for one that was let through here and refused elsewhere. */
    void giveBack() {
        room.release();
    }

    /** Returns how many more there is room for. */
    int room() {
        return room.availablePermits();
    }

    /** Returns how long it is expected to take until one more would be let through. */
    Duration expected() {
        return Duration.ofNanos((long) (usualNanos * (room.getQueueLength() + 1) / atOnce));
    }
}
