package eventide.chair;

import eventide.check.Finding;
import eventide.check.Severity;
import eventide.planner.Judgement;
import eventide.planner.Stop;
import eventide.planner.explain.Moved;
import eventide.routine.Action;
import eventide.routine.Goal;
import eventide.routine.Limits;
import eventide.routine.Routine;
import eventide.routine.Step;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Set;

/** What could be left out of the rest of a wash day that runs late, and what that would cost. */
public final class Drops {
    /** Minutes a step must give back to be worth leaving out [OURS]. */
    private static final double WORTH_IT = .5;
    /** Steps that are offered: who is late does not read a list. */
    private static final int MOST = 3;

    private Drops() {}

    /**
     * One step that may go.
     *
     * @param savesMinutes of the whole day
     * @param moved what is predicted to change, the largest first
     * @param warns what a good stylist would object to then and not now
     */
    public record Drop(int step, String label, double savesMinutes, List<Moved> moved, List<String> warns) {
        /**
         * What it takes from the result: a warning as much as two whole scales.
         *
         * @return whole scales: 1 for a score that goes from one end of its scale to the other
         */
        double cost() {
            double cost = 2.0 * warns.size();
            for (Moved each : moved) {
                cost += Math.abs(each.by()) / each.score().most();
            }
            return cost;
        }
    }

    /** At most three, the cheapest for the minutes they save first. */
    public static List<Drop> of(AtTheChair chair, Goal goal, Limits limits) {
        return of(chair, goal, limits, Stop.NEVER);
    }

    /** Of those steps for which there was time. */
    public static List<Drop> of(AtTheChair chair, Goal goal, Limits limits, Stop stop) {
        Judgement now = judged(chair, goal, limits, chair.done());
        List<Drop> drops = new ArrayList<>();
        for (int step : chair.toCome()) {
            Step own = chair.routine().steps().get(step);
            if (own.action().isSparable() && !stop.isDue()) {
                Routine without = chair.done()
                        .replacing(step, Step.of(Action.WAIT).minutes(0.0).build());
                Judgement then = judged(chair, goal, limits, without);
                Drop drop = new Drop(
                        step,
                        own.action().label(),
                        Math.round((now.minutes() - then.minutes()) * 10) / 10.0,
                        Moved.between(now.outcome().overall(), then.outcome().overall()),
                        added(now, then));
                if (drop.savesMinutes() >= WORTH_IT) {
                    drops.add(drop);
                }
            }
        }
        drops.sort(Comparator.comparingDouble(drop -> drop.cost() / drop.savesMinutes()));
        return List.copyOf(drops.subList(0, Math.min(MOST, drops.size())));
    }

    private static Judgement judged(AtTheChair chair, Goal goal, Limits limits, Routine routine) {
        return Judgement.of(new Judgement.Question(chair.hair(), goal, chair.air(), chair.schools(), limits, routine));
    }

    /** What a good stylist would object to without the step and does not with it. */
    private static List<String> added(Judgement now, Judgement then) {
        Set<String> known = new HashSet<>();
        now.findings().forEach(finding -> known.add(finding.rule()));
        return then.findings().stream()
                .filter(finding -> finding.severity() != Severity.NOTE)
                .filter(finding -> !known.contains(finding.rule()))
                .map(Finding::message)
                .toList();
    }
}
