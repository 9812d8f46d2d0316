package brightplumb.app.limits;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;

class WorkLimitsTest {

    private final WorkLimits limits = new WorkLimits();
    private final ExecutorService others = Executors.newCachedThreadPool();

    @AfterEach
    void end() {
        others.shutdownNow();
    }

    @Test
    void an_account_does_one_long_work_at_a_time_and_its_quick_work_beside_it() throws Exception {
        UUID account = UUID.randomUUID();
        CompletableFuture<WorkLimits.Permit> second;
        try (WorkLimits.Permit lay = limits.take(account, Work.LAY);
                WorkLimits.Permit draft = limits.take(account, Work.DRAFT);
                WorkLimits.Permit print = limits.take(account, Work.OUTPUT)) {
            second = CompletableFuture.supplyAsync(() -> limits.take(account, Work.LAY_SEARCH), others);
            assertThat(List.of(Work.LAY, Work.DRAFT, Work.OUTPUT)).allMatch(work -> limits.underWay(work) == 1);
            assertThat(limits.underWay(Work.LAY_SEARCH)).isZero();
        }
        second.get(3, TimeUnit.SECONDS).close();
        assertThat(limits.underWay(Work.LAY_SEARCH)).isZero();
    }

    @Test
    void room_that_is_given_back_goes_to_who_waits_longest() throws Exception {
        UUID account = UUID.randomUUID();
        WorkLimits.Permit first = limits.take(account, Work.DRAFT);
        CompletableFuture<WorkLimits.Permit> second =
                CompletableFuture.supplyAsync(() -> limits.take(account, Work.DRAFT), others);
        first.close();
        first.close();
        second.get(3, TimeUnit.SECONDS).close();
        limits.take(account, Work.DRAFT).close();
    }

    @Test
    void one_kind_that_is_full_keeps_no_other_kind_and_a_bounded_number_of_its_own_waiting() throws Exception {
        List<WorkLimits.Permit> lays = new ArrayList<>();
        for (int i = 0; i < Work.LAY.atOnce(); i++) {
            lays.add(limits.take(UUID.randomUUID(), Work.LAY));
        }
        limits.take(UUID.randomUUID(), Work.CUT_BOOK).close();
        limits.take(UUID.randomUUID(), Work.LAY_SEARCH).close();
        UUID eager = UUID.randomUUID();
        WorkLimits.Permit print = limits.take(eager, Work.OUTPUT);
        CountDownLatch refused = new CountDownLatch(100 - 24);
        for (int i = 0; i < 100; i++) {
            others.execute(() -> {
                try {
                    limits.take(eager, Work.OUTPUT).close();
                } catch (TooBusy busy) {
                    refused.countDown();
                }
            });
        }
        assertThat(refused.await(5, TimeUnit.SECONDS))
                .as("most of a hundred are refused at once")
                .isTrue();
        print.close();
        lays.forEach(WorkLimits.Permit::close);
    }
}
