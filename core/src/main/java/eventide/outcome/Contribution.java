package eventide.outcome;

import eventide.hair.Zone;
import eventide.wash.ScoreName;

/**
 * One reason a score stands where it does: the contributions of a zone and score add up to it.
 *
 * @param by signed, in points of the score
 */
public record Contribution(ScoreName score, Zone zone, double by, String because) {
    /** Its part where a zone is looked at half by half. */
    Contribution shared(int parts) {
        return parts == 1 ? this : new Contribution(score, zone, Math.round(by / parts * 1000) / 1000.0, because);
    }
}
