package eventide.check;

import eventide.hair.Zone;
import eventide.routine.Routine;
import eventide.shape.Source;
import eventide.wash.Fullness;
import eventide.wash.Layer;
import eventide.wash.Wash;
import java.util.List;
import java.util.Locale;

/**
 * A2: more hold product than mass and need ask.
 *
 * <p>Against the advised amount: crunch and flakes. Mend: the advised amount, or a softer bottle. Source: common practice.
 */
final class TooMuchHold implements Rule {
    /** Times the advised amount that is still a heavy hand, not a fault [OURS]. */
    private static final double HEAVY_HAND = 2.2;

    /** Times the advised amount, where touch comes first [OURS]. */
    private static final double LESS_WHERE_SOFT = 1.9;
    /** The same where definition is all [OURS]. */
    private static final double MORE_WHERE_DEFINED = 2.6;

    @Override
    public String id() {
        return "A2";
    }

    @Override
    public String why() {
        return "Too much hold is crunch and flakes.";
    }

    @Override
    public Source source() {
        return Source.OURS;
    }

    @Override
    public List<Finding> findings(Wash wash) {
        if (wash.isRefresh()) {
            return List.of();
        }
        for (Zone zone : Zone.values()) {
            Layer most = null;
            for (Layer layer : wash.layersIn(zone)) {
                boolean more = most == null || layer.fullness() > most.fullness();
                most = layer.holds() && layer.amount().given() && more ? layer : most;
            }
            double full = Fullness.ofHold(wash, zone);
            if (most != null && full > most(wash)) {
                return List.of(Finding.of(
                        this,
                        Severity.WARN,
                        most.place(),
                        null,
                        String.format(
                                Locale.ROOT,
                                "%s of %s is about %.1f times what this hair asks for.",
                                most.amount().said().dose(),
                                most.product().name(),
                                full),
                        new Mend("Take what the hair asks for", less(wash))));
            }
        }
        return List.of();
    }

    /**
     * Times the advised amount from which it is too much: sooner where touch comes first, later where definition is all.
     *
     * @return a factor of the advised amount, above 1
     */
    private static double most(Wash wash) {
        if (wash.goal().softness() >= 2 && wash.goal().softnessFirst()) {
            return LESS_WHERE_SOFT;
        }
        return wash.goal().definition() == 3 ? MORE_WHERE_DEFINED : HEAVY_HAND;
    }

    /** Every layer of hold at its advised amount, to the tenth of a millilitre. */
    private static Routine less(Wash wash) {
        Routine routine = wash.routine();
        for (Layer layer : wash.layers()) {
            if (layer.holds() && layer.amount().given() && layer.fullness() > 1) {
                double ml = Math.round(layer.amount().advisedMl() * 10) / 10.0;
                routine = routine.replacing(
                        layer.place(), layer.step().but().amountMl(ml).build());
            }
        }
        return routine;
    }
}
