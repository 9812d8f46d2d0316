package brightplumb.app.door;

import java.util.HashMap;
import java.util.Map;

/**
 * The bytes of answers that are held because nobody has read them yet: so many in all, and half of them for one reader
 * at the most. All who are not signed in are one reader, so that they leave the others room.
 */
final class HeldAnswers {

    private final long most;
    private final Map<Object, Long> byReader = new HashMap<>();
    private long all;

    /** @param most bytes that are held in all */
    HeldAnswers(long most) {
        this.most = most;
    }

    /**
     * Holds an answer.
     *
     * @param reader an account, or what stands for everybody without one
     * @return whether there was room
     */
    synchronized boolean take(Object reader, int bytes) {
        long his = byReader.getOrDefault(reader, 0L) + bytes;
        if (all + bytes > most || his > most / 2) {
            return false;
        }
        byReader.put(reader, his);
        all += bytes;
        return true;
    }

    /** Holds it no longer. */
    synchronized void release(Object reader, int bytes) {
        byReader.computeIfPresent(reader, (r, his) -> his == bytes ? null : his - bytes);
        all -= bytes;
    }

    /** Returns how many bytes are held in all. */
    synchronized long all() {
        return all;
    }
}
