package eventide.shape;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertSame;
import static org.testng.Assert.assertTrue;
import static org.testng.Assert.expectThrows;

import java.util.Collections;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.concurrent.CyclicBarrier;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.function.Supplier;
import java.util.stream.IntStream;
import org.testng.annotations.Test;

/** That work shared among threads comes out the same, once each, and to an end. */
public class ParallelTest {
    private static List<Integer> upTo(int n) {
        return IntStream.range(0, n).boxed().toList();
    }

    @Test
    public void whatComesOutStandsInTheOrderOfWhatWentIn() {
        assertEquals(
                Parallel.map(upTo(1000), i -> i * i),
                upTo(1000).stream().map(i -> i * i).toList());
        assertEquals(Parallel.map(List.of(), i -> i), List.of());
    }

    @Test
    public void eachIsWorkedOutOnce() {
        AtomicInteger times = new AtomicInteger();
        Parallel.forEach(upTo(5000), i -> times.incrementAndGet());
        assertEquals(times.get(), 5000);
    }

    /** Two that wait for each other come to an end only if two are at it. */
    @Test(timeOut = 60_000)
    public void aHelperTakesPartWhereItMay() {
        CyclicBarrier both = new CyclicBarrier(2);
        Set<Thread> threads = Collections.synchronizedSet(new HashSet<>());
        Parallel.among(
                64,
                () -> Parallel.map(upTo(2), i -> {
                    threads.add(Thread.currentThread());
                    return awaited(both);
                }));
        assertEquals(threads.size(), 2);
    }

    private static int awaited(CyclicBarrier barrier) {
        try {
            return barrier.await();
        } catch (Exception broken) {
            throw new IllegalStateException(broken);
        }
    }

    @Test
    public void aloneItIsAllDoneByWhoAsks() {
        Set<Thread> threads = Collections.synchronizedSet(new HashSet<>());
        Parallel.among(1, () -> {
            Parallel.forEach(upTo(100), i -> threads.add(Thread.currentThread()));
            return null;
        });
        assertEquals(threads, Set.of(Thread.currentThread()));
    }

    /** Threads that all wait for what none of them has begun would never come to an end. */
    @Test(timeOut = 120_000)
    public void howeverDeepItIsNestedItComesToAnEnd() {
        for (int threads = 1; threads <= 8; threads++) {
            int among = threads;
            for (int again = 0; again < 30; again++) {
                assertEquals(Parallel.among(among, () -> tree(6)).intValue(), 1 << 12);
            }
        }
    }

    /** Every branch forks once more, and looks at something else meanwhile. */
    private static int tree(int depth) {
        if (depth == 0) {
            return 1;
        }
        Supplier<Integer> meanwhile = Parallel.meanwhile(() -> Parallel.map(upTo(2), i -> tree(depth - 1)).stream()
                .mapToInt(n -> n)
                .sum());
        int here = Parallel.map(upTo(2), i -> tree(depth - 1)).stream()
                .mapToInt(n -> n)
                .sum();
        return here + meanwhile.get();
    }

    @Test
    public void whatOneThrowsIsThrown() {
        RuntimeException thrown = new IllegalStateException("this one");
        assertSame(
                expectThrows(
                        IllegalStateException.class,
                        () -> Parallel.map(upTo(50), i -> {
                            if (i == 20) {
                                throw thrown;
                            }
                            return i;
                        })),
                thrown);
        Supplier<Integer> later = Parallel.meanwhile(() -> {
            throw thrown;
        });
        assertSame(expectThrows(IllegalStateException.class, later::get), thrown);
        assertTrue(Parallel.map(upTo(3), i -> i).contains(2));
    }
}
