package eventide.outcome;

import static eventide.outcome.Constants.*;
import static eventide.outcome.DoingConstants.*;

import eventide.wash.Richness;
import eventide.wash.Wash;

/**
 * How much richness hair bears, in points of {@link Richness}.
 *
 * @param anywhere before the air is asked: by this the hair is fed
 * @param here in the air it is worn in: by this it is weighed down. Where it is warm and humid a cream is dropped, where it is
 *     dry and cold one goes under the gel [CP; the figures OURS]
 */
record Bearing(double anywhere, double here) {
    /** @param borne what this hair bears in any air */
    static Bearing of(Wash wash, double borne) {
        double humid = HUMID_BEARS_LESS * Math.max(0, wash.wornDewPointC() - HUMID_FROM_C);
        double dry = DRY_BEARS_MORE * Math.max(0, DRY_BELOW_C - wash.driestDewPointC());
        return new Bearing(
                borne, borne * (1 - Math.min(HUMID_BEARS_AT_MOST, humid) + Math.min(DRY_BEARS_AT_MOST, dry)));
    }
}
