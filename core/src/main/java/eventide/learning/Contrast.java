package eventide.learning;

import eventide.hair.Zone;
import eventide.outcome.Outcome;
import eventide.routine.Half;
import eventide.wash.ScoreName;
import eventide.wash.Wash;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;

/**
 * What a wash with other bottles on its two halves tells of them: left against right, the same head, day, air and hands. It is one more
 * observation beside the head's own score, which knows only that both were worn.
 *
 * @param effects by which the left half differs from the right: 1 where only the left has it, −1 where only the right
 * @param missed by how much more the model missed the left side than the right, points; scores of which both sides were given
 */
public record Contrast(Map<Effect, Double> effects, Map<ScoreName, Double> missed) {
    public Contrast {
        effects = Map.copyOf(effects);
        missed = Map.copyOf(missed);
    }

    /** Null where both halves had the same, or nobody scored both sides. */
    static Contrast of(Wash wash, Outcome outcome, Map<Zone, Map<ScoreName, Double>> byZone) {
        Map<ScoreName, Double> missed = new EnumMap<>(ScoreName.class);
        Map<ScoreName, Double> right = byZone.getOrDefault(Zone.RIGHT, Map.of());
        byZone.getOrDefault(Zone.LEFT, Map.of()).forEach((score, points) -> {
            if (right.containsKey(score)) {
                double said = outcome.byZone().get(Zone.LEFT).of(score)
                        - outcome.byZone().get(Zone.RIGHT).of(score);
                missed.put(score, points - right.get(score) - said);
            }
        });
        Map<Effect, Double> effects = effects(wash);
        if (missed.isEmpty() || effects.isEmpty()) {
            return null;
        }
        effects.put(new Effect(Origin.SIDE_HERE, ""), 1.0);
        return new Contrast(effects, missed);
    }

    /** However often a half had a bottle, it had it. */
    private static Map<Effect, Double> effects(Wash wash) {
        Set<Effect> left = effects(wash, Half.LEFT);
        Set<Effect> right = effects(wash, Half.RIGHT);
        Map<Effect, Double> effects = new LinkedHashMap<>();
        left.stream().filter(effect -> !right.contains(effect)).forEach(effect -> effects.put(effect, 1.0));
        right.stream().filter(effect -> !left.contains(effect)).forEach(effect -> effects.put(effect, -1.0));
        return effects;
    }

    private static Set<Effect> effects(Wash wash, Half half) {
        return wash.layers().stream()
                .filter(layer -> layer.isOn(half))
                .flatMap(layer ->
                        EffectsIn.ofBottle(layer.product().name(), wash.hair().overall()).stream())
                .collect(Collectors.toCollection(LinkedHashSet::new));
    }
}
