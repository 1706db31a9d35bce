package eventide.check;

import eventide.drying.StepTide;
import eventide.hair.Zone;
import eventide.routine.Action;
import eventide.routine.Routine;
import eventide.routine.Step;
import eventide.routine.StepPlace;
import eventide.wash.Wash;
import java.util.List;
import java.util.Set;

/**
 * T4: coiling or shingling beyond the time there is.
 *
 * <p>Asks the hands-on minutes where they are limited, else the minutes. Mend: larger sections, the face alone, or a brush
 * instead. Source: common practice.
 */
final class NotFinishedInTime implements Rule {

    @Override
    public String id() {
        return "T4";
    }

    @Override
    public String why() {
        return "What takes longer than there is stays half done.";
    }

    @Override
    public List<Finding> findings(Wash wash) {
        if (wash.limits() == null) {
            return List.of();
        }
        double hands = 0;
        for (StepTide own : wash.course().tide().steps()) {
            hands += own.handsOnMinutes();
            Double chair = wash.limits().chairMinutes();
            boolean late = chair != null
                    ? hands > chair
                    : own.endMinute() > wash.limits().minutes();
            StepPlace place = late ? slow(wash, own.index()) : null;
            if (place != null) {
                Step step = wash.routine().at(place);
                String what = step.action() == Action.COIL ? "Coiling" : "Shingling";
                double over = chair != null
                        ? hands - chair
                        : own.endMinute() - wash.limits().minutes();
                Step face =
                        step.but().zones(Set.of(Zone.HAIRLINE)).minutes(null).build();
                return List.of(Finding.of(
                        this,
                        Severity.WARN,
                        place,
                        null,
                        what + " runs " + Math.round(Math.max(1, over)) + " min past the time there is.",
                        new Mend(
                                step.action() == Action.COIL ? "Coil the face only" : "Shingle the face only",
                                wash.routine().replacing(place, face))));
            }
        }
        return List.of();
    }

    /** A coil or a curl by hand among the steps of one section, null for none: those are what can be done faster another way. */
    private static StepPlace slow(Wash wash, int index) {
        Routine routine = wash.routine();
        return wash.places().stream()
                .filter(place -> place.index() == index)
                .filter(place -> routine.at(place).action() == Action.COIL
                        || routine.at(place).action() == Action.SHINGLE)
                .findFirst()
                .orElse(null);
    }
}
