package brightplumb.app.problems;

/** What this copy was started not to do. */
public final class NotAllowed extends RuntimeException {

    private static final long serialVersionUID = 1;

    public NotAllowed(String message) {
        super(message);
    }
}
