package eventide.server.today;

import eventide.air.Outdoors;
import java.time.Instant;
import java.time.ZoneOffset;
import java.time.ZonedDateTime;
import org.springframework.stereotype.Component;

/** Stands in for a weather service: the same mild harbour every year, warmest in the afternoon and in July. */
@Component
class SimulatedForecast implements Forecast {
    private static final double MEAN_C = 11;
    private static final double SEASON_C = 6;
    private static final double DAY_C = 3;
    private static final double MEAN_HUMIDITY = 76;
    private static final double DAY_HUMIDITY = 10;

    @Override
    public Outdoors at(Instant when) {
        ZonedDateTime time = when.atZone(ZoneOffset.UTC);
        double season = Math.cos(2 * Math.PI * (time.getDayOfYear() - 200) / 365);
        double day = Math.cos(2 * Math.PI * (time.getHour() - 15) / 24);
        return new Outdoors((double) Math.round(MEAN_C + SEASON_C * season + DAY_C * day), (double)
                Math.round(MEAN_HUMIDITY - DAY_HUMIDITY * day));
    }

    @Override
    public String label() {
        return "simulated";
    }
}
