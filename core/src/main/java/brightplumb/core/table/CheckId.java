package brightplumb.core.table;

/**
 * The name of a check: what is remembered of a verdict, and what a link to it says. Each is declared once, beside the
 * check, with the words in which it is told in short. Two of one id are one.
 *
 * @param id its name in requests
 * @param whenTrue what it does where it is true, in a word or two: closes, goes in
 * @param whenOff what it does where it is off: not sound, or with the figure, leans {measured}; empty where it is short
 *     or over by so much
 */
public record CheckId(String id, String whenTrue, String whenOff) {

    /** One that is told, where it is off, by how much it is short or over. */
    public CheckId(String id, String whenTrue) {
        this(id, whenTrue, "");
    }

    @Override
    public boolean equals(Object other) {
        return other instanceof CheckId that && id.equals(that.id);
    }

    @Override
    public int hashCode() {
        return id.hashCode();
    }

    @Override
    public String toString() {
        return id;
    }
}
