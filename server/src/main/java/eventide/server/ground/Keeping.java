package eventide.server.ground;

import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.YearMonth;
import java.time.temporal.IsoFields;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;

/** Which backups are kept: the last few, and the newest of each of the latest days, weeks and months. Numbers are ours. */
final class Keeping {
    static final int LAST = 3;
    static final int DAYS = 7;
    static final int WEEKS = 5;
    static final int MONTHS = 12;

    private Keeping() {}

    /**
     * @param taken in any order
     * @return those that may go
     */
    static Set<LocalDateTime> spare(List<LocalDateTime> taken) {
        List<LocalDateTime> newestFirst =
                taken.stream().sorted((a, b) -> b.compareTo(a)).distinct().collect(Collectors.toList());
        Set<LocalDateTime> kept = new HashSet<>(newestFirst.subList(0, Math.min(LAST, newestFirst.size())));
        keep(kept, newestFirst, LocalDateTime::toLocalDate, DAYS);
        keep(kept, newestFirst, at -> weekOf(at.toLocalDate()), WEEKS);
        keep(kept, newestFirst, YearMonth::from, MONTHS);
        Set<LocalDateTime> spare = new HashSet<>(newestFirst);
        spare.removeAll(kept);
        return spare;
    }

    private static void keep(
            Set<LocalDateTime> kept, List<LocalDateTime> newestFirst, Function<LocalDateTime, Object> span, int spans) {
        Set<Object> seen = new HashSet<>();
        for (LocalDateTime at : newestFirst) {
            if (seen.size() < spans && seen.add(span.apply(at))) {
                kept.add(at);
            }
        }
    }

    private static String weekOf(LocalDate day) {
        return day.get(IsoFields.WEEK_BASED_YEAR) + "-" + day.get(IsoFields.WEEK_OF_WEEK_BASED_YEAR);
    }
}
