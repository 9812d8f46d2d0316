package brightplumb.app.limits;

import java.util.EnumMap;
import java.util.Map;
import java.util.concurrent.ForkJoinPool;
import java.util.concurrent.ForkJoinTask;
import java.util.function.Supplier;
import org.springframework.beans.factory.DisposableBean;
import org.springframework.stereotype.Component;

/**
 * Threads for work that is done in parallel, for each kind its own: in one pool of all, one kind would keep the others
 * waiting.
 */
@Component
public class WorkPools implements DisposableBean {

    private final Map<Work, ForkJoinPool> pools = new EnumMap<>(Work.class);

    WorkPools() {
        int hands = Math.max(1, Runtime.getRuntime().availableProcessors());
        pools.put(Work.WHOLE_DRAFT, new ForkJoinPool(hands));
        pools.put(Work.CUT_BOOK, new ForkJoinPool(hands));
    }

    /** Does work, its parallel streams on the threads of its kind. */
    public <T> T run(Work work, Supplier<T> what) {
        return pools.get(work).invoke(ForkJoinTask.adapt(what::get));
    }

    @Override
    public void destroy() {
        pools.values().forEach(ForkJoinPool::shutdownNow);
    }
}
