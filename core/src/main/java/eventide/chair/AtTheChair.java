package eventide.chair;

import eventide.air.Air;
import eventide.drying.Course;
import eventide.drying.Happenings;
import eventide.drying.StepTide;
import eventide.drying.TideModel;
import eventide.drying.Visit;
import eventide.hair.Hair;
import eventide.product.Product;
import eventide.routine.Amount;
import eventide.routine.Amounts;
import eventide.routine.DoneRoutine;
import eventide.routine.MixPart;
import eventide.routine.Mixes;
import eventide.routine.Routine;
import eventide.routine.Schools;
import eventide.routine.Step;
import eventide.routine.StepPlace;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;

/**
 * A wash day under way or over: the routine as it was really done, and the water it gives. What is still to come keeps the
 * time it was planned to take, sections at the pace of those done.
 */
public final class AtTheChair {
    /** Where hair stands that was misted or squeezed when nothing says what its styler wants, percent [OURS]. */
    private static final double RIGHTED_TO = 75;
    /** As much as a step may say, ml. */
    private static final double MOST_ML = 2000;

    /** By then it is as dry as the room: a run left for weeks is not reckoned on, minutes [OURS: three days]. */
    private static final double MOST_RESTED = 4320;

    private final Routine routine;
    private final Hair hair;
    private final Air air;
    private final Schools schools;
    private final ChairRecord record;
    private final Instant now;
    private final Rests rests;
    private final Course planned;
    private final Routine done;
    private final Course course;

    /** Runs the routine three ways: as planned, as it was done so far and will go on, and as it was meant. */
    private AtTheChair(Routine routine, Hair hair, Air air, Schools schools, ChairRecord record, Instant now) {
        this.routine = routine;
        this.hair = hair;
        this.air = air;
        this.schools = schools == null ? Schools.DEFAULT : schools;
        this.record = record;
        this.now = now;
        planned = TideModel.run(routine, hair, air);
        rests = Rests.of(routine, record, index -> plannedMinutes(index) / sections(index), now);
        Map<Integer, DoneRoutine.Done> times = new HashMap<>();
        Map<Integer, List<Double>> pace = new HashMap<>();
        record.steps().forEach(step -> time(step, times, pace));
        record.dropped().stream()
                .filter(step -> record.step(step) == null)
                .forEach(step -> times.put(step, new DoneRoutine.Done(0, true)));
        done = DoneRoutine.of(withWhatWasUsed(), times);
        course = TideModel.run(done, hair, air, new Happenings(pace, interludes(), rested(), minute(now)));
    }

    /**
     * @param schools null where the client's stylist follows none in particular
     * @param now any moment not before the start; for a run that is over the end of it is taken
     */
    public static AtTheChair of(Routine routine, Hair hair, Air air, Schools schools, ChairRecord record, Instant now) {
        // Whatever the asker's clock says: the chair's may be another.
        Instant until = record.finishedAt() != null ? record.finishedAt() : record.moment(now);
        return new AtTheChair(routine, hair, air, schools, record, until);
    }

    private double minute(Instant at) {
        return record.startedAt() == null ? 0 : Math.max(0, StepDone.minutes(record.startedAt(), at));
    }

    /** What a step took, or is likely to: sections that are done say how fast the rest goes. */
    private void time(StepDone step, Map<Integer, DoneRoutine.Done> times, Map<Integer, List<Double>> pace) {
        boolean runs = step.endedAt() == null;
        double minutes = workMinutes(step);
        List<Double> sections = runs ? forecast(step) : actual(step);
        if (!sections.isEmpty()) {
            double all = sections.stream().mapToDouble(Double::doubleValue).sum();
            double mean = all / sections.size();
            times.put(step.index(), new DoneRoutine.Done(all, false));
            pace.put(
                    step.index(),
                    sections.stream().map(own -> mean == 0 ? 1 : own / mean).toList());
        } else if (!runs || minutes > plannedMinutes(step.index())) {
            times.put(step.index(), new DoneRoutine.Done(minutes, step.isLeftOut()));
        }
    }

    /** Minutes a step was worked on, up to now while it runs. */
    double workMinutes(StepDone step) {
        Instant end = step.endedAt() == null ? now : step.endedAt();
        return rests.work(step.startedAt(), end);
    }

    /** Minutes of it in which nobody worked. */
    double restedMinutes(StepDone step) {
        return step.minutes(now) - workMinutes(step);
    }

    /** Pauses as the water takes them in, at most as long in all as hair would be left. */
    private List<Happenings.Rest> rested() {
        List<Happenings.Rest> rested = new ArrayList<>();
        double left = MOST_RESTED;
        for (Rests.Paused rest : rests.all()) {
            double minutes = Math.min(left, rest.minutes());
            rested.add(new Happenings.Rest(minute(rest.from()), minutes));
            left -= minutes;
        }
        return rested;
    }

