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
 * @param tried on this head one half had it and the other not: evidence
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
        boolean tried,
        String because) {
    /** How it was come by. */
    enum Evidence {
        /** In some washes and not in others. */
        SEEN(""),
        /** On one half of a head and not on the other. */
        TRIED(", half against half"),
        /** Nobody chose it: it moves together with the score. */
        ASSOCIATION(", association");

        private final String words;

        Evidence(String words) {
            this.words = words;
        }
    }

    static LearnedThing of(
            ScoreName score,
            Kind kind,
            String what,
            String bottle,
            Manner way,
            Zone zone,
            Estimate estimate,
            boolean here,
            Evidence evidence) {
        return new LearnedThing(
                score,
                kind,
                what,
                bottle,
                way,
                zone,
                estimate,
                here,
                evidence == Evidence.ASSOCIATION,
                evidence == Evidence.TRIED,
                because(score, what, estimate, evidence));
    }

    /** What stands behind the washes it rests on, in words. */
    String evidence() {
        return (association ? Evidence.ASSOCIATION : tried ? Evidence.TRIED : Evidence.SEEN).words;
    }

    private static String because(ScoreName score, String what, Estimate estimate, Evidence evidence) {
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
                evidence.words);
    }
}
