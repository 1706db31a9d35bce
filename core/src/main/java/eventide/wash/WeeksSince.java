package eventide.wash;

import eventide.routine.StepPlace;

/** How long ago care was given, as a wash finds its head, weeks. */
public final class WeeksSince {
    /** Days. */
    private static final double DAYS_A_WEEK = 7;
    /** More weeks change nothing any more [OURS]. */
    private static final double MOST_WEEKS = 8;

    private WeeksSince() {}

    /** From 0, where it is clarified in this wash, to 8; null where nobody knows. */
    public static Double clarifying(Wash wash) {
        for (StepPlace place : wash.places()) {
            if (Lifting.clarifies(wash.routine().at(place))) {
                return 0.0;
            }
        }
        return weeks(wash.hair().daysSinceClarify());
    }

    /** From 0 to 8, whatever this wash gives; null where nobody knows. */
    public static Double protein(Wash wash) {
        return weeks(wash.hair().daysSinceProtein());
    }

    private static Double weeks(Double days) {
        return days == null ? null : (Double) Math.min(MOST_WEEKS, days / DAYS_A_WEEK);
    }
}
