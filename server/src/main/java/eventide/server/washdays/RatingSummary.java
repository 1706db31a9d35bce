package eventide.server.washdays;

import eventide.hair.Zone;
import eventide.log.Rating;
import eventide.log.Shrinkage;
import eventide.shape.Maybe;
import java.util.Map;

/** The head's scores from its zones', and the shrinkage by the ruler, whole and zone by zone. */
public record RatingSummary(
        Rating.ZoneRating overall, @Maybe Shrinkage shrinkage, @Maybe Map<Zone, Shrinkage> shrinkageByZone) {
    static RatingSummary of(Rating rating) {
        return rating == null
                ? null
                : new RatingSummary(rating.overall(), rating.shrinkage(), rating.shrinkageByZone());
    }
}