    /** When nobody worked. */
    Rests rests() {
        return rests;
    }

    /** Minutes a step takes by the plan. */
    double plannedMinutes(int index) {
        StepTide own = planned.tide().steps().get(index);
        return own.endMinute() - own.startMinute();
    }

    /** Sections that are counted; 1 where the step is done in one go. */
    private int sections(int index) {
        Step step = routine.steps().get(index);
        return Cue.counts(step, plannedMinutes(index)) ? step.sectionsOrOne() : 1;
    }

    /** Minutes of each section of a step that is over; the last one takes what is left. Empty where none was counted. */
    private List<Double> actual(StepDone step) {
        List<Double> minutes = counted(step);
        if (minutes.isEmpty() || step.skipped() || sections(step.index()) < 2) {
            return List.of();
        }
        int left = sections(step.index()) - minutes.size();
        Instant last = step.sectionEnds().get(step.sectionEnds().size() - 1);
        double rest = rests.work(last, step.endedAt());
        for (int i = 0; i < left; i++) {
            minutes.add(rest / left);
        }
        return minutes;
    }

    /** Of a step under way: those done as they were, the one in hand and those to come at their pace. */
    private List<Double> forecast(StepDone step) {
        if (sections(step.index()) < 2) {
            return List.of();
        }
        List<Double> minutes = counted(step);
        double usual = minutes.isEmpty()
                ? plannedMinutes(step.index()) / sections(step.index())
                : minutes.stream().mapToDouble(Double::doubleValue).average().orElse(0);
        double spent = minutes.stream().mapToDouble(Double::doubleValue).sum();
        double inHand = Math.max(0, workMinutes(step) - spent);
        int left = sections(step.index()) - minutes.size();
        for (int i = 0; i < left; i++) {
            minutes.add(i == 0 ? Math.max(usual, inHand) : usual);
        }
        return minutes;
    }

    /** Minutes of work of each section that was tapped off, pauses taken out. */
    private List<Double> counted(StepDone step) {
        List<Double> minutes = new ArrayList<>();
        Instant from = step.startedAt();
        for (Instant end : step.sectionEnds()) {
            minutes.add(rests.work(from, end));
            from = end;
        }
        return minutes;
    }

    /**
     * The routine with the products and amounts that were really used. Amounts are written into it as planned, so that a
     * step left out does not add to another's.
     */
    private Routine withWhatWasUsed() {
        Routine used = withSwaps();
        for (Amount amount : Amounts.of(used, hair)) {
            double ml = Math.min(MOST_ML, amount.ml() * put(amount.place()));
            Step step = used.at(amount.place());
            used = used.replacing(amount.place(), step.but().amountMl(ml).build());
        }
        return used;
    }

    /** The routine with what was really put on: of a step in the middle of which a bottle ran out, the mix of both. */
    private Routine withSwaps() {
        Routine used = routine;
        for (ChairRecord.Swapped swap : record.swapped()) {
            if (routine.places().contains(swap.place())) {
                double before = swap.fromSection() / (double) sectionsDone(swap.step());
                used = used.replacing(swap.place(), Mixes.from(used.at(swap.place()), before, swap.product()));
            }
        }
        return used;
    }

    /** What was put on of what was planned to be; ratio, 1 as planned. */
    private double put(StepPlace place) {
        double given = record.given().stream()
                .filter(own -> own.place().equals(place))
                .mapToDouble(ChairRecord.Given::ratio)
                .findFirst()
                .orElse(1);
        return given * partDone(place.index());
    }

    /**
     * What was done, said as a plan says it: the products that were used, amounts where they were other than planned, and
     * without the steps that were left out. Times stay as they were planned.
     */
    public Routine meant() {
        Routine used = withSwaps();
        for (Amount amount : Amounts.of(used, hair)) {
            if (Math.abs(put(amount.place()) - 1) > .001) {
                Step step = used.at(amount.place());
                double ml = Math.min(MOST_ML, amount.ml() * put(amount.place()));
                used = used.replacing(amount.place(), step.but().amountMl(ml).build());
            }
        }
        List<Step> steps = new ArrayList<>();
        for (int i = 0; i < used.steps().size(); i++) {
            if (record.finishedAt() == null ? !isLeftOut(i) : wasDone(i)) {
                steps.add(used.steps().get(i));
            }
        }
        return used.withSteps(steps);
    }

    private boolean isLeftOut(int index) {
        StepDone step = record.step(index);
        return step == null ? record.dropped().contains(index) : step.isLeftOut();
    }

