package eventide.diary;

import eventide.diary.DiaryEntry.Kind;
import eventide.diary.EventPlan.EventWay;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;

/** The wash of an event, counted back from its hour. */
final class EventWash {
    /** Day of wear most heads look best on [CP: day 2 for most]. */
    private static final int USUALLY_BEST = 2;
    /** Days of wear that are thought of; later the shape is gone [CP]. */
    private static final int LATEST_DAY = 4;
    /** Washes whose best day was logged before they decide [OURS]. */
    private static final int ENOUGH = 2;
    /** Dressed and there, minutes after hair is dry [OURS]. */
    private static final int READY_MINUTES = 30;
    /** Ways to do it that are laid side by side. */
    private static final int WAYS = 3;

    private final DiaryQuestion asked;
    private final WashTime time;
    private final Hours hours;
    private final List<DiaryConflict> conflicts;

    EventWash(DiaryQuestion asked, WashTime time, Hours hours, List<DiaryConflict> conflicts) {
        this.asked = asked;
        this.time = time;
        this.hours = hours;
        this.conflicts = conflicts;
    }

    /**
     * The day of wear on which a head looks best, and how that is known.
     *
     * @param day of wear, 1 for the wash day
     */
    private record Best(int day, String because) {}

    /** Null where no hour is left for it. */
    EventPlan plan() {
        DiaryEvent event = asked.event();
        Best best = best();
        Integer chosen = null;
        // The nearest to the best day that has an hour; of two as near the one worn longer, which leaves more slack.
        for (int day = LATEST_DAY; day >= 1; day--) {
            boolean nearer = chosen == null || Math.abs(day - best.day()) < Math.abs(chosen - best.day());
            if (nearer && washAt(day) != null) {
                chosen = day;
            }
        }
        if (chosen == null) {
            conflicts.add(DiaryConflict.of(
                    Kind.EVENT,
                    "No hour is free for a wash that would be dry by " + Words.hour(event.at()) + ".",
                    "Free " + duration(time.hereMinutes() + time.slackMinutes())
                            + " in the days before, or wear the wash that is in."));
            return null;
        }
        if (chosen != best.day()) {
            LocalDate wanted = event.at().toLocalDate().minusDays(best.day() - 1L);
            String taken = hours.taken(wanted);
            conflicts.add(new DiaryConflict(
                    List.of(Kind.EVENT, Kind.WASH),
                    wanted.isBefore(asked.from())
                            ? "It is too late for day " + best.day() + " of wear: that wash was due on "
                                    + Words.day(wanted) + "."
                            : "No hour is free on " + Words.day(wanted) + ", which would be the best day to wash"
                                    + (taken.isEmpty() ? "." : ": " + taken + "."),
                    "Wash on " + Words.day(washAt(chosen).toLocalDate()) + ": the event is then day " + chosen
                            + " of wear. Or free " + duration(time.hereMinutes() + time.slackMinutes()) + " on "
                            + Words.day(wanted) + "."));
        }
        return new EventPlan(
                washAt(chosen),
                chosen,
                best.because() + (chosen == best.day() ? "" : " Day " + chosen + " is the nearest there is room for."),
                time.slackMinutes(),
                time.hereMinutes(),
                ways(chosen));
    }

    /** The latest hour on the day that makes the event such a day of wear; null where there is none. */
    private LocalDateTime washAt(int wearDay) {
        LocalDateTime at = asked.event().at();
        LocalDate day = at.toLocalDate().minusDays(wearDay - 1L);
        LocalDate last = WashDates.last(asked);
        boolean tooSoon = last != null && day.isBefore(last.plusDays(WashDates.APART));
        if (day.isBefore(asked.from()) || tooSoon) {
            return null;
        }
        int here = time.hereMinutes() + time.slackMinutes();
        if (wearDay > 1) {
            return hours.latest(day, here, day.plusDays(1).atStartOfDay());
        }
        // Dry before it is worn, wherever it dries.
        int elsewhere = time.dryMinutes() - time.hereMinutes();
        return hours.latest(day, here, at.minusMinutes(READY_MINUTES + (long) elsewhere));
    }

    /** The middle of the days the log calls best, once there are enough; of an even number the earlier. */
    private Best best() {
        List<Integer> days = asked.inOrder().stream()
                .filter(wash -> wash.bestDay() != null)
                .map(DiaryWash::bestDay)
                .toList();
        if (days.size() >= ENOUGH) {
            List<Integer> sorted = days.stream().sorted().toList();
            int middle = Math.min(LATEST_DAY, sorted.get((sorted.size() - 1) / 2));
            long such = days.stream().filter(day -> day == middle).count();
            return new Best(
                    middle,
                    "This head looked best on day " + middle + ": " + such + " of " + days.size()
                            + " washes in the log.");
        }
        return new Best(USUALLY_BEST, "Day 2 is the best for most heads: softer, and the shape still there.");
    }

    /** The day that was chosen first, then the likeliest others, each with what it gives and takes against it. */
    private List<EventWay> ways(int chosen) {
        List<WearDay> days = Wearing.on(asked, time);
        List<EventWay> ways = new ArrayList<>();
        for (WearDay day : days) {
            LocalDateTime at = day.day() <= LATEST_DAY ? washAt(day.day()) : null;
            if (at != null) {
                ways.add(new EventWay(
                        day.day(),
                        at,
                        day.definition(),
                        day.frizz(),
                        day.volume(),
                        day.softness(),
                        day.points(),
                        null));
            }
        }
        List<EventWay> likeliest = ways.stream()
                .sorted(Comparator.comparingInt((EventWay way) -> way.wearDay() == chosen ? 0 : 1)
                        .thenComparingDouble(way -> -way.points()))
                .limit(WAYS)
                .toList();
        EventWay first = likeliest.isEmpty() ? null : likeliest.get(0);
        return likeliest.stream()
                .map(way -> way == first ? way : against(way, first))
                .toList();
    }

    /** What another day of wear gives and takes against the one proposed. */
    private static EventWay against(EventWay way, EventWay first) {
        List<String> moved = new ArrayList<>();
        said(moved, "definition", way.definition() - first.definition());
        said(moved, "frizz", way.frizz() - first.frizz());
        said(moved, "volume", way.volume() - first.volume());
        said(moved, "softness", way.softness() - first.softness());
        return new EventWay(
                way.wearDay(),
                way.washAt(),
                way.definition(),
                way.frizz(),
                way.volume(),
                way.softness(),
                way.points(),
                moved.isEmpty() ? "much the same" : String.join(", ", moved));
    }

    /** Nothing is said of what nobody would see. */
    private static void said(List<String> moved, String score, double by) {
        if (Math.abs(by) >= SEEN) {
            moved.add(String.format(Locale.ROOT, "%s %s%.1f", score, by < 0 ? "−" : "+", Math.abs(by)));
        }
    }

    /** Points below which nobody sees a difference [CP: .3 is visible]. */
    private static final double SEEN = .25;

    /** As "45 min", from a hundred minutes as "2 h 15". */
    static String duration(int minutes) {
        return minutes < 100 ? minutes + " min" : String.format(Locale.ROOT, "%d h %02d", minutes / 60, minutes % 60);
    }
}
