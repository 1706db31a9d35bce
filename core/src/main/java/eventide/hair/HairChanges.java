package eventide.hair;

import eventide.shape.Maybe;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.Set;
import java.util.stream.Collectors;

/** What differs between two readings of one head, in words that can be printed as they are. */
public final class HairChanges {
    private HairChanges() {}

    /**
     * One thing that changed.
     *
     * @param zone absent where it is the whole head's
     * @param from as it was; "not read" where nothing was known
     */
    public record Change(@Maybe Zone zone, String field, String from, String to) {}

    /** Whole-head readings first, then each zone whose own readings moved apart from the head's. */
    public static List<Change> between(Hair before, Hair after) {
        List<Change> changes = new ArrayList<>();
        compare(changes, null, before.overall(), after.overall());
        add(changes, null, "shrinkage", measured(before), measured(after));
        add(changes, null, "scalp", words(before.scalpOrEmpty()), words(after.scalpOrEmpty()));
        add(changes, null, "allergies", list(before.allergiesOrEmpty()), list(after.allergiesOrEmpty()));
        for (Zone zone : Zone.values()) {
            List<Change> own = new ArrayList<>();
            compare(own, zone, before.at(zone), after.at(zone));
            // What the whole head did is said once.
            own.removeIf(change -> changes.stream()
                    .anyMatch(head -> head.zone() == null
                            && head.field().equals(change.field())
                            && head.from().equals(change.from())
                            && head.to().equals(change.to())));
            changes.addAll(own);
        }
        return List.copyOf(changes);
    }

    /**
     * One line for each figure that is another, in the words of the consult.
     *
     * @param zone null for the head as a whole
     */
    private static void compare(List<Change> into, Zone zone, Reading before, Reading after) {
        add(into, zone, "strand", lower(before.strand()), lower(after.strand()));
        add(into, zone, "porosity", lower(before.porosity()), lower(after.porosity()));
        add(into, zone, "pattern", before.pattern().word(), after.pattern().word());
        add(into, zone, "density", lower(before.density()), lower(after.density()));
        add(into, zone, "length", cm(before.lengthCm()), cm(after.lengthCm()));
        add(into, zone, "condition", words(before.condition()), words(after.condition()));
    }

    private static void add(List<Change> into, Zone zone, String field, String from, String to) {
        if (!Objects.equals(from, to)) {
            into.add(new Change(zone, field, from, to));
        }
    }

    /** Shrinkage as measured, to the percent. */
    private static String measured(Hair hair) {
        return hair.measured() == null
                ? "not measured"
                : Math.round(hair.measured().shrinkage() * 100) + " %";
    }

    private static String words(Set<? extends Enum<?>> some) {
        return some.isEmpty() ? "none" : some.stream().map(HairChanges::lower).collect(Collectors.joining(", "));
    }

    private static String list(List<String> some) {
        return some.isEmpty() ? "none" : String.join(", ", some);
    }

    private static String lower(Enum<?> word) {
        return word.name().toLowerCase(java.util.Locale.ROOT).replace('_', ' ');
    }

    private static String cm(double value) {
        return (value == Math.rint(value) ? Long.toString((long) value) : Double.toString(value)) + " cm";
    }
}
