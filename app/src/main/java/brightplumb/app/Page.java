package brightplumb.app;

import java.util.List;
import java.util.Locale;

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

        /** Letters of which no index by parts of a name knows anything. */
        private static final int SHORT = 2;

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

        /** Returns whether anything is looked for. */
        public boolean searches() {
            return !q.isEmpty();
        }

        /**
         * Returns the condition under which a name is found: by any part of it, or by how one of its words begins where
         * two letters or fewer are asked for. Its parameters are {@link #pattern} and {@link #word}.
         *
         * @param column the name's column, as the query calls it
         */
        public String finds(String column) {
            return isShort()
                    ? "(lower(%1$s) like :pattern or lower(%1$s) like :word)".formatted(column)
                    : "lower(%s) like :pattern".formatted(column);
        }

        /** Returns the pattern that the whole name is compared with. */
        public String pattern() {
            return (isShort() ? "" : "%") + literally() + "%";
        }

        /** Returns the pattern of a word that is not the first. */
        public String word() {
            return "% " + literally() + "%";
        }

        private boolean isShort() {
            return q.codePointCount(0, q.length()) <= SHORT;
        }

        /** What was typed, with wildcards in it taken literally. */
        private String literally() {
            return q.toLowerCase(Locale.ROOT)
                    .replace("\\", "\\\\")
                    .replace("%", "\\%")
                    .replace("_", "\\_");
        }
    }
}
