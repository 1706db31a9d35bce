package eventide.product;

import eventide.product.LabelReading.Entry;
import java.util.ArrayList;
import java.util.Collections;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.regex.Pattern;

/**
 * Holds what a client reacts to against a label, by whole words after the label reader's own reading: a plant by any of its
 * names, a family by all its members. What only sounds alike is left out by the table, what cannot be placed is said back.
 */
public final class Allergens {
    /** Clients' words that are kept read: far more than one salon uses. */
    private static final int REMEMBERED = 2000;

    private static final ClientWords WORDS = new ClientWords(AllergyTable.shipped(), IngredientDictionary.shipped());

    /** The same label is held against the same client at every step and for every plan. */
    private static final Map<List<Object>, List<Reaction>> FOUND =
            Collections.synchronizedMap(new LinkedHashMap<>(64, .75f, true) {
                private static final long serialVersionUID = 1;

                @Override
                protected boolean removeEldestEntry(Map.Entry<List<Object>, List<Reaction>> eldest) {
                    return size() > REMEMBERED;
                }
            });

    private static final Map<String, List<ClientWords.Said>> READ =
            Collections.synchronizedMap(new LinkedHashMap<>(64, .75f, true) {
                private static final long serialVersionUID = 1;

                @Override
                protected boolean removeEldestEntry(Map.Entry<String, List<ClientWords.Said>> eldest) {
                    return size() > REMEMBERED;
                }
            });

    /** What a label boasts of not having, plain between two blanks: a longer sentence may go on to what it has. */
    private static final Pattern WITHOUT = Pattern.compile(
            "^ (no|free (from|of)|without|sans|ohne|frei von|sin|senza)( \\S+){1,2} $|^( \\S+){1,2} (free|frei) $");

    private Allergens() {}

    /** How sure it is that a product does harm. */
    public enum Certainty {
        /** The label names it. */
        NAMED,
        /** Something related stands on the label. */
        RELATED,
        /** The label says that it may be in it. */
        POSSIBLE,
        /** There is no label to read. */
        NO_LABEL;

        /** Nobody is handed it, whatever else there is. */
        public boolean stops() {
            return this == NAMED;
        }
    }

    /**
     * Something on a product that a client is known to react to, or may.
     *
     * @param word as the client said it
     * @param ingredient as it stands on the label; empty where there is none
     */
    public record Reaction(String word, String ingredient, Certainty certainty) {}

    /** The surest first; empty where nothing is known against it. */
    public static List<Reaction> on(Product product, List<String> allergies) {
        if (allergies.isEmpty()) {
            return List.of();
        }
        String label = product.ingredients() == null ? "" : product.ingredients();
        List<Object> key = List.of(label, allergies);
        List<Reaction> known = FOUND.get(key);
        if (known == null) {
            known = found(label, allergies);
            FOUND.put(key, known);
        }
        return known;
    }

    /** A label nobody has typed in is no clearance: it is said that there is none. */
    private static List<Reaction> found(String label, List<String> allergies) {
        if (label.isBlank()) {
            return List.of(new Reaction(String.join(", ", allergies), "", Certainty.NO_LABEL));
        }
        List<Entry> entries = LabelReader.read(label).ingredients();
        List<Reaction> reactions = new ArrayList<>();
        for (String allergy : allergies) {
            for (ClientWords.Said said : said(allergy)) {
                for (Entry entry : entries) {
                    Certainty certainty = certainty(said, entry);
                    if (certainty != null) {
                        reactions.add(new Reaction(said.said(), entry.name(), certainty));
                    }
                }
            }
        }
        reactions.sort((a, b) -> a.certainty().compareTo(b.certainty()));
        return List.copyOf(reactions);
    }

    /** What a client's words mean, read once for all products. */
    private static List<ClientWords.Said> said(String allergy) {
        List<ClientWords.Said> known = READ.get(allergy);
        if (known == null) {
            known = List.copyOf(WORDS.read(allergy));
            READ.put(allergy, known);
        }
        return known;
    }

    /** How surely this entry of a label is what was said, null for not at all. */
    private static Certainty certainty(ClientWords.Said said, Entry entry) {
        if (!entry.isKnown() && WITHOUT.matcher(spaced(entry.asWritten())).find()) {
            return null;
        }
        Allergen.Nearness nearness = nearness(said, names(entry), entry.families());
        if (!entry.isKnown()) {
            Allergen.Nearness everyday = everyday(said, entry);
            nearness = everyday.compareTo(nearness) < 0 ? everyday : nearness;
        }
        // One word may be two things: BHA is an acid to a client, and an antioxidant on a label.
        if (nearness == Allergen.Nearness.NONE && spaced(entry.asWritten()).equals(spaced(said.said()))) {
            nearness = Allergen.Nearness.RELATED;
        }
        if (nearness == Allergen.Nearness.NONE) {
            return null;
        }
        if (entry.mayContain()) {
            return Certainty.POSSIBLE;
        }
        return nearness == Allergen.Nearness.IS ? Certainty.NAMED : Certainty.RELATED;
    }

