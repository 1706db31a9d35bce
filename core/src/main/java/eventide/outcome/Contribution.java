package eventide.outcome;

import eventide.hair.Zone;

/**
 * One reason a score stands where it does: the contributions of a zone and score add up to it.
 *
 * @param by signed, in points of the score
 */
public record Contribution(ScoreName score, Zone zone, double by, String because) {}
