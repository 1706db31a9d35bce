package eventide.outcome;

import static eventide.outcome.DoingConstants.BARE_AGAIN;
import static eventide.outcome.DoingConstants.WEAR_LASTS;
import static eventide.outcome.DoingConstants.WORN_LIFTS;
import static eventide.outcome.DoingConstants.WORN_SOFTENS;

import java.util.ArrayList;
import java.util.List;

/**
 * The whole head on a day it is worn, left alone but for how it is kept at night: shape goes slowly, and crunch and lying flat go
 * with it [CP; the curve OURS].
 *
 * @param day 1 is the wash day itself
 */
public record WornDay(int day, double definition, double frizz, double volume, double softness) {
    /** A wash-and-go is washed out after a week, whatever it looks like [CP]. */
    private static final int LAST_DAY = 7;

    /**
     * @param styled the scores of the wash day
     * @param bareDefinition of the same hair washed and left alone
     * @param bareFrizz of the same
     */
    static List<WornDay> of(Scores styled, double bareDefinition, double bareFrizz) {
        List<WornDay> days = new ArrayList<>();
        for (int day = 1; day <= LAST_DAY; day++) {
            double left = Math.exp(-(day - 1) / (WEAR_LASTS * Math.max(.5, styled.days())));
            double gone = 1 - left;
            double floor = Math.min(styled.definition(), BARE_AGAIN * bareDefinition);
            days.add(new WornDay(
                    day,
                    hundredth(floor + (styled.definition() - floor) * left),
                    hundredth(styled.frizz() + Math.max(0, bareFrizz - styled.frizz()) * gone),
                    hundredth(Math.min(10, styled.volume() + WORN_LIFTS * gone)),
                    hundredth(Math.min(10, styled.softness() + WORN_SOFTENS * gone))));
        }
        return List.copyOf(days);
    }

    private static double hundredth(double value) {
        return Math.round(value * 100) / 100.0;
    }
}
