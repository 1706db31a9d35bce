package eventide.learning;

import eventide.hair.Zone;
import eventide.log.Rating;
import eventide.log.Rating.ZoneRating;
import eventide.wash.ScoreName;
import java.util.EnumMap;
import java.util.Map;

/** The scores of a rating by name. */
public final class ScoresGiven {
    private ScoresGiven() {}

    /** Null where it was not given, or nobody looked. */
    static Double of(ZoneRating zone, ScoreName score) {
        if (zone == null) {
            return null;
        }
        return switch (score) {
            case DEFINITION -> zone.definition();
            case CLUMPING -> zone.clumping();
            case FRIZZ -> zone.frizz();
            case VOLUME -> zone.volume();
            case SOFTNESS -> zone.softness();
            case HOLD -> zone.hold();
            case WEIGHT -> zone.weight();
            case SHRINKAGE, DAYS -> null;
        };
    }

    /** Of the head, what the ruler and the days tell among them. */
    public static Map<ScoreName, Double> overall(Rating rating) {
        Map<ScoreName, Double> scores = of(rating.overall());
        if (rating.shrinkage() != null) {
            scores.put(ScoreName.SHRINKAGE, rating.shrinkage().percent());
        }
        if (rating.daysLasted() != null) {
            scores.put(ScoreName.DAYS, rating.daysLasted());
        }
        return scores;
    }

    /** Each zone's own scores; what was not scored is not in it. */
    public static Map<Zone, Map<ScoreName, Double>> byZone(Rating rating) {
        Map<Zone, Map<ScoreName, Double>> zones = new EnumMap<>(Zone.class);
        rating.byZone().forEach((zone, own) -> zones.put(zone, of(own)));
        return zones;
    }

    /** Every score that was given. */
    private static Map<ScoreName, Double> of(ZoneRating zone) {
        Map<ScoreName, Double> scores = new EnumMap<>(ScoreName.class);
        for (ScoreName score : ScoreName.values()) {
            Double points = of(zone, score);
            if (points != null) {
                scores.put(score, points);
            }
        }
        return scores;
    }
}
