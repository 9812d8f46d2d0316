package brightplumb.app.problems;

import java.time.Duration;

/** Something was tried too often. */
public final class TooManyTries extends RuntimeException {

    private static final long serialVersionUID = 1;

    private final long seconds;

    /** @param wait how long until the next try is let pass */
    public TooManyTries(Duration wait) {
        super("Too many tries; wait a little and try again");
        this.seconds = wait.plusMillis(999).toSeconds();
    }

    /** How long to wait, in whole seconds, rounded up. */
    public long seconds() {
        return seconds;
    }
}
