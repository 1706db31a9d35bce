package eventide.diary;

import eventide.air.Air;
import eventide.outcome.Outcome;
import eventide.outcome.OutcomeModel;
import eventide.outcome.WornDay;
import eventide.routine.Goal;
import eventide.wash.Wash;
import java.util.List;

/** How a wash is expected to look from day to day, in the air where it is worn. */
final class Wearing {

    private Wearing() {}

    /** Of the wash a diary is asked for, in the air of its event; empty where no wash is known. */
    static List<WearDay> on(DiaryQuestion asked, WashTime time) {
        if (time.routine() == null) {
            return List.of();
        }
        Air place = asked.event() == null || asked.event().air() == null
                ? WashTime.ROOM
                : asked.event().air();
        Wash wash = Wash.of(time.routine(), asked.hair(), asked.goal(), place, null, null);
        Outcome outcome = OutcomeModel.predict(asked.learned() == null ? wash : wash.taught(asked.learned()));
        return outcome.byDay().stream().map(day -> of(day, asked.goal())).toList();
    }

    /** How near a day of wear comes to the wishes: its scores weighed by them, each wish a little whatever it says. */
    static WearDay of(WornDay day, Goal goal) {
        double definition = Goal.LEAST_WISH + goal.definition();
        double volume = Goal.LEAST_WISH + goal.volume();
        double softness = Goal.LEAST_WISH + goal.softness();
        double frizz = Goal.LEAST_WISH + goal.lowFrizzOrDefinition();
        double points = (definition * day.definition()
                        + volume * day.volume()
                        + softness * day.softness()
                        - frizz * day.frizz())
                / (definition + volume + softness + frizz);
        return new WearDay(
                day.day(),
                day.definition(),
                day.frizz(),
                day.volume(),
                day.softness(),
                Math.round(points * 100) / 100.0);
    }
}
