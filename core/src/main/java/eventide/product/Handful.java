package eventide.product;

import java.util.List;

/**
 * An amount as a hand can take it: so many of a unit it knows, by halves and quarters where that is still seen.
 *
 * @param unit what is counted
 * @param count of it
 */
record Handful(DoseUnit unit, double count) {
    /** What a hand falls back on where a product's own unit is too large, or too many to count [CP]. */
    private static final List<DoseUnit> KNOWN_BY_HAND = List.of(
            new DoseUnit("pea", .3),
            new DoseUnit("hazelnut", 1.0),
            new DoseUnit("coin", 2.0),
            new DoseUnit("walnut", 5.0));

    /** Parts of one that a hand still tells apart [OURS]. */
    private static final double HALF = .5;

    /** Parts of a unit that a hand can tell from a whole one [OURS]. */
    private static final double LIGHT = .75;
    /** The same of what is more than one [OURS]. */
    private static final double GOOD = 1.25;
    /** Nobody counts more than this of anything [OURS]. */
    private static final int MANY = 12;

    /** Of the bottle's own unit, which is pressed and not shaped, a few more [OURS]. */
    private static final int MANY_PRESSES = 16;
    /** Beside how near it comes, one more to count weighs as much [OURS]. */
    private static final double COUNTING = .003;
    /** Nobody counts halves of so many [OURS]. */
    private static final double WHOLE_FROM = 10;
    /** As near as a hand measures, ratio: nearer is no better, and the bottle's own unit is said first [OURS]. */
    static final double NEAR = .1;
    /** Larger than anything a palm holds of a liquid: a press of foam, measured by the press alone, ml [OURS]. */
    private static final double FOAM_FROM = 5.5;

    /** Millilitres. */
    double ml() {
        return count * unit.ml();
    }

    /**
     * The nearest to an amount, in the bottle's own unit where that is near enough; null for next to nothing.
     *
     * @param near ratio within which the bottle's own unit is said first
     */
    static Handful of(double amountMl, DoseUnit own, double near) {
        Handful best = nearest(amountMl, own);
        double least = best.count > 0 ? best.badness(amountMl, own, near) : Double.POSITIVE_INFINITY;
        if (!comesWhole(own)) {
            for (DoseUnit unit : KNOWN_BY_HAND) {
                Handful other = nearest(amountMl, unit);
                double badness = other.count > 0 ? other.badness(amountMl, own, near) : Double.POSITIVE_INFINITY;
                if (badness < least) {
                    best = other;
                    least = badness;
                }
            }
        }
        return best.count > 0 ? best : null;
    }

    /** How far off it is, and how long it takes to count; the bottle's own unit is what the hand is at. */
    private double badness(double amountMl, DoseUnit own, double near) {
        double off = Math.max(near, Math.abs(ml() - amountMl) / amountMl);
        boolean isOwn = unit.equals(own);
        if (count > (isOwn ? MANY_PRESSES : MANY)) {
            return 1 + count;
        }
        return isOwn ? off : off + COUNTING * count;
    }

    /** Halves from one up, quarters and three quarters only where nearer: what a hand can tell apart. */
    private static Handful nearest(double amountMl, DoseUnit unit) {
        double units = amountMl / unit.ml();
        if (isWhole(unit) || units >= WHOLE_FROM) {
            return new Handful(unit, Math.round(units));
        }
        if (units < (HALF + LIGHT) / 2) {
            return new Handful(unit, units < HALF / 2 ? 0 : HALF);
        }
        boolean quarters = units < (GOOD + 1.5) / 2;
        return new Handful(unit, quarters ? Math.round(units * 4) / 4.0 : Math.round(units * 2) / 2.0);
    }

    /** It falls by itself, or a nozzle measures it. */
    static boolean isWhole(DoseUnit unit) {
        return unit.name().equals("drop") || unit.name().equals("spritz");
    }

    private static boolean isFoam(DoseUnit unit) {
        return unit.ml() > FOAM_FROM;
    }

    /** A part of it cannot be taken: it falls by itself, or comes by the press. */
    static boolean comesWhole(DoseUnit unit) {
        return isWhole(unit) || isFoam(unit);
    }

    /** So many times as much, of the same unit. */
    Handful times(int times) {
        return new Handful(unit, count * times);
    }

    /** As "6 pumps", "1½ pumps", "½ pea", "a light pump". */
    String said() {
        if (count == LIGHT) {
            return "a light " + unit.name();
        }
        if (count == GOOD) {
            return "a good " + unit.name();
        }
        long quarters = Math.round(count * 4);
        long whole = quarters / 4;
        String part = List.of("", "¼", "½", "¾").get((int) (quarters % 4));
        return (whole == 0 ? part : whole + part) + " " + (quarters <= 4 ? unit.name() : plural(unit.name()));
    }

    private static String plural(String word) {
        return word.endsWith("z") || word.endsWith("s") ? word + "es" : word + "s";
    }
}
