package brightplumb.core.table;

import brightplumb.core.measure.Sentence;

/**
 * Something to have at hand beside the cloth.
 *
 * @param supply what it is
 * @param title its name at the bench
 * @param kind which kind, in the bench's words; empty where any will do
 * @param length mm; 0 where it is not measured
 * @param width mm; 0 where it is not told
 * @param count how many; 0 where it is measured
 */
public record Notion(Supply supply, String title, Sentence kind, double length, double width, int count) {

    /** So much of something, mm. */
    public static Notion measured(Supply supply, String title, String kind, double length) {
        return new Notion(supply, title, Sentence.of(kind), length, 0, 0);
    }

    /** So many of something. */
    public static Notion counted(Supply supply, String title, String kind, int count) {
        return new Notion(supply, title, Sentence.of(kind), 0, 0, count);
    }

    /** Returns its name in requests. */
    public String id() {
        return supply.id();
    }
}
