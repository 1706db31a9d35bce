package eventide.server.ground;

import java.util.concurrent.TimeUnit;
import java.util.concurrent.locks.ReentrantReadWriteLock;
import org.springframework.stereotype.Component;

/** Everybody reads and writes at once, but for the moment in which the file itself is written anew. */
@Component
class Gate {
    private final ReentrantReadWriteLock lock = new ReentrantReadWriteLock(true);

    /** To be followed by {@link #leave()} on the same thread. */
    void enter() {
        lock.readLock().lock();
    }

    void leave() {
        lock.readLock().unlock();
    }

    /**
     * Once all who are in have left, and before anybody else comes in.
     *
     * @return false where they did not leave in that time, and nothing was done
     */
    boolean alone(long millis, Runnable work) {
        try {
            if (!lock.writeLock().tryLock(millis, TimeUnit.MILLISECONDS)) {
                return false;
            }
        } catch (InterruptedException ended) {
            Thread.currentThread().interrupt();
            return false;
        }
        try {
            work.run();
            return true;
        } finally {
            lock.writeLock().unlock();
        }
    }
}
