package eventide.shape;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collection;
import java.util.List;
import java.util.concurrent.SynchronousQueue;
import java.util.concurrent.ThreadPoolExecutor;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.function.Consumer;
import java.util.function.Function;
import java.util.function.IntConsumer;
import java.util.function.Supplier;

/**
 * The same worked out for many things by whoever has time: by the thread that asks, and by helpers where cores are idle. What
 * comes out does not hang on how many helped.
 *
 * <p>It cannot lock up, however deep it is nested: nothing is queued, so whoever asks works through all that no helper has
 * begun, and waits only for what a helper is in the middle of. All askers of the process together have a thread a core.
 */
public final class Parallel {
    /** Threads a process may use without being told. */
    private static final int CORES = Runtime.getRuntime().availableProcessors();
    /** An idle helper goes home after so long, s [OURS]. */
    private static final int HELPER_STAYS_SECONDS = 30;
    /** More helpers than any machine this is for has cores [OURS]; how many are at work is counted in {@link #AT_WORK}. */
    private static final int MOST_HELPERS = 64;

    private static final ThreadPoolExecutor HELPERS = new ThreadPoolExecutor(
            0,
            MOST_HELPERS,
            HELPER_STAYS_SECONDS,
            TimeUnit.SECONDS,
            new SynchronousQueue<>(),
            Parallel::helper,
            new ThreadPoolExecutor.DiscardPolicy());
    /** Askers and helpers that are in the middle of something. */
    private static final AtomicInteger AT_WORK = new AtomicInteger();
    /** How many threads this one's work may be shared among; null where it is in the middle of nothing. */
    private static final ThreadLocal<Integer> SHARED_AMONG = new ThreadLocal<>();

    private Parallel() {}

    /**
     * What comes of each, in their order.
     *
     * @throws RuntimeException the first that any of them threw; the rest may be left undone
     */
    public static <T, R> List<R> map(Collection<? extends T> things, Function<? super T, ? extends R> work) {
        Object[] all = things.toArray();
        Object[] done = new Object[all.length];
        @SuppressWarnings("unchecked")
        Shared shared = new Shared(all.length, i -> done[i] = work.apply((T) all[i]));
        shared.run();
        @SuppressWarnings("unchecked")
        List<R> results = (List<R>) new ArrayList<>(Arrays.asList(done));
        return results;
    }

    /** For what it does to each. */
    public static <T> void forEach(Collection<? extends T> things, Consumer<? super T> work) {
        map(things, thing -> {
            work.accept(thing);
            return null;
        });
    }

    /** Worked out by a helper meanwhile, where one is free, else when it is asked for. */
    public static <R> Supplier<R> meanwhile(Supplier<R> work) {
        Object[] done = new Object[1];
        Shared shared = new Shared(1, i -> done[i] = work.get());
        shared.invite(1, sharedAmong());
        return () -> {
            shared.run();
            @SuppressWarnings("unchecked")
            R result = (R) done[0];
            return result;
        };
    }

    /** Something done by at most so many threads, this one among them. */
    public static <R> R among(int threads, Supplier<R> work) {
        Integer before = SHARED_AMONG.get();
        return atWork(threads, before, work);
    }

    private static int sharedAmong() {
        Integer among = SHARED_AMONG.get();
        return among == null ? CORES : among;
    }

    /** Counted as at work, once however deep it is nested. */
    private static <R> R atWork(int among, Integer before, Supplier<R> work) {
        SHARED_AMONG.set(among);
        if (before == null) {
            AT_WORK.incrementAndGet();
        }
        try {
            return work.get();
        } finally {
            if (before == null) {
                AT_WORK.decrementAndGet();
                SHARED_AMONG.remove();
            } else {
                SHARED_AMONG.set(before);
            }
        }
    }

    private static Thread helper(Runnable work) {
        Thread thread = new Thread(work, "helping hand");
        thread.setDaemon(true);
        return thread;
    }

    /** Numbered pieces of work, taken one by one by whoever is there. */
    private static final class Shared {
        private final int size;
        private final IntConsumer piece;
        private final AtomicInteger next = new AtomicInteger();
        private volatile Throwable failed;
        private int helping;
        private boolean over;

        Shared(int size, IntConsumer piece) {
            this.size = size;
            this.piece = piece;
        }

        /** To the end: what nobody took is done here, what others are in the middle of is waited for. */
        void run() {
            int among = sharedAmong();
            atWork(among, SHARED_AMONG.get(), () -> {
                invite(size - next.get() - 1, among);
                work();
                return null;
            });
            waitForHelpers();
            if (failed instanceof RuntimeException own) {
                throw own;
            }
            if (failed instanceof Error own) {
                throw own;
            }
        }

        /** As many as there is work for and cores are idle. */
        void invite(int most, int among) {
            for (int i = 0; i < most && AT_WORK.get() + i < among; i++) {
                HELPERS.execute(() -> help(among));
            }
        }

        private void help(int among) {
            if (enters()) {
                try {
                    atWork(among, null, () -> {
                        work();
                        return null;
                    });
                } finally {
                    leaves();
                }
            }
        }

        private void work() {
            for (int i = next.getAndIncrement(); i < size; i = next.getAndIncrement()) {
                try {
                    piece.accept(i);
                } catch (RuntimeException | Error thrown) {
                    failed = failed == null ? thrown : failed;
                    next.set(size);
                }
            }
        }

        private synchronized boolean enters() {
            if (over || next.get() >= size) {
                return false;
            }
            helping++;
            return true;
        }

        private synchronized void leaves() {
            helping--;
            notifyAll();
        }

        private synchronized void waitForHelpers() {
            over = true;
            boolean interrupted = false;
            while (helping > 0) {
                try {
                    wait();
                } catch (InterruptedException told) {
                    interrupted = true;
                }
            }
            if (interrupted) {
                Thread.currentThread().interrupt();
            }
        }
    }
}
