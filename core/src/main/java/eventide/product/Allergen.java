package eventide.product;

import eventide.shape.Source;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;

/**
 * Something people react to: what they call it, and what a label calls it.
 *
 * @param words what people call it, in plain words
 * @param stops the thing itself in any name or form
 * @param warns what is only related to it
 * @param not what only sounds alike
 * @param oilsOnlyWarn its oils and butters are related, not the thing itself: of a group such as tree nuts
 */
record Allergen(
        List<String> words,
        List<AllergyTerm> stops,
        List<AllergyTerm> warns,
        List<AllergyTerm> not,
        boolean oilsOnlyWarn,
        Source source) {
    /** How near an ingredient is to it, the nearest first. */
    enum Nearness {
        IS,
        RELATED,
        NONE
    }

    /**
     * How near an ingredient is to what somebody reacts to. What is said not to be meant comes first, what is said to be related
     * second: both are exceptions from what follows.
     *
     * @param names of the ingredient, plain
     * @param families of the ingredient by the dictionary
     */
    Nearness nearness(Set<String> names, Set<Family> families) {
        if (any(not, names, families)) {
            return Nearness.NONE;
        }
        // Named whole among what is only related, it is that, whatever it is made of: lecithin, to who reacts to soy.
        if (warns.stream().anyMatch(term -> term instanceof AllergyTerm.Whole && term.means(names, families))) {
            return Nearness.RELATED;
        }
        if (any(stops, names, families)) {
            boolean fat = families.contains(Family.OIL) || families.contains(Family.BUTTER);
            return oilsOnlyWarn && fat ? Nearness.RELATED : Nearness.IS;
        }
        return any(warns, names, families) ? Nearness.RELATED : Nearness.NONE;
    }

    /**
     * How near it is to another that a label names in an everyday word: all of it meant, some of it, or nothing. Who reacts to nuts reacts
     * to almonds; who reacts to almonds may to nuts.
     */
    Nearness nearness(Allergen other) {
        Set<String> said = other.words.stream().map(word -> " " + word + " ").collect(Collectors.toSet());
        if (other == this || nearness(said, Set.of()) == Nearness.IS) {
            return Nearness.IS;
        }
        List<Nearness> parts = other.stops.stream()
                .map(term -> nearness(term.names(), term.families()))
                .toList();
        if (parts.stream().allMatch(Nearness.IS::equals)) {
            return Nearness.IS;
        }
        return parts.stream().allMatch(Nearness.NONE::equals) ? Nearness.NONE : Nearness.RELATED;
    }

    private static boolean any(List<AllergyTerm> terms, Set<String> names, Set<Family> families) {
        return terms.stream().anyMatch(term -> term.means(names, families));
    }
}
