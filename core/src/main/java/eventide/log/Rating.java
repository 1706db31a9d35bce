package eventide.log;

import eventide.hair.Measured;
import eventide.hair.Zone;
import eventide.shape.Frozen;
import eventide.shape.InvalidException;
import eventide.shape.Letters;
import eventide.shape.Maybe;
import eventide.shape.Range;
import eventide.shape.Shape;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.function.Function;

/**
 * How a wash day came out, judged dry with the cast broken.
 *
 * @param castBroken asked first: scores given before are kept, and marked as early
 * @param byZone the zones that were looked at; one not looked at is absent, not zero
 * @param measured one lock by the ruler, from which shrinkage follows
 * @param rater who looked: every eye reads a little high or low
 * @param strands several strands by the ruler, each at its zone: they tell more than one lock
 */
public record Rating(
        Boolean castBroken,
        Boolean rootsDry,
        Map<Zone, ZoneRating> byZone,
        @Maybe Measured measured,
        @Maybe @Range(from = 0, to = 30, unit = "days") Double daysLasted,
        @Maybe @Letters(most = Rating.MOST_NOTES) String notes,
        @Maybe List<StrandByRuler> strands,
        @Maybe @Letters(least = 1, most = 60) String rater) {
    /** More strands than this nobody measures. */
    private static final int MOST_STRANDS = 60;

    /** Longest note kept, in characters. */
    public static final int MOST_NOTES = 4000;

    public Rating {
        Shape.check(Rating.class, castBroken, rootsDry, byZone, measured, daysLasted, notes, strands, rater);
        if (byZone.isEmpty()) {
            throw InvalidException.of("byZone", "byZone must score at least one zone");
        }
        if (strands != null && strands.size() > MOST_STRANDS) {
            throw InvalidException.of(
                    "strands", "strands must be at most " + MOST_STRANDS + ", but were " + strands.size());
        }
        byZone = Frozen.map(byZone);
        strands = Frozen.list(strands);
    }

    /** Scored by nobody known. */
    public Rating(
            Boolean castBroken,
            Boolean rootsDry,
            Map<Zone, ZoneRating> byZone,
            Measured measured,
            Double daysLasted,
            String notes,
            List<StrandByRuler> strands) {
        this(castBroken, rootsDry, byZone, measured, daysLasted, notes, strands, null);
    }

    /**
     * Zones' scores, each from 0 to 10; frizz 0 is none. The last four are given where somebody looked.
     *
     * @param definition 0 to 10, as the rubric says
     * @param frizz 0 to 10, less is better
     * @param volume 0 to 10
     */
    public record ZoneRating(
            @Range(from = 0, to = 10) Double definition,
            @Range(from = 0, to = 10) Double clumping,
            @Range(from = 0, to = 10) Double frizz,
            @Range(from = 0, to = 10) Double volume,
            @Maybe @Range(from = 0, to = 10) Double softness,
            @Maybe @Range(from = 0, to = 10) Double hold,
            @Maybe @Range(from = 0, to = 10) Double weight,
            @Maybe @Range(from = 0, to = 10) Double shine) {
        public ZoneRating {
            Shape.check(ZoneRating.class, definition, clumping, frizz, volume, softness, hold, weight, shine);
        }

        /** The scores every wash is given, each 0 to 10; the rest was not looked at. */
        public static ZoneRating of(double definition, double clumping, double frizz, double volume) {
            return new ZoneRating(definition, clumping, frizz, volume, null, null, null, null);
        }
    }

    /** Judged when it should be: cast broken and roots dry. */
    public boolean isTimely() {
        return castBroken && rootsDry;
    }

    /**
     * Mean over the zones looked at, each weighing as much as the share of hair that grows there; a score not given
     * everywhere, over the zones where it was.
     */
    public ZoneRating overall() {
        return new ZoneRating(
                mean(ZoneRating::definition),
                mean(ZoneRating::clumping),
                mean(ZoneRating::frizz),
                mean(ZoneRating::volume),
                mean(ZoneRating::softness),
                mean(ZoneRating::hold),
                mean(ZoneRating::weight),
                mean(ZoneRating::shine));
    }

    /** Over the zones that were scored, weighed by their hair; null where none was. */
    private Double mean(Function<ZoneRating, Double> score) {
        double sum = 0;
        double share = 0;
        for (Map.Entry<Zone, ZoneRating> entry : byZone.entrySet()) {
            Double points = score.apply(entry.getValue());
            if (points != null) {
                sum += entry.getKey().share() * points;
                share += entry.getKey().share();
            }
        }
        return share == 0 ? null : round(sum / share);
    }

    /** By the ruler: of the strands where some were measured, else of the one lock; null where nothing was. */
    public Shrinkage shrinkage() {
        if (strands != null && !strands.isEmpty()) {
            return Shrinkage.of(strands.stream().map(StrandByRuler::measured).toList());
        }
        return measured == null ? null : Shrinkage.of(List.of(measured));
    }

    /** The same zone by zone; those without a strand are left out. */
    public Map<Zone, Shrinkage> shrinkageByZone() {
        Map<Zone, Shrinkage> byRuler = new EnumMap<>(Zone.class);
        for (Zone zone : Zone.values()) {
            List<Measured> own = strands == null
                    ? List.of()
                    : strands.stream()
                            .filter(strand -> strand.zone() == zone)
                            .map(StrandByRuler::measured)
                            .toList();
            if (!own.isEmpty()) {
                byRuler.put(zone, Shrinkage.of(own));
            }
        }
        return Frozen.map(byRuler);
    }

    private static double round(double value) {
        return Math.round(value * 10) / 10.0;
    }
}
