package eventide.chair;

import eventide.drying.Mark;
import eventide.drying.Visit;
import eventide.routine.Action;
import eventide.routine.Routine;
import java.util.ArrayList;
import java.util.List;

/**
 * A moment the water decides: when it will come, by the tide as it runs.
 *
 * @param key the same on every device
 * @param fromMinute from when it is waited for, minutes since the start
 * @param untilMinute when it comes
 */
public record WaterTimer(String key, Awaited what, String name, double fromMinute, double untilMinute) {
    /** What is waited for. */
    public enum Awaited {
        /** Hands off until then. */
        CAST,
        CLIPS,
        DRY
    }

    /**
     * What rings by the water and not by the clock: the cast set, clips out, roots and lengths dry. Each with the minute the
     * run as it stands says, so that a dryer set higher brings it forward.
     */
    static List<WaterTimer> of(AtTheChair chair) {
        List<WaterTimer> timers = new ArrayList<>();
        Routine routine = chair.done();
        Mark cast = mark(chair, Mark.Moment.CAST_SET);
        if (cast != null) {
            double from = chair.course().visits().stream()
                    .filter(visit -> visit.step().holds() && visit.endMinute() <= cast.minute())
                    .mapToDouble(Visit::endMinute)
                    .max()
                    .orElse(cast.minute());
            // While hands still shape there is nothing to keep off.
            double shaped = lastTouchBefore(chair, cast.minute());
            timers.add(new WaterTimer(
                    "cast", Awaited.CAST, "Hands off until the cast", Math.max(from, shaped), cast.minute()));
        }
        Mark clips = mark(chair, Mark.Moment.CLIPS_OUT);
        if (clips != null) {
            double from = begins(chair, Action.CLIP_ROOTS);
            timers.add(new WaterTimer("clips", Awaited.CLIPS, "Clips out", from, clips.minute()));
        }
        Mark dry = mark(chair, Mark.Moment.ROOTS_DRY);
        boolean breaks = routine.steps().stream().anyMatch(step -> step.action() == Action.BREAK_CAST);
        if (dry != null && cast != null && breaks) {
            timers.add(new WaterTimer("dry", Awaited.DRY, "Dry: break the cast", cast.minute(), dry.minute()));
        }
        // What came before it was waited for is no longer waited for.
        timers.removeIf(timer -> timer.fromMinute() > timer.untilMinute());
        return List.copyOf(timers);
    }

    /** When hands last left the hair, minutes; 0 where they were not at it. */
    private static double lastTouchBefore(AtTheChair chair, double minute) {
        return chair.course().visits().stream()
                .filter(visit -> visit.step().action().touchesHair() && visit.endMinute() <= minute)
                .mapToDouble(Visit::endMinute)
                .max()
                .orElse(0);
    }

    /** When an action last begins, minutes; 0 where it does not come. */
    private static double begins(AtTheChair chair, Action action) {
        return chair.course().visits().stream()
                .filter(visit -> visit.step().action() == action)
                .mapToDouble(Visit::startMinute)
                .max()
                .orElse(0);
    }

    /** The last of its kind: a second coat sets again. */
    private static Mark mark(AtTheChair chair, Mark.Moment what) {
        return chair.course().tide().marks().stream()
                .filter(mark -> mark.what() == what)
                .reduce((first, later) -> later)
                .orElse(null);
    }
}
