package eventide.learning;

import eventide.hair.Zone;
import eventide.outcome.Outcome;
import eventide.outcome.OutcomeModel;
import eventide.outcome.WeightOfRichness;
import eventide.product.Product;
import eventide.wash.Layer;
import eventide.wash.ScoreName;
import eventide.wash.Wash;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.Map;

/**
 * A wash as it is learned from.
 *
 * @param id of the wash, for opening it again
 * @param head whose it was
 * @param effects how much of each was in it: 1 where it simply was, weeks or steps of dew point where there is a measure
 * @param weight from above 0 to 1: a wash on hair that has changed since tells less
 * @param model what the model says, without anything learned
 * @param scored what was given; a score nobody gave is absent
 * @param met how each styler met the hair, by the bottle's name
 * @param zones of each score, by how much more a zone was off than the head: points; empty where zones were not scored
 * @param halves what its two halves tell against each other; null where both had the same
 */
public record Sample(
        String id,
        String head,
        Map<Effect, Double> effects,
        double weight,
        Map<ScoreName, Double> model,
        Map<ScoreName, Double> scored,
        Map<ScoreName, Map<Zone, Double>> zones,
        Map<String, Met> met,
        Contrast halves) {
    public Sample {
        effects = Map.copyOf(effects);
        model = Map.copyOf(model);
        scored = Map.copyOf(scored);
        zones = Map.copyOf(zones);
        met = Map.copyOf(met);
    }

    /** Where nobody looked at how wet the hair was, and both halves had the same. */
    Sample(
            String id,
            String head,
            Map<Effect, Double> effects,
            double weight,
            Map<ScoreName, Double> model,
            Map<ScoreName, Double> scored,
            Map<ScoreName, Map<Zone, Double>> zones) {
        this(id, head, effects, weight, model, scored, zones, Map.of(), null);
    }

    /**
     * How a styler met the hair, beside what its bottle says.
     *
     * @param holds gel or mousse: where it met hair drier than its window, the model takes definition away
     * @param wetness percent, the mean over its sections
     * @param windowLow percent from which its bottle says that it works
     * @param hold its bottle says it has, 0 to 10
     * @param richness its bottle says it has, 0 to 10
     * @param weighs points of weight that one point more of richness would have brought
     */
    public record Met(boolean holds, double wetness, double windowLow, double hold, double richness, double weighs) {}

    /** A wash on hair that reads otherwise since (bleached, cut) tells as much as so many on hair as it is now [OURS]. */
    private static final double BEFORE_A_CHANGE = .4;

    /**
     * A wash that was scored.
     *
     * @param rater null where nobody said
     * @param changed whether the hair reads otherwise since
     * @param byZone scores zone by zone, empty where only the head's were given
     */
    public static Sample of(
            String id,
            String head,
            String rater,
            Wash wash,
            Map<ScoreName, Double> scored,
            boolean changed,
            Map<Zone, Map<ScoreName, Double>> byZone) {
        Outcome outcome = OutcomeModel.predict(wash);
        Map<ScoreName, Double> said = new EnumMap<>(ScoreName.class);
        for (ScoreName score : ScoreName.values()) {
            said.put(score, outcome.overall().of(score));
        }
        return new Sample(
                id,
                head,
                EffectsIn.of(wash, head, rater),
                changed ? BEFORE_A_CHANGE : 1,
                said,
                scored,
                zones(outcome, scored, byZone),
                met(wash),
                Contrast.of(wash, outcome, byZone));
    }

    /** The water each bottle met, by its name. */
    private static Map<String, Met> met(Wash wash) {
        Map<String, Met> met = new HashMap<>();
        for (Layer layer : wash.layers()) {
            Product product = layer.product();
            if (layer.visits().isEmpty()) {
                continue;
            }
            double wetness = layer.visits().stream()
                    .mapToDouble(visit -> visit.wetness())
                    .average()
                    .orElse(0);
            met.put(
                    product.name(),
                    new Met(
                            layer.holds(),
                            wetness,
                            product.windowLow(),
                            product.hold(),
                            product.richness(),
                            WeightOfRichness.pointsOf(wash, layer)));
        }
        return met;
    }

    /** By how much a zone came out other than the head did, the model's own difference taken off. */
    private static Map<ScoreName, Map<Zone, Double>> zones(
            Outcome outcome, Map<ScoreName, Double> scored, Map<Zone, Map<ScoreName, Double>> byZone) {
        Map<ScoreName, Map<Zone, Double>> zones = new EnumMap<>(ScoreName.class);
        byZone.forEach((zone, own) -> own.forEach((score, points) -> {
            if (scored.containsKey(score)) {
                double more = points - outcome.byZone().get(zone).of(score);
                double head = scored.get(score) - outcome.overall().of(score);
                zones.computeIfAbsent(score, any -> new EnumMap<>(Zone.class)).put(zone, more - head);
            }
        }));
        return zones;
    }

    boolean has(ScoreName score) {
        return scored.containsKey(score) && model.containsKey(score);
    }

    /** Points the model was too low by. */
    double missed(ScoreName score) {
        return scored.get(score) - model.get(score);
    }
}
