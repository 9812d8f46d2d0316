package brightplumb.app.problems;

import java.util.Map;

/** Nobody is signed in, or not with what was typed. */
public final class NotSignedIn extends RuntimeException {

    private static final long serialVersionUID = 1;

    private final transient Map<String, Object> told;

    public NotSignedIn(String message) {
        this(message, Map.of());
    }

    /** @param told what the way in is like, for the page that shows it */
    public NotSignedIn(String message, Map<String, Object> told) {
        super(message);
        this.told = Map.copyOf(told);
    }

    public Map<String, Object> told() {
        return told;
    }
}
