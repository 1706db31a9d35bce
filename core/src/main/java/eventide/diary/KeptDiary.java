package eventide.diary;

import eventide.shape.Frozen;
import eventide.shape.InvalidException;
import eventide.shape.Letters;
import eventide.shape.Maybe;
import eventide.shape.Range;
import eventide.shape.Shape;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/**
 * What is kept of a client's days: all else is worked out from the log.
 *
 * @param cadence in the client's own numbers
 * @param lastTrim the day ends were cut last
 * @param visits hours the client comes
 * @param moved what was put on another day by hand, or let go
 */
public record KeptDiary(
        @Maybe Cadence cadence,
        @Maybe LocalDate lastTrim,
        @Maybe List<ClientVisit> visits,
        @Maybe List<PutElsewhere> moved) {
    public static final KeptDiary EMPTY = new KeptDiary(null, null, null, null);
    /** More than some years of a weekly client. */
    private static final int MOST = 1000;

    /**
     * An hour a client comes.
     *
     * @param minutes the chair is taken; null where nobody said
     */
    public record ClientVisit(
            LocalDateTime at,
            @Maybe @Range(from = 5, to = 900, unit = "minutes") Integer minutes,
            @Maybe @Letters(most = 300) String note) {
        public ClientVisit {
            Shape.check(ClientVisit.class, at, minutes, note);
        }
    }

    /**
     * Something put elsewhere by hand. It stays there: nobody is told of it twice.
     *
     * @param from the day it was due
     * @param to the day it was put on; absent where it was let go
     */
    public record PutElsewhere(DiaryEntry.Kind kind, LocalDate from, @Maybe LocalDate to) {
        public PutElsewhere {
            Shape.check(PutElsewhere.class, kind, from, to);
        }
    }

    public KeptDiary {
        Shape.check(KeptDiary.class, cadence, lastTrim, visits, moved);
        visits = Frozen.list(visits);
        moved = Frozen.list(moved);
        if (visits != null && visits.size() > MOST || moved != null && moved.size() > MOST) {
            throw InvalidException.of("visits", "visits and what was moved must be at most " + MOST + " each");
        }
    }

    /** Visits that were agreed, in the order they were kept; empty for none. */
    public List<ClientVisit> visitsOrNone() {
        return visits == null ? List.of() : visits;
    }

    /** What was put on another day by hand; empty for none. */
    public List<PutElsewhere> movedOrNone() {
        return moved == null ? List.of() : moved;
    }

    /** The plan with what was put elsewhere by hand; care goes where its wash goes. */
    public DiaryPlan on(DiaryPlan plan) {
        List<DiaryEntry> entries = new ArrayList<>();
        for (DiaryEntry entry : plan.entries()) {
            DiaryEntry here = placed(entry);
            if (here != null
                    && entries.stream()
                            .noneMatch(other ->
                                    other.kind() == here.kind() && other.date().equals(here.date()))) {
                entries.add(here);
            }
        }
        entries.sort(Comparator.comparing(DiaryEntry::date).thenComparing(DiaryEntry::kind));
        return new DiaryPlan(List.copyOf(entries), plan.event(), plan.conflicts());
    }

    /** Where a hand has put it; care moves along with the wash it is given in. Null for what was taken out. */
    private DiaryEntry placed(DiaryEntry entry) {
        PutElsewhere own = find(entry.kind(), entry.date());
        PutElsewhere washs = own != null || !entry.kind().isCare() ? null : find(DiaryEntry.Kind.WASH, entry.date());
        PutElsewhere move = own == null ? washs : own;
        if (move == null) {
            return entry;
        }
        if (move.to() == null) {
            return null;
        }
        return new DiaryEntry(
                move.to(),
                entry.at() == null ? null : move.to().atTime(entry.at().toLocalTime()),
                entry.kind(),
                "Put here by hand; it was due on " + Words.day(entry.date()) + ". " + entry.why(),
                DiaryEntry.DueBy.HAND,
                entry.minutes(),
                null);
    }

    /** A day that was moved on again is followed. */
    private PutElsewhere find(DiaryEntry.Kind kind, LocalDate from) {
        PutElsewhere found = null;
        for (PutElsewhere one : movedOrNone()) {
            if (one.kind() == kind && one.from().equals(from)) {
                found = one;
            }
        }
        return found;
    }
}
