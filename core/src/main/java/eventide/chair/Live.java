package eventide.chair;

import eventide.drying.Tide;
import eventide.shape.Maybe;
import java.util.List;

/**
 * Where the water stands at the chair, and where it is going.
 *
 * @param minute since the start
 * @param lengths percent wet, of the section in hand where one is, else of the head
 * @param roots percent wet, of the head
 * @param endMinute when it will be over, at the pace so far
 * @param behindMinutes how much later that is than planned; less than 0 for earlier
 * @param tide as it was up to now, and as it will be
 */
public record Live(
        double minute,
        double lengths,
        double roots,
        @Maybe Band band,
        @Maybe Ask ask,
        double endMinute,
        double behindMinutes,
        boolean late,
        List<WaterTimer> timers,
        List<Rested> rests,
        Tide tide) {
    /** Fewer minutes than this behind are not worth hurrying for [OURS]. */
    private static final double LATE = 3;

    /** Where the wash stands now: the step at hand, the water as it must be, what waits. */
    public static Live of(AtTheChair chair) {
        Integer open = chair.record().open();
        double end = chair.course().minutes();
        double behind = end - chair.planned().minutes();
        return new Live(
                round(chair.nowMinute()),
                round(chair.inHand()),
                round(chair.course().rootsNow()),
                open == null ? null : Band.of(chair.done(), chair.hair(), chair.schools(), open),
                Ask.of(chair),
                round(end),
                round(behind),
                open != null && behind >= LATE,
                WaterTimer.of(chair),
                Rested.of(chair),
                chair.course().drawn());
    }

    private static double round(double value) {
        return Math.round(value * 10) / 10.0;
    }
}
