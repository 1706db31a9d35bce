package eventide.server.washdays;

import eventide.log.Rating;
import eventide.shape.Maybe;

/** The head's scores from its zones', and the shrinkage by the ruler. */
public record RatingSummary(Rating.ZoneRating overall, @Maybe Double shrinkagePercent) {
    static RatingSummary of(Rating rating) {
        return rating == null ? null : new RatingSummary(rating.overall(), rating.shrinkagePercent());
    }
}