    /** Some labels say "nuts" or "silicones" as people do: what they may mean by it counts. */
    private static Allergen.Nearness everyday(ClientWords.Said said, Entry entry) {
        Allergen meant = WORDS.everyday(entry.asWritten());
        if (meant == null) {
            return Allergen.Nearness.NONE;
        }
        if (said.allergen() != null) {
            return said.allergen().nearness(meant);
        }
        boolean among = said.named() != null
                && meant.nearness(names(said.named()), said.named().families()) != Allergen.Nearness.NONE;
        return among ? Allergen.Nearness.RELATED : Allergen.Nearness.NONE;
    }

    /** By the ingredient that was named, by the table of allergens, or by the letters alone. */
    private static Allergen.Nearness nearness(ClientWords.Said said, Set<String> names, Set<Family> families) {
        if (said.named() != null && names.contains(spaced(said.named().name()))) {
            return Allergen.Nearness.IS;
        }
        if (said.allergen() != null) {
            return said.allergen().nearness(names, families);
        }
        // A word nobody placed stops where it stands on the label letter for letter.
        String word = spaced(said.said());
        boolean stands = said.named() == null && names.stream().anyMatch(name -> name.contains(word));
        return stands ? Allergen.Nearness.IS : Allergen.Nearness.NONE;
    }

    /** Every name of what stands at a place of a label, in plain words between two blanks. */
    private static Set<String> names(Entry entry) {
        Set<String> names = new HashSet<>();
        names.add(spaced(entry.asWritten()));
        names.add(spaced(entry.name()));
        IngredientDictionary.shipped().find(entry.name()).ifPresent(known -> names.addAll(names(known)));
        return names;
    }

    /** Everything it is called, plain. */
    private static Set<String> names(Ingredient ingredient) {
        Set<String> names = new HashSet<>();
        names.add(spaced(ingredient.name()));
        ingredient.also().forEach(also -> names.add(spaced(also)));
        return names;
    }

    private static String spaced(String text) {
        return " " + PlainWords.of(text) + " ";
    }

    /** Words of a client's that nobody here can place. */
    public static List<String> unknown(List<String> allergies) {
        List<String> unknown = new ArrayList<>();
        for (String allergy : allergies) {
            for (ClientWords.Said said : said(allergy)) {
                if (!said.isUnderstood() && !standsInTheDictionary(said)) {
                    unknown.add(said.said());
                }
            }
        }
        return unknown;
    }

    private static boolean standsInTheDictionary(ClientWords.Said said) {
        return IngredientDictionary.shipped().all().stream()
                .anyMatch(one -> nearness(said, names(one), one.families()) == Allergen.Nearness.IS);
    }

    /** What each word is taken to mean, with the label names that stop and that warn. */
    public static AllergyReading read(List<String> words) {
        List<AllergyReading.Understood> understood = new ArrayList<>();
        List<String> unknown = new ArrayList<>();
        List<AllergyReading.Meant> meant = new ArrayList<>();
        for (String text : words) {
            for (ClientWords.Said said : said(text)) {
                List<String> stops = new ArrayList<>();
                List<String> warns = new ArrayList<>();
                for (Ingredient ingredient : IngredientDictionary.shipped().all()) {
                    switch (nearness(said, names(ingredient), ingredient.families())) {
                        case IS -> stops.add(ingredient.name());
                        case RELATED -> warns.add(ingredient.name());
                        case NONE -> {
                            // neither
                        }
                        default -> throw new IllegalStateException("a nearness nobody thought of");
                    }
                }
                if (said.isUnderstood() || !stops.isEmpty()) {
                    understood.add(new AllergyReading.Understood(said.said(), List.copyOf(stops), List.copyOf(warns)));
                    continue;
                }
                unknown.add(said.said());
                List<String> closest = AllergyTable.shipped().closest(PlainWords.of(said.said()));
                if (!closest.isEmpty()) {
                    meant.add(new AllergyReading.Meant(said.said(), closest));
                }
            }
        }
        return new AllergyReading(List.copyOf(understood), List.copyOf(unknown), List.copyOf(meant));
    }
}
