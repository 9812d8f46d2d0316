package brightplumb.core.table;

import brightplumb.core.paper.Remedy;
import java.util.AbstractList;
import java.util.List;
import java.util.function.Supplier;

/**
 * Remedies that are looked for when somebody asks: finding them means drawing the garment again, which a verdict need
 * not wait for.
 */
public final class Remedies extends AbstractList<Remedy> {

    private final Supplier<List<Remedy>> search;
    private List<Remedy> found;

    private Remedies(Supplier<List<Remedy>> search) {
        this.search = search;
    }

    /** What the search will find, once. */
    public static List<Remedy> whenAsked(Supplier<List<Remedy>> search) {
        return new Remedies(search);
    }

    private synchronized List<Remedy> found() {
        if (found == null) {
            found = List.copyOf(search.get());
        }
        return found;
    }

    @Override
    public Remedy get(int index) {
        return found().get(index);
    }

    @Override
    public int size() {
        return found().size();
    }
}
