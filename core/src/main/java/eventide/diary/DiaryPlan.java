package eventide.diary;

import eventide.diary.DiaryEntry.DueBy;
import eventide.diary.DiaryEntry.Kind;
import eventide.shape.Maybe;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Set;

/**
 * A head's days to come: what is due when, and why. Common practice throughout, the client's own numbers and the log before it.
 *
 * @param entries by day; never two of one kind on a day
 * @param event the wash it is met with; absent where there is no event, or no hour for its wash
 * @param conflicts what does not go together, with what to do
 */
public record DiaryPlan(List<DiaryEntry> entries, @Maybe EventPlan event, List<DiaryConflict> conflicts) {
    /** A patch test is read after this, days [CP: 48 hours]. */
    private static final int PATCH_DAYS = 2;
    /** After three or four refreshes hair is heavy [CP]. */
    private static final int MOST_REFRESHES = 3;
    /** Left alone until this day of wear, then refreshed every second morning [CP]. */
    private static final int REFRESHED_FROM = 3;

    /** Days from one refresh to the next, once it is refreshed at all [CP]. */
    private static final int EVERY_SECOND = 2;
    /** Washes before an event in which nothing is new [CP]. */
    private static final int NOTHING_NEW = 2;

    /** Plans the days asked for: washes, care, event and what stands in each other's way. */
    public static DiaryPlan of(DiaryQuestion asked) {
        return new Making(asked).plan();
    }

    private static final class Making {
        private final DiaryQuestion asked;
        private final List<DiaryConflict> conflicts = new ArrayList<>();
        private final List<DiaryEntry> entries = new ArrayList<>();
        private final WashRhythm rhythm;
        private final WashTime time;
        private final Hours hours;

        Making(DiaryQuestion asked) {
            this.asked = asked;
            this.rhythm = WashRhythm.of(asked);
            this.time = WashTime.of(asked.routine(), asked.hair(), asked.goal());
            this.hours = new Hours(asked.hoursOrUsual(), asked.busyOrNone());
        }

        /** The event's wash first, for everything else gives way to it; then the washes, and what is given in them. */
        DiaryPlan plan() {
            EventPlan event = asked.event() == null ? null : new EventWash(asked, time, hours, conflicts).plan();
            WashDates dates = new WashDates(asked, time, hours, rhythm, conflicts);
            List<PlannedWash> washes = dates.all(event == null ? null : event.washAt());
            if (event != null) {
                rehearse(dates, washes, event.washAt().toLocalDate());
                newBottles(washes, event.washAt().toLocalDate());
            }
            for (PlannedWash wash : washes) {
                DiaryEntry entry = new DiaryEntry(
                        wash.date(),
                        wash.at(),
                        Kind.WASH,
                        wash.forEvent() ? "For " + asked.event().named() + ": " + event.because() : rhythm.why(),
                        wash.forEvent() ? DueBy.TRADE : rhythm.source(),
                        time.hereMinutes());
                entries.add(wash == washes.get(0) && !wash.forEvent() ? entry.overdue(dates.overdueDays()) : entry);
            }
            entries.addAll(CareDates.of(asked, washes));
            if (!washes.isEmpty() && asked.newNext() != null && !asked.newNext().isEmpty()) {
                patchTest(washes.get(0).date(), asked.newNext());
            }
            between(washes);
            if (asked.event() != null) {
                theDay(event);
            }
            return new DiaryPlan(shown(), event, List.copyOf(conflicts));
        }

        /** The same wash once before, where there is room for it; said where there is none. */
        private void rehearse(WashDates dates, List<PlannedWash> washes, LocalDate event) {
            PlannedWash rehearsal = dates.rehearsal(washes, event);
            if (rehearsal == null) {
                conflicts.add(DiaryConflict.of(
                        Kind.REHEARSE,
                        "No room for a rehearsal a week or two before the wash of " + Words.day(event) + ".",
                        "Do only what this head is known to like: nothing new, no new order."));
                return;
            }
            entries.add(new DiaryEntry(
                    rehearsal.date(),
                    rehearsal.at(),
                    Kind.REHEARSE,
                    "The whole wash as it will be on " + Words.day(event) + ", in the same order, logged.",
                    DueBy.TRADE,
                    time.hereMinutes()));
            if (!asked.hair().allergiesOrEmpty().isEmpty()) {
                patchTest(
                        rehearsal.date(),
                        "Known sensitivity: whatever is new at the rehearsal is tried on the skin 48 hours before.",
                        "Put nothing on that this client has not had before.");
            }
        }

        private void patchTest(LocalDate wash, List<String> fresh) {
            String which = String.join(" and ", fresh);
            patchTest(
                    wash,
                    which + (fresh.size() == 1 ? " is" : " are")
                            + " new on this head: a dab on the skin 48 hours before " + Words.day(wash) + ".",
                    "Leave " + which + " out of it, or wash two days later.");
        }

