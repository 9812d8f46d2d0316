package brightplumb.app.limits;

import java.time.Duration;

/** As much work of a kind is under way as there is room for. */
public final class TooBusy extends RuntimeException {

    private static final long serialVersionUID = 1;

    private final long seconds;

    /** @param wait how long it is expected to take until there is room */
    TooBusy(Duration wait) {
        super("There is as much work of this kind under way as there is room for; try again in a moment");
        this.seconds = Math.max(1, wait.plusMillis(999).toSeconds());
    }

    /** Returns how long to wait, in whole seconds, at least one. */
    public long seconds() {
        return seconds;
    }
}
