package eventide.planner.search;

import eventide.drying.Course;
import eventide.drying.Courses;
import eventide.planner.Query;
import eventide.planner.compose.Candidate;
import eventide.planner.compose.Composer;
import eventide.planner.compose.Details;
import eventide.routine.Limits;
import eventide.routine.NightCare;
import eventide.routine.Routine;
import eventide.wash.Teaching;
import eventide.wash.Wash;
import java.lang.ref.WeakReference;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;

/** Every plan run through the water, the outcome and the checker so far, once each. */
public final class EvaluationCache {
    /** Plans there is room for from the first [OURS]: while one is run, nobody is to wait for its place in a crowded table. */
    private static final int ROOM = 4096;

    private final Query query;
    private final Composer composer;
    private final Courses courses;
    private final Teaching teaching;
    /** By the choice with nothing done from day to day. */
    private final Map<Candidate, Tried> tried = new ConcurrentHashMap<>(ROOM);

    private final Map<Candidate, Evaluation> judged = new ConcurrentHashMap<>(ROOM);
    private final Map<String, Integer> broken = new ConcurrentHashMap<>();

    /**
     * A choice written out, with what the water does to it. What the water did is let go where nobody holds it and found again, the
     * same, when it is asked for: of hundreds of plans run few are looked at twice, and all together would fill the memory.
     */
    private final class Tried {
        private final Routine routine;
        private final String limit;
        private final double minutesOver;
        private final double stays;
        private volatile WeakReference<Course> held;

        /** Runs the water; the outcome and the rules are asked for later, where they are needed. */
        Tried(Candidate choice) {
            Stayed stayed = stayed(choice);
            routine = stayed.routine();
            stays = stayed.minutes();
            Course course = courses.over(routine);
            held = new WeakReference<>(course);
            Limits limits = query.limitsOrUsual();
            limit = Objective.broken(routine, query.hair(), course, limits);
            minutesOver = limit == null ? 0 : Objective.minutesOver(course, limits);
        }

        /** What the water did: run again where nobody held it. */
        Course course() {
            Course course = held.get();
            if (course == null) {
                course = courses.over(routine);
                held = new WeakReference<>(course);
            }
            return course;
        }
    }

    /**
     * A choice written out, with the minutes it stays before it goes home wet.
     *
     * @param minutes 0 where it is dried to the end or goes home at once
     */
    private record Stayed(Routine routine, double minutes) {}

    private Stayed stayed(Candidate choice) {
        Details.Stay stays = choice.details().finish().stays();
        if (choice.drying().ends() || stays == Details.Stay.NONE) {
            return new Stayed(composer.compose(choice, 0), 0);
        }
        // What stays as long as the last like it is run once; any other guess comes to the same in two runs.
        Alike alike = new Alike(choice.drying(), stays);
        double guess = lastStays.getOrDefault(alike, 0.0);
        if (guess == 0) {
            // Who goes home at once needs no more minutes than who stays: where none are left for that, none are.
            Routine atOnce = composer.compose(choice, 0);
            guess = stay(stays, courses.over(atOnce).minutes());
            if (guess == 0) {
                return new Stayed(atOnce, 0);
            }
        }
        Routine guessed = composer.compose(choice, guess);
        // What is put on against a dryer's heat takes some of the minutes that are left.
        double minutes = stay(stays, courses.over(guessed).minutes() - guess);
        lastStays.put(alike, minutes);
        return new Stayed(minutes == guess ? guessed : composer.compose(choice, minutes), minutes);
    }

    /**
     * How long it stays.
     *
     * @param needed minutes of all else
     * @return minutes, 0 where too few are left to stay at all
     */
    private double stay(Details.Stay stays, double needed) {
        double left = query.limitsOrUsual().minutes() - exactly(needed);
        double most = Math.min(MOST_STAY, Math.floor(left * stays.share / FIVE) * FIVE);
        return most < composer.leastStay() ? 0 : most;
    }

    /**
     * Without the last digits, which hang on the guess.
     *
     * @return minutes, to the millionth
     */
    private static double exactly(double minutes) {
        return Math.rint(minutes * 1e6) / 1e6;
    }

    /** What goes home alike. */
    private record Alike(Candidate.Drying drying, Details.Stay stays) {}

    /** How long the last of each stayed, minutes. Only ever a guess: what a stay comes to does not hang on it. */
    private final Map<Alike, Double> lastStays = new ConcurrentHashMap<>();

    /** Minutes are said in fives. */
    private static final double FIVE = 5;
    /** Nobody sits longer for wet hair, minutes [OURS]. */
    private static final double MOST_STAY = 240;

    /**
     * @param courses over this head in this air
     */
    public EvaluationCache(Query query, Composer composer, Courses courses) {
        this.query = query;
        this.courses = courses;
        this.composer = composer;
        this.teaching = Teaching.of(query.learnedOrNone());
    }

    /** Runs a choice, or finds it again; safe from any thread. */
    public Evaluation of(Candidate choice) {
        Evaluation known = judged.get(choice);
        return known == null ? judged.computeIfAbsent(choice, this::run) : known;
    }

    private Evaluation run(Candidate choice) {
        Details.Finish finish = choice.details().finish();
        Candidate plain = choice.with(choice.details().with(finish.kept(false, NightCare.NONE)));
        Tried run = tried.computeIfAbsent(plain, Tried::new);
        if (run.limit != null) {
            broken.merge(run.limit, 1, Integer::sum);
        }
        Evaluation plan = new Evaluation(choice, () -> wash(run, finish), run.limit, run.minutesOver, run.stays);
        if (plan.isFeasible()) {
            plan.bound(); // by whoever runs it, side by side with others
        }
        return plan;
    }

    private Wash wash(Tried run, Details.Finish finish) {
        return Wash.of(
                run.routine.kept(finish.refreshed(), finish.night()),
                query.hair(),
                query.goal(),
                query.air(),
                query.schools(),
                query.limits(),
                teaching,
                run.course().of(run.routine));
    }

    /** The best so far that keeps the limits, null for none. */
    public Evaluation best() {
        return Evaluation.best(judged.values());
    }

    /**
     * Choices that were run so far.
     *
     * @return a count that says how long was looked
     */
    public int size() {
        return judged.size();
    }

    /** How often each limit was in the way. */
    public Map<String, Integer> broken() {
        return Map.copyOf(broken);
    }
}
