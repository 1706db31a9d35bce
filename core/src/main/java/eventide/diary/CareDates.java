package eventide.diary;

import eventide.diary.DiaryEntry.DueBy;
import eventide.diary.DiaryEntry.Kind;
import eventide.hair.Condition;
import eventide.hair.Hair;
import eventide.hair.Strand;
import eventide.hair.Zone;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Predicate;

/**
 * What is given in which of the washes to come: clarifying, a mask, protein, and the ends cut. Each by the client's own number where
 * there is one, else by the trade. An event moves them: clarified one wash before its own, a mask in one of the last two, no protein in
 * the three days before it nor within a week of the last, the ends cut a week before at the latest [CP].
 */
final class CareDates {
    /** Once or twice a month [CP; three weeks OURS]. */
    private static final int CLARIFY_DAYS = 21;
    /** Clarified this lately, hair is still clean [CP]. */
    private static final int CLEAN_DAYS = 7;

    /** Days. */
    private static final int WEEK = 7;
    /** Days from one treatment to the next on hair that thrives on it [CP]. */
    private static final int PROTEIN_FORTNIGHT = 14;
    /** The same on other hair [CP]. */
    private static final int PROTEIN_MONTH = 28;
    /** Before an event hair is left as it is known to behave [CP]. */
    private static final int NO_PROTEIN_DAYS = 3;
    /** Every 8 to 12 weeks [CP; the middle]. */
    private static final int TRIM_WEEKS = 10;

    /** Days before an event by which a trim has settled [CP]. */
    private static final int TRIMMED_BEFORE_DAYS = 7;

    private final DiaryQuestion asked;
    private final List<PlannedWash> washes;
    private final Hair hair;
    private final Cadence own;
    private final LocalDate event;
    private final List<DiaryEntry> entries = new ArrayList<>();

    /** When each was last done, by the log or by what was said at the consult; null where nobody knows. Moves on as washes are gone through. */
    private LocalDate clarified;
    /** Washes since, the one in hand among them. */
    private int sinceClarify;

    private LocalDate masked;
    private int sinceMask;
    private LocalDate protein;

    private CareDates(DiaryQuestion asked, List<PlannedWash> washes) {
        this.asked = asked;
        this.washes = washes;
        this.hair = asked.hair();
        this.own = asked.cadenceOrNone();
        this.event = asked.event() == null ? null : asked.event().at().toLocalDate();
        readPast();
    }

    /** @param washes in the order of their dates; what is given is given in one of them */
    static List<DiaryEntry> of(DiaryQuestion asked, List<PlannedWash> washes) {
        CareDates care = new CareDates(asked, washes);
        for (int i = 0; i < washes.size(); i++) {
            care.wash(i);
        }
        care.trims();
        return care.entries;
    }

    /** Where the log and the consult differ the later date counts. */
    private void readPast() {
        LastCare last = LastCare.said(hair, asked.from()).with(asked.inOrder());
        clarified = last.clarified();
        protein = last.protein();
        for (DiaryWash wash : asked.inOrder()) {
            sinceClarify++;
            sinceMask++;
            if (wash.wasClarified()) {
                sinceClarify = 0;
            }
            if (wash.hadMask()) {
                masked = wash.date();
                sinceMask = 0;
            }
        }
    }

    /** Not everything in one wash [CP]: a clarifier strips and protein stiffens, so protein waits for the next; a mask would only soften what protein has just set. */
    private void wash(int i) {
        LocalDate day = washes.get(i).date();
        sinceClarify++;
        sinceMask++;
        boolean isClarified = clarify(i, day);
        boolean hasProtein = !isClarified && protein(day);
        if (!hasProtein) {
            mask(i, day);
        }
    }

    /** The wash before an event's own. */
    private boolean isLastButOne(int i) {
        return i + 1 < washes.size() && washes.get(i + 1).forEvent();
    }

