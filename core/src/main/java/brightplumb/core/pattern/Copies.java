package brightplumb.core.pattern;

/** How many cloth pieces a pattern piece gives, and how they are laid. */
public sealed interface Copies {

    /** How many pieces of cloth come of it. */
    int cloth();

    /**
     * Whether it is never cut on folded cloth: one that was spread, whose grain runs every way, would come out crooked
     * beneath.
     */
    boolean flat();

    /** The same, never cut on folded cloth. */
    Copies neverFolded();

    /**
     * Laid with an edge on the fold of the cloth; whole, where it is never cut on folded cloth.
     *
     * @param role that edge
     * @param n how many, one at least
     */
    record OnFold(EdgeRole role, int n, boolean flat) implements Copies {
        /** So many, each cut whole with one edge on the fold; from 1. */
        public OnFold(EdgeRole role, int n) {
            this(role, n, false);
        }

        @Override
        public int cloth() {
            return n;
        }

        @Override
        public Copies neverFolded() {
            return new OnFold(role, n, true);
        }
    }

    /** So many pairs, a left and a right. */
    record Pairs(int n, boolean flat) implements Copies {
        /** So many pairs, each of two that mirror each other; from 1. */
        public Pairs(int n) {
            this(n, false);
        }

        @Override
        public int cloth() {
            return 2 * n;
        }

        @Override
        public Copies neverFolded() {
            return new Pairs(n, true);
        }
    }

    /** So many, all the same way up. */
    record Singles(int n, boolean flat) implements Copies {
        /** So many alike; from 1. */
        public Singles(int n) {
            this(n, false);
        }

        @Override
        public int cloth() {
            return n;
        }

        @Override
        public Copies neverFolded() {
            return new Singles(n, true);
        }
    }
}
