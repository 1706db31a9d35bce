package eventide.server.diary;

import eventide.diary.DiaryEntry;
import eventide.diary.DiaryEntry.Kind;
import eventide.diary.DiaryPlan;
import eventide.diary.KeptDiary;
import eventide.diary.KeptDiary.ClientVisit;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.stream.Collectors;

/** What of a diary belongs in a calendar: what is given in a wash is said with the wash. */
final class CalendarItems {
    private static final Set<Kind> WITH_THE_WASH = Set.of(Kind.CLARIFY, Kind.MASK, Kind.PROTEIN, Kind.REHEARSE);
    private static final int DAY_BEFORE = 24 * 60;
    private static final int HALF_AN_HOUR = 30;
    private static final int HOUR = 60;

    private CalendarItems() {}

    /**
     * @param owner in front of every uid: one calendar's lines are not another's
     * @param name of the client, null in the client's own calendar
     */
    static List<CalendarItem> of(String owner, String name, DiaryPlan plan, KeptDiary kept, LocalDate today) {
        List<CalendarItem> items = new ArrayList<>();
        String whose = name == null ? "" : name + ": ";
        for (DiaryEntry entry : plan.entries()) {
            if (WITH_THE_WASH.contains(entry.kind()) || entry.kind() == Kind.SCORE_DAY) {
                continue;
            }
            boolean wash = entry.kind() == Kind.WASH;
            items.add(new CalendarItem(
                    uid(owner, entry.kind().name(), entry.date()),
                    entry.date(),
                    entry.at(),
                    entry.minutes() == null ? (entry.at() == null ? null : (Integer) HOUR) : entry.minutes(),
                    whose
                            + (wash
                                    ? washWords(plan, entry)
                                    : capital(entry.kind().label())),
                    entry.why() + (wash ? careWords(plan, entry) : ""),
                    entry.kind() == Kind.EVENT ? (Integer) DAY_BEFORE : wash ? (Integer) HALF_AN_HOUR : null));
        }
        for (ClientVisit visit : kept.visitsOrNone()) {
            if (!visit.at().toLocalDate().isBefore(today)) {
                items.add(new CalendarItem(
                        uid(owner, "VISIT", visit.at().toLocalDate()),
                        visit.at().toLocalDate(),
                        visit.at(),
                        visit.minutes() == null ? HOUR : visit.minutes(),
                        whose + "at the chair",
                        visit.note() == null ? "An hour was made." : visit.note(),
                        HOUR));
            }
        }
        return items;
    }

    private static String uid(String owner, String kind, LocalDate day) {
        return owner + "-" + kind.toLowerCase(Locale.ROOT) + "-" + day + "@even-tide";
    }

    private static String washWords(DiaryPlan plan, DiaryEntry wash) {
        String also = with(plan, wash).stream().map(one -> one.kind().label()).collect(Collectors.joining(", "));
        return also.isEmpty() ? "Wash day" : "Wash day, " + also;
    }

    private static String careWords(DiaryPlan plan, DiaryEntry wash) {
        return with(plan, wash).stream()
                .map(one -> " " + capital(one.kind().label()) + ": " + one.why())
                .collect(Collectors.joining());
    }

    private static List<DiaryEntry> with(DiaryPlan plan, DiaryEntry wash) {
        return plan.entries().stream()
                .filter(entry -> entry.date().equals(wash.date()) && WITH_THE_WASH.contains(entry.kind()))
                .toList();
    }

    private static String capital(String text) {
        return text.substring(0, 1).toUpperCase(Locale.ROOT) + text.substring(1);
    }
}
