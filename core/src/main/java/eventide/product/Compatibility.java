package eventide.product;

import eventide.product.LabelReading.Load;
import eventide.shape.Said;

/**
 * Whether two layers are likely to flake or ball together. A likelihood read off labels and roles; the rub test between
 * two fingers decides.
 *
 * @param because what of the two labels says so
 * @param advice how to find out, or what to do
 */
public record Compatibility(Likelihood flakes, String because, String advice) {
    private static final String RUB = "Rub both between the fingers first: white beads or flakes mean no.";
    /** Richness from which a cream is rich, of 10. */
    private static final double RICH = 5;

    /** How likely the pair curdles. */
    public enum Likelihood implements Said {
        LIKELY("likely to flake"),
        POSSIBLE("may flake"),
        UNLIKELY("should go together");

        private final String label;

        Likelihood(String label) {
            this.label = label;
        }

        @Override
        public String label() {
            return label;
        }
    }

    /** What goes on second over what went on first. All [CP] but the borders, which are [OURS]. */
    public static Compatibility of(Product under, Product over) {
        LabelReading first = under.label();
        LabelReading second = over.label();
        boolean cationic = LabelTraits.has(first.ingredients(), Family.CONDITIONER);
        boolean anionic = second.ingredients().stream()
                .anyMatch(e -> e.is(Family.THICKENER) && isAnionic(e.name()) && !e.mayContain());
        boolean films = over.role().holds() && second.traits().filmFormers().compareTo(Load.MEDIUM) >= 0;
        if (cationic && anionic) {
            return new Compatibility(
                    Likelihood.LIKELY,
                    "A cationic conditioner in " + under.name() + " meets an anionic thickener in " + over.name()
                            + ": they pull together into white specks.",
                    RUB);
        }
        if (films && cationic && under.richness() >= RICH) {
            return new Compatibility(
                    Likelihood.LIKELY,
                    "A strong film former over the rich cationic cream " + under.name() + " often balls up.",
                    RUB);
        }
        boolean oily = first.traits().oils().compareTo(Load.HIGH) >= 0 || under.role() == Role.OIL;
        if (films && oily) {
            return new Compatibility(
                    Likelihood.POSSIBLE, "Film does not hold well on the oils of " + under.name() + ".", RUB);
        }
        if (under.richness() + over.richness() >= 2 * RICH + 2) {
            return new Compatibility(Likelihood.POSSIBLE, "Two rich layers may roll on each other.", RUB);
        }
        if (under.ingredients() == null || over.ingredients() == null) {
            return new Compatibility(Likelihood.POSSIBLE, "Without both labels nothing can be said.", RUB);
        }
        return new Compatibility(Likelihood.UNLIKELY, "Nothing on the two labels is known to curdle.", RUB);
    }

    private static boolean isAnionic(String name) {
        return name.contains("Carbomer") || name.contains("Acrylat") || name.contains("Acryloyl");
    }
}
