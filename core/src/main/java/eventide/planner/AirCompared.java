package eventide.planner;

import eventide.air.Air;
import java.util.List;

/**
 * What today's air makes the plan do: the same head planned in easy air.
 *
 * @param otherwise what would be done in easy air instead, in words; empty where the air changes nothing
 * @param moved what today's air does to the result all the same, the largest first
 */
public record AirCompared(List<String> otherwise, List<OnThisHair.Moved> moved) {
    /** A mild room and nothing else to wear it in: dew point 12 °C [OURS, the middle of the easy band]. */
    private static final Air EASY = Air.of(22, 52);

    public static AirCompared of(Query query) {
        Suggestion today = Planner.best(query);
        Suggestion easy = Planner.best(query.in(EASY));
        if (today == null || easy == null) {
            return new AirCompared(List.of(), List.of());
        }
        return new AirCompared(
                RoutineDifference.between(today, easy).words(),
                SchoolsCompared.moved(easy.outcome().overall(), today.outcome().overall()));
    }
}
