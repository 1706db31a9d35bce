package eventide.drying;

import static eventide.drying.DryingConstants.*;

import eventide.air.Air;
import eventide.hair.Hair;
import eventide.routine.Action;
import eventide.routine.Part;
import eventide.routine.Routine;
import eventide.routine.Step;
import eventide.routine.StepPlace;
import eventide.routine.WaterDone;
import eventide.shape.InvalidException;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/** One run of a routine over one head. */
final class Simulation {
    /** A week: longer than any wash day, short enough to draw. */
    static final double MOST_MINUTES = 10_080;

    /** Minutes that are none. */
    private static final double EPSILON = 1e-9;

    private static final Step HANDS_OFF = Step.of(Action.WAIT).build();
    private static final int[] NOBODY = {};

    private final Routine routine;
    private final Hair hair;
    private final Happenings happenings;
    private final OpenEnds openEnds;
    private final double longestStep;
    private final Streams streams;
    private final Sectioning sectioning;
    private final Cell[] cells;
    private final Head head;
    private final Course course;
    private final TideRecorder recorder = new TideRecorder();
    private final List<StepTide> drawn = new ArrayList<>();

    /** As {@link StepDuration#size} gives it. */
    private final double size;
    /** Water before a stretch of time that may be cut short. */
    private final KeptWater kept;

    private double now;
    private double handsOn;
    private double mostWater;
    /** Interludes already taken into the water. */
    private int interludes;
    /** Rests already taken, and the minutes of them. */
    private int rests;

    private double rested;
    /** As hands at work leave the water, as long as the same covers and clips are on; null where that is not known. */
    private Flow plain;
    /** The sections of the step in hand whose turn is still to come. */
    private List<int[]> waiting = List.of();

    /**
     * @param happenings what the chair knows beyond the routine: paces, rests, looks and mists; none for a plan
     * @param longestStepMinutes longest piece of time taken at once; shorter ones come nearer to the curve and take longer
     */
    Simulation(Routine routine, Hair hair, Air air, Happenings happenings, double longestStepMinutes) {
        this.happenings = happenings;
        this.routine = routine;
        this.openEnds = new OpenEnds(routine);
        this.hair = hair;
        this.longestStep = longestStepMinutes;
        streams = Streams.of(air);
        sectioning = new Sectioning(routine, hair, air);
        cells = sectioning.cells().toArray(Cell[]::new);
        kept = new KeptWater(cells);
        head = new Head(cells);
        size = StepDuration.size(hair);
        course = new Course(cells);
    }

    /**
     * Runs the routine from its first step to its last, once.
     *
     * @return the tide as drawn, and a visit for each turn of hands at each section
     * @throws InvalidException where it would take more than seven days: no wash does, and an open end in damp air might
     */
    Course run() {
        double start = routine.startWetnessOrDripping();
        for (Cell cell : cells) {
            cell.lengths = start;
            cell.roots = start;
        }
        recorder.start(start, start);
        wetted();
        for (int i = 0; i < routine.steps().size(); i++) {
            Step step = routine.steps().get(i);
            drawn.add(step.isEachSection() ? eachSection(i, step) : wholeHead(i, step));
            waiting = List.of();
            if (now > MOST_MINUTES) {
                throw InvalidException.of(
                        "steps",
                        "a routine must take at most 7 days, but step " + (i + 1) + " ends after "
                                + Math.round(now / 60) + " hours");
            }
        }
        rest();
        if (!course.hasNow()) {
            course.now(head.lengths(), head.roots());
        }
        course.finish(
                recorder.tide(drawn, mostWater, course.hairGrams()),
                handsOn,
                streams.still().strength());
        return course;
    }

    /**
     * A step on all it covers, in as many passes as it says. A pass is a visit; turning to the next takes its moment where
     * the step does not say how long it takes.
     */
    private StepTide wholeHead(int index, Step step) {
        double from = now;
        StepPlace place = new StepPlace(index, -1);
        boolean passes = step.sectionsOrOne() > 1 && !step.action().isDrying();
        List<int[]> sections = sectioning.sections(step, passes ? step.sectionsOrOne() : 1);
        double turning = passes && step.minutes() == null ? StepDuration.SECTION_MINUTES : 0;
        double minutes =
                StepDuration.of(step, hair, size, sections.size(), share(step), false) / sections.size() + turning;
        List<Visit> visits = new ArrayList<>();
        for (int s = 0; s < sections.size(); s++) {
            waiting = sections.subList(s + 1, sections.size());
            visits.add(visit(place, step, s, sections.get(s), minutes * happenings.paceOf(index, s)));
        }
        return StepTides.of(index, visits, head, from, from);
    }

