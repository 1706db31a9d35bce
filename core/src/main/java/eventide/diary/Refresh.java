package eventide.diary;

import eventide.check.Caution;
import eventide.check.Finding;
import eventide.drying.Tide;
import eventide.hair.Zone;
import eventide.log.FollowingDay;
import eventide.outcome.Outcome;
import eventide.planner.Judgement;
import eventide.planner.Reason;
import eventide.routine.Amount;
import eventide.routine.Routine;
import eventide.shape.Maybe;
import eventide.wash.Features;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * What to do with hair on a morning: a small refresh of the outside with all that a check says of it, or the word that a wash is due.
 *
 * @param washDue nothing short of a wash helps; then all but {@code why} is absent
 * @param why in a stylist's words
 * @param now how the hair is expected to be this morning
 * @param brings how it is expected to be after it
 * @param refreshed what the day's log calls it
 */
public record Refresh(
        boolean washDue,
        List<Reason> why,
        @Maybe Routine routine,
        @Maybe Looks now,
        @Maybe Looks brings,
        @Maybe Set<FollowingDay.Refresh> refreshed,
        @Maybe Tide tide,
        @Maybe List<Finding> findings,
        @Maybe List<Amount> amounts,
        @Maybe Outcome outcome,
        @Maybe Map<Zone, Features> features,
        @Maybe Double minutes,
        @Maybe Double chairMinutes,
        @Maybe Double costCents,
        @Maybe List<String> ignored,
        @Maybe List<Caution> cautions,
        @Maybe List<String> beyond) {
    /**
     * Four scores of the whole head, 0 to 10.
     *
     * @param definition 0 to 10, like the others
     * @param frizz less is better
     */
    public record Looks(double definition, double frizz, double volume, double softness) {}

    /** A wash is due: nothing to refresh. */
    static Refresh due(List<Reason> why) {
        return new Refresh(
                true, why, null, null, null, null, null, null, null, null, null, null, null, null, null, null, null);
    }

    /**
     * @param now what the hair looks like before it
     * @param brings what it gives back
     */
    static Refresh with(Routine routine, List<Reason> why, Looks now, Looks brings, Judgement judged) {
        return new Refresh(
                false,
                why,
                routine,
                now,
                brings,
                FollowingDay.Refresh.by(routine),
                judged.tide(),
                judged.findings(),
                judged.amounts(),
                judged.outcome(),
                judged.features(),
                judged.minutes(),
                judged.chairMinutes(),
                judged.costCents(),
                judged.ignored(),
                judged.cautions(),
                judged.beyond());
    }

    /** What this morning takes, planned on the outer hair and what is in it; or the word that a wash is due. */
    public static Refresh of(RefreshQuestion asked) {
        List<Reason> due = WashDue.because(asked);
        return due.isEmpty() ? new RefreshMaking(asked).refresh() : due(due);
    }
}
