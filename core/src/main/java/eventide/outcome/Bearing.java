package eventide.outcome;

import static eventide.outcome.Constants.*;

import eventide.hair.Reading;
import eventide.routine.Schools;
import eventide.wash.Load;
import eventide.wash.Wash;

/**
 * How much richness hair bears, in points of {@link Load}.
 *
 * @param anywhere before the air is asked: by this the hair is fed
 * @param here in the air it is worn in: by this it is weighed down. Where it is warm and humid a cream is dropped, where it is
 *     dry and cold one goes under the gel [CP; the figures OURS]
 */
record Bearing(double anywhere, double here) {
    static Bearing of(Wash wash, Reading hair) {
        double borne = Load.borne(hair, Schools.DEFAULT);
        double dew = wash.air().wornDewPointC();
        double humid = Math.min(HUMID_BEARS_AT_MOST, HUMID_BEARS_LESS * Math.max(0, dew - HUMID_FROM_C));
        double dry = Math.min(DRY_BEARS_AT_MOST, DRY_BEARS_MORE * Math.max(0, DRY_BELOW_C - dew));
        return new Bearing(borne, borne * (1 - humid + dry));
    }
}
