package eventide.chair;

import eventide.routine.Routine;
import eventide.routine.Step;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.function.IntToDoubleFunction;

/**
 * When nobody worked though a step of hands was open: pauses, and hours without a tap, as of a chair left overnight. Hair
 * goes on drying; the pace of hands does not know of it. What works by itself (a mask, a hood, the air) works on.
 */
final class Rests {
    /** Beyond what a section is planned to take nobody works on it as long without a tap, minutes [OURS]. */
    private static final double LEFT_ALONE = 120;

    /**
     * From one moment to a later one.
     *
     * @param to when hands were back; both by the clock the record is told in
     */
    record Paused(Instant from, Instant to) {
        double minutes() {
            return minutesBetween(from, to);
        }
    }

    private final List<Paused> all;

    private Rests(List<Paused> all) {
        this.all = all;
    }

    /**
     * @param sectionMinutes what a section of a step is planned to take
     * @param now any moment; nothing after it is counted
     */
    static Rests of(Routine routine, ChairRecord record, IntToDoubleFunction sectionMinutes, Instant now) {
        List<Paused> all = new ArrayList<>();
        for (StepDone step : record.steps()) {
            if (works(routine, step.index())) {
                Instant end = step.endedAt() == null ? now : step.endedAt();
                List<Paused> paused = paused(record, step.startedAt(), end);
                all.addAll(paused);
                all.addAll(new Rests(paused).silences(step, end, sectionMinutes.applyAsDouble(step.index())));
            }
        }
        all.sort(Comparator.comparing(Paused::from));
        return new Rests(List.copyOf(all));
    }

    /** Hands, or a dryer in a hand: what rests when they do. */
    static boolean works(Routine routine, int index) {
        Step step = routine.steps().get(index);
        return step.isEachSection() || step.action().isHandsOn();
    }

    /** Pauses that were tapped, as far as they lie between two moments; one still running lasts until the later. */
    private static List<Paused> paused(ChairRecord record, Instant from, Instant to) {
        List<Paused> found = new ArrayList<>();
        for (ChairRecord.Pause pause : record.pauses()) {
            Instant begin = later(pause.from(), from);
            Instant end = pause.to() == null || pause.to().isAfter(to) ? to : pause.to();
            if (begin.isBefore(end)) {
                found.add(new Paused(begin, end));
            }
        }
        return found;
    }

    /**
     * Stretches without a tap far longer than a section takes: hands were elsewhere and nobody said so.
     *
     * @param usual minutes a section takes here
     */
    private List<Paused> silences(StepDone step, Instant end, double usual) {
        List<Instant> taps = new ArrayList<>(step.sectionEnds());
        if (taps.isEmpty() || taps.get(taps.size() - 1).isBefore(end)) {
            taps.add(end);
        }
        List<Paused> found = new ArrayList<>();
        Instant from = step.startedAt();
        for (Instant tap : taps) {
            double worked = work(from, tap);
            if (worked > usual + LEFT_ALONE) {
                // As long as it was planned to take they worked, and then left.
                found.addAll(gaps(from.plus(Duration.ofMillis(Math.round(usual * 60_000))), tap));
            }
            from = tap;
        }
        return found;
    }

    /** What lies between two moments and is no rest yet. */
    private List<Paused> gaps(Instant from, Instant to) {
        List<Paused> gaps = new ArrayList<>();
        Instant begin = from;
        for (Paused rest : all) {
            if (rest.to().isAfter(begin) && rest.from().isBefore(to)) {
                if (begin.isBefore(rest.from())) {
                    gaps.add(new Paused(begin, rest.from()));
                }
                begin = later(begin, rest.to());
            }
        }
        if (begin.isBefore(to)) {
            gaps.add(new Paused(begin, to));
        }
        return gaps;
    }

    /** In the order of time. */
    List<Paused> all() {
        return all;
    }

    /** Minutes of work between two moments. */
    double work(Instant from, Instant to) {
        double rested = all.stream()
                .mapToDouble(rest -> Math.max(
                        0, minutesBetween(later(from, rest.from()), rest.to().isBefore(to) ? rest.to() : to)))
                .sum();
        return Math.max(0, minutesBetween(from, to) - rested);
    }

    private static Instant later(Instant one, Instant other) {
        return one.isBefore(other) ? other : one;
    }

    private static double minutesBetween(Instant from, Instant to) {
        return StepDone.minutes(from, to);
    }
}