    /** In this order: for an event, as the client has it, on hair nobody knows, by what the log has learned, by the calendar. Not on the event's own wash, nor so soon before its last but one that it would come twice. */
    private boolean clarify(int i, LocalDate day) {
        boolean fresh = clarified != null && ChronoUnit.DAYS.between(clarified, day) < CLEAN_DAYS;
        boolean soonForEvent = i + 2 < washes.size()
                && washes.get(i + 2).forEvent()
                && ChronoUnit.DAYS.between(day, washes.get(i + 1).date()) < CLEAN_DAYS;
        String why = null;
        DueBy source = DueBy.TRADE;
        if (washes.get(i).forEvent() || fresh) {
            return false;
        }
        if (isLastButOne(i)) {
            why = "One wash before the one for " + asked.event().named()
                    + ", not the last: what is left blurs no curl then.";
        } else if (soonForEvent) {
            return false;
        } else if (own.clarifyEveryWashes() != null) {
            if (sinceClarify >= own.clarifyEveryWashes()) {
                why = own.clarifyEveryWashes() == 1
                        ? "Clarified in every wash."
                        : "Every " + own.clarifyEveryWashes() + " washes.";
                source = DueBy.CLIENT;
            }
        } else if (clarified == null && (isTrue(hair.newClient()) || isTrue(hair.buildUp()))) {
            why = isTrue(hair.buildUp())
                    ? "Built up: dull, coated, limp."
                    : "First time here: nobody knows what is still in the hair.";
        } else if (clarified == null) {
            why = asked.washes().isEmpty()
                    ? "First wash here: nobody knows what is still in the hair."
                    : "No clarifying on record; once or twice a month keeps hair from building up.";
        } else if (asked.clarifyAfterDays() != null) {
            if (ChronoUnit.DAYS.between(clarified, day) >= asked.clarifyAfterDays()) {
                why = "By the log this head falls off " + Words.days(asked.clarifyAfterDays()) + " after clarifying.";
                source = DueBy.LOG;
            }
        } else if (ChronoUnit.DAYS.between(clarified, day) >= CLARIFY_DAYS) {
            why = Words.weeks(clarified, day) + " since the last; once or twice a month keeps hair from building up.";
        }
        if (why == null) {
            return false;
        }
        boolean byDays = source != DueBy.CLIENT && clarified != null && !isLastButOne(i);
        int every = asked.clarifyAfterDays() == null ? CLARIFY_DAYS : asked.clarifyAfterDays();
        add(day, Kind.CLARIFY, why, source, byDays ? clarified.plusDays(every) : null);
        clarified = day;
        sinceClarify = 0;
        return true;
    }

    /** As the client has it; not on hair that reacts to it or is brittle; by the log; weekly while over-soft, else a fortnight or a month by how weak the strands are [CP]. */
    private boolean protein(LocalDate day) {
        if (event != null && !day.isAfter(event) && ChronoUnit.DAYS.between(day, event) <= NO_PROTEIN_DAYS) {
            return false;
        }
        long since = protein == null ? Long.MAX_VALUE : ChronoUnit.DAYS.between(protein, day);
        if (since < WEEK) {
            return false;
        }
        String why = null;
        DueBy source = DueBy.TRADE;
        if (own.proteinEveryDays() != null) {
            if (since >= own.proteinEveryDays()) {
                why = "Every " + own.proteinEveryDays() + " days.";
                source = DueBy.CLIENT;
            }
        } else if (reactsToProtein() || has(Condition.BRITTLE)) {
            return false;
        } else if (asked.proteinAfterDays() != null && protein != null) {
            if (since >= asked.proteinAfterDays()) {
                why = "By the log this head falls off " + Words.days(asked.proteinAfterDays()) + " after protein.";
                source = DueBy.LOG;
            }
        } else if (has(Condition.OVER_SOFT)) {
            why = since >= WEEK ? "Over-soft: it stays long when stretched, and wants protein sooner." : null;
        } else {
            boolean weak = weak();
            int every = weak ? PROTEIN_FORTNIGHT : PROTEIN_MONTH;
            boolean known = protein != null;
            if (known && since >= every) {
                why = Words.weeks(protein, day) + " since the last; "
                        + (weak ? "fine or bleached hair takes it fortnightly." : "monthly is enough here.");
            } else if (!known && weak) {
                why = "No protein on record, and fine or bleached hair takes it fortnightly.";
            }
        }
        if (why == null) {
            return false;
        }
        int every = own.proteinEveryDays() != null
                ? own.proteinEveryDays()
                : source == DueBy.LOG
                        ? asked.proteinAfterDays()
                        : has(Condition.OVER_SOFT) ? WEEK : weak() ? PROTEIN_FORTNIGHT : PROTEIN_MONTH;
        add(day, Kind.PROTEIN, why, source, protein == null ? null : protein.plusDays(every));
        protein = day;
        return true;
    }

