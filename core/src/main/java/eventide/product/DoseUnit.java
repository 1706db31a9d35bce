package eventide.product;

import eventide.shape.InvalidException;
import eventide.shape.Letters;
import eventide.shape.Range;
import eventide.shape.Shape;

/**
 * What a hand measures with, and how many ml one is. For a mousse the ml are ml of foam.
 *
 * @param name as it is said, one of them
 * @param ml millilitres of one
 */
public record DoseUnit(
        @Letters(least = 1, most = 40) String name, @Range(from = 0.01, to = 500, unit = "ml") Double ml) {
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

    /**
     * An amount as it is said at the chair, in this unit where that comes near: "6 pumps", "1½ pumps", "a light pump"; what
     * falls by itself is counted whole: "3 drops". Next to nothing is "a trace".
     */
    public String say(double amountMl) {
        if (amountMl <= 0) {
            return "none";
        }
        Handful taken = Handful.of(amountMl, this, Handful.NEAR);
        return taken == null ? "a trace" : taken.said();
    }
}
