package eventide.learning;

import eventide.hair.Reading;
import eventide.learning.LearnedThing.Evidence;
import eventide.wash.Correction.Kind;
import eventide.wash.ScoreName;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;

/**
 * One bottle rather than another, where a head had both, each on a half: how far apart they are is known long before what each does by
 * itself is.
 */
record HalvesCompared(String one, String rather) {
    /** Every two that a head had against each other, either way round. */
    static Set<HalvesCompared> of(List<Sample> washes) {
        Set<HalvesCompared> all = new LinkedHashSet<>();
        washes.stream().map(Sample::halves).filter(Objects::nonNull).forEach(halves -> {
            for (String left : worn(halves, 1)) {
                for (String right : worn(halves, -1)) {
                    all.add(new HalvesCompared(left, right));
                    all.add(new HalvesCompared(right, left));
                }
            }
        });
        return all;
    }

    private static List<String> worn(Contrast halves, int side) {
        return halves.effects().entrySet().stream()
                .filter(entry -> entry.getKey().origin() == Origin.BOTTLE_HERE && entry.getValue() * side > 0)
                .map(entry -> entry.getKey().name())
                .sorted()
                .toList();
    }

    /**
     * What is known of the two, everything else they were worn in taken along; null where this score was not given on both sides.
     *
     * @param own washes of that head
     */
    LearnedThing thing(Fit fit, String head, Reading hair, List<Sample> own) {
        ScoreName score = fit.score();
        List<String> washes = own.stream()
                .filter(wash -> wash.has(score) && isIn(wash.halves(), score))
                .map(Sample::id)
                .toList();
        if (washes.isEmpty()) {
            return null;
        }
        Map<Effect, Double> apart = new LinkedHashMap<>();
        EffectsIn.ofBottle(one, hair).forEach(effect -> apart.put(effect, 1.0));
        EffectsIn.ofBottle(rather, hair).forEach(effect -> apart.put(effect, -1.0));
        Estimate known = Estimate.of(fit.together(head, apart), washes);
        return LearnedThing.of(
                score, Kind.BOTTLE, one + " rather than " + rather, one, null, null, known, true, Evidence.TRIED);
    }

    private boolean isIn(Contrast halves, ScoreName score) {
        return halves != null
                && halves.missed().containsKey(score)
                && halves.effects().containsKey(new Effect(Origin.BOTTLE_HERE, one))
                && halves.effects().containsKey(new Effect(Origin.BOTTLE_HERE, rather));
    }
}