    /** Of a run that is over: a step it never came to was not done, unless nobody tapped through any. */
    private boolean wasDone(int index) {
        return !isLeftOut(index) && (record.step(index) != null || !isFollowed());
    }

    /** Somebody tapped through it; else it was begun and ended, and what lies between is taken as planned. */
    private boolean isFollowed() {
        return record.steps().size() > 1
                || record.steps().stream().anyMatch(step -> !step.sectionEnds().isEmpty());
    }

    /** Sections that had something put on: all, unless it was left in the middle. */
    private int sectionsDone(int index) {
        return (int) Math.max(1, Math.round(sections(index) * partDone(index)));
    }

    /** Of a step left in the middle the sections that were done, else all; ratio from 0 to 1. */
    private double partDone(int index) {
        StepDone step = record.step(index);
        return step == null || !step.skipped() || step.isLeftOut()
                ? 1
                : Math.min(1, step.sectionEnds().size() / (double) sections(index));
    }

    /** Looks, and what was done when a section had gone dry, in their order in time. */
    private List<Happenings.Interlude> interludes() {
        List<Happenings.Interlude> found = new ArrayList<>();
        record.looks()
                .forEach(seen -> found.add(
                        new Happenings.Interlude(minute(seen.at()), seen.look().percent(), false, seen.trustOrAll())));
        record.righted().stream()
                .filter(righted -> righted.did() != ChairRecord.Righted.Did.LEFT)
                .forEach(righted -> found.add(new Happenings.Interlude(
                        minute(righted.at()),
                        rightedTo(righted.step()),
                        righted.did() == ChairRecord.Righted.Did.MISTED,
                        1)));
        found.sort(Comparator.comparingDouble(Happenings.Interlude::minute));
        return found;
    }

    private double rightedTo(int step) {
        Band band = Band.of(routine, hair, schools, step);
        return band == null ? RIGHTED_TO : band.aim();
    }

    Routine routine() {
        return routine;
    }

    /** As it was really done so far, what is to come as planned. */
    public Routine done() {
        return done;
    }

    /** What was put on, of the steps that are over and were not left out. */
    public List<Amount> used() {
        return Amounts.of(done, hair).stream()
                .filter(amount -> isOver(amount.step()))
                .toList();
    }

    /** The same, each product of a mix by itself: the one book that stock, cost and record are kept by. */
    public List<Used> ledger() {
        List<Used> ledger = new ArrayList<>();
        for (Amount amount : used()) {
            Step step = done.at(amount.place());
            List<MixPart> parts = step.mix() == null ? List.of(new MixPart(step.product(), 1.0)) : step.mix();
            for (MixPart part : parts) {
                double ml = amount.ml() * part.share();
                Product product = part.product();
                ledger.add(new Used(amount.step(), product, ml, ml * product.density(), product.costCents(ml)));
            }
        }
        return List.copyOf(ledger);
    }

    /** Whether a step is done with, and was done at all. */
    private boolean isOver(int index) {
        StepDone step = record.step(index);
        return record.finishedAt() != null
                ? wasDone(index)
                : step != null && step.endedAt() != null && !step.isLeftOut();
    }

    public Course course() {
        return course;
    }

    /** As planned. */
    public Course planned() {
        return planned;
    }

    ChairRecord record() {
        return record;
    }

    Hair hair() {
        return hair;
    }

    Air air() {
        return air;
    }

    Schools schools() {
        return schools;
    }

    /** Minutes since the start. */
    double nowMinute() {
        return minute(now);
    }

    /** Percent along the lengths of the driest section whose turn is still to come; NaN where none waits. */
    double driestWaiting() {
        int turn = turn();
        return visitsInHand()
                .filter(visit -> turn >= 0 && visit.section() > turn)
                .mapToDouble(course::lengthsNow)
                .min()
                .orElse(Double.NaN);
    }

    /** Percent along the lengths of the section in hand; the whole head's where none is. */
    double inHand() {
        int turn = turn();
        return visitsInHand()
                .filter(visit -> visit.section() == turn)
                .mapToDouble(course::lengthsNow)
                .findFirst()
                .orElse(course.lengthsNow());
    }

    /** The section in hand, from 0; −1 where none is counted. */
    private int turn() {
        Integer open = record.open();
        return open == null || sections(open) < 2
                ? -1
                : record.step(open).sectionEnds().size();
    }

    private Stream<Visit> visitsInHand() {
        return course.visits().stream()
                .filter(visit -> record.open() != null && visit.place().index() == record.open());
    }

    /** Still to be done, in the order of the routine. */
    List<Integer> toCome() {
        List<Integer> left = new ArrayList<>();
        for (int i = 0; i < routine.steps().size(); i++) {
            if (record.step(i) == null && !record.dropped().contains(i)) {
                left.add(i);
            }
        }
        return left;
    }
}
