package eventide.planner.explain;

import eventide.hair.Hair;
import eventide.hair.Zone;
import eventide.outcome.Outcome;
import eventide.outcome.OutcomeModel;
import eventide.planner.Reason;
import eventide.routine.Amount;
import eventide.shape.Source;
import eventide.wash.Layer;
import eventide.wash.Wash;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

/** What the plan makes of zones that are not like the rest of the head. */
public final class ZoneReasons {
    private ZoneReasons() {}

    /** What there is to say of zones unlike the head; empty for none. */
    public static List<Reason> of(Hair hair, Wash wash) {
        List<Reason> reasons = new ArrayList<>();
        Outcome outcome = null;
        for (Zone zone : Zone.values()) {
            if (hair.at(zone).pattern().isStraight() && !hair.pattern().isStraight()) {
                outcome = outcome == null ? OutcomeModel.predict(wash) : outcome;
                reasons.add(new Reason(
                        String.format(
                                Locale.ROOT,
                                "The %s is straight: no styler will curl it. Expect definition %.1f there, and shape it "
                                        + "with the rest.",
                                zone.label(),
                                outcome.byZone().get(zone).definition()),
                        Source.OURS,
                        null));
            }
        }
        for (Zone zone : List.of(Zone.HAIRLINE, Zone.LEFT, Zone.RIGHT, Zone.BACK, Zone.NAPE)) {
            if (hair.at(zone).strand().ordinal() < hair.at(Zone.CROWN).strand().ordinal()) {
                finer(reasons, wash, zone);
            }
        }
        return reasons;
    }

    /** By the layer that weighs most there. */
    private static void finer(List<Reason> reasons, Wash wash, Zone zone) {
        Layer heaviest = null;
        for (Layer layer : wash.layersIn(zone)) {
            boolean both = layer.amount().byZone().containsKey(Zone.CROWN);
            if (both
                    && (heaviest == null
                            || layer.product().richness() > heaviest.product().richness())) {
                heaviest = layer;
            }
        }
        if (heaviest == null) {
            return;
        }
        Amount amount = heaviest.amount().said();
        reasons.add(new Reason(
                "The " + zone.label() + " is finer than the crown: "
                        + heaviest.product().name() + " "
                        + amount.byZone().get(zone).dose() + " there, "
                        + amount.byZone().get(Zone.CROWN).dose() + " at the crown.",
                Source.COMMON_PRACTICE,
                amount.step()));
    }
}
