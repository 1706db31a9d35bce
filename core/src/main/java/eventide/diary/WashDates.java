package eventide.diary;

import eventide.diary.DiaryEntry.Kind;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/** The washes to come: in their rhythm from the last one on, the event's own where it has to be, none too close before it. */
final class WashDates {
    /** Washed again sooner than this only where that is the client's rhythm, days [CP: every third day at the soonest]. */
    static final int APART = 2;
    /** A rehearsal is this many days before the wash that counts [CP: one to two weeks]. */
    private static final int REHEARSED_AT_LATEST = 7;

    /** Days before an event at which its wash may be rehearsed: sooner says little of that day's hair [OURS]. */
    private static final int REHEARSED_AT_SOONEST = 14;

    private final DiaryQuestion asked;
    private final WashTime time;
    private final Hours hours;
    private final WashRhythm rhythm;
    private final List<DiaryConflict> conflicts;

    WashDates(DiaryQuestion asked, WashTime time, Hours hours, WashRhythm rhythm, List<DiaryConflict> conflicts) {
        this.asked = asked;
        this.time = time;
        this.hours = hours;
        this.rhythm = rhythm;
        this.conflicts = conflicts;
    }

    /** @param event its own wash; null for none */
    List<PlannedWash> all(LocalDateTime event) {
        List<PlannedWash> washes = new ArrayList<>();
        LocalDate due = first();
        if (event == null) {
            regular(washes, due, asked.end());
            return washes;
        }
        LocalDate last = event.toLocalDate();
        regular(washes, due, last.minusDays(1));
        clearBefore(washes, last);
        washes.add(new PlannedWash(event, true));
        regular(washes, last.plusDays(rhythm.days()), asked.end());
        return washes;
    }

    /** When the next is due by the rhythm, today where it is overdue. */
    private LocalDate first() {
        LocalDate last = last(asked);
        LocalDate due = last == null ? asked.from() : last.plusDays(rhythm.days());
        return due.isBefore(asked.from()) ? asked.from() : due;
    }

    /** Days the next wash is late on the first day asked for, 0 where it is not. */
    long overdueDays() {
        LocalDate last = last(asked);
        return last == null ? 0 : Math.max(0, ChronoUnit.DAYS.between(last.plusDays(rhythm.days()), asked.from()));
    }

    /** The day of the last wash; null where nobody knows. */
    static LocalDate last(DiaryQuestion asked) {
        return LastCare.said(asked.hair(), asked.from()).with(asked.washes()).washed();
    }

    /** One wash after the other in the rhythm, each in an hour that is free on its day or beside it. */
    private void regular(List<PlannedWash> into, LocalDate from, LocalDate to) {
        for (LocalDate day = from; !day.isAfter(to); day = day.plusDays(rhythm.days())) {
            LocalDateTime at = near(day, into, to);
            if (at != null) {
                into.add(new PlannedWash(at, false));
            }
        }
    }

    /** On the day, else the nearest with a free hour, the earlier of two. */
    private LocalDateTime near(LocalDate day, List<PlannedWash> before, LocalDate to) {
        LocalDate after =
                before.isEmpty() ? null : before.get(before.size() - 1).date();
        for (int away = 0; away <= rhythm.days() / 2; away++) {
            for (LocalDate other : List.of(day.minusDays(away), day.plusDays(away))) {
                boolean allowed =
                        !other.isBefore(asked.from()) && !other.isAfter(to) && (after == null || other.isAfter(after));
                LocalDateTime at = allowed ? hours.earliest(other, time.hereMinutes()) : null;
                if (at != null) {
                    return at;
                }
            }
        }
        conflicts.add(DiaryConflict.of(
                Kind.WASH,
                "No free hour for the wash due on " + Words.day(day) + ", nor on the days beside it.",
                "Free " + EventWash.duration(time.hereMinutes()) + " there, or refresh and wash later."));
        return null;
    }

    /** The wash before the event's is brought forward where it would come too close; where it cannot be it falls out. */
    private void clearBefore(List<PlannedWash> washes, LocalDate event) {
        int apart = Math.min(APART, rhythm.days());
        while (!washes.isEmpty()) {
            PlannedWash last = washes.get(washes.size() - 1);
            if (ChronoUnit.DAYS.between(last.date(), event) >= apart) {
                return;
            }
            washes.remove(washes.size() - 1);
            LocalDate sooner = event.minusDays(apart);
            boolean free = !sooner.isBefore(asked.from())
                    && (washes.isEmpty() || washes.get(washes.size() - 1).date().isBefore(sooner));
            LocalDateTime at = free ? hours.earliest(sooner, time.hereMinutes()) : null;
            if (at != null) {
                washes.add(new PlannedWash(at, false));
                return;
            }
        }
    }

    /** The wash that the event's is rehearsed on, a week or two before it; null where there is no room. */
    PlannedWash rehearsal(List<PlannedWash> washes, LocalDate event) {
        LocalDate latest = event.minusDays(REHEARSED_AT_LATEST);
        LocalDate soonest = event.minusDays(REHEARSED_AT_SOONEST);
        PlannedWash found = washes.stream()
                .filter(wash -> !wash.date().isBefore(soonest) && !wash.date().isAfter(latest))
                .max(Comparator.comparing(PlannedWash::date))
                .orElse(null);
        if (found != null) {
            return found;
        }
        for (LocalDate day = latest; !day.isBefore(soonest) && !day.isBefore(asked.from()); day = day.minusDays(1)) {
            LocalDate own = day;
            boolean close = washes.stream()
                    .anyMatch(wash ->
                            Math.abs(ChronoUnit.DAYS.between(wash.date(), own)) < Math.min(APART, rhythm.days()));
            LocalDateTime at = close ? null : hours.earliest(day, time.hereMinutes());
            if (at != null) {
                PlannedWash more = new PlannedWash(at, false);
                washes.add(more);
                washes.sort(Comparator.comparing(PlannedWash::at));
                return more;
            }
        }
        return null;
    }
}
