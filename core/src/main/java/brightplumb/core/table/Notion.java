package brightplumb.core.table;

/**
 * Something to have at hand beside the cloth.
 *
 * @param id its name outside: zip, elastic, fusing
 * @param title its name at the bench
 * @param kind which kind, in the bench's words; empty where any will do
 * @param length mm; 0 where it is not measured
 * @param width mm; 0 where it is not told
 * @param count how many; 0 where it is measured
 */
public record Notion(String id, String title, String kind, double length, double width, int count) {

    /** So much of something, mm. */
    public static Notion measured(String id, String title, String kind, double length) {
        return new Notion(id, title, kind, length, 0, 0);
    }

    /** So many of something. */
    public static Notion counted(String id, String title, String kind, int count) {
        return new Notion(id, title, kind, 0, 0, count);
    }
}
