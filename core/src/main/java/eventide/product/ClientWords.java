package eventide.product;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * A client's own words for what they react to, taken apart: lists in one line, phrases around the word, brackets, plurals, the
 * part of a plant. What cannot be placed stays a word of its own; nothing is guessed.
 */
final class ClientWords {
    private static final Pattern LIST =
            Pattern.compile("[,;/+&\\n]|\\s(?:and|or|und|oder|et|ou|y|o|e|as well as|also|plus)\\s");
    private static final Pattern BRACKETS = Pattern.compile("[(\\[{]([^)\\]}]*)[)\\]}]?");

    /** What is said around the word. */
    private static final Set<String> AROUND = Set.copyOf(Arrays.asList(
            ("allergic allergy allergies allergie allergisch allergique alergia alergica alergico allergia allergico anaphylaxis"
                            + " anaphylactic sensitive sensitivity sensitised sensitized reacts react reaction reactive"
                            + " intolerance intolerant intolerante intoleranz known severe severely mild mildly slight slightly"
                            + " strong strongly bad badly possible possibly maybe suspected any all anything everything"
                            + " every with containing contains contain enthalten product products based derived derivative derivatives"
                            + " ingredient ingredients family families type types kind kinds to of the a an from in on at my her"
                            + " his their she he i is am are has have gets get cannot can t not no avoid avoids never use using"
                            + " gegen auf von der die das al alla alle aux au a la le les du de des d l los las el gegenuber"
                            + " rash hives itch itchy itching eczema contact dermatitis skin scalp breaks out swelling"
                            + " stuff things things like such especially mainly only please very really other certain some"
                            + " both free non")
                    .split(" ")));

    /** In which part or form it comes. */
    private static final Set<String> FORMS = Set.copyOf(Arrays.asList(
            ("oil oils butter butters extract extracts powder powders seed seeds kernel kernels leaf leaves flower flowers"
                            + " fruit fruits root roots bark juice juices water protein proteins meal flour starch milk milks"
                            + " hydrolyzed hydrolysed hydrolised essential raw cold pressed organic virgin refined unrefined"
                            + " natural plant vegetable shell germ bran fat wax peel zest"
                            + " ol ole extrakt wasser saft milch mehl huile beurre extrait lait eau aceite manteca extracto"
                            + " leche agua olio burro estratto latte acqua")
                    .split(" ")));

    /** Endings of German compounds: Mandelöl, Kokosmilch, Weizenprotein. */
    private static final List<String> COMPOUNDS = List.of(
            "protein", "extrakt", "butter", "milch", "wachs", "mehl", "kleie", "ol", "allergie", "unvertraglichkeit");

    /** Letters of a word that may be found inside a sentence [OURS]. */
    private static final int SHORTEST_WITHIN = 4;

    /**
     * One thing somebody reacts to.
     *
     * @param said in the client's words
     * @param allergen what it means; null where nobody knows
     * @param named an ingredient by its own name; null where it is none
     */
    record Said(String said, Allergen allergen, Ingredient named) {
        /** Whether the word is in the table or the dictionary: any other is looked for letter by letter. */
        boolean isUnderstood() {
            return allergen != null || named != null;
        }
    }

    private final AllergyTable table;
    private final IngredientDictionary dictionary;

    ClientWords(AllergyTable table, IngredientDictionary dictionary) {
        this.table = table;
        this.dictionary = dictionary;
    }

    /** Everything a client's words name, each once. */
    List<Said> read(String text) {
        List<Said> all = new ArrayList<>();
        Set<String> seen = new LinkedHashSet<>();
        // A name with a comma, a slash or an "and" of its own first.
        Optional<Said> whole = find(text);
        List<Said> found = whole.map(List::of).orElseGet(() -> pieces(text));
        for (Said said : found) {
            if (seen.add(PlainWords.of(said.said()))) {
                all.add(said);
            }
        }
        return all;
    }

    /** What a label means that names no ingredient but what people call it; null where that is nothing known. */
    Allergen everyday(String entry) {
        return find(entry).map(Said::allergen).orElse(null);
    }

    /** Cut at commas, slashes and "and"; what stands in brackets is said as well. */
    private List<Said> pieces(String text) {
        List<Said> all = new ArrayList<>();
        Matcher bracket = BRACKETS.matcher(text);
        StringBuilder without = new StringBuilder();
        List<String> inside = new ArrayList<>();
        while (bracket.find()) {
            inside.add(bracket.group(1));
            bracket.appendReplacement(without, " ");
        }
        bracket.appendTail(without);
        for (String piece : LIST.split(without)) {
            if (!PlainWords.of(piece).isEmpty()) {
                all.addAll(piece(piece.strip()));
            }
        }
        // What stands in brackets is an example or a remark: an example counts.
        for (String remark : inside) {
            for (String piece : LIST.split(remark)) {
                find(piece).filter(Said::isUnderstood).ifPresent(all::add);
            }
        }
        return all;
    }

