package eventide.drying;

import static eventide.drying.TideRecorder.round;

import java.util.List;

/** A step as it is drawn, from the turns of hands it came to. */
final class StepTides {
    /** Grams of hair that are none. */
    private static final double EPSILON = 1e-9;

    private StepTides() {}

    /**
     * Its minutes, and its water weighed by the hair of each section.
     *
     * @param visits of it, in the order of time; of none the water is the head's
     * @param from minute it began
     * @param least minute it ends at soonest
     */
    static StepTide of(int index, List<Visit> visits, Head head, double from, double least) {
        double mass = 0;
        double lengths = 0;
        double roots = 0;
        double hands = 0;
        double end = least;
        double[] bySection = new double[visits.size()];
        for (int i = 0; i < visits.size(); i++) {
            Visit visit = visits.get(i);
            double own = Math.max(EPSILON, visit.grams());
            mass += own;
            lengths += own * visit.wetness();
            roots += own * visit.rootsWetness();
            hands += StepDuration.handsOn(visit.step(), visit.workMinutes());
            bySection[i] = round(visit.wetness());
            end = Math.max(end, visit.endMinute());
        }
        boolean none = mass == 0;
        return new StepTide(
                index,
                round(from),
                round(end),
                round(none ? head.meanLengths() : lengths / mass),
                Soundings.of(bySection, bySection.length),
                round(none ? head.meanRoots() : roots / mass),
                round(hands),
                null);
    }
}
