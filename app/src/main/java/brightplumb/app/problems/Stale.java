package brightplumb.app.problems;

/** Somebody else changed it first. Carries what it is now, so that both can be shown. */
public final class Stale extends RuntimeException {

    private static final long serialVersionUID = 1;

    private final transient Object current;

    public Stale(Object current) {
        super("Somebody else changed this meanwhile");
        this.current = current;
    }

    public Object current() {
        return current;
    }
}
