package eventide.planner;

import eventide.check.Caution;
import eventide.check.Finding;
import eventide.drying.Tide;
import eventide.hair.Zone;
import eventide.outcome.Outcome;
import eventide.routine.Amount;
import eventide.routine.Half;
import eventide.routine.Routine;
import eventide.wash.Features;
import java.util.List;
import java.util.Map;

/**
 * A routine worth doing, named for what it favours, with all that a check says of it.
 *
 * @param name what sets it apart from the others offered
 * @param why in the order a stylist would ask
 * @param findings what the rules say of it all the same
 * @param features for each zone what the outcome was worked out from
 */
public record Suggestion(
        String name,
        List<Reason> why,
        Routine routine,
        Tide tide,
        List<Finding> findings,
        List<Amount> amounts,
        Outcome outcome,
        Map<Zone, Features> features,
        Map<Half, Map<Zone, Features>> featuresByHalf,
        double minutes,
        double chairMinutes,
        double costCents,
        List<String> ignored,
        List<Caution> cautions,
        List<String> beyond) {
    /** A routine with the name it is shown by, why each thing is in it, and how it was judged. */
    public static Suggestion of(String name, List<Reason> why, Routine routine, Judgement j) {
        return new Suggestion(
                name,
                why,
                routine,
                j.tide(),
                j.findings(),
                j.amounts(),
                j.outcome(),
                j.features(),
                j.featuresByHalf(),
                j.minutes(),
                j.chairMinutes(),
                j.costCents(),
                j.ignored(),
                j.cautions(),
                j.beyond());
    }
}