    private List<Said> piece(String piece) {
        Optional<Said> known = find(piece);
        return known.map(List::of).orElseGet(() -> within(piece));
    }

    /** The words as they stand, without what is said around them, without the form it comes in. */
    private Optional<Said> find(String piece) {
        String plain = PlainWords.of(piece);
        String bare = without(plain, AROUND);
        for (String words : new LinkedHashSet<>(List.of(plain, bare))) {
            Optional<Said> found = exactly(piece, words);
            if (found.isPresent()) {
                return found;
            }
        }
        String base = without(bare, FORMS);
        Optional<Said> found = base.equals(bare) ? Optional.empty() : inTable(piece, base);
        return found.isPresent() ? found : compound(piece, bare);
    }

    /** In the table of allergens, else in the dictionary: as it stands, without a guess at spelling. */
    private Optional<Said> exactly(String piece, String words) {
        if (words.isEmpty()) {
            return Optional.empty();
        }
        Optional<Said> row = inTable(piece, words);
        if (row.isPresent()) {
            return row;
        }
        return dictionary
                .find(words)
                .map(ingredient -> new Said(piece.strip(), rowOf(ingredient).orElse(null), ingredient));
    }

    /** By the word itself or its singular. */
    private Optional<Said> inTable(String piece, String words) {
        for (String form : forms(words)) {
            Optional<Allergen> row = table.find(form);
            if (row.isPresent()) {
                return Optional.of(new Said(piece.strip(), row.get(), null));
            }
        }
        return Optional.empty();
    }

    /** "Nussallergie", "nut-allergy" in one word: what stands before the ending. */
    private Optional<Said> compound(String piece, String words) {
        for (String ending : COMPOUNDS) {
            if (words.endsWith(ending) && words.length() > ending.length() + 2 && words.indexOf(' ') < 0) {
                Optional<Said> base = inTable(piece, words.substring(0, words.length() - ending.length()));
                if (base.isPresent()) {
                    return base;
                }
            }
        }
        return Optional.empty();
    }

    /** The row an ingredient is the thing itself of: who reacts to its oil reacts to its butter. */
    private Optional<Allergen> rowOf(Ingredient ingredient) {
        Optional<Allergen> byName = table.find(PlainWords.of(ingredient.name()));
        if (byName.isPresent()) {
            return byName;
        }
        for (String also : ingredient.also()) {
            Optional<Allergen> row = table.find(without(PlainWords.of(also), FORMS));
            if (row.isPresent() && !without(PlainWords.of(also), FORMS).isEmpty()) {
                return row;
            }
        }
        return table.find(without(PlainWords.of(ingredient.name()), FORMS));
    }

    /** Known words in a longer phrase, the longest first; what is left over is said back. */
    private List<Said> within(String piece) {
        String[] words = without(PlainWords.of(piece), AROUND).split(" ");
        List<Said> found = new ArrayList<>();
        StringBuilder left = new StringBuilder();
        int at = 0;
        while (at < words.length) {
            int taken = 0;
            for (int to = words.length; to > at && taken == 0; to--) {
                String some = String.join(" ", List.of(words).subList(at, to));
                Optional<Said> known = some.length() < SHORTEST_WITHIN ? Optional.empty() : inTable(some, some);
                if (known.isPresent()) {
                    found.add(known.get());
                    taken = to - at;
                }
            }
            if (taken == 0 && !FORMS.contains(words[at])) {
                left.append(left.isEmpty() ? "" : " ").append(words[at]);
            }
            at += Math.max(1, taken);
        }
        if (found.isEmpty()) {
            return List.of(new Said(piece.strip(), null, null));
        }
        if (!left.isEmpty()) {
            found.add(new Said(left.toString(), null, null));
        }
        return found;
    }

    /** The words that say something, without "allergic to" and the like. */
    private static String without(String plain, Set<String> words) {
        StringBuilder kept = new StringBuilder();
        for (String word : plain.split(" ")) {
            if (!words.contains(word)) {
                kept.append(kept.isEmpty() ? "" : " ").append(word);
            }
        }
        return kept.toString();
    }

    /** As it stands, and in the singular of a few languages. */
    private static Set<String> forms(String words) {
        Set<String> forms = new LinkedHashSet<>();
        forms.add(words);
        for (String ending : List.of("s", "es", "n", "en", "e")) {
            if (words.endsWith(ending) && words.length() > ending.length() + 2) {
                forms.add(words.substring(0, words.length() - ending.length()));
            }
        }
        if (words.endsWith("ies")) {
            forms.add(words.substring(0, words.length() - 3) + "y");
        }
        forms.add(words + "s");
        forms.add(words + "e");
        return forms;
    }
}
