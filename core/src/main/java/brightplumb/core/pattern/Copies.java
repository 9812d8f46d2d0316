package brightplumb.core.pattern;

/** How many cloth pieces a pattern piece gives, and how they are laid. */
public sealed interface Copies {

    /** How many pieces of cloth come of it. */
    int cloth();

    /**
     * Laid with an edge on the fold of the cloth.
     *
     * @param role that edge
     * @param n how many, one at least
     */
    record OnFold(EdgeRole role, int n) implements Copies {
        @Override
        public int cloth() {
            return n;
        }
    }

    /** So many pairs, a left and a right. */
    record Pairs(int n) implements Copies {
        @Override
        public int cloth() {
            return 2 * n;
        }
    }

    /** So many, all the same way up. */
    record Singles(int n) implements Copies {
        @Override
        public int cloth() {
            return n;
        }
    }
}
