package eventide.diary;

import eventide.air.Air;
import eventide.drying.Course;
import eventide.drying.TideModel;
import eventide.drying.Visit;
import eventide.hair.Hair;
import eventide.planner.Planner;
import eventide.planner.Query;
import eventide.planner.Stop;
import eventide.planner.Suggestion;
import eventide.product.Product;
import eventide.product.Role;
import eventide.routine.Action;
import eventide.routine.Goal;
import eventide.routine.Limits;
import eventide.routine.Routine;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * How long a wash takes, as its water says.
 *
 * @param routine it is done by; null where nobody can say
 * @param hereMinutes until the client may leave: what ends in air may dry elsewhere
 * @param dryMinutes until it is done with
 * @param slackMinutes that drying may take longer: a fifth under a dryer, half as long again in air [CP]
 */
record WashTime(Routine routine, int hereMinutes, int dryMinutes, int slackMinutes) {
    /** Part of the drying a dryer may take more than said [OURS]. */
    private static final double DRYER_SLACK = .2;
    /** The same of air, which is less sure [OURS]. */
    private static final double AIR_SLACK = .5;
    /** A clock is read to five minutes. */
    private static final int FIVE = 5;
    /** Where nothing can be worked out, minutes [CP: about two hours]. */
    private static final WashTime UNKNOWN = new WashTime(null, 120, 120, 25);

    /** Where nobody said what the air is [CP: a mild room]. */
    static final Air ROOM = Air.of(22, 50);

    /** Of a routine, or of what is usual for this hair where there is none. */
    static WashTime of(Routine routine, Hair hair, Goal goal) {
        Routine done = routine == null ? usual(hair, goal) : routine;
        if (done == null) {
            return UNKNOWN;
        }
        Course course = TideModel.run(done, hair, ROOM);
        Map<Integer, double[]> drying = new LinkedHashMap<>();
        double here = 0;
        for (Visit visit : course.visits()) {
            Action action = visit.step().action();
            boolean air = action == Action.AIR;
            here = air ? here : Math.max(here, visit.endMinute());
            if (action.isDrying()) {
                double[] span = drying.computeIfAbsent(visit.place().index(), any ->
                        new double[] {visit.startMinute(), visit.endMinute(), air ? AIR_SLACK : DRYER_SLACK});
                span[1] = Math.max(span[1], visit.endMinute());
            }
        }
        double slack = drying.values().stream()
                .mapToDouble(span -> (span[1] - span[0]) * span[2])
                .sum();
        return new WashTime(done, five(here), five(course.minutes()), five(slack));
    }

    private static int five(double minutes) {
        return (int) Math.ceil(minutes / FIVE) * FIVE;
    }

    /** Bottles as any shelf has them: what is asked is only how long hands and water take. */
    private static Routine usual(Hair hair, Goal goal) {
        List<Product> shelf = List.of(
                Product.of("a leave-in", Role.LEAVE_IN, 0, 3, 60, 100),
                Product.of("a cream", Role.CREAM, 1, 5, 60, 95),
                Product.of("a gel", Role.GEL, 6, 2, 60, 95),
                Product.of("a mousse", Role.MOUSSE, 4, 0, 35, 80));
        Suggestion best =
                Planner.best(new Query(hair, goal, ROOM, null, Limits.ofMinutes(MOST_MINUTES), shelf), Stop.NEVER);
        return best == null ? null : best.routine();
    }

    /** Minutes a chair is kept for one head; the rest dries at home [OURS]. */
    private static final int MOST_MINUTES = 240;
}
