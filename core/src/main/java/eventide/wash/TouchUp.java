package eventide.wash;

import eventide.hair.Zone;

/** A little more of a styler on hair that is styled already, which is another thing than styling it. */
public final class TouchUp {
    /** As much of the advised amount at most, on frizz between dryer rounds, ratio [OURS]. */
    public static final double HOLD_AT_MOST = 1;
    /** Percent of water below which more hold is a touch on frizz, not the styling itself [CP: at about 80 % dry]. */
    public static final double HOLD_BELOW_PERCENT = 45;
    /** As much of the advised amount at most, of any styler over hold that has dried, ratio [OURS]. */
    public static final double ANY_AT_MOST = .6;

    private TouchUp() {}

    /** A little more hold on frizz once the cast has set and hair is nearly dry [CP: at about 80 %]: it calms frizz. */
    public static boolean onFrizz(Wash wash, Layer layer) {
        return layer.holds()
                && layer.startMinute() >= wash.firstCastMinute()
                && layer.visits().get(0).wetness() < HOLD_BELOW_PERCENT
                && layer.fullness() <= HOLD_AT_MOST
                && wash.layers().stream().anyMatch(other -> other.holds() && other.startMinute() < layer.startMinute());
    }

    /** A little of any styler over hold that has dried, or on a misted refresh: no window is asked of it. */
    public static boolean onStyled(Wash wash, Layer layer) {
        boolean little = layer.fullness() <= ANY_AT_MOST || layer.zones().size() < Zone.values().length;
        Layer hold = wash.lastHoldBefore(layer.startMinute());
        boolean betweenRounds = hold != null && Steps.driedBetween(wash, hold.startMinute(), layer.startMinute());
        return little && (betweenRounds || wash.isRefresh()) || wash.isRefresh() && isMistedBefore(wash, layer);
    }

    private static boolean isMistedBefore(Wash wash, Layer layer) {
        return wash.course().visits().stream()
                .anyMatch(visit -> visit.step().action().wets() && visit.startMinute() <= layer.startMinute());
    }
}
