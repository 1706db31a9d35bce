package eventide.check;

import eventide.hair.Zone;
import eventide.product.Role;
import eventide.routine.Routine;
import eventide.wash.Fullness;
import eventide.wash.Layer;
import eventide.wash.Wash;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

/**
 * A3: too little product for the mass of hair.
 *
 * <p>Judged zone by zone, of moisture and of hold each, where an amount is stated: below 45 % of what the zone takes it is bare
 * in places. Zones meant to go without do not count. Mend: the advised amount, or fewer products. Source: common practice; the
 * amounts as on the page of amounts.
 */
final class TooLittle implements Rule {
    /** Under this share of the advised amount some strands stay bare [OURS]. */
    private static final double BARE_BELOW = .45;

    @Override
    public String id() {
        return "A3";
    }

    @Override
    public String why() {
        return "Strands that got nothing frizz.";
    }

    @Override
    public List<Finding> findings(Wash wash) {
        List<Finding> found = new ArrayList<>();
        if (wash.isRefresh()) {
            return found;
        }
        for (Role.Group kind : List.of(Role.Group.MOISTURE, Role.Group.HOLD)) {
            List<Layer> of = wash.layers().stream()
                    .filter(layer -> layer.product().role().kind() == kind)
                    .toList();
            boolean stated = of.stream().anyMatch(layer -> layer.amount().given());
            Zone barest = barest(of);
            if (stated && barest != null) {
                Layer first =
                        of.stream().filter(l -> l.isIn(barest)).findFirst().orElseThrow();
                found.add(finding(wash, of, first, Fullness.of(of, barest)));
            }
        }
        return found;
    }

    /** The zone with least of it, where that is too little; zones meant to go without do not count. */
    private static Zone barest(List<Layer> layers) {
        Zone barest = null;
        double least = BARE_BELOW;
        for (Zone zone : Zone.values()) {
            boolean any = layers.stream().anyMatch(layer -> layer.isIn(zone));
            double full = Fullness.of(layers, zone);
            if (any && full < least) {
                least = full;
                barest = zone;
            }
        }
        return barest;
    }

    /**
     * @param layers all that go on of one product, which share the amount between them
     * @param full against the advised amount, 0 to 1
     */
    private Finding finding(Wash wash, List<Layer> layers, Layer first, double full) {
        String message = String.format(
                Locale.ROOT,
                "Too little for this much hair: %s of %s, about %.0f %% of what it takes.",
                first.amount().said().dose(),
                first.product().name(),
                full * 100);
        Routine more = wash.routine();
        for (Layer layer : layers) {
            if (layer.amount().given() && layer.fullness() < 1) {
                double ml = layer.amount().advisedMl() / layers.size();
                more = more.replacing(
                        layer.place(),
                        layer.step()
                                .but()
                                .amountMl(Math.max(ml, layer.amount().ml()))
                                .build());
            }
        }
        return Finding.of(
                this, Severity.WARN, first.place(), null, message, new Mend("Take what the hair asks for", more));
    }
}
