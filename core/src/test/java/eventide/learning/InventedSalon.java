package eventide.learning;

import eventide.wash.Manner;
import eventide.wash.ScoreName;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.stream.Collectors;

/**
 * A salon with a hidden truth: every effect is drawn once, scores are the model's plus the effects plus chance. The truth is drawn from
 * other scatters than those the learning begins with.
 */
final class InventedSalon {
    private static final List<String> BOTTLES =
            List.of("kelp", "fathom", "lee shore", "spindrift", "samphire", "ebb", "neap", "skerry");
    private static final List<String> KINDS = List.of("fine waves", "medium curls", "coarse coils");
    static final List<String> RATERS = List.of("Anwen", "Corin");

    private final Random random;
    private final double strength;
    private final Map<String, Double> noise;
    private final Map<Effect, Double> truth = new HashMap<>();

    /**
     * @param strength of the effects, against the usual; 0 where there is nothing to learn
     * @param noise of one score, standard deviation in points
     */
    InventedSalon(long seed, double strength, double noise) {
        this(seed, strength, RATERS.stream().collect(Collectors.toMap(rater -> rater, rater -> noise)));
    }

    /** @param noise of one score by each rater, standard deviation in points */
    InventedSalon(long seed, double strength, Map<String, Double> noise) {
        this.random = new Random(seed);
        this.strength = strength;
        this.noise = noise;
    }

    /** Washes of some heads, between least and most each; the last of each head is the newest. */
    List<Sample> washes(int heads, int least, int most) {
        List<Sample> all = new ArrayList<>();
        for (int h = 0; h < heads; h++) {
            String head = "head " + h;
            String kind = KINDS.get(random.nextInt(KINDS.size()));
            int washes = least + random.nextInt(most - least + 1);
            List<String> liked = List.of(bottle(), bottle(), bottle());
            for (int i = 0; i < washes; i++) {
                all.add(wash(head + " wash " + (100 + i), head, kind, liked.get(random.nextInt(3))));
            }
        }
        return all;
    }

    private String bottle() {
        return BOTTLES.get(random.nextInt(BOTTLES.size()));
    }

    private Sample wash(String id, String head, String kind, String gel) {
        Map<Effect, Double> effects = new LinkedHashMap<>();
        effects.put(new Effect(Origin.SALON, ""), 1.0);
        effects.put(new Effect(Origin.HEAD, head), 1.0);
        String rater = RATERS.get(random.nextInt(RATERS.size()));
        effects.put(new Effect(Origin.RATER, rater), 1.0);
        effects.put(new Effect(Origin.BOTTLE, gel), 1.0);
        effects.put(new BottleOnKind(gel, kind).effect(), 1.0);
        effects.put(new Effect(Origin.BOTTLE_HERE, gel), 1.0);
        for (Manner manner : List.of(Manner.COILED, Manner.DIFFUSED, Manner.SMALL_SECTIONS)) {
            if (random.nextBoolean()) {
                effects.put(new Effect(Origin.WAY, manner.name()), 1.0);
                effects.put(new Effect(Origin.WAY_HERE, manner.name()), 1.0);
            }
        }
        double dew = random.nextGaussian();
        effects.put(new Effect(Origin.AIR, ""), dew);
        effects.put(new Effect(Origin.AIR_HERE, ""), dew);
        double model = 3 + 5 * random.nextDouble();
        double score = model + noise.get(rater) * random.nextGaussian();
        for (Map.Entry<Effect, Double> one : effects.entrySet()) {
            score += one.getValue() * truth(one.getKey(), head);
        }
        return new Sample(
                id,
                head,
                effects,
                1,
                Map.of(ScoreName.DEFINITION, model),
                Map.of(ScoreName.DEFINITION, score),
                Map.of());
    }

    private double truth(Effect effect, String head) {
        Effect one = effect.origin().isOfHead() ? new Effect(effect.origin(), effect.name() + "@" + head) : effect;
        return truth.computeIfAbsent(one, any -> strength * effect.origin().usual() * random.nextGaussian());
    }
}