    /** The inner steps on one section, then on the next. */
    private StepTide eachSection(int index, Step frame) {
        double from = now;
        List<int[]> sections = sectioning.sections(frame, frame.sections());
        double share = share(frame);
        List<List<Visit>> byInner = new ArrayList<>();
        for (int j = 0; j < frame.steps().size(); j++) {
            byInner.add(new ArrayList<>());
        }
        for (int s = 0; s < sections.size(); s++) {
            waiting = sections.subList(s + 1, sections.size());
            double pace = happenings.paceOf(index, s);
            double turning = StepDuration.SECTION_MINUTES;
            for (int j = 0; j < frame.steps().size(); j++) {
                Step inner = frame.steps().get(j);
                int[] worked = sectioning.narrowed(sections.get(s), inner);
                if (worked.length > 0) {
                    double minutes = StepDuration.of(inner, hair, size, sections.size(), share, true);
                    if (inner.minutes() == null && inner.action().isHandsOn()) {
                        minutes += turning;
                        turning = 0;
                    }
                    byInner.get(j).add(visit(new StepPlace(index, j), inner, s, worked, minutes * pace));
                }
            }
        }
        List<StepTide> inner = new ArrayList<>();
        List<Visit> firsts = new ArrayList<>();
        for (int j = 0; j < byInner.size(); j++) {
            if (!byInner.get(j).isEmpty()) {
                inner.add(StepTides.of(
                        j, byInner.get(j), head, byInner.get(j).get(0).startMinute(), 0));
                if (firsts.isEmpty()) {
                    firsts = byInner.get(j);
                }
            }
        }
        return StepTides.of(index, firsts, head, from, now).with(inner);
    }

    /** How much of the head's hair a step covers, by weight, 0 to 1. */
    private double share(Step step) {
        return course.grams(sectioning.covered(step)) / course.hairGrams();
    }

    /**
     * One turn of hands, or of a machine, at one section.
     *
     * @param section which of the step's, from 0
     * @param worked its cells
     * @param minutes how long it lasts; {@code NaN} for as long as it takes to dry
     */
    private Visit visit(StepPlace place, Step step, int section, int[] worked, double minutes) {
        uncover(step, worked);
        before(step, worked);
        Visit visit = new Visit(course, place, step, section, now, worked, head.lengths(), head.roots());
        if (step.holds() && worked.length > 0) {
            recorder.holdApplied(visit.headWetness());
        }
        double from = now;
        double restedBefore = rested;
        pass(step, worked, minutes);
        boolean changed = after(step, worked);
        if (changed || now == from) {
            reach();
        }
        visit.endAt(now, rested - restedBefore);
        course.add(visit);
        handsOn += StepDuration.handsOn(step, visit.workMinutes());
        return visit;
    }

    /** Working a section takes its cover off. */
    private void uncover(Step step, int[] worked) {
        if (step.action() == Action.WAIT || step.action() == Action.SECTION || step.action() == Action.COVER) {
            return;
        }
        for (int i : worked) {
            if (cells[i].covered) {
                cells[i].covered = false;
                plain = null;
            }
        }
    }

    /** What changes at once as a step begins. */
    private void before(Step step, int[] worked) {
        boolean in = step.action() == Action.CLIP_ROOTS;
        if (in || step.action() == Action.UNCLIP) {
            for (int i : worked) {
                cells[i].clipped = in;
            }
            plain = null;
            recorder.clipped(Arrays.stream(cells).anyMatch(c -> c.clipped));
        }
        if (step.action() == Action.COVER) {
            for (int i : worked) {
                cells[i].covered = true;
            }
            plain = null;
        }
    }

    /**
     * Lets the time of a step go by, in pieces over which the water falls evenly. A step that dries to a level ends on it, not
     * at the end of the piece that passes it; one that never gets there ends after the longest anybody would wait.
     */
    private void pass(Step step, int[] worked, double minutes) {
        boolean byLevel = step.action().isDrying() || step.action() == Action.COVER_NIGHT;
        boolean untilDry = byLevel && (step.untilDry() != null || Double.isNaN(minutes));
        double left =
                Double.isNaN(minutes) ? (step.action().isDryer() ? MOST_DRYER_MINUTES : MOST_AIR_MINUTES) : minutes;
        Step ended = byLevel && Double.isNaN(minutes) ? openEnds.closed(step) : step;
        double target = untilDry ? Math.max(Wetness.DRY_BELOW - .01, 100 - ended.untilDry()) : 0;
        Flow flow = flow(ended, worked);
        rest();
        double level = untilDry ? flow.judged() : 0;
        while (left > EPSILON) {
            double dt = Math.min(left, stepLength(flow.steadyMinutes()));
            if (untilDry) {
                if (level <= target) {
                    return;
                }
                dt = advanceUntil(flow, level, target, dt);
            } else {
                flow.advance(dt);
            }
            now += dt;
            left -= dt;
            reach();
            happen();
            rest();
            level = untilDry ? flow.judged() : 0;
        }
    }

