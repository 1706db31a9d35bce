package eventide.planner;

import eventide.drying.Course;
import eventide.drying.Courses;
import eventide.product.Product;
import eventide.routine.NightCare;
import eventide.routine.Routine;
import eventide.wash.Wash;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;

/** Every plan run through the water, the outcome and the checker so far, once each. */
final class Runs {
    private final Query query;
    private final Composer composer;
    private final Courses courses;
    /** By the choice with nothing done from day to day. */
    private final Map<Choice, Tried> tried = new ConcurrentHashMap<>();

    private final Map<Choice, Judged> judged = new ConcurrentHashMap<>();
    private final Map<String, Integer> broken = new ConcurrentHashMap<>();

    /** A choice written out, with what the water does to it. */
    private record Tried(Routine routine, Course course, String limit) {}

    /**
     * @param courses over this head in this air
     */
    Runs(Query query, List<Product> allowed, Courses courses) {
        this.query = query;
        this.courses = courses;
        this.composer = new Composer(query, allowed);
    }

    Judged of(Choice choice) {
        return judged.computeIfAbsent(choice, this::run);
    }

    private Judged run(Choice choice) {
        Details.Finish finish = choice.details().finish();
        Choice plain = choice.with(choice.details().with(finish.kept(false, NightCare.NONE)));
        Tried run = tried.computeIfAbsent(plain, this::tried);
        if (run.limit() != null) {
            broken.merge(run.limit(), 1, Integer::sum);
        }
        Judged plan = new Judged(choice, () -> wash(run, finish), run.limit());
        if (plan.isFeasible()) {
            plan.worth(); // by whoever runs it, side by side with others
        }
        return plan;
    }

    private Tried tried(Choice choice) {
        Routine routine = composer.compose(choice);
        Course course = courses.over(routine);
        return new Tried(routine, course, Worth.broken(routine, query.hair(), course, query.limitsOrUsual()));
    }

    private Wash wash(Tried run, Details.Finish finish) {
        return Wash.of(
                run.routine().kept(finish.refreshed(), finish.night()),
                query.hair(),
                query.goal(),
                query.air(),
                query.schools(),
                query.limits(),
                run.course().of(run.routine()));
    }

    int size() {
        return judged.size();
    }

    /** So many kinds of plan are settled besides where a limit is in the way [OURS]. */
    private static final int MOST_KINDS = 3;

    /** The best feasible plan of each way of layering, shaping and drying, best first, no more than are worth settling. */
    List<Judged> bestOfKinds() {
        Map<Kind, Judged> kinds = new HashMap<>();
        for (Judged plan : judged.values()) {
            if (plan.isFeasible()) {
                kinds.merge(Kind.of(plan.choice()), plan, (a, b) -> Planner.BEST_FIRST.compare(a, b) <= 0 ? a : b);
            }
        }
        return kinds.values().stream()
                .sorted(Planner.BEST_FIRST)
                .limit(MOST_KINDS)
                .toList();
    }

    /** Points of worth that settling the smaller things hardly ever makes up [OURS: 1.1 is the most seen on 96 shelves]. */
    private static final double WITHIN_REACH = 1.2;

    /** Of every other way of drying the best feasible plan, where settling it could make it the best of all. */
    List<Judged> bestOfDryings(Judged best) {
        Map<Choice.Drying, Judged> dryings = new EnumMap<>(Choice.Drying.class);
        for (Judged plan : judged.values()) {
            if (plan.isFeasible() && plan.choice().drying() != best.choice().drying()) {
                dryings.merge(plan.choice().drying(), plan, (a, b) -> Planner.BEST_FIRST.compare(a, b) <= 0 ? a : b);
            }
        }
        return dryings.values().stream()
                .filter(plan -> plan.worth() > best.worth() - WITHIN_REACH)
                .toList();
    }

    private record Kind(Layers layers, Choice.Hands hands, Choice.Drying drying) {
        static Kind of(Choice choice) {
            return new Kind(Layers.of(choice), choice.hands(), choice.drying());
        }
    }

    /** How often each limit was in the way. */
    Map<String, Integer> broken() {
        return Map.copyOf(broken);
    }
}
