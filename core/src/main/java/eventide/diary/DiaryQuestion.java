package eventide.diary;

import eventide.hair.Hair;
import eventide.routine.Goal;
import eventide.routine.Routine;
import eventide.shape.Bounded;
import eventide.shape.Fault;
import eventide.shape.Frozen;
import eventide.shape.InvalidException;
import eventide.shape.Letters;
import eventide.shape.Maybe;
import eventide.shape.Shape;
import eventide.wash.Correction;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/**
 * A head and its days, from one to another, both included.
 *
 * @param workingHours when a wash can be done; where absent from 9 to 19 o'clock every day
 * @param washes that were done, in any order
 * @param event that all is to lead up to
 * @param busy hours in which no wash can be done
 * @param routine that a wash is done by: how long it takes, when it is dry, how it wears; where absent what is usual for this hair
 * @param lastTrim the day ends were cut last
 * @param logged what the log shows of this head's care
 * @param learned what it has taught of this head's scores
 * @param newNext bottles of the next wash that this head has not had
 */
public record DiaryQuestion(
        Hair hair,
        Goal goal,
        LocalDate from,
        LocalDate to,
        @Maybe WorkingHours workingHours,
        @Maybe Cadence cadence,
        List<DiaryWash> washes,
        @Maybe DiaryEvent event,
        @Maybe List<BusyTime> busy,
        @Maybe Routine routine,
        @Maybe LocalDate lastTrim,
        @Maybe LoggedCadence logged,
        @Maybe Correction learned,
        @Maybe @Letters(least = 1, most = 200) List<String> newNext)
        implements Bounded {
    /** Two years and a little. */
    private static final int MOST_DAYS = 750;

    /** Washes one question may bring: a head's whole life in a salon. */
    private static final int MOST_WASHES = 5000;
    /** Busy times one question may bring. */
    private static final int MOST_BUSY = 5000;

    public DiaryQuestion {
        Shape.check(
                DiaryQuestion.class,
                hair,
                goal,
                from,
                to,
                workingHours,
                cadence,
                washes,
                event,
                busy,
                routine,
                lastTrim,
                logged,
                learned,
                newNext);
        newNext = Frozen.list(newNext);
        washes = Frozen.list(washes);
        busy = Frozen.list(busy);
        if (to.isBefore(from)) {
            throw InvalidException.of("to", "to must not be before from (" + from + "), but was " + to);
        }
        if (event != null && event.at().toLocalDate().isBefore(from)) {
            throw new InvalidException(List.of(new Fault(
                    "/event/at", "the event must still lie ahead on " + from + ", but was on " + event.at())));
        }
    }

    @Override
    public List<Fault> beyond() {
        List<Fault> beyond = new ArrayList<>(learned == null ? List.of() : learned.beyond());
        long days = ChronoUnit.DAYS.between(from, end());
        if (days > MOST_DAYS) {
            beyond.add(new Fault("/to", "a diary must be of at most " + MOST_DAYS + " days, but was of " + days));
        }
        if (washes.size() > MOST_WASHES) {
            beyond.add(new Fault("/washes", "washes must be at most " + MOST_WASHES + ", but were " + washes.size()));
        }
        if (busyOrNone().size() > MOST_BUSY) {
            beyond.add(new Fault("/busy", "busy must be at most " + MOST_BUSY + ", but were " + busy.size()));
        }
        return beyond;
    }

    Integer clarifyAfterDays() {
        return logged == null ? null : logged.clarifyAfterDays();
    }

    Integer proteinAfterDays() {
        return logged == null ? null : logged.proteinAfterDays();
    }

    Cadence cadenceOrNone() {
        return cadence == null ? Cadence.NONE : cadence;
    }

    WorkingHours hoursOrUsual() {
        return workingHours == null ? WorkingHours.USUAL : workingHours;
    }

    List<BusyTime> busyOrNone() {
        return busy == null ? List.of() : busy;
    }

    /** Past washes, the oldest first. */
    List<DiaryWash> inOrder() {
        return washes.stream().sorted(Comparator.comparing(DiaryWash::date)).toList();
    }

    /** The last day that is thought about: an event may lie behind the last that is asked for. */
    LocalDate end() {
        LocalDate day = event == null ? to : event.at().toLocalDate();
        return day.isAfter(to) ? day : to;
    }
}
