package eventide.server.load;

import eventide.planner.Stop;
import eventide.shape.Parallel;
import jakarta.annotation.PreDestroy;
import java.util.concurrent.Executors;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.ScheduledFuture;
import java.util.concurrent.Semaphore;
import java.util.concurrent.TimeUnit;
import java.util.function.Function;
import java.util.function.Supplier;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;

/**
 * Lets two long computations go on at once, as many as a small machine has cores; the rest queue for a while. Each is told
 * when its time is up, and when its caller has left. One alone has all cores ({@link Parallel}), two have one each, and whoever
 * looks something up meanwhile finds room beside them.
 */
@Component
public class LongWork {
    /** [OURS] */
    private static final int AT_ONCE = 2;
    /** A routine of so many turns of hands is checked in some ten milliseconds. [OURS] */
    private static final int MOST_QUICK_TURNS = 400;
    /** Three others' turns, ms. [OURS] */
    private static final long MOST_QUEUED_MILLIS = 6000;
    /** Between two looks at whether a caller is still there, ms. [OURS] */
    private static final long LOOK_MILLIS = 100;

    private final long timeMillis;
    private volatile long endedNanos = System.nanoTime();
    private final Semaphore turns = new Semaphore(AT_ONCE, true);
    private final ScheduledExecutorService looking = Executors.newSingleThreadScheduledExecutor(work -> {
        Thread thread = new Thread(work, "looking after callers");
        thread.setDaemon(true);
        return thread;
    });

    /**
     * @param timeMillis after which a computation is told to end, ms
     */
    LongWork(@Value("${eventide.work.millis}") long timeMillis) {
        this.timeMillis = timeMillis;
    }

    /**
     * @param work ends with what it has once its stop is due
     * @throws BusyException where its turn did not come in time, or its caller left before
     */
    public <T> T run(Function<Stop, T> work) {
        Caller caller = WatchedProtocol.caller();
        queue(caller);
        Running running = new Running(caller, System.nanoTime() + TimeUnit.MILLISECONDS.toNanos(timeMillis));
        ScheduledFuture<?> looks =
                looking.scheduleWithFixedDelay(running::look, LOOK_MILLIS, LOOK_MILLIS, TimeUnit.MILLISECONDS);
        try {
            return work.apply(running);
        } finally {
            looks.cancel(false);
            running.end();
            endedNanos = System.nanoTime();
            turns.release();
        }
    }

    /**
     * Work whose cost was reckoned: what is as quick as usual is done at once, what is not takes its turn.
     *
     * @param turnsOfHands of the routine that is worked out
     */
    public <T> T run(int turnsOfHands, Supplier<T> work) {
        return turnsOfHands <= MOST_QUICK_TURNS ? work.get() : run(stop -> work.get());
    }

    /** Told to end when its time is up, but never queued: hands in hair wait for it. */
    public <T> T atTheChair(Function<Stop, T> work) {
        return work.apply(new Running(Caller.UNKNOWN, System.nanoTime() + TimeUnit.MILLISECONDS.toNanos(timeMillis)));
    }

    /** Since the last computation ended, 0 while one goes on, ms. */
    public long quietMillis() {
        return atWork() > 0 ? 0 : TimeUnit.NANOSECONDS.toMillis(System.nanoTime() - endedNanos);
    }

    /** Computations going on now. */
    public int atWork() {
        return AT_ONCE - turns.availablePermits();
    }

    private void queue(Caller caller) {
        long until = System.nanoTime() + TimeUnit.MILLISECONDS.toNanos(MOST_QUEUED_MILLIS);
        try {
            while (!turns.tryAcquire(LOOK_MILLIS, TimeUnit.MILLISECONDS)) {
                if (caller.hasLeft() || System.nanoTime() - until > 0) {
                    throw busy();
                }
            }
        } catch (InterruptedException ended) {
            Thread.currentThread().interrupt();
            throw busy();
        }
    }

    private static BusyException busy() {
        return new BusyException("Other plans are being worked out: ask again in a moment.", 2);
    }

    /** One computation, and whether it should end. */
    private static final class Running implements Stop {
        private final Caller caller;
        private final long until;
        private volatile boolean left;
        private boolean ended;

        Running(Caller caller, long until) {
            this.caller = caller;
            this.until = until;
        }

        @Override
        public boolean isDue() {
            return left || System.nanoTime() - until > 0;
        }

        synchronized void look() {
            left |= !ended && caller.hasLeft();
        }

        /** From here on the answer is written to the same socket: nobody looks at it any more. */
        synchronized void end() {
            ended = true;
        }
    }

    @PreDestroy
    void end() {
        looking.shutdownNow();
    }
}
