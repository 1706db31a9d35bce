package eventide.wash;

import eventide.drying.Visit;
import eventide.hair.Pattern;
import eventide.hair.Zone;
import eventide.routine.Action;
import eventide.routine.Step;
import eventide.routine.StepPlace;
import eventide.routine.Technique;
import java.util.ArrayList;
import java.util.List;

/** Wet hair scrunched, counted as hands count: a count is each section's own, not summed over sections. */
public final class Scrunches {
    /** Most that waves take [CP: 10 to 20]. */
    public static final int WAVY = 20;
    /** Most that curls and coils take [CP: 2 or 3]. */
    public static final int CURLY = 3;

    /** Scrunches of waves where no count is said [CP]. */
    private static final int USUAL_WAVY = 6;
    /** Scrunches of curls and coils where no count is said [CP]. */
    private static final int USUAL_CURLY = 2;
    /** Drier than this no hand feels water: the cast is broken so, percent [OURS]. */
    private static final double DRY = 10;

    private Scrunches() {}

    /**
     * Most scrunches a pattern takes.
     *
     * @return a count over all steps on one zone
     */
    public static int most(Pattern pattern) {
        return pattern.isStraight() || pattern.isWavy() ? WAVY : CURLY;
    }

    /** Whether hands push the curl up in it, by the action or by how a product goes on. */
    public static boolean isScrunch(Step step) {
        return step.action() == Action.SCRUNCH
                || (step.action() == Action.APPLY && step.technique() == Technique.SCRUNCH);
    }

    /** The steps that scrunch wet hair of a zone once it is washed. */
    public static List<StepPlace> places(Wash wash, Zone zone) {
        List<StepPlace> places = new ArrayList<>();
        for (StepPlace place : wash.places()) {
            if (counts(wash, place, zone)) {
                places.add(place);
            }
        }
        return places;
    }

    /** Scrunches in the wash lather count for nothing, and those that break a dry cast are no shaping. */
    private static boolean counts(Wash wash, StepPlace place, Zone zone) {
        return place.index() > wash.lastRinse()
                && isScrunch(wash.routine().at(place))
                && wash.reaches(place, zone)
                && isWet(wash, place);
    }

    /** How many, those that are not said as usual for the pattern. */
    public static int count(Wash wash, Zone zone) {
        boolean tight = wash.hair().at(zone).pattern().isTight();
        int sum = 0;
        for (StepPlace place : wash.places()) {
            if (counts(wash, place, zone)) {
                Integer count = wash.routine().at(place).count();
                sum += count == null ? (tight ? USUAL_CURLY : USUAL_WAVY) : count;
            }
        }
        return sum;
    }

    private static boolean isWet(Wash wash, StepPlace place) {
        for (Visit visit : wash.course().visits(place)) {
            if (visit.wetness() > DRY) {
                return true;
            }
        }
        return false;
    }
}
