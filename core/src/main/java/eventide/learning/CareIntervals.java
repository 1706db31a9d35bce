package eventide.learning;

import eventide.shape.Maybe;
import eventide.wash.ScoreName;

/**
 * After how many days since care a head plainly does worse, by its log: an association. Read at the end of the interval that loses least,
 * for care given too soon does more harm than care given late [CP].
 *
 * @param clarifyDays absent where the log shows nothing clear
 * @param proteinDays likewise
 */
public record CareIntervals(@Maybe Integer clarifyDays, @Maybe Integer proteinDays) {
    /** A loss a stylist would act on, points [OURS]. */
    private static final double LOST = .5;

    /** Days. */
    private static final double WEEK = 7;
    /** Neither sooner than a fortnight nor later than six weeks, whatever the log [CP: monthly to fortnightly, and a margin]. */
    private static final int SOONEST_DAYS = 14;

    /** Days beyond which a longer pause is not told from this one. */
    private static final int LATEST_DAYS = 42;

    /** Of a head, as its log stands. */
    public static CareIntervals of(HeadLearned head) {
        return new CareIntervals(
                days(head, HeadLearned.WEEK_SINCE_CLARIFYING), days(head, HeadLearned.WEEK_SINCE_PROTEIN));
    }

    /** The soonest of the scores that fall; null where none plainly does. */
    private static Integer days(HeadLearned head, String what) {
        return head.scores().stream()
                .filter(score -> score.score() == ScoreName.DEFINITION || score.score() == ScoreName.VOLUME)
                .filter(score -> score.accuracy().helps())
                .flatMap(score -> score.found().stream())
                .filter(found -> found.what().equals(what) && found.here())
                .filter(found -> found.estimate().high() < 0)
                .map(found -> (int) Math.round(WEEK * LOST / -found.estimate().high()))
                .map(days -> Math.max(SOONEST_DAYS, Math.min(LATEST_DAYS, days)))
                .min(Integer::compare)
                .orElse(null);
    }
}
