package eventide.planner.compare;

import eventide.air.Air;
import eventide.air.AirWords;
import eventide.planner.Planner;
import eventide.planner.Query;
import eventide.planner.Stop;
import eventide.planner.Suggestion;
import eventide.planner.compose.Candidate;
import eventide.planner.explain.Moved;
import eventide.planner.search.Evaluation;
import eventide.shape.Maybe;
import java.util.List;

/**
 * What today's air makes the plan do: the same head planned in easy air.
 *
 * @param words what the air the hair is to stand feels like, and what that asks for
 * @param otherwise what is done today that would not be in easy air, in words; empty where the air changes nothing
 * @param moved how the result of today is another than that of easy air all the same, the largest first
 * @param unfinished said where the two were compared before either was searched to the end
 */
public record AirCompared(String words, List<String> otherwise, List<Moved> moved, @Maybe String unfinished) {
    /** Plans the head in today's air and in easy air (dew point 2 to 15 °C), on the same shelf. */
    public static AirCompared of(Query query) {
        return of(query, Stop.NEVER);
    }

    /** With the best plans there was time for. */
    public static AirCompared of(Query query, Stop stop) {
        Evaluation today = Planner.bestOf(query, frame -> true, stop);
        Evaluation easy = today == null ? null : easy(query, today, stop);
        if (easy == null) {
            return new AirCompared(AirWords.of(query.air()), List.of(), List.of(), unfinished(stop));
        }
        Suggestion there = Planner.written(query.in(Air.EASY), easy);
        Suggestion here = Planner.written(query, today);
        return new AirCompared(
                AirWords.of(query.air()),
                easy.choice().equals(today.choice())
                        ? List.of()
                        : RoutineDifference.between(there, here).words(),
                Moved.between(there.outcome().overall(), here.outcome().overall()),
                unfinished(stop));
    }

    /**
     * The plan of easy air: today's where it does as well there, or that of easy air would do as well today; else today's with the
     * smaller things otherwise; else another.
     */
    private static Evaluation easy(Query query, Evaluation today, Stop stop) {
        Query there = query.in(Air.EASY);
        Evaluation best = Planner.bestOf(there, frame -> true, stop);
        if (best == null) {
            return null;
        }
        Candidate choice = today.choice();
        Evaluation same = Planner.search(there, choice.details()).judge(choice);
        Evaluation back = Planner.search(query, best.choice().details()).judge(best.choice());
        if (same.willDoFor(best) || same.isFeasible() && back.willDoFor(today)) {
            return same;
        }
        Evaluation carried = Planner.carrying(there, stop).of(choice);
        return carried != null && carried.willDoFor(best) ? carried : best;
    }

    private static String unfinished(Stop stop) {
        return stop.isDue() ? "There was not time to look at every plan for both." : null;
    }
}
