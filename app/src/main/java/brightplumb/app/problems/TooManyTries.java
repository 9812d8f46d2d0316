package brightplumb.app.problems;

/** Signing in was tried too often. */
public final class TooManyTries extends RuntimeException {

    private static final long serialVersionUID = 1;

    private final long seconds;

    public TooManyTries(long seconds) {
        super("Too many tries; wait a few minutes and try again");
        this.seconds = seconds;
    }

    /** How long to wait. */
    public long seconds() {
        return seconds;
    }
}