    /** By washes, not days, for washing is what takes the softness out; fine hair seldom, and never on the day of an event, for it falls limp [CP]. */
    private void mask(int i, LocalDate day) {
        boolean fine = hair.strand() == Strand.FINE;
        boolean thirsty = hair.strand() == Strand.COARSE
                || hair.porosity() == eventide.hair.Porosity.HIGH
                || has(Condition.COLOURED)
                || has(Condition.BLEACHED)
                || has(Condition.HEAT_DAMAGED);
        Integer every = own.maskEveryWashes();
        int washesBetween = every != null ? every : thirsty ? 1 : fine ? 3 : 2;
        boolean lately = every == null && masked != null && ChronoUnit.DAYS.between(masked, day) < WEEK;
        boolean due = masked == null && asked.washes().isEmpty() ? i == 0 : sinceMask >= washesBetween;
        boolean forEvent = fine ? isLastButOne(i) : washes.get(i).forEvent();
        if (forEvent
                && !fine
                && masked != null
                && i > 0
                && masked.equals(washes.get(i - 1).date())) {
            forEvent = false;
        }
        boolean comesForEvent =
                fine && i + 2 < washes.size() && washes.get(i + 2).forEvent();
        if (!forEvent && (!due || lately || comesForEvent)) {
            return;
        }
        String why = forEvent
                ? "In one of the last two washes before " + asked.event().named() + "."
                : every != null
                        ? (every == 1 ? "In every wash." : "Every " + every + " washes.")
                        : thirsty
                                ? "About weekly: coarse, dry or coloured hair drinks it."
                                : fine
                                        ? "Every third wash, two minutes: more makes fine hair limp."
                                        : "Every second wash.";
        add(day, Kind.MASK, why, every == null || forEvent ? DueBy.TRADE : DueBy.CLIENT, null);
        masked = day;
        sinceMask = 0;
    }

    /** On wash days; before an event a week early or not until after it. */
    private void trims() {
        int weeks = own.trimEveryWeeks() == null ? TRIM_WEEKS : own.trimEveryWeeks();
        DueBy source = own.trimEveryWeeks() == null ? DueBy.TRADE : DueBy.CLIENT;
        LocalDate last = asked.lastTrim();
        LocalDate due = last == null ? asked.from().plusWeeks(weeks) : last.plusWeeks(weeks);
        boolean known = last != null;
        for (PlannedWash wash : washes) {
            LocalDate day = wash.date();
            PlannedWash before = lastBefore(due);
            boolean brought = wash == before;
            if ((day.isBefore(due) && !brought) || isTooCloseToTheEvent(day)) {
                continue;
            }
            String why = source == DueBy.CLIENT
                    ? "Every " + weeks + " weeks."
                    : known
                            ? Words.weeks(last, day) + " since the last; ends are cut every 8 to 12 weeks."
                            : "No trim on record; ends are cut every 8 to 12 weeks.";
            add(
                    day,
                    Kind.TRIM,
                    brought ? why + " A week before " + asked.event().named() + " at the latest." : why,
                    source,
                    known ? due : null);
            last = day;
            known = true;
            due = day.plusWeeks(weeks);
        }
    }

    /** The wash a trim is brought forward to, where it is due too close to an event; null where it need not be. */
    private PlannedWash lastBefore(LocalDate due) {
        if (event == null || due.isAfter(event) || !isTooCloseToTheEvent(due)) {
            return null;
        }
        return washes.stream()
                .filter(wash ->
                        !isTooCloseToTheEvent(wash.date()) && wash.date().isBefore(event))
                .reduce((earlier, later) -> later)
                .orElse(null);
    }

    /** A cut wants a week to fall right [CP]. */
    private boolean isTooCloseToTheEvent(LocalDate day) {
        return event != null && !day.isAfter(event) && ChronoUnit.DAYS.between(day, event) < TRIMMED_BEFORE_DAYS;
    }

    /** Strands that break first: fine, bleached, burnt. */
    private boolean weak() {
        return has(Condition.BLEACHED) || hair.strand() == Strand.FINE || has(Condition.HEAT_DAMAGED);
    }

    /** What is known to be reacted to is never put into a diary. */
    private boolean reactsToProtein() {
        return hair.allergiesOrEmpty().stream()
                .map(String::toLowerCase)
                .anyMatch(((Predicate<String>) word -> word.contains("protein")).or(word -> word.contains("keratin")));
    }

    /** Whether any zone is read so. */
    private boolean has(Condition condition) {
        for (Zone zone : Zone.values()) {
            if (hair.at(zone).condition().contains(condition)) {
                return true;
            }
        }
        return false;
    }

    private static boolean isTrue(Boolean value) {
        return Boolean.TRUE.equals(value);
    }

    /**
     * @param due the day it was due; null where no day says so
     */
    private void add(LocalDate day, Kind kind, String why, DueBy source, LocalDate due) {
        DiaryEntry entry = new DiaryEntry(day, null, kind, why, source, null);
        entries.add(due == null ? entry : entry.overdue(ChronoUnit.DAYS.between(due, asked.from())));
    }
}
