package eventide.product;

/**
 * What is proposed for a bottle of a role before its label has been read further.
 *
 * @param mostHold the most hold such a bottle comes to, 0 to 10 [OURS, from the trade's figures]
 * @param windowLow least water it works in, percent [CP]
 * @param windowHigh most water it works in, percent [CP]
 * @param dose the unit a stylist would reach for where the product does not say [CP]
 */
public record RoleUsual(double mostHold, double windowLow, double windowHigh, DoseUnit dose) {
    /**
     * @param mostHold a bottle of that role is ever proposed, 0 to 10
     * @param windowLow percent of water
     * @param unit in which it is measured, of {@code ml} millilitres
     */
    static RoleUsual of(double mostHold, double windowLow, double windowHigh, String unit, double ml) {
        return new RoleUsual(mostHold, windowLow, windowHigh, new DoseUnit(unit, ml));
    }
}
