package eventide.planner.compare;

import eventide.air.Air;
import eventide.air.DewPointBand;
import eventide.planner.Planner;
import eventide.planner.Query;
import eventide.planner.Stop;
import eventide.planner.Suggestion;
import eventide.planner.explain.Moved;
import eventide.shape.Maybe;
import java.util.List;
import java.util.Locale;

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
        Suggestion today = Planner.best(query, stop);
        Suggestion easy = Planner.best(query.in(Air.EASY), stop);
        if (today == null || easy == null) {
            return new AirCompared(words(query.air()), List.of(), List.of(), unfinished(stop));
        }
        return new AirCompared(
                words(query.air()),
                RoutineDifference.between(easy, today).words(),
                Moved.between(easy.outcome().overall(), today.outcome().overall()),
                unfinished(stop));
    }

    private static String unfinished(Stop stop) {
        return stop.isDue() ? "There was not time to look at every plan for both." : null;
    }

    private static String words(Air air) {
        double dew = Math.round(air.wornDewPointC()); // the band that belongs to the figure that is said
        DewPointBand band = DewPointBand.of(dew);
        return String.format(Locale.ROOT, "dew point %.0f °C, %s: %s", dew, band.label(), band.advice());
    }
}
