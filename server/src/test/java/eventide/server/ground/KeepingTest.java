package eventide.server.ground;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import java.util.Set;
import org.testng.annotations.Test;

/** What is kept of many backups. */
public class KeepingTest {
    /** Two years of a salon that opens twice a day, thinned after every backup as it is in use. */
    @Test
    public void twoYearsAreAFewOfDaysWeeksAndMonths() {
        List<LocalDateTime> kept = new ArrayList<>();
        LocalDate first = LocalDate.of(2025, 1, 1);
        for (int day = 0; day < 730; day++) {
            for (int hour : new int[] {9, 14}) {
                kept.add(first.plusDays(day).atTime(hour, 0));
                kept.removeAll(Keeping.spare(kept));
            }
        }
        LocalDateTime last = first.plusDays(729).atTime(14, 0);
        assertTrue(kept.contains(last), "the latest");
        assertTrue(kept.contains(last.withHour(9)), "and the two before it");
        for (int day = 0; day < Keeping.DAYS; day++) {
            assertTrue(kept.contains(last.minusDays(day)), "the newest of each of the last days: " + day);
        }
        long months = kept.stream().map(LocalDateTime::getMonth).distinct().count();
        assertEquals(months, Keeping.MONTHS, "one of each month of a year");
        assertTrue(kept.size() <= Keeping.LAST + Keeping.DAYS + Keeping.WEEKS + Keeping.MONTHS, kept.toString());
    }

    @Test
    public void theLatestFewAreNeverSpareWhateverTheOrder() {
        Random random = new Random(4);
        for (int round = 0; round < 200; round++) {
            List<LocalDateTime> taken = new ArrayList<>();
            for (int i = 0; i < 1 + random.nextInt(60); i++) {
                taken.add(LocalDateTime.of(2026, 1, 1, 0, 0).plusMinutes(random.nextInt(500_000)));
            }
            Set<LocalDateTime> spare = Keeping.spare(taken);
            Collections.shuffle(taken, random);
            assertEquals(Keeping.spare(taken), spare);
            List<LocalDateTime> newest = taken.stream()
                    .sorted(Collections.reverseOrder())
                    .distinct()
                    .limit(Keeping.LAST)
                    .toList();
            newest.forEach(one -> assertFalse(spare.contains(one), one + " of " + taken));
        }
    }
}
