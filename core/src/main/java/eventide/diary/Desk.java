package eventide.diary;

import eventide.diary.DiaryEntry.Kind;
import eventide.product.Product;
import eventide.routine.Amount;
import eventide.routine.Amounts;
import eventide.shape.Maybe;
import eventide.shape.Said;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;

/**
 * A stylist's desk in the morning: who is at the chair, who comes at what hour and what each needs ready, what is late, which days wait
 * for ten seconds of scoring, events with their countdown, bottles that will not last the week.
 *
 * @param lines what wants doing, most urgent first
 * @param events of the next weeks, soonest first
 */
public record Desk(LocalDate today, List<DeskLine> lines, List<DeskEvent> events) {
    /** What a line speaks of, in the order of the desk. */
    public enum Topic implements Said {
        CHAIR("at the chair"),
        VISIT("comes today"),
        OVERDUE("overdue"),
        SCORE("ten seconds of scoring"),
        EVENT("events"),
        BOTTLE("will not last the week");

        private final String label;

        Topic(String label) {
            this.label = label;
        }

        @Override
        public String label() {
            return label;
        }
    }

    /** Where one tap leads. */
    public enum Tap implements Said {
        CHAIR("To the chair"),
        PLAN("Plan it"),
        LOG("Score it"),
        AFTERCARE("See the days"),
        SHELF("To the shelf");

        private final String label;

        Tap(String label) {
            this.label = label;
        }

        @Override
        public String label() {
            return label;
        }
    }

    /**
     * One line.
     *
     * @param clientId absent for a bottle
     * @param at its hour, where it has one
     * @param who the head, or the bottle
     * @param what in a stylist's words
     * @param days until it, or since it was due; absent where neither
     * @param minutes a visit takes
     * @param air what the air of the day changes on it; absent where nothing
     */
    public record DeskLine(
            Topic topic,
            @Maybe Long clientId,
            @Maybe LocalDateTime at,
            String who,
            String what,
            @Maybe Integer days,
            @Maybe Integer minutes,
            @Maybe String air,
            Tap tap) {}

    /**
     * What several heads are got ready for, and what is done on the way to it.
     *
     * @param flags what still has to be done for it
     */
    public record DeskEvent(String name, LocalDateTime at, List<DeskFlag> flags) {}

    /**
     * One thing on the way to an event.
     *
     * @param at null where only the day is known
     * @param what to do, in words
     */
    public record DeskFlag(LocalDate date, @Maybe LocalDateTime at, Long clientId, String who, String what) {}

    /** Days. */
    private static final int WEEK = 7;
    /** Events farther off than this do not bear on a morning, days [OURS]. */
    private static final int EVENT_AHEAD = 60;
    /** Days of wear that are worth a look; later ones tell little more [OURS]. */
    private static final int LOOKED_UNTIL = 4;

    /** What is due of whom today and what runs out on the shelf, most urgent first. */
    public static Desk of(LocalDate today, List<DeskHead> heads, List<Product> shelf) {
        List<DeskLine> lines = new ArrayList<>();
        for (DeskHead head : heads) {
            if (head.running()) {
                lines.add(line(Topic.CHAIR, head, null, "A wash is going on.", null, Tap.CHAIR));
            }
            visits(today, head, lines);
            overdue(today, head, lines);
            score(today, head, lines);
            event(today, head, lines);
        }
        bottles(today, heads, shelf, lines);
        lines.sort(Comparator.comparing(DeskLine::topic)
                .thenComparing(DeskLine::at, Comparator.nullsLast(Comparator.naturalOrder()))
                .thenComparing(line -> line.topic() == Topic.OVERDUE && line.days() != null
                        ? -line.days()
                        : line.days() == null ? 0 : line.days())
                .thenComparing(DeskLine::who));
        return new Desk(today, List.copyOf(lines), events(heads));
    }