        /** In time for what goes on first at a wash. */
        private void patchTest(LocalDate wash, String why, String otherwise) {
            LocalDate day = wash.minusDays(PATCH_DAYS);
            if (day.isBefore(asked.from())) {
                conflicts.add(DiaryConflict.of(
                        Kind.PATCH_TEST,
                        "No 48 hours are left for a patch test before " + Words.day(wash) + ".",
                        otherwise));
                return;
            }
            entries.add(new DiaryEntry(day, null, Kind.PATCH_TEST, why, DueBy.TRADE, null));
        }

        /** A conflict for each bottle that would not have been on this head long enough by the event. */
        private void newBottles(List<PlannedWash> washes, LocalDate event) {
            long between =
                    washes.stream().filter(wash -> wash.date().isBefore(event)).count();
            List<DiaryWash> past = asked.inOrder();
            for (int i = past.size() - 1; i >= 0 && past.size() - i + between <= NOTHING_NEW; i--) {
                List<String> fresh = past.get(i).newProducts();
                if (fresh != null && !fresh.isEmpty()) {
                    conflicts.add(new DiaryConflict(
                            List.of(Kind.EVENT, Kind.WASH),
                            String.join(" and ", fresh) + " is new on this head, within the last two washes before "
                                    + asked.event().named() + ".",
                            "Leave it out until after, or rehearse with it once more first."));
                }
            }
        }

        /** The mornings, and the ten seconds of scoring, from one wash to the next. */
        private void between(List<PlannedWash> washes) {
            List<LocalDate> days = new ArrayList<>();
            LocalDate last = WashDates.last(asked);
            if (last != null
                    && last.isBefore(
                            washes.isEmpty()
                                    ? asked.to().plusDays(1)
                                    : washes.get(0).date())) {
                days.add(last);
            }
            washes.forEach(wash -> days.add(wash.date()));
            for (int i = 0; i < days.size(); i++) {
                LocalDate next = i + 1 < days.size() ? days.get(i + 1) : null;
                wear(days.get(i), next);
            }
        }

        /**
         * What is looked at, and refreshed, between two washes.
         *
         * @param next null for the last wash planned
         */
        private void wear(LocalDate wash, LocalDate next) {
            int worn = next == null ? rhythm.days() : (int) ChronoUnit.DAYS.between(wash, next);
            if (worn >= 2) {
                entries.add(new DiaryEntry(
                        wash.plusDays(1),
                        null,
                        Kind.SCORE_DAY,
                        "Day 2: definition, frizz and volume at a glance, to learn how this head wears.",
                        DueBy.TRADE,
                        null));
            }
            int refreshes = 0;
            for (int day = REFRESHED_FROM; day <= worn && refreshes < MOST_REFRESHES; day += EVERY_SECOND) {
                entries.add(new DiaryEntry(
                        wash.plusDays(day - 1L),
                        null,
                        Kind.REFRESH,
                        "Day " + day + ": shake the roots, mist only what frizzes, leave it to dry.",
                        DueBy.TRADE,
                        REFRESH_MINUTES));
                refreshes++;
            }
        }

        /** Misted hair is dry in a quarter of an hour to twenty minutes [CP]. */
        private static final int REFRESH_MINUTES = 20;

        /** @param event null where no wash could be found for it */
        private void theDay(EventPlan event) {
            LocalDateTime at = asked.event().at();
            entries.add(new DiaryEntry(
                    at.toLocalDate(),
                    at,
                    Kind.EVENT,
                    event == null
                            ? Words.capital(asked.event().named()) + "."
                            : Words.capital(asked.event().named()) + ", day " + event.wearDay()
                                    + " of wear: spray, pick at the root, one drop of oil, satin over the shoulders."
                                    + (isHumid() ? " Humid out: some of the cast is left." : ""),
                    DueBy.CLIENT,
                    null));
        }

        private boolean isHumid() {
            return asked.event().air() != null && asked.event().air().wornDewPointC() > HUMID_C;
        }

        /** Dew point from which air is humid to hair, °C [CP]. */
        private static final double HUMID_C = 15;

        /** What lies in the days asked for, one of a kind a day. */
        private List<DiaryEntry> shown() {
            Set<List<Object>> seen = new HashSet<>();
            return entries.stream()
                    .filter(entry -> !entry.date().isBefore(asked.from())
                            && !entry.date().isAfter(asked.to()))
                    .sorted(Comparator.comparing(DiaryEntry::date).thenComparing(DiaryEntry::kind))
                    .filter(entry -> seen.add(List.of(entry.date(), entry.kind())))
                    .toList();
        }
    }
}
