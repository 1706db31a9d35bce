package eventide.product;

import eventide.shape.InvalidException;
import eventide.shape.Letters;
import eventide.shape.Range;
import eventide.shape.Shape;

/** What a hand measures with, and how many ml one is. For a mousse the ml are ml of foam. */
public record DoseUnit(
        @Letters(least = 1, most = 40) String name, @Range(from = 0.01, to = 500, unit = "ml") Double ml) {
    /** What a hand falls back on where its own unit is too large or too many to count [CP]. */
    private static final DoseUnit SMALL = new DoseUnit("pea", .3);

    private static final DoseUnit COIN = new DoseUnit("coin", 2.0);
    private static final DoseUnit WALNUT = new DoseUnit("walnut", 5.0);
    /** Nobody counts more than this of anything [OURS]. */
    private static final int MANY = 12;

    public DoseUnit {
        Shape.check(DoseUnit.class, name, ml);
    }

    /**
     * What one dose holds, by the scale: so many doses weighed together.
     *
     * @param grams what they weigh, without the dish
     */
    public static DoseUnit weighed(String name, Role role, int doses, double grams) {
        if (doses < 1 || !(grams > 0)) {
            throw InvalidException.of("grams", "at least one dose must be on the scale, and weigh something");
        }
        double density = role == Role.MOUSSE ? Product.FOAM_DENSITY : 1;
        return new DoseUnit(name, Math.round(grams / doses / density * 100) / 100.0);
    }

    /** The unit a stylist would reach for where the product does not say [CP]. */
    public static DoseUnit usualFor(Role role) {
        return switch (role) {
            case MOUSSE -> new DoseUnit("pump", 16.0);
            case OIL -> new DoseUnit("drop", 0.05);
            case SPRAY, HEAT_PROTECTANT, SHINE, DRY_SHAMPOO -> new DoseUnit("spritz", 0.15);
            case EDGE -> new DoseUnit("pea", 0.3);
            case GEL -> new DoseUnit("pea", 0.3);
            case LEAVE_IN, PRIMER, CREAM -> new DoseUnit("pump", 1.0);
            case CLEANSER, CLARIFIER, CONDITIONER, MASK, PROTEIN -> new DoseUnit("walnut", 5.0);
        };
    }

    /**
     * An amount in this unit as it is said at the chair, to the nearest half: "6 pumps", "1½ pumps", "½ pea". Many of them, and
     * what cannot be halved, are said whole: "12 walnuts", "3 drops". What comes to nothing is "a trace".
     */
    public String say(double amountMl) {
        if (amountMl > 0 && amountMl < ml / 4 && SMALL.ml() < ml / 2) {
            return SMALL.say(amountMl);
        }
        if (name.equals(SMALL.name()) && amountMl > MANY * ml) {
            return (amountMl > MANY * COIN.ml() ? WALNUT : COIN).say(amountMl);
        }
        double units = amountMl / ml;
        long halves = isWhole() || units >= WHOLE_FROM ? 2 * Math.round(units) : Math.round(units * 2);
        if (halves == 0) {
            return amountMl <= 0 ? "none" : "a trace";
        }
        long whole = halves / 2;
        String half = halves % 2 == 0 ? "" : "½";
        String number = whole == 0 ? half : whole + half;
        return number + " " + (halves <= 2 ? name : plural(name));
    }

    /** Nobody counts halves of so many [OURS]. */
    private static final double WHOLE_FROM = 10;

    /** It falls by itself, or a nozzle measures it. */
    private boolean isWhole() {
        return name.equals("drop") || name.equals("spritz");
    }

    private static String plural(String word) {
        return word.endsWith("z") || word.endsWith("s") ? word + "es" : word + "s";
    }
}
