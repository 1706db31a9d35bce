package eventide.chair;

import java.time.Instant;
import java.util.Comparator;
import java.util.List;
import java.util.Objects;
import java.util.stream.Stream;

/**
 * A timer's end as a time of day.
 *
 * @param name what has to be done
 * @param at when it rings; past for what is overdue
 */
public record Ring(String name, Instant at) {
    /** Of a minute. */
    private static final long MILLIS = 60_000;

    /** The one that rings next, or rang and was not answered yet; null where none runs. */
    public static Ring next(AtTheChair chair, List<StepTimer> timers, Instant now) {
        ChairRecord record = chair.record();
        Stream<Ring> bySteps = timers.stream()
                .filter(timer -> timer.everySeconds() == null)
                .filter(timer -> !record.answered().contains(timer.key()))
                .map(timer -> running(chair, timer))
                .filter(Objects::nonNull);
        Stream<Ring> byWater = WaterTimer.of(chair).stream()
                .filter(timer -> !record.answered().contains(timer.key()))
                .filter(timer -> record.startedAt() != null && timer.fromMinute() <= chair.nowMinute())
                .map(timer -> new Ring(timer.name(), after(record.startedAt(), timer.untilMinute())))
                .filter(ring -> ring.at().isAfter(now));
        return Stream.concat(bySteps, byWater)
                .min(Comparator.comparing(Ring::at))
                .orElse(null);
    }

    /** Null where the step was not begun, is over or was left out. */
    private static Ring running(AtTheChair chair, StepTimer timer) {
        ChairRecord record = chair.record();
        StepDone step = record.step(timer.step());
        if (step == null || step.skipped()) {
            return null;
        }
        boolean over = timer.untilStep() == null
                ? step.endedAt() != null
                : record.step(timer.untilStep()) != null || record.finishedAt() != null;
        double rested = timer.restsInPause() ? chair.restedMinutes(step) : 0;
        return over ? null : new Ring(timer.name(), after(step.startedAt(), timer.minutes() + rested));
    }

    private static Instant after(Instant from, double minutes) {
        return from.plusMillis(Math.round(minutes * MILLIS));
    }
}
