package eventide.practice;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertNull;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** Which fault comes back to whoever missed it. */
public class FaultReportTest {
    /** As {@code T4+} for found, {@code T4-} for missed, oldest first. */
    private static FaultReport report(String tried) {
        List<FaultTried> all = new ArrayList<>();
        for (String one : tried.isEmpty() ? new String[0] : tried.split(" ")) {
            int end = one.length() - 1;
            all.add(new FaultTried(one.substring(0, end), one.charAt(end) == '+'));
        }
        return FaultReport.of(all);
    }

    @DataProvider
    public Object[][] rounds() {
        return new Object[][] {
            {"", null, ""},
            {"T4-", "T4", "T4"},
            {"T4+", null, ""},
            // Every other round is a surprise.
            {"T4- W1+", null, "T4"},
            {"T4- W1+ D1+", "T4", "T4"},
            {"T4- W1-", null, "T4 W1"},
            // Missed once more it goes to the end of the row.
            {"T4- W1- T4-", "W1", "W1 T4"},
            {"T4- W1- T4+", "W1", "W1"},
            {"T4- T4+ T4-", "T4", "T4"},
            // A rule of long ago that is gone.
            {"Q7-", null, ""},
        };
    }

    @Test(dataProvider = "rounds")
    public void whatWaitsLongestComesFirst(String tried, String next, String again) {
        FaultReport report = report(tried);
        assertEquals(report.next(), next);
        assertEquals(
                String.join(
                        " ",
                        report.again().stream()
                                .map(FaultReport.FaultMissed::rule)
                                .toList()),
                again);
    }

    @Test
    public void howOftenItWasMissedIsCounted() {
        assertEquals(report("T4- W1+ T4- W1+ T4-").again().get(0).missed(), 3);
        assertEquals(report("T4- W1+ D1-").words(), "Found 1 of 3; 2 that were missed come back.");
        assertNull(report("").next());
    }

    /** Whoever finds all that comes back has nothing waiting in the end. */
    @Test
    public void foundOnceMoreItComesBackNoMore() {
        Random chance = new Random(2);
        List<FaultTried> all = new ArrayList<>();
        for (String rule : List.of("T4", "W1", "D1", "P4", "O4")) {
            all.add(new FaultTried(rule, false));
        }
        for (int round = 0; round < 12; round++) {
            String next = FaultReport.of(all).next();
            all.add(new FaultTried(next == null ? "T" + (1 + chance.nextInt(3)) : next, true));
        }
        assertEquals(FaultReport.of(all).again(), List.of());
    }
}
