package eventide.log;

import eventide.hair.Measured;
import eventide.hair.Zone;
import eventide.shape.Frozen;
import eventide.shape.InvalidException;
import eventide.shape.Maybe;
import eventide.shape.Range;
import eventide.shape.Shape;
import java.util.Map;

/**
 * How a wash day came out, judged dry with the cast broken.
 *
 * @param castBroken asked first: scores given before are kept, and marked as early
 * @param byZone the zones that were looked at; one not looked at is absent, not zero
 * @param measured one lock by the ruler, from which shrinkage follows
 */
public record Rating(
        Boolean castBroken,
        Boolean rootsDry,
        Map<Zone, ZoneRating> byZone,
        @Maybe Measured measured,
        @Maybe @Range(from = 0, to = 30, unit = "days") Double daysLasted,
        @Maybe String notes) {
    /** Longest note kept, in characters. */
    public static final int MOST_NOTES = 4000;

    public Rating {
        Shape.check(Rating.class, castBroken, rootsDry, byZone, measured, daysLasted, notes);
        if (byZone.isEmpty()) {
            throw InvalidException.of("byZone", "byZone must score at least one zone");
        }
        if (notes != null && notes.length() > MOST_NOTES) {
            throw InvalidException.of(
                    "notes", "notes must be at most " + MOST_NOTES + " characters, but were " + notes.length());
        }
        byZone = Frozen.map(byZone);
    }

    /** Zones' scores, each from 0 to 10; frizz 0 is none. */
    public record ZoneRating(
            @Range(from = 0, to = 10) Double definition,
            @Range(from = 0, to = 10) Double clumping,
            @Range(from = 0, to = 10) Double frizz,
            @Range(from = 0, to = 10) Double volume) {
        public ZoneRating {
            Shape.check(ZoneRating.class, definition, clumping, frizz, volume);
        }
    }

    /** Judged when it should be: cast broken and roots dry. */
    public boolean isTimely() {
        return castBroken && rootsDry;
    }

    /** Mean over the zones looked at, by how much hair grows there. */
    public ZoneRating overall() {
        double[] sum = new double[4];
        double share = 0;
        for (Map.Entry<Zone, ZoneRating> entry : byZone.entrySet()) {
            double own = entry.getKey().share();
            ZoneRating r = entry.getValue();
            sum[0] += own * r.definition();
            sum[1] += own * r.clumping();
            sum[2] += own * r.frizz();
            sum[3] += own * r.volume();
            share += own;
        }
        return new ZoneRating(
                round(sum[0] / share), round(sum[1] / share), round(sum[2] / share), round(sum[3] / share));
    }

    /** By the ruler, in percent; null where nothing was measured. */
    public Double shrinkagePercent() {
        return measured == null ? null : round(measured.shrinkage() * 100);
    }

    private static double round(double value) {
        return Math.round(value * 10) / 10.0;
    }
}
