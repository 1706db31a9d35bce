package eventide.learning;

import eventide.hair.Zone;
import eventide.shape.Maybe;
import eventide.shape.Signed;
import eventide.wash.Correction.Kind;
import eventide.wash.Manner;
import eventide.wash.ScoreName;
import java.util.Locale;

/**
 * One thing that moves a score of one head, all that is known of it together: a bottle here, on such hair and anywhere.
 *
 * @param kind where it counts
 * @param what in words
 * @param bottle its name, where it is one
 * @param here it was on this head, not on others alone
 * @param association it moves together with the score and was never tried by itself
 * @param because with its interval and how many washes it rests on
 */
public record LearnedThing(
        ScoreName score,
        Kind kind,
        String what,
        @Maybe String bottle,
        @Maybe Manner way,
        @Maybe Zone zone,
        Estimate estimate,
        boolean here,
        boolean association,
        String because) {
    static LearnedThing of(
            ScoreName score,
            Kind kind,
            String what,
            String bottle,
            Manner way,
            Zone zone,
            Estimate estimate,
            boolean here,
            boolean association) {
        return new LearnedThing(
                score,
                kind,
                what,
                bottle,
                way,
                zone,
                estimate,
                here,
                association,
                because(score, what, estimate, association));
    }

    private static String because(ScoreName score, String what, Estimate estimate, boolean association) {
        int washes = estimate.washes();
        return String.format(
                Locale.ROOT,
                "%s: %s %s, %s to %s, %d %s%s",
                what,
                Signed.of(estimate.points()),
                score.label(),
                Signed.of(estimate.low()),
                Signed.of(estimate.high()),
                washes,
                washes == 1 ? "wash" : "washes",
                association ? ", association" : "");
    }
}
