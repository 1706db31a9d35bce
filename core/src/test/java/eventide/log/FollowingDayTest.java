package eventide.log;

import static org.testng.Assert.assertEquals;

import java.time.LocalDate;
import java.util.List;
import java.util.stream.Stream;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** Which day of a wash is looked at next. */
public class FollowingDayTest {
    private static final LocalDate BEGUN = LocalDate.parse("2026-03-02");

    @DataProvider
    public Object[][] days() {
        return new Object[][] {
            // looked at, days since it was begun (null where nobody knows), washed again, next
            {List.of(), 0, false, 2},
            {List.of(), 1, false, 2},
            {List.of(), 3, false, 4},
            {List.of(2), 3, false, 4},
            {List.of(2, 4), 3, false, 5},
            {List.of(2), 3, true, 3},
            {List.of(), null, false, 2},
            {List.of(), 40, false, 2},
            {List.of(), 29, false, 30},
        };
    }

    @Test(dataProvider = "days")
    public void whileItIsWornTodayElseTheDayAfterTheLast(
            List<Integer> lookedAt, Integer since, boolean followed, int next) {
        List<FollowingDay> before = lookedAt.stream()
                .flatMap(day -> Stream.of(new FollowingDay(day, 6.0, 3.0, 5.0, null, null, null)))
                .toList();
        LocalDate today = BEGUN.plusDays(since == null ? 0 : since);
        assertEquals(FollowingDay.next(before, since == null ? null : BEGUN, today, followed), next);
    }
}
