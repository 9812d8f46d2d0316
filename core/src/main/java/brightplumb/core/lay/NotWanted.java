package brightplumb.core.lay;

/** A search was given up, because nobody wants its lay any more. */
public final class NotWanted extends RuntimeException {

    private static final long serialVersionUID = 1;

    NotWanted() {
        super("Nobody wants this lay any more");
    }
}