    /**
     * @param at null where no hour is meant
     * @param days since it was due, or until it is; null where that says nothing
     * @param tap what a touch on it opens
     */
    private static DeskLine line(Topic topic, DeskHead head, LocalDateTime at, String what, Long days, Tap tap) {
        return new DeskLine(
                topic,
                head.id(),
                at,
                head.name(),
                what,
                days == null ? null : (Integer) days.intValue(),
                null,
                null,
                tap);
    }

    /** Who comes today. */
    private static void visits(LocalDate today, DeskHead head, List<DeskLine> lines) {
        for (KeptDiary.ClientVisit visit : head.kept().visitsOrNone()) {
            if (visit.at().toLocalDate().equals(today)) {
                lines.add(new DeskLine(
                        Topic.VISIT,
                        head.id(),
                        visit.at(),
                        head.name(),
                        ready(head, visit.note()),
                        null,
                        visit.minutes() == null ? head.washMinutes() : visit.minutes(),
                        head.airWords(),
                        head.running() ? Tap.CHAIR : Tap.PLAN));
            }
        }
    }

    /** What is due in the next wash is set out before. */
    private static String ready(DeskHead head, String note) {
        LocalDate next = nextWash(head);
        List<String> ready = new ArrayList<>();
        if (note != null && !note.isBlank()) {
            ready.add(note.strip());
        }
        for (DiaryEntry entry : head.plan().entries()) {
            if (entry.date().equals(next) && entry.kind().ready() != null) {
                ready.add(entry.kind().ready());
            }
        }
        return ready.isEmpty() ? "Nothing special to set out." : String.join(" · ", ready);
    }

    /** Null where none is planned. */
    private static LocalDate nextWash(DeskHead head) {
        return head.plan().entries().stream()
                .filter(entry -> entry.kind() == Kind.WASH)
                .map(DiaryEntry::date)
                .findFirst()
                .orElse(null);
    }

    /** A head is named once, with all that is late on it, the latest first. */
    private static void overdue(LocalDate today, DeskHead head, List<DeskLine> lines) {
        boolean comes = head.kept().visitsOrNone().stream()
                .anyMatch(visit -> !visit.at().toLocalDate().isBefore(today));
        List<DiaryEntry> late = head.plan().entries().stream()
                .filter(entry -> entry.overdueDays() != null)
                // Who has an hour is on the way to it.
                .filter(entry -> !comes || entry.kind() != Kind.WASH)
                .sorted(Comparator.comparing(DiaryEntry::overdueDays).reversed())
                .toList();
        if (late.isEmpty()) {
            return;
        }
        String words = late.stream()
                .map(entry -> entry.kind().label() + " " + Words.days(entry.overdueDays()) + " late")
                .collect(Collectors.joining(", "));
        lines.add(line(
                Topic.OVERDUE,
                head,
                null,
                Words.capital(words) + ".",
                (long) late.get(0).overdueDays(),
                late.get(0).kind() == Kind.TRIM ? Tap.AFTERCARE : Tap.PLAN));
    }

    private static void score(LocalDate today, DeskHead head, List<DeskLine> lines) {
        if (head.lastWash() == null || head.running()) {
            return;
        }
        long day = ChronoUnit.DAYS.between(head.lastWash(), today) + 1;
        boolean here = day >= 2 && day <= LOOKED_UNTIL && !head.looked().contains((int) day);
        if (here) {
            lines.add(line(
                    Topic.SCORE,
                    head,
                    null,
                    "Day " + day + " of the wash of " + Words.day(head.lastWash()) + ": how does it look?",
                    null,
                    Tap.LOG));
        } else if (day >= 1 && !head.looked().contains(1) && day <= WEEK) {
            lines.add(line(
                    Topic.SCORE,
                    head,
                    null,
                    "The wash of " + Words.day(head.lastWash()) + " is not scored yet.",
                    null,
                    Tap.LOG));
        }
    }

