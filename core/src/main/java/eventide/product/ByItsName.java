package eventide.product;

import eventide.shape.Source;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Pattern;

/**
 * What public nomenclature says by its very form [MEM: INCI naming conventions], for names too many to list: nothing here
 * guesses at a meaning, a name either has the form or is unknown.
 */
final class ByItsName {
    /**
     * @param pattern of the whole name
     * @param note what such a thing does, for a stylist
     */
    private record Form(Pattern pattern, Family family, String note) {}

    private static final List<Form> FORMS = List.of(
            form(
                    "hydroly[sz]ed .*(protein|keratin|collagen|silk|elastin|casein|gluten)",
                    Family.PROTEIN,
                    "a protein, by its name"),
            form("polyquaternium-\\d{1,3}", Family.FILM_FORMER, "a film former, by its name"),
            form(
                    "(bis-)?(peg|ppg|peg/ppg)-[\\d/]+ .*(dimethicone|methicone).*",
                    Family.SILICONE_SOLUBLE,
                    "a soluble silicone, by its name"),
            form(
                    "[a-z /-]*(dimethicone|amodimethicone|dimethiconol)( crosspolymer)?",
                    Family.SILICONE,
                    "a silicone water does not lift, by its name"),
            form(
                    "sodium [a-z0-9-]+ (lauryl|laureth|coceth|myreth) sulfate",
                    Family.SULFATE,
                    "a sulfate surfactant, by its name"),
            form("ci ?\\d{5}", Family.COLOURANT, "a colour, by its number"));

    private ByItsName() {}

    private static Form form(String pattern, Family family, String note) {
        return new Form(Pattern.compile(pattern), family, note);
    }

    /**
     * An ingredient the dictionary does not have, known by how such names are built: an extract, a quaternium, a dimethicone.
     * Nothing is made of very long names, which are mostly two that were not parted.
     */
    static Optional<Ingredient> of(String word) {
        String name = word.toLowerCase(Locale.ROOT).replaceAll("\\s+", " ").strip();
        return FORMS.stream()
                .filter(form ->
                        name.length() < 90 && form.pattern().matcher(name).matches())
                .findFirst()
                .map(form -> new Ingredient(
                        titled(name), List.of(), Set.of(form.family()), Double.NaN, Source.FROM_MEMORY, form.note()));
    }

    /** Each word with a capital, as labels are printed. */
    private static String titled(String name) {
        StringBuilder titled = new StringBuilder(name.length());
        boolean start = true;
        for (char c : name.toCharArray()) {
            titled.append(start ? Character.toUpperCase(c) : c);
            start = c == ' ' || c == '/' || c == '-';
        }
        return titled.toString();
    }
}
