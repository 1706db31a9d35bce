package eventide.diary;

import eventide.shape.Maybe;
import java.time.LocalDateTime;
import java.util.List;

/**
 * The wash an event is met with.
 *
 * @param washAt when it is begun
 * @param wearDay day of wear on the event, 1 for the wash day itself
 * @param because of which it is that day
 * @param slackMinutes kept for drying that takes longer
 * @param minutes the wash takes, drying that the client need not wait for left out
 * @param ways to meet it, the likeliest first; empty where nothing is known of how it is worn
 */
public record EventPlan(
        LocalDateTime washAt, int wearDay, String because, int slackMinutes, int minutes, List<EventWay> ways) {
    /**
     * One way to meet it.
     *
     * @param washAt when its wash would be begun
     * @param frizz at that hour, 0 none
     * @param lost against the best of them, in words; absent for the best
     */
    public record EventWay(
            int wearDay,
            LocalDateTime washAt,
            double definition,
            double frizz,
            double volume,
            double softness,
            double points,
            @Maybe String lost) {}
}
