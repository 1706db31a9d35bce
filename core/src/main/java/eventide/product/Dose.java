package eventide.product;

/**
 * An amount for the whole and for each of its sections, rounded together to what a hand can take: so many times the part is
 * the whole, within a tenth.
 *
 * @param whole for the head, as a hand measures it
 * @param perSection for one section; null where it is not parted
 */
public record Dose(String whole, String perSection) {
    /** How far the whole may be said from so many times the part, ratio [OURS]. */
    private static final double AGREES = .05;
    /** Less than so much of one drop, or of one press of foam, comes once for several sections, ratio [OURS]. */
    private static final double DROPS_FROM = .75;

    /** Part of a press of the pump from which it is said as one [OURS]. */
    private static final double PRESS_FROM = .4;

    /**
     * @param amountMl of it all
     * @param sections 1 where it goes on in one go
     */
    public static Dose of(double amountMl, int sections, DoseUnit own) {
        if (amountMl <= 0) {
            return new Dose("none", "none");
        }
        if (sections <= 1) {
            String said = own.say(amountMl);
            return new Dose(said, said);
        }
        double each = amountMl / sections;
        if (Handful.comesWhole(own) && each < own.ml() * (Handful.isWhole(own) ? DROPS_FROM : PRESS_FROM)) {
            long every = Math.max(2, Math.round(own.ml() / each));
            long all = Math.max(1, Math.round(sections / (double) every));
            return new Dose(
                    new Handful(own, all).said(),
                    every >= sections ? "a trace" : new Handful(own, 1).said() + " every " + every + " sections");
        }
        Handful part = Handful.of(each, own, Handful.NEAR);
        if (part == null) {
            return new Dose(own.say(amountMl), "a trace");
        }
        Handful sum = part.times(sections);
        Handful whole = Handful.of(sum.ml(), own, AGREES);
        boolean agrees = whole != null && Math.abs(whole.ml() - sum.ml()) <= AGREES * sum.ml();
        return new Dose((agrees ? whole : sum).said(), part.said());
    }
}
