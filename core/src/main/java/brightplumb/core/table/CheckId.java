package brightplumb.core.table;

/**
 * The name of a check: what is remembered of a verdict, and what a link to it says. Each is declared once, beside the
 * check.
 *
 * @param id its name in requests
 */
public record CheckId(String id) {
    @Override
    public String toString() {
        return id;
    }
}
