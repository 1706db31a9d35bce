package eventide.practice;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertNotNull;
import static org.testng.Assert.assertNull;
import static org.testng.Assert.assertTrue;
import static org.testng.Assert.expectThrows;

import eventide.shape.InvalidException;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.TreeMap;
import org.testng.annotations.Test;

/** Water that is felt: what the signs say of it, and how far a hand is trusted by what it guessed. */
public class FeelTest {
    private static final int SECTIONS = 2000;

    private static List<FeltLock> locks(long seed) {
        List<FeltLock> locks = new ArrayList<>();
        for (int i = 0; i < SECTIONS / 40; i++) {
            locks.addAll(new FeltSet(seed + i, 40).locks());
        }
        return locks;
    }

    /** A hand that is off by so much, with so much scatter. */
    private static List<FeltGuess> guesses(int n, double bias, double scatter) {
        Random random = new Random(5);
        return locks(9).stream()
                .limit(n)
                .map(lock -> new FeltGuess(
                        lock.item(),
                        Math.max(
                                0,
                                Math.min(
                                        100,
                                        FeltLock.percentOf(lock.item()) + bias + scatter * random.nextGaussian()))))
                .toList();
    }

    @Test
    public void aNameIsOneSectionForGood() {
        for (FeltLock lock : locks(3)) {
            assertEquals(FeltLock.of(lock.item()), lock);
        }
        assertEquals(new FeltSet(7L, 12).locks(), new FeltSet(7L, 12).locks());
    }

    /** Wetter hair is said to be wetter: the mean water of each sign falls in the order of its bands. */
    @Test
    public void signsFollowTheWater() {
        Map<String, List<Double>> drops = new TreeMap<>();
        locks(1).forEach(lock -> drops.computeIfAbsent(lock.signs().get(0).words(), any -> new ArrayList<>())
                .add(FeltLock.percentOf(lock.item())));
        List<String> wettestFirst = List.of(
                "water runs off the ends",
                "a drop now and then; a squeeze brings a stream",
                "no drop falls; a squeeze brings water between the fingers",
                "a squeeze leaves the palm damp",
                "the palm stays dry");
        double before = 101;
        for (String sign : wettestFirst) {
            double mean = drops.get(sign).stream()
                    .mapToDouble(Double::doubleValue)
                    .average()
                    .orElseThrow();
            assertTrue(mean < before - 5, sign + " at " + mean + " after " + before);
            before = mean;
        }
    }

    @Test
    public void aTrueHandIsTrustedMoreThanARoughOne() {
        FeelReport fine = FeelReport.of(guesses(40, 0, 3));
        FeelReport rough = FeelReport.of(guesses(40, 0, 20));
        assertNotNull(fine.trust());
        assertTrue(fine.trust() > .85, "trusted " + fine.trust());
        assertTrue(rough.trust() < .5, "trusted " + rough.trust());
        assertTrue(fine.error() < rough.error());
    }

    @Test
    public void whoFeelsItTooWetIsTold() {
        FeelReport wet = FeelReport.of(guesses(30, 12, 3));
        assertEquals(wet.bias(), 12, 2.5);
        assertTrue(wet.low() > 0, "surely");
        assertTrue(wet.words().contains("wetter than it is"), wet.words());
    }

    @Test
    public void fewGuessesSayNothingOfTrust() {
        assertNull(FeelReport.of(guesses(4, 0, 3)).trust());
        assertNull(FeelReport.of(List.of()).bias());
        assertTrue(FeelReport.of(List.of()).words().startsWith("Guess ten sections"));
    }

    @Test
    public void aSectionNobodyMadeIsRefused() {
        assertEquals(
                expectThrows(InvalidException.class, () -> new FeltGuess("elsewhere", 50.0))
                        .faults()
                        .get(0)
                        .message(),
                "there is no such section: \"elsewhere\"");
    }
}
