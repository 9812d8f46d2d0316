package brightplumb.app.limits;

import java.time.Duration;

/** A kind of costly work. Each has room of its own, so that one kind never keeps another waiting. */
public enum Work {
    /** What is read from the books or written into them. */
    BOOKS(Share.PLAIN, 48, Duration.ofSeconds(3)),
    /** A line, a working, what is read off one draft. */
    DRAFT(Share.QUICK, 16, Duration.ofSeconds(3)),
    /** A draft drafted anew for each guess, rival and remedy. */
    WHOLE_DRAFT(Share.SHORT, 4, Duration.ofSeconds(5)),
    /** Every cut on one body. */
    CUT_BOOK(Share.SHORT, 2, Duration.ofSeconds(5)),
    /** A pattern or a sheet as a file. */
    OUTPUT(Share.SHORT, 3, Duration.ofSeconds(20)),
    /** One lay. */
    LAY(Share.LONG, 2, Duration.ofSeconds(10)),
    /** Several lays compared: what would save cloth, how long a garment can be. */
    LAY_SEARCH(Share.LONG, 2, Duration.ofSeconds(10));

    /** Kinds that share an account's room. What is quick never waits for what is long. */
    enum Share {
        PLAIN(6),
        QUICK(1),
        SHORT(1),
        LONG(1);

        private final int atOnce;

        Share(int atOnce) {
            this.atOnce = atOnce;
        }

        /** How much of it one account does at once. */
        int atOnce() {
            return atOnce;
        }
    }

    private final Share share;
    private final int atOnce;
    private final Duration patience;

    Work(Share share, int atOnce, Duration patience) {
        this.share = share;
        this.atOnce = atOnce;
        this.patience = patience;
    }

    Share share() {
        return share;
    }

    /** How much of it is done at once, of all accounts. */
    int atOnce() {
        return atOnce;
    }

    /** How long a request waits for room before it is refused. */
    Duration patience() {
        return patience;
    }
}
