package brightplumb.app;

import java.util.List;

/**
 * A page of a list, as every list is answered.
 *
 * @param total how many there are in all
 * @param page counted from 0
 * @param size how many a page holds at most
 */
public record Page<T>(List<T> items, long total, int page, int size) {

    /** A list that is always answered whole. */
    public static <T> Page<T> whole(List<T> items) {
        return new Page<>(items, items.size(), 0, items.size());
    }

    /**
     * Which page of a list is asked for.
     *
     * @param q what to look for; empty finds all
     * @param page counted from 0
     * @param size 1 to 200
     */
    public record Asked(String q, int page, int size) {

        public static final int MOST = 200;

        /** From a request's parameters, each brought within its limits. */
        public static Asked of(String q, Integer page, Integer size) {
            return new Asked(
                    q == null ? "" : q.strip(),
                    page == null ? 0 : Math.max(0, Math.min(page, 1_000_000)),
                    size == null ? 50 : Math.max(1, Math.min(size, MOST)));
        }

        public long offset() {
            return (long) page * size;
        }

        /** The words as a pattern that finds them anywhere, with wildcards in them taken literally. */
        public String pattern() {
            return "%"
                    + q.toLowerCase(java.util.Locale.ROOT)
                            .replace("\\", "\\\\")
                            .replace("%", "\\%")
                            .replace("_", "\\_") + "%";
        }
    }
}
