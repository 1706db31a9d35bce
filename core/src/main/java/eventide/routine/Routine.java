package eventide.routine;

import eventide.shape.Bounded;
import eventide.shape.Fault;
import eventide.shape.Frozen;
import eventide.shape.InvalidException;
import eventide.shape.Maybe;
import eventide.shape.Range;
import eventide.shape.Shape;
import java.util.ArrayList;
import java.util.List;

/**
 * A wash-and-go as a value: immutable, comparable, one JSON document with a format version.
 *
 * @param formatVersion 1
 * @param steps in the order they are done, at most {@link #MOST_STEPS}
 * @param startWetness percent of water it begins at; absent, dripping
 * @param plannedWearDays days it is to last, 0 to 60; absent, nobody said
 * @param dailyRefresh misted and shaken each morning
 * @param trial done to learn from: residue and second changes matter
 * @param nightCare what keeps the shape while it is slept on
 */
public record Routine(
        @Range(from = 1, to = 1) Integer formatVersion,
        List<Step> steps,
        @Maybe @Range(from = 0, to = 100, unit = "percent") Double startWetness,
        @Maybe @Range(from = 0, to = 60, unit = "days") Double plannedWearDays,
        @Maybe Boolean dailyRefresh,
        @Maybe Boolean trial,
        @Maybe NightCare nightCare)
        implements Bounded {
    /** Of the routine as a document; what is older is read all the same. */
    public static final int FORMAT_VERSION = 1;
    /** Far above any real wash day; keeps one request from occupying the server. */
    public static final int MOST_STEPS = 200;

    /**
     * Turns of the hands, a section each time anything is done on it. A hundred sections of eighteen steps each is more than
     * anybody does in a day; so many are worked out, mends tried and all, within about a second.
     */
    public static final int MOST_TURNS = 2000;
    /** Three days of stated minutes [OURS]. */
    public static final int MOST_MINUTES = 4320;

    public Routine {
        List<Fault> faults = Shape.faults(
                Routine.class, formatVersion, steps, startWetness, plannedWearDays, dailyRefresh, trial, nightCare);
        if (steps != null && steps.size() > MOST_STEPS) {
            faults.add(new Fault("/steps", "steps must be from 0 to " + MOST_STEPS + ", but were " + steps.size()));
        }
        if (!faults.isEmpty()) {
            throw new InvalidException(faults);
        }
        steps = Frozen.list(steps);
    }

    /**
     * Of the hands: a section each time anything is done on it. What a run through the water costs goes by it.
     *
     * @return a count, at least one a step
     */
    public int turns() {
        return steps.stream()
                .mapToInt(step -> (step.sections() == null ? 1 : step.sections())
                        * Math.max(1, step.steps() == null ? 0 : step.steps().size()))
                .sum();
    }

    @Override
    public List<Fault> beyond() {
        int turns = turns();
        double minutes = steps.stream().mapToDouble(Routine::stated).sum();
        List<Fault> beyond = new ArrayList<>();
        if (turns > MOST_TURNS) {
            beyond.add(new Fault(
                    "/steps",
                    "sections times the steps on each must be at most " + MOST_TURNS + ", but were " + turns));
        }
        if (minutes > MOST_MINUTES) {
            beyond.add(new Fault(
                    "/steps",
                    "the minutes of all steps must be at most " + MOST_MINUTES + ", but were " + Math.round(minutes)));
        }
        return beyond;
    }

    /** Minutes the step says of itself, each section's turn counted; nothing of what it leaves open. */
    private static double stated(Step step) {
        double own = step.minutes() == null ? 0 : step.minutes();
        int sections = step.sections() == null ? 1 : step.sections();
        return own
                + (step.steps() == null
                        ? 0
                        : sections
                                * step.steps().stream()
                                        .mapToDouble(Routine::stated)
                                        .sum());
    }

    /** In the order they are done; kept without refresh or night care. */
    public static Routine of(List<Step> steps) {
        return new Routine(FORMAT_VERSION, steps, null, null, null, null, null);
    }

    /** In the present format, with nothing else said. */
    public static Routine of(Step... steps) {
        return of(List.of(steps));
    }

    /** The same routine with these steps; days, nights and mornings as they were. */
    public Routine withSteps(List<Step> changed) {
        return new Routine(formatVersion, changed, startWetness, plannedWearDays, dailyRefresh, trial, nightCare);
    }

    /** The same, begun at so much water, percent. */
    public Routine startingAt(double wetness) {
        return new Routine(formatVersion, steps, wetness, plannedWearDays, dailyRefresh, trial, nightCare);
    }

    /** The same, to last so many days, 0 to 60. */
    public Routine wornFor(double days) {
        return new Routine(formatVersion, steps, startWetness, days, dailyRefresh, trial, nightCare);
    }

    /** With how it is kept from day to day; what is not done is left unsaid. */
    public Routine kept(boolean refreshed, NightCare night) {
        return new Routine(
                formatVersion,
                steps,
                startWetness,
                plannedWearDays,
                refreshed ? Boolean.TRUE : null,
                trial,
                night == NightCare.NONE ? null : night);
    }

    /** How its nights are passed: as it says, else by what is done once it is washed; null where nothing is said. */
    public NightCare night() {
        if (nightCare != null) {
            return nightCare;
        }
        boolean covered = false;
        boolean gathered = false;
        for (Step step : steps.subList(lastRinse() + 1, steps.size())) {
            covered |= step.action() == Action.COVER_NIGHT;
            gathered |= step.action() == Action.PIN_UP;
        }
        return !covered ? null : gathered ? NightCare.PINEAPPLE : NightCare.SATIN;
    }

    /** False where nobody said. */
    public boolean isRefreshedDaily() {
        return Boolean.TRUE.equals(dailyRefresh);
    }

    /** Dry, styled hair that is only misted: no wash day. */
    public boolean isRefresh() {
        return startWetnessOrDripping() < STYLED_DRY
                && places().stream()
                        .map(this::at)
                        .noneMatch(step -> step.action().soaks() || step.action() == Action.REWET);
    }

    /** Percent of water below which hair is dry to the hand [CP: nearly dry begins there]. */
    private static final double STYLED_DRY = 10;

    /** Percent; dripping where nothing is said. */
    public double startWetnessOrDripping() {
        return startWetness == null ? 100 : startWetness;
    }

    /** With one step put before the step at this index. */
    public Routine inserting(int index, Step step) {
        List<Step> changed = new ArrayList<>(steps);
        changed.add(index, step);
        return withSteps(changed);
    }

    /** With another step in the place of one, counted from 0. */
    public Routine replacing(int index, Step step) {
        List<Step> changed = new ArrayList<>(steps);
        changed.set(index, step);
        return withSteps(changed);
    }

    /** Less one step, counted from 0. */
    public Routine without(int index) {
        List<Step> changed = new ArrayList<>(steps);
        changed.remove(index);
        return withSteps(changed);
    }

    /** With a step changed in place, whether it stands alone or inside an EACH_SECTION. */
    public Routine replacing(StepPlace place, Step step) {
        if (place.inner() < 0) {
            return replacing(place.index(), step);
        }
        Step frame = steps.get(place.index());
        List<Step> inner = new ArrayList<>(frame.steps());
        inner.set(place.inner(), step);
        return replacing(place.index(), frame.but().steps(inner).build());
    }

    /** With a step put before another, inside the same EACH_SECTION if that one is. */
    public Routine inserting(StepPlace place, Step step) {
        if (place.inner() < 0) {
            return inserting(place.index(), step);
        }
        Step frame = steps.get(place.index());
        List<Step> inner = new ArrayList<>(frame.steps());
        inner.add(place.inner(), step);
        return replacing(place.index(), frame.but().steps(inner).build());
    }

    /** With a step taken out; an EACH_SECTION left empty goes too. */
    public Routine without(StepPlace place) {
        if (place.inner() < 0) {
            return without(place.index());
        }
        Step frame = steps.get(place.index());
        List<Step> inner = new ArrayList<>(frame.steps());
        inner.remove(place.inner());
        return inner.isEmpty()
                ? without(place.index())
                : replacing(place.index(), frame.but().steps(inner).build());
    }

    /** The step at a place. */
    public Step at(StepPlace place) {
        Step step = steps.get(place.index());
        return place.inner() < 0 ? step : step.steps().get(place.inner());
    }

    /** Every step with hands of its own, in the order of writing: the frames of EACH_SECTION opened. */
    public List<StepPlace> places() {
        List<StepPlace> places = new ArrayList<>();
        for (int i = 0; i < steps.size(); i++) {
            Step step = steps.get(i);
            if (!step.isEachSection()) {
                places.add(new StepPlace(i, -1));
                continue;
            }
            for (int j = 0; j < step.steps().size(); j++) {
                places.add(new StepPlace(i, j));
            }
        }
        return places;
    }

    /** Index of the last step that rinses the hair, −1 where none does; what is applied before it is not worn. */
    public int lastRinse() {
        for (int i = steps.size() - 1; i >= 0; i--) {
            if (steps.get(i).action().soaks() && steps.get(i).coversHead()) {
                return i;
            }
        }
        return -1;
    }
}
