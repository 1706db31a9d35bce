package eventide.log;

import eventide.air.Air;
import eventide.drying.Course;
import eventide.hair.Hair;
import eventide.routine.Amount;
import eventide.routine.Amounts;
import eventide.routine.Routine;
import eventide.routine.StepPlace;
import java.util.LinkedHashMap;
import java.util.Map;

/**
 * A wash as it was really done and what came of it.
 *
 * @param meant the same as a plan says it, without what was left out
 * @param routine as done, amounts written into it
 * @param course its water
 * @param rating null where it was not scored
 */
public record Washed(Hair hair, Air air, Routine meant, Routine routine, Course course, Rating rating) {
    private boolean stays(Amount amount) {
        return amount.step() > routine.lastRinse()
                && !routine.at(amount.place()).washes();
    }

    /** Percent wet along the lengths as each product left in the hair first met it. */
    Map<String, Double> wetnessAt() {
        Map<String, Double> all = new LinkedHashMap<>();
        for (Amount amount : Amounts.of(routine, hair)) {
            StepPlace place = amount.place();
            if (stays(amount) && !course.visits(place).isEmpty()) {
                all.putIfAbsent(
                        amount.product().name(),
                        course.visits(place).stream()
                                .mapToDouble(visit -> visit.wetness())
                                .average()
                                .orElse(0));
            }
        }
        return all;
    }
}
