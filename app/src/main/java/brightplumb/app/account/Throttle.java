package brightplumb.app.account;

import brightplumb.app.problems.TooManyTries;
import io.github.bucket4j.Bandwidth;
import io.github.bucket4j.BucketConfiguration;
import io.github.bucket4j.distributed.ExpirationAfterWriteStrategy;
import io.github.bucket4j.postgresql.Bucket4jPostgreSQL;
import io.github.bucket4j.postgresql.PostgreSQLadvisoryLockBasedProxyManager;
import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.time.Duration;
import java.util.concurrent.atomic.AtomicInteger;
import javax.sql.DataSource;
import org.springframework.stereotype.Component;

/**
 * How often something may be tried. Each try is taken before it is made, so that many at once come to no more than one
 * after the other; the buckets are in the database, shared by all nodes, and fill up again evenly.
 */
@Component
class Throttle {

    /** What is tried, how often at once, and how long it takes until as many are there again. */
    enum Tries {
        /** One address from one client. */
        ADDRESS_FROM_CLIENT(8, Duration.ofMinutes(10)),
        /** Any address from one client. */
        CLIENT(40, Duration.ofMinutes(10)),
        /** One address from all clients that are strange to it. */
        ADDRESS_FROM_STRANGERS(100, Duration.ofMinutes(10)),
        /** Workrooms opened from one client. */
        WORKROOMS(30, Duration.ofHours(1));

        private final BucketConfiguration bucket;

        Tries(int most, Duration again) {
            this.bucket = BucketConfiguration.builder()
                    .addLimit(Bandwidth.builder()
                            .capacity(most)
                            .refillGreedy(most, again)
                            .build())
                    .build();
        }
    }

    private static final int SWEEP = 200;

    /**
     * So many tries after each other, buckets that are full again are swept: strangers make one for every address they
     * make up.
     */
    private static final int SWEEP_EVERY = 50;

    private final AtomicInteger taken = new AtomicInteger();

    private final PostgreSQLadvisoryLockBasedProxyManager<Long> buckets;

    Throttle(DataSource database) {
        this.buckets = Bucket4jPostgreSQL.advisoryLockBasedBuilder(database)
                .table("try_bucket")
                .idColumn("id")
                .stateColumn("state")
                .expiresAtColumn("expires_at")
                .expirationAfterWrite(
                        ExpirationAfterWriteStrategy.basedOnTimeForRefillingBucketUpToMax(Duration.ofSeconds(10)))
                .build();
    }

    /**
     * Takes one try.
     *
     * @throws TooManyTries with how long to wait, when none is left
     */
    void take(Tries tries, String of) {
        if (taken.incrementAndGet() % SWEEP_EVERY == 0) {
            buckets.removeExpired(SWEEP);
        }
        var probe = buckets.getProxy(key(tries, of), () -> tries.bucket).tryConsumeAndReturnRemaining(1);
        if (!probe.isConsumed()) {
            throw new TooManyTries(Duration.ofNanos(probe.getNanosToWaitForRefill()));
        }
    }

    /**
     * Checks that a try is left without taking it.
     *
     * @throws TooManyTries with how long to wait, when none is left
     */
    void check(Tries tries, String of) {
        var probe = buckets.getProxy(key(tries, of), () -> tries.bucket).estimateAbilityToConsume(1);
        if (!probe.canBeConsumed()) {
            throw new TooManyTries(Duration.ofNanos(probe.getNanosToWaitForRefill()));
        }
    }

    /** Gives a try back that turned out to be in order. */
    void giveBack(Tries tries, String of) {
        buckets.getProxy(key(tries, of), () -> tries.bucket).addTokens(1);
    }

    /** Forgets what was tried, and buckets that are full again. */
    void forget(Tries tries, String of) {
        buckets.removeProxy(key(tries, of));
        buckets.removeExpired(SWEEP);
    }

    private static long key(Tries tries, String of) {
        try {
            byte[] hash = MessageDigest.getInstance("SHA-256")
                    .digest((tries.name() + '\n' + of).getBytes(StandardCharsets.UTF_8));
            return ByteBuffer.wrap(hash).getLong();
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException("Every Java has SHA-256", e);
        }
    }
}