    /** What an event of the next weeks still asks for. */
    private static void event(LocalDate today, DeskHead head, List<DeskLine> lines) {
        if (head.event() == null) {
            return;
        }
        long days = ChronoUnit.DAYS.between(today, head.event().at().toLocalDate());
        if (days < 0 || days > EVENT_AHEAD) {
            return;
        }
        EventPlan plan = head.plan().event();
        String how = plan == null
                ? "no hour found for its wash"
                : "wash " + Words.hour(plan.washAt()) + ", worn on day " + plan.wearDay();
        int conflicts = head.plan().conflicts().size();
        lines.add(line(
                Topic.EVENT,
                head,
                head.event().at(),
                Words.capital(head.event().named()) + ": " + how + "."
                        + (conflicts == 0
                                ? ""
                                : " " + head.plan().conflicts().get(0).message()),
                days,
                Tap.AFTERCARE));
    }

    /** Events of one name and hour are one. */
    private static List<DeskEvent> events(List<DeskHead> heads) {
        Map<List<Object>, List<DeskFlag>> flags = new LinkedHashMap<>();
        Map<List<Object>, DiaryEvent> events = new LinkedHashMap<>();
        for (DeskHead head : heads) {
            if (head.event() == null) {
                continue;
            }
            List<Object> key = List.of(head.event().named(), head.event().at());
            events.putIfAbsent(key, head.event());
            List<DeskFlag> own = flags.computeIfAbsent(key, any -> new ArrayList<>());
            for (DiaryEntry entry : head.plan().entries()) {
                boolean rehearsal = entry.kind() == Kind.REHEARSE || entry.kind() == Kind.PATCH_TEST;
                boolean last = entry.kind() == Kind.WASH
                        && head.plan().event() != null
                        && head.plan().event().washAt().equals(entry.at());
                if (rehearsal || last) {
                    own.add(new DeskFlag(
                            entry.date(),
                            entry.at(),
                            head.id(),
                            head.name(),
                            entry.kind().label()));
                }
            }
        }
        return events.entrySet().stream()
                .map(one -> new DeskEvent(
                        one.getValue().named(),
                        one.getValue().at(),
                        flags.get(one.getKey()).stream()
                                .sorted(Comparator.comparing(DeskFlag::date).thenComparing(DeskFlag::who))
                                .toList()))
                .sorted(Comparator.comparing(DeskEvent::at).thenComparing(DeskEvent::name))
                .toList();
    }

    /** What the washes of a week take of a bottle, against what is left of it: both counted as liquid, 1 g/ml, a mousse too. */
    private static void bottles(LocalDate today, List<DeskHead> heads, List<Product> shelf, List<DeskLine> lines) {
        Map<String, Double> taken = new LinkedHashMap<>();
        Map<String, Set<String>> by = new LinkedHashMap<>();
        for (DeskHead head : heads) {
            long washes = head.plan().entries().stream()
                    .filter(entry -> entry.kind() == Kind.WASH && entry.date().isBefore(today.plusDays(WEEK)))
                    .count();
            if (head.worn() == null || head.hair() == null || washes == 0) {
                continue;
            }
            for (Amount amount : Amounts.of(head.worn(), head.hair())) {
                String name = amount.product().name();
                taken.merge(name, washes * amount.grams(), Double::sum);
                by.computeIfAbsent(name, any -> new LinkedHashSet<>()).add(head.name());
            }
        }
        for (Product product : shelf) {
            Double grams = taken.get(product.name());
            if (product.stockMl() == null || grams == null || grams <= product.stockMl()) {
                continue;
            }
            lines.add(new DeskLine(
                    Topic.BOTTLE,
                    null,
                    null,
                    product.name(),
                    Words.number(product.stockMl()) + " ml left; the week's washes take "
                            + Words.number(grams) + " ("
                            + by.get(product.name()).stream().map(Desk::first).collect(Collectors.joining(", ")) + ").",
                    null,
                    null,
                    null,
                    Tap.SHELF));
        }
    }

    private static String first(String name) {
        return name.split("\\s+")[0];
    }
}
