package brightplumb.core.lay;

/**
 * Whether whoever asked for a lay still wants it. A search asks between two tries and gives up with {@link NotWanted}
 * where nobody does; a lay that is found never depends on it.
 */
@FunctionalInterface
public interface Wanted {

    /** Every lay is wanted to its end. */
    Wanted ALWAYS = () -> true;

    /** Returns whether the lay is still wanted. */
    boolean still();
}
