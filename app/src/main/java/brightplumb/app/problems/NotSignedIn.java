package brightplumb.app.problems;

/** Nobody is signed in, or not with what was typed. */
public final class NotSignedIn extends RuntimeException {

    private static final long serialVersionUID = 1;

    public NotSignedIn(String message) {
        super(message);
    }
}
