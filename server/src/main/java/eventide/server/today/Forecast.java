package eventide.server.today;

import eventide.air.Outdoors;
import java.time.Instant;

/** The air outside, where the hair will be worn. */
public interface Forecast {
    Outdoors at(Instant when);

    /** Where it comes from, as shown beside it. */
    String label();
}
