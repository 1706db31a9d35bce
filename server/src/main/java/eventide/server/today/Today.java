package eventide.server.today;

import eventide.air.AirReading;
import eventide.hair.Hair;
import eventide.shape.Maybe;
import java.time.Instant;
import java.util.List;

/** The day at a glance: the air, and who was last seen when. */
record Today(AirReading air, List<Line> clients) {
    /**
     * One client.
     *
     * @param daysSinceWash whole days since the last wash was begun, absent where there was none
     * @param openWashDay a wash day begun or planned and not finished
     * @param toLog a finished wash day without scores, or scored before its time
     */
    record Line(
            Long id,
            String name,
            @Maybe Hair hair,
            @Maybe Double hairGrams,
            Integer washDays,
            @Maybe Instant lastWash,
            @Maybe Long daysSinceWash,
            @Maybe Long openWashDay,
            @Maybe Long toLog) {}
}
