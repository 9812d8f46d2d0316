package brightplumb.core.table;

import java.util.Set;

/**
 * What to mind at some of the work. All of it is common caution: local rules and qualified advice come first.
 *
 * @param at the work at which it is said
 * @param text in plain words
 */
public record Caution(Set<Work> at, String text) {

    public Caution {
        at = Set.copyOf(at);
    }
}
