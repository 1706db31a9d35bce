package eventide.server.washdays;

import eventide.chair.AtTheChair;
import eventide.chair.Ended;
import eventide.drying.Tide;
import eventide.planner.Judgement;
import eventide.shape.Maybe;
import java.time.Instant;

/** A wash day on the water: as planned, as it was or is being done, and once it is over, the one against the other. */
public record WashTide(Judgement planned, @Maybe Tide actual, @Maybe Ended ended) {
    static WashTide of(WashDay day, Instant now) {
        if (day.record().startedAt() == null) {
            return new WashTide(Judgement.of(day.question()), null, null);
        }
        AtTheChair chair = day.at(now);
        return new WashTide(
                Judgement.of(day.question()),
                chair.course().drawn(),
                day.record().finishedAt() == null ? null : Ended.of(chair));
    }
}
