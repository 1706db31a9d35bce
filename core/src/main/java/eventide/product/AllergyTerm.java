package eventide.product;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;

/** What of a label a row of the allergy table means: whole words in a name, a whole name, the beginning of a word, or a family. */
sealed interface AllergyTerm {
    /**
     * @param names of one ingredient, in plain words between two blanks
     */
    boolean means(Set<String> names, Set<Family> families);

    /** A name that is meant, plain between two blanks; none of a family. */
    default Set<String> names() {
        return Set.of();
    }

    /** The family that is meant; none of a name. */
    default Set<Family> families() {
        return Set.of();
    }

    /** These words, one after the other, anywhere in a name. */
    record Words(String words) implements AllergyTerm {
        @Override
        public boolean means(Set<String> names, Set<Family> families) {
            String spaced = " " + words + " ";
            return names.stream().anyMatch(name -> name.contains(spaced));
        }

        @Override
        public Set<String> names() {
            return Set.of(" " + words + " ");
        }
    }

    /** This and nothing else. */
    record Whole(String name) implements AllergyTerm {
        @Override
        public boolean means(Set<String> names, Set<Family> families) {
            return names.contains(" " + name + " ");
        }

        @Override
        public Set<String> names() {
            return Set.of(" " + name + " ");
        }
    }

    /** A word that begins so. */
    record Beginning(String letters) implements AllergyTerm {
        @Override
        public boolean means(Set<String> names, Set<Family> families) {
            String spaced = " " + letters;
            return names.stream().anyMatch(name -> name.contains(spaced));
        }

        @Override
        public Set<String> names() {
            return Set.of(" " + letters + " ");
        }
    }

    /** All of a family. */
    record Of(Family family) implements AllergyTerm {
        @Override
        public boolean means(Set<String> names, Set<Family> families) {
            return families.contains(family);
        }

        @Override
        public Set<Family> families() {
            return Set.of(family);
        }
    }

    /**
     * @throws IllegalArgumentException where a family is not known
     */
    static AllergyTerm of(String written) {
        if (written.startsWith("@")) {
            return new Of(Family.valueOf(written.substring(1)));
        }
        if (written.startsWith("=")) {
            return new Whole(PlainWords.of(written));
        }
        return written.endsWith("*") ? new Beginning(PlainWords.of(written)) : new Words(PlainWords.of(written));
    }

    /** @param cell of the table, its terms between bars */
    static List<AllergyTerm> all(String cell) {
        List<AllergyTerm> terms = new ArrayList<>();
        for (String written : cell.split("\\|")) {
            if (!written.isBlank()) {
                terms.add(of(written.strip()));
            }
        }
        return List.copyOf(terms);
    }
}
