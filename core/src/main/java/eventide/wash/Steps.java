package eventide.wash;

import eventide.drying.Visit;
import eventide.routine.Routine;
import eventide.routine.Step;
import eventide.routine.StepPlace;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Predicate;

/** Small questions about a routine that several rules ask. */
public final class Steps {
    private Steps() {}

    /** Air or a dryer has worked between two moments. */
    public static boolean driedBetween(Wash wash, double from, double to) {
        for (Visit visit : wash.course().visits()) {
            if (visit.step().action().isDrying()
                    && visit.startMinute() >= from - 1e-9
                    && visit.endMinute() <= to + 1e-9
                    && visit.minutes() > 0) {
                return true;
            }
        }
        return false;
    }

    /** Whether any turn of hands is such. */
    public static boolean any(Wash wash, Predicate<Visit> wanted) {
        return wash.course().visits().stream().anyMatch(wanted);
    }

    /** Whether a turn of hands came after another on some of the same hair. */
    static boolean isLaterOnSameHair(Wash wash, Visit later, Visit visit) {
        return later.startMinute() >= visit.endMinute() - 1e-9
                && later != visit
                && wash.isAfter(later.place(), visit.place())
                && later.overlaps(visit);
    }

    /** Whether it came before. */
    static boolean isEarlierOnSameHair(Wash wash, Visit earlier, Visit visit) {
        return earlier.endMinute() <= visit.startMinute() + 1e-9
                && wash.isAfter(visit.place(), earlier.place())
                && earlier.overlaps(visit);
    }

    /** Turns of hands that came before on some of the same hair, in order. */
    public static List<Visit> earlierOnSameHair(Wash wash, Visit visit) {
        List<Visit> earlier = new ArrayList<>();
        for (Visit v : wash.course().visits()) {
            if (isEarlierOnSameHair(wash, v, visit)) {
                earlier.add(v);
            }
        }
        return earlier;
    }

    /** The routine with a step moved to stand just before another; null where they are in different groups. */
    public static Routine movedBefore(Routine routine, StepPlace what, StepPlace before) {
        boolean sameGroup = what.isInner() == before.isInner() && (!what.isInner() || what.index() == before.index());
        if (!sameGroup) {
            return null;
        }
        Step step = routine.at(what);
        return routine.without(what).inserting(before, step);
    }

    /** As it is said: whole percent. */
    public static String percent(double value) {
        return Math.round(value) + " %";
    }
}
