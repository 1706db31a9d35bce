package eventide.chair;

import eventide.drying.Wetness;
import eventide.wash.Window;
import java.util.Locale;

/**
 * Hair has left the band of what it carries or is to meet: what hands should do about it.
 *
 * @param wetness percent along its lengths now
 * @param to where to bring it, percent
 */
public record Ask(int step, Remedy what, String text, double wetness, double to) {
    /** What is asked for. */
    public enum Remedy {
        /** The sections that wait are getting too dry. */
        MIST_WAITING,
        /** The hair in hand is too dry for what goes on now. */
        MIST,
        /** The hair in hand is too wet for it. */
        SQUEEZE
    }

    /** How soon after it was answered the same is not asked again, minutes [OURS]. */
    private static final double QUIET = 4;

    /** Null where nothing needs to be asked. */
    static Ask of(AtTheChair chair) {
        Integer open = chair.record().open();
        Band band = open == null ? null : Band.of(chair.done(), chair.hair(), chair.schools(), open);
        if (band == null || answeredLately(chair, open)) {
            return null;
        }
        double waiting = chair.driestWaiting();
        boolean wetsFirst = wetsFirst(chair, open);
        if (waiting < band.low() - Window.TOLERANCE && !wetsFirst) {
            return new Ask(
                    open,
                    Remedy.MIST_WAITING,
                    "What waits is down to " + words(waiting) + ". Mist it for " + band.product() + ", or cover it.",
                    waiting,
                    band.aim());
        }
        double now = chair.inHand();
        if (wetsFirst || !begins(chair, open)) {
            return null;
        }
        if (now < band.low() - Window.TOLERANCE) {
            return new Ask(
                    open,
                    Remedy.MIST,
                    "Too dry for " + band.product() + ": " + words(now) + ". Mist it first.",
                    now,
                    band.aim());
        }
        return now > band.high() + Window.TOLERANCE
                ? new Ask(
                        open,
                        Remedy.SQUEEZE,
                        "Too wet for " + band.product() + ": " + words(now) + ". Squeeze it out first.",
                        now,
                        band.aim())
                : null;
    }

    /** Only before the first section, or the step itself, is well under way: later the hair has met it. */
    private static boolean begins(AtTheChair chair, int open) {
        StepDone step = chair.record().step(open);
        return step.sectionEnds().isEmpty()
                && chair.nowMinute() - StepDone.minutes(chair.record().startedAt(), step.startedAt()) < 1;
    }

    private static boolean wetsFirst(AtTheChair chair, int open) {
        var step = chair.routine().steps().get(open);
        return step.isEachSection() && step.steps().get(0).action().wets();
    }

    /** Whether the same was asked of this step and answered a short while ago: a stylist is not asked twice in one breath. */
    private static boolean answeredLately(AtTheChair chair, int open) {
        return chair.record().righted().stream()
                .filter(righted -> righted.step() == open)
                .anyMatch(righted ->
                        chair.nowMinute() - StepDone.minutes(chair.record().startedAt(), righted.at()) < QUIET);
    }

    private static String words(double wetness) {
        return String.format(Locale.ROOT, "%s, %.0f %%", Wetness.of(wetness).label(), wetness);
    }
}
