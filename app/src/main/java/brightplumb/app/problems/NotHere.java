package brightplumb.app.problems;

/** What was asked for is not in this workroom. */
public final class NotHere extends RuntimeException {

    private static final long serialVersionUID = 1;

    public NotHere(String what) {
        super("There is no such " + what + " in this workroom");
    }
}
