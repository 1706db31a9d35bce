package eventide.diary;

import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Objects;

/** Hours of a day in which a wash can be done. */
final class Hours {
    private final WorkingHours open;
    private final List<BusyTime> busy;

    Hours(WorkingHours open, List<BusyTime> busy) {
        this.open = open;
        this.busy = busy.stream().sorted(Comparator.comparing(BusyTime::from)).toList();
    }

    /** The earliest a wash can begin on a day, null where it fits nowhere. */
    LocalDateTime earliest(LocalDate day, int minutes) {
        LocalDateTime start = day.atTime(open.from());
        for (BusyTime taken : on(day)) {
            if (taken.overlaps(start, start.plusMinutes(minutes))) {
                start = taken.to();
            }
        }
        return fits(day, start, minutes) ? start : null;
    }

    /** The latest it can begin to be over by an hour, null where it fits nowhere. */
    LocalDateTime latest(LocalDate day, int minutes, LocalDateTime by) {
        LocalDateTime end = day.atTime(open.to());
        end = by.isBefore(end) ? by : end;
        List<BusyTime> late = new ArrayList<>(on(day));
        late.sort(Comparator.comparing(BusyTime::to).reversed());
        for (BusyTime taken : late) {
            if (taken.overlaps(end.minusMinutes(minutes), end)) {
                end = taken.from();
            }
        }
        LocalDateTime start = end.minusMinutes(minutes);
        return fits(day, start, minutes) ? start : null;
    }

    /** Whether the salon is open for all of it and nobody has the chair. */
    private boolean fits(LocalDate day, LocalDateTime start, int minutes) {
        LocalDateTime end = start.plusMinutes(minutes);
        return open.isOpen(day)
                && !start.isBefore(day.atTime(open.from()))
                && !end.isAfter(day.atTime(open.to()))
                && busy.stream().noneMatch(taken -> taken.overlaps(start, end));
    }

    /** What takes a day, in words: "taken by the dress rehearsal"; "not a working day"; empty where nobody said. */
    String taken(LocalDate day) {
        if (!open.isOpen(day)) {
            return "it is no working day";
        }
        List<String> what = on(day).stream()
                .map(BusyTime::what)
                .filter(Objects::nonNull)
                .distinct()
                .toList();
        return what.isEmpty() ? "" : "taken by " + String.join(", ", what);
    }

    /** What is taken that day, in part or whole. */
    private List<BusyTime> on(LocalDate day) {
        return busy.stream()
                .filter(taken ->
                        taken.overlaps(day.atStartOfDay(), day.plusDays(1).atStartOfDay()))
                .toList();
    }
}
