package eventide.wash;

import eventide.hair.Zone;
import eventide.shape.Bounded;
import eventide.shape.Fault;
import eventide.shape.Frozen;
import eventide.shape.Letters;
import eventide.shape.Maybe;
import eventide.shape.Range;
import eventide.shape.Shape;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.function.ObjDoubleConsumer;

/**
 * What a client's log has taught: points that come on top of what the model says, always, at a zone, where a bottle is worn, where a
 * routine is done in some way, or with the weeks since care. Empty until there are washes to learn from.
 *
 * @param spread how far scores to come fall from what is said; the usual one where absent
 */
public record Correction(List<Taught> taught, @Maybe List<Spread> spread) implements Bounded {
    public static final Correction NONE = new Correction(List.of(), null);

    /** More than a large shelf, every zone and every way of working teach of every score [OURS]. */
    public static final int MOST = 6000;

    /** Where something that was learned counts. */
    public enum Kind {
        ALWAYS,
        ZONE,
        BOTTLE,
        WAY,
        /** Each step of dew point, as {@link DampAir} counts them. */
        AIR,
        /** Each week, as {@link WeeksSince} counts them. */
        SINCE_CLARIFYING,
        SINCE_PROTEIN
    }

    /**
     * One thing learned of one score.
     *
     * @param bottle name of the product it speaks of; for BOTTLE
     * @param way for WAY
     * @param zone for ZONE
     * @param points added to the score; shrinkage in percent, else points of its scale
     * @param because in words, with its interval and how many washes it rests on
     */
    public record Taught(
            Kind kind,
            @Maybe @Letters(least = 1, most = 200) String bottle,
            @Maybe Manner way,
            @Maybe Zone zone,
            ScoreName score,
            @Range(from = -100, to = 100) Double points,
            @Letters(most = 400) String because) {
        public Taught {
            Shape.check(Taught.class, kind, bottle, way, zone, score, points, because);
        }

        /** Whether this wash is one of those it was learned from: done so, wearing that, at that place. */
        private boolean counts(Wash wash, Zone at) {
            return switch (kind) {
                case ALWAYS, AIR, SINCE_CLARIFYING, SINCE_PROTEIN -> true;
                case ZONE -> at == zone;
                case WAY -> way != null && wash.manners().contains(way);
                case BOTTLE ->
                    bottle != null
                            && wash.layersIn(at).stream()
                                    .anyMatch(layer -> layer.product().name().equals(bottle));
            };
        }
    }

    /** How often a thing learned counts in a wash. */
    static double times(Kind kind, Wash wash) {
        return switch (kind) {
            case AIR -> DampAir.steps(wash.air());
            case SINCE_CLARIFYING -> orNothing(WeeksSince.clarifying(wash));
            case SINCE_PROTEIN -> orNothing(WeeksSince.protein(wash));
            case ALWAYS, ZONE, BOTTLE, WAY -> 1;
        };
    }

    private static double orNothing(Double weeks) {
        return weeks == null ? 0 : weeks;
    }

    /**
     * How far a score to come falls from what is said of it.
     *
     * @param points to either side; between them lie 80 % of scores to come
     */
    public record Spread(ScoreName score, @Range(from = .05, to = 100) Double points) {
        public Spread {
            Shape.check(Spread.class, score, points);
        }
    }

    public Correction {
        Shape.check(Correction.class, taught, spread);
        taught = Frozen.list(taught);
        spread = Frozen.list(spread);
    }

    @Override
    public List<Fault> beyond() {
        return taught.size() <= MOST
                ? List.of()
                : List.of(
                        new Fault("/taught", "taught must be at most " + MOST + " things, but were " + taught.size()));
    }

    /** Whether it moves nothing. */
    public boolean isNone() {
        return taught.isEmpty();
    }

    /** Hands on what counts at a zone of a wash, and the points it brings there. */
    public void forEach(Wash wash, Zone zone, ObjDoubleConsumer<Taught> add) {
        for (Taught one : taught) {
            if (one.counts(wash, zone)) {
                add.accept(one, one.points() * times(one.kind(), wash));
            }
        }
    }

    /** What a bottle brings wherever it is worn, by score; empty for a bottle nothing is known of. */
    public Map<ScoreName, Double> ofBottle(String name) {
        Map<ScoreName, Double> points = new EnumMap<>(ScoreName.class);
        for (Taught one : taught) {
            if (one.kind() == Kind.BOTTLE && Objects.equals(one.bottle(), name)) {
                points.merge(one.score(), one.points(), Double::sum);
            }
        }
        return points;
    }

    /** To either side, in points of the score. */
    public double spread(ScoreName score) {
        return spread == null
                ? score.usualSpread()
                : spread.stream()
                        .filter(one -> one.score() == score)
                        .mapToDouble(Spread::points)
                        .findFirst()
                        .orElse(score.usualSpread());
    }
}
