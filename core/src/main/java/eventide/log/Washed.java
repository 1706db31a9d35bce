package eventide.log;

import eventide.air.Air;
import eventide.drying.Course;
import eventide.hair.Hair;
import eventide.routine.Amount;
import eventide.routine.Amounts;
import eventide.routine.Routine;
import eventide.routine.StepPlace;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * A wash as it was really done and what came of it.
 *
 * @param routine as done, amounts written into it
 * @param course its water
 * @param rating null where it was not scored
 */
public record Washed(Hair hair, Air air, Routine routine, Course course, Rating rating) {
    /** Products left in the hair, in the order they first went on. */
    List<String> worn() {
        Set<String> names = new LinkedHashSet<>();
        amounts().forEach((name, ml) -> names.add(name));
        return new ArrayList<>(names);
    }

    /** What was rinsed out again, by name. */
    Set<String> rinsedOut() {
        Set<String> names = new LinkedHashSet<>();
        for (Amount amount : Amounts.of(routine, hair)) {
            if (!stays(amount)) {
                names.add(amount.product().name());
            }
        }
        return names;
    }

    private boolean stays(Amount amount) {
        return amount.step() > routine.lastRinse()
                && !routine.at(amount.place()).washes();
    }

    /** ml of each product left in the hair. */
    Map<String, Double> amounts() {
        Map<String, Double> all = new LinkedHashMap<>();
        for (Amount amount : Amounts.of(routine, hair)) {
            if (stays(amount)) {
                all.merge(amount.product().name(), amount.ml(), Double::sum);
            }
        }
        return all;
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
