package brightplumb.app.limits;

import brightplumb.app.door.ResponseBodyFilter;
import jakarta.servlet.http.HttpServletRequest;
import java.time.Duration;
import java.util.EnumMap;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.concurrent.atomic.AtomicInteger;
import org.springframework.stereotype.Component;

/**
 * Room for work. An account does so much of each {@link Work.Share} at a time, all accounts together so much of each
 * kind. Others wait for a while, a bounded number of them, and are then refused. Time only refuses; it never changes an
 * answer.
 */
@Component
public class WorkLimits {

    /** So many requests of one account wait, and so many of all: fewer than the threads there are. */
    private static final int MOST_WAITING = 24;

    private static final int MOST_WAITING_IN_ALL = 96;

    private final Map<Work, Gate> inAll = new EnumMap<>(Work.class);
    private final AtomicInteger waiting = new AtomicInteger();
    private final Map<UUID, Account> accounts = new ConcurrentHashMap<>();

    /** The gates of one account, kept while anything of it is under way. */
    private static final class Account {
        private final Map<Work.Share, Gate> gates = new EnumMap<>(Work.Share.class);
        private final AtomicInteger waiting = new AtomicInteger();
        private int users;

        Account() {
            for (Work.Share share : Work.Share.values()) {
                gates.put(share, new Gate(share.atOnce()));
            }
        }
    }

    /** Makes gates for every kind of work. */
    WorkLimits() {
        for (Work work : Work.values()) {
            inAll.put(work, new Gate(work.atOnce()));
        }
    }

    /** Room for one piece of work, until it is given back. */
    public final class Permit implements AutoCloseable {

        private final UUID account;
        private final Gate own;
        private final Gate shared;
        private final long since = System.nanoTime();
        private final AtomicBoolean closed = new AtomicBoolean();

        private Permit(UUID account, Gate own, Gate shared) {
            this.account = account;
            this.own = own;
            this.shared = shared;
        }

        /** Gives the room back; a second time does nothing. */
        @Override
        public void close() {
            if (closed.compareAndSet(false, true)) {
                long stayed = System.nanoTime() - since;
                shared.leave(stayed);
                own.leave(stayed);
                left(account);
            }
        }
    }

    /**
     * Waits for room for a piece of work.
     *
     * @return the room, to be closed when the work's last byte is out
     * @throws TooBusy when there is none within the kind's patience, or too many wait already
     */
    public Permit take(UUID account, Work work) {
        Account mine = accounts.compute(account, (id, known) -> {
            Account there = known == null ? new Account() : known;
            there.users++;
            return there;
        });
        boolean taken = false;
        try {
            Permit permit = take(account, mine, work);
            taken = true;
            return permit;
        } finally {
            if (!taken) {
                left(account);
            }
        }
    }

    /**
     * Waits for room for the work of a request, and gives it back when the answer's last byte is out.
     *
     * @throws TooBusy when there is none within the kind's patience, or too many wait already
     */
    public void takeUntilSent(HttpServletRequest request, UUID account, Work work) {
        Permit permit = take(account, work);
        ResponseBodyFilter.whenSent(request, permit::close);
    }

    /** Returns how much of a kind is under way, of all accounts. */
    public int underWay(Work work) {
        return work.atOnce() - inAll.get(work).room();
    }

    private Permit take(UUID account, Account mine, Work work) {
        Gate own = mine.gates.get(work.share());
        Gate shared = inAll.get(work);
        if (own.enter(0)) {
            if (shared.enter(0)) {
                return new Permit(account, own, shared);
            }
            own.giveBack();
        }
        int ofMine = mine.waiting.incrementAndGet();
        int ofAll = waiting.incrementAndGet();
        boolean mayWait = ofMine <= MOST_WAITING && ofAll <= MOST_WAITING_IN_ALL;
        try {
            return waited(
                    account, own, shared, System.nanoTime() + (mayWait ? work.patience() : Duration.ZERO).toNanos());
        } finally {
            mine.waiting.decrementAndGet();
            waiting.decrementAndGet();
        }
    }

    private Permit waited(UUID account, Gate own, Gate shared, long until) {
        if (!own.enter(until - System.nanoTime())) {
            throw new TooBusy(own.expected());
        }
        if (!shared.enter(until - System.nanoTime())) {
            own.giveBack();
            throw new TooBusy(shared.expected());
        }
        return new Permit(account, own, shared);
    }

    private void left(UUID account) {
        accounts.computeIfPresent(account, (id, there) -> --there.users == 0 ? null : there);
    }
}