    /** Hands are off where they were: the room's air dries meanwhile, under the same covers. */
    private void rest() {
        while (rests < happenings.rests().size()
                && happenings.rests().get(rests).minute() <= now + EPSILON) {
            double left = happenings.rests().get(rests++).minutes();
            rested += left;
            Flow air = flow(HANDS_OFF, NOBODY);
            while (left > EPSILON) {
                double dt = Math.min(left, stepLength(air.steadyMinutes()));
                air.advance(dt);
                now += dt;
                left -= dt;
                reach();
                happen();
            }
        }
    }

    /** What the air does to each cell meanwhile; of steps to which the air is the room's, one does for all. */
    private Flow flow(Step step, int[] worked) {
        if (!Flow.isPlain(step)) {
            return new Flow(step, cells, worked, streams);
        }
        if (plain == null) {
            plain = new Flow(step, cells, worked, streams);
        }
        return plain;
    }

    /** Time steps end on whole minutes, so that the drawn curve passes through what was computed. */
    private double stepLength(int wholeMinutes) {
        double toMinute = Math.floor(now + EPSILON) + wholeMinutes - now;
        double toStop = happenings.nextStop(now + EPSILON) - now;
        return Math.min(Math.min(longestStep, toStop), toMinute > EPSILON ? toMinute : wholeMinutes);
    }

    /** What happened at the chair by now, that the routine does not say. */
    private void happen() {
        while (interludes < happenings.interludes().size()
                && happenings.interludes().get(interludes).minute() <= now + EPSILON) {
            Happenings.Interlude interlude = happenings.interludes().get(interludes++);
            if (interlude.misted()) {
                wetWaiting(interlude.wetness());
            } else {
                head.setRight(interlude.wetness(), interlude.trust());
            }
            wetted();
        }
        if (now + EPSILON >= happenings.nowMinute() && !course.hasNow()) {
            course.now(head.lengths(), head.roots());
        }
    }

    /** Mists the sections that wait; where none does, the whole head. */
    private void wetWaiting(double wetness) {
        if (waiting.isEmpty()) {
            for (Cell cell : cells) {
                cell.wetTo(wetness, true, false);
            }
        }
        for (int[] section : waiting) {
            for (int i : section) {
                cells[i].wetTo(wetness, true, false);
            }
        }
    }

    /**
     * Advances; a piece that would pass the target level is taken back and cut to end on it. Returns what was used.
     *
     * @return minutes, at most the piece's own
     */
    private double advanceUntil(Flow flow, double before, double target, double dt) {
        kept.keep();
        flow.advance(dt);
        double after = flow.judged();
        if (after > target || before <= after) {
            return dt;
        }
        kept.goBack();
        double cut = Math.max(.01, dt * (before - target) / (before - after));
        flow.advance(cut);
        return cut;
    }

    /**
     * Where cloth pressed on hair leaves it.
     *
     * @return percent wet
     */
    private static double clothLeaves(double wetness) {
        return Math.min(MICROPLOPPED, Math.max(CLOTH_LEAVES, wetness - CLOTH_TAKES));
    }

    /** Water put on or taken off by hand, at the end of the step: whether there is any such. */
    private boolean after(Step step, int[] worked) {
        WaterDone done = step.action().water();
        if (done == WaterDone.NOTHING) {
            return false;
        }
        boolean lengthsToo = step.reaches(Part.LENGTHS) || step.reaches(Part.ENDS);
        boolean rootsToo = step.reaches(Part.ROOTS);
        for (int i : worked) {
            Cell cell = cells[i];
            switch (done) {
                case SOAKED -> cell.soak();
                case WETTED -> cell.wetTo(level(step, REWETTED), lengthsToo, rootsToo);
                case LENGTHS_WETTED -> cell.wetTo(level(step, REWETTED), lengthsToo, false);
                case MISTED ->
                    cell.mistTo(step.toWetness() == null ? cell.lengthsWetness() + MIST_LIFT : step.toWetness());
                case SQUEEZED -> cell.pressTo(level(step, SQUEEZED));
                case CLOTHED -> cell.pressTo(level(step, clothLeaves(cell.lengthsWetness())));
                default -> throw new IllegalStateException(done + " does nothing to water");
            }
        }
        if (done.adds()) {
            wetted();
        }
        return true;
    }

    /** The water as it stands now, to be drawn. */
    private void reach() {
        recorder.reach(now, head.meanLengths(), head.meanRoots());
    }

    /** Percent of water a step aims at, the usual one where it does not say. */
    private static double level(Step step, double usual) {
        return step.toWetness() == null ? usual : step.toWetness();
    }

    /** Water was put on: the curve jumps here, and the head may hold the most it will. */
    private void wetted() {
        recorder.wetted(head.meanLengths(), head.meanRoots());
        mostWater = Math.max(mostWater, head.water());
    }
}
