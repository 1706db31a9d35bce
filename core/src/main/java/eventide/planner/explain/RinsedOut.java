package eventide.planner.explain;

import eventide.hair.Condition;
import eventide.hair.Hair;
import eventide.hair.Strand;
import eventide.hair.Zone;
import eventide.product.LabelReading;
import eventide.product.Product;
import eventide.product.Role;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;

/** What a cleanser, a conditioner or a mask does on one head before it is rinsed out again [CP]. */
public final class RinsedOut {
    /** From this richness a cleanser gives slip of its own, of 10 [CP: creamy]. */
    private static final double CREAMY = 3;

    private interface Does {
        void says(Product product, Hair hair, List<String> into);
    }

    /** What is not here stays in the hair. */
    private static final Map<Role, Does> DOES = Map.of(
            Role.CLEANSER,
            RinsedOut::cleanser,
            Role.CLARIFIER,
            (product, hair, says) -> says.add(
                    Boolean.TRUE.equals(hair.buildUp())
                            ? "Takes off the build-up that shows here."
                            : "Takes build-up off: once or twice a month is enough."),
            Role.CONDITIONER,
            (product, hair, says) -> says.add("Slip for detangling, from the ends; rinsed out fully."),
            Role.MASK,
            (product, hair, says) -> mask(hair, says),
            Role.PROTEIN,
            (product, hair, says) -> protein(hair, says));

    private RinsedOut() {}

    /** What a washing product does on this hair, a sentence each; empty of a role that stays in. */
    public static List<String> says(Product product, Hair hair) {
        List<String> says = new ArrayList<>();
        Does does = DOES.get(product.role());
        if (does != null) {
            does.says(product, hair, says);
        }
        if (product.contactMinutes() != null) {
            says.add(String.format(
                    Locale.ROOT, "Stays %.0f min on the scalp, as its label says.", product.contactMinutes()));
        }
        return says;
    }

    /** Strong or mild, by its label, and what this hair makes of that. */
    private static void cleanser(Product product, Hair hair, List<String> says) {
        LabelReading.Traits traits = product.label().traits();
        if (product.ingredients() != null) {
            says.add(
                    traits.sulfates()
                            ? "A strong wash: lifts silicones and wax, and takes from dry hair."
                            : "A mild wash: what builds up stays until a clarifier comes.");
        }
        if (product.richness() >= CREAMY) {
            says.add(
                    hair.strand() == Strand.FINE
                            ? "Creamy: gives slip, and may leave fine hair heavy."
                            : "Creamy: gives slip while it is in.");
        }
    }

    /** Minutes by the strand [CP]. */
    private static void mask(Hair hair, List<String> says) {
        says.add(
                switch (hair.strand()) {
                    case FINE -> "After shampoo 2 min on fine hair, longer goes limp; before it, 20 min and more.";
                    case MEDIUM -> "After shampoo 5 to 10 min; with a cap or warmth longer.";
                    case COARSE -> "After shampoo 10 to 15 min on coarse hair; with a cap or warmth up to an hour.";
                });
    }

    /** Whether this hair asks for it at all. */
    private static void protein(Hair hair, List<String> says) {
        boolean soft = false;
        for (Zone zone : Zone.values()) {
            soft |= hair.at(zone).condition().contains(Condition.OVER_SOFT);
        }
        says.add(
                soft
                        ? "15 to 30 min, every week or two while hair stays long when it is stretched."
                        : "15 to 30 min, once a month or every fortnight; sooner makes hair stiff.");
    }
}
