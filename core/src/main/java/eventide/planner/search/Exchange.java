package eventide.planner.search;

import eventide.drying.Course;
import eventide.planner.Query;
import eventide.planner.compose.Candidate;
import eventide.planner.compose.Details;
import eventide.routine.Limits;
import eventide.shape.Parallel;
import java.lang.reflect.RecordComponent;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.function.Function;

/**
 * Two things decided otherwise at once: a limit may forbid what would be better until something else gives its minutes back. Each single
 * change is run anyway; pairs are ranked by what both bring and take, and the likeliest of them run.
 */
public final class Exchange {
    /** Pairs that are run [OURS]. */
    private static final int MOST_PAIRS = 48;
    /** Pairs one change is in [OURS]. */
    private static final int MOST_PARTNERS = 5;
    /** What a pair may bring more, or take less, than its two changes by themselves, in points of worth and in minutes [OURS]. */
    private static final double TOGETHER = .6;

    /** Minutes over a limit, as two changes add up, that both together may yet keep [OURS]. */
    private static final double MINUTES_TOGETHER = 4;

    /** Points of worth a pair is put back for breaking a limit as its changes add up: it will hardly keep it [OURS]. */
    private static final double LIKELY_OVER = 1;

    private final Limits limits;
    private final Function<Candidate, Evaluation> judge;

    /**
     * A plan as it is weighed against every other: asked of its run once.
     *
     * @param minutes it cannot do without
     * @param chairMinutes with hands busy
     * @param unused minutes of a stay that are lost because stays are said in fives: what else is changed may take them up
     */
    private record Weighed(Evaluation plan, double worth, double minutes, double chairMinutes, double unused) {
        static Weighed of(Evaluation plan, Limits limits) {
            Course course = plan.wash().course();
            double lost = Math.min(FIVE, limits.minutes() - course.minutes());
            double unused = plan.choice().drying().ends() ? 0 : Math.max(0, lost);
            return new Weighed(plan, plan.worth(), plan.minutesNeeded(), course.chairMinutes(), unused);
        }

        /** Whether it gives minutes back where it stands for another. */
        boolean gives(Weighed before) {
            return minutes < before.minutes || chairMinutes < before.chairMinutes;
        }
    }

    /** @param gain points both bring, as they add up */
    private record Pair(Evaluation one, Evaluation other, double gain) {}

    /**
     * @param judge runs a choice through the water
     */
    public Exchange(Query query, Function<Candidate, Evaluation> judge) {
        this.limits = query.limitsOrUsual();
        this.judge = judge;
    }

    /**
     * The best plan with two things decided otherwise, or one, that keeps the limits; null where none was found.
     *
     * @param singles with one thing decided otherwise each
     */
    public Evaluation best(Evaluation plan, List<Candidate> singles) {
        List<Evaluation> run = Parallel.map(
                singles.stream()
                        .filter(choice -> !choice.equals(plan.choice()))
                        .distinct()
                        .toList(),
                judge);
        // What breaks a limit is weighed all the same: by whoever ran it, side by side.
        List<Weighed> weighed = Parallel.map(run, one -> Weighed.of(one, limits));
        Weighed own = Weighed.of(plan, limits);
        List<Pair> pairs = new ArrayList<>();
        for (int i = 0; i < weighed.size(); i++) {
            for (int j = i + 1; j < weighed.size(); j++) {
                addTo(pairs, own, weighed.get(i), weighed.get(j));
            }
        }
        List<Evaluation> all = new ArrayList<>(run);
        all.addAll(Parallel.map(likeliest(plan, pairs), judge));
        return Evaluation.best(all);
    }

    /** Where both together promise something and may keep the limits. */
    private void addTo(List<Pair> pairs, Weighed plan, Weighed one, Weighed other) {
        double gain = one.worth()
                + other.worth()
                - 2 * plan.worth()
                + TOGETHER
                + A_MINUTE_DRIES * (one.unused() + other.unused() - plan.unused());
        if (gain <= Refinement.WORTH_CHANGING) {
            return;
        }
        double over = over(plan, one, other);
        boolean helps = over == 0 || one.gives(plan) || other.gives(plan);
        if (over <= MINUTES_TOGETHER && helps) {
            pairs.add(new Pair(one.plan(), other.plan(), over > 0 ? gain - LIKELY_OVER : gain));
        }
    }

    /** The most promising pairs; no change is in more than a few of them, or those that do little by themselves would fill the list. */
    private static List<Candidate> likeliest(Evaluation plan, List<Pair> pairs) {
        pairs.sort(Comparator.comparingDouble((Pair pair) -> -pair.gain()));
        Map<Evaluation, Integer> used = new IdentityHashMap<>();
        List<Candidate> likeliest = new ArrayList<>();
        for (Pair pair : pairs) {
            if (likeliest.size() == MOST_PAIRS) {
                break;
            }
            if (used.getOrDefault(pair.one(), 0) >= MOST_PARTNERS
                    || used.getOrDefault(pair.other(), 0) >= MOST_PARTNERS) {
                continue;
            }
            Record both = both(plan.choice(), pair.one().choice(), pair.other().choice());
            if (both != null) {
                likeliest.add((Candidate) both);
                used.merge(pair.one(), 1, Integer::sum);
                used.merge(pair.other(), 1, Integer::sum);
            }
        }
        return likeliest;
    }

    /** Minutes by which two changes together are likely to break a limit, as they add up; 0 where they keep them. */
    private double over(Weighed plan, Weighed one, Weighed other) {
        double whole = one.minutes() + other.minutes() - plan.minutes();
        double hands = one.chairMinutes() + other.chairMinutes() - plan.chairMinutes();
        return Math.max(0, Math.max(whole - limits.minutes(), hands - limits.chairMinutesOrAll()));
    }

    private static final double FIVE = 5;

    /** Points of worth of a minute more to dry, while hair is wet [OURS]. */
    private static final double A_MINUTE_DRIES = .5;

    /** With the changes of both; null where both change the same thing. */
    private static Record both(Record plan, Record one, Record other) {
        RecordComponent[] components = plan.getClass().getRecordComponents();
        Class<?>[] types = new Class<?>[components.length];
        Object[] values = new Object[components.length];
        for (int i = 0; i < components.length; i++) {
            types[i] = components[i].getType();
            Object own = value(components[i], plan);
            Object first = value(components[i], one);
            Object second = value(components[i], other);
            boolean changesFirst = !Objects.equals(own, first);
            boolean changesSecond = !Objects.equals(own, second);
            if (changesFirst && changesSecond) {
                boolean nested = own instanceof Record && own.getClass().getEnclosingClass() == Details.class
                        || own instanceof Details;
                values[i] = nested ? both((Record) own, (Record) first, (Record) second) : null;
                if (values[i] == null) {
                    return null;
                }
            } else {
                values[i] = changesFirst ? first : second;
            }
        }
        try {
            var constructor = plan.getClass().getDeclaredConstructor(types);
            return constructor.newInstance(values);
        } catch (ReflectiveOperationException impossible) {
            throw new IllegalStateException(plan.getClass() + " cannot be put together", impossible);
        }
    }

    private static Object value(RecordComponent component, Record of) {
        try {
            return component.getAccessor().invoke(of);
        } catch (ReflectiveOperationException impossible) {
            throw new IllegalStateException(component + " cannot be read", impossible);
        }
    }
}
