package eventide.learning;

import eventide.hair.Reading;
import eventide.routine.Half;
import eventide.wash.DampAir;
import eventide.wash.Layer;
import eventide.wash.Manner;
import eventide.wash.Wash;
import eventide.wash.WeeksSince;
import java.util.LinkedHashMap;
import java.util.Locale;
import java.util.Map;

/** What of a wash may make its scores differ from what the model says, and how much of each is in it. */
public final class EffectsIn {
    private EffectsIn() {}

    /**
     * @param head whose it is
     * @param rater who scores it; null where nobody said
     */
    public static Map<Effect, Double> of(Wash wash, String head, String rater) {
        Map<Effect, Double> effects = new LinkedHashMap<>();
        effects.put(new Effect(Origin.SALON, ""), 1.0);
        effects.put(new Effect(Origin.HEAD, head), 1.0);
        if (rater != null) {
            effects.put(new Effect(Origin.RATER, rater), 1.0);
        }
        String kind = kind(wash.hair().overall());
        for (Layer layer : wash.layers()) {
            String name = layer.product().name();
            double share = layer.isOn(Half.LEFT) && layer.isOn(Half.RIGHT) ? 1 : HALF;
            effects.merge(new Effect(Origin.BOTTLE, name), share, EffectsIn::upToAll);
            effects.merge(new Effect(Origin.BOTTLE_ON_KIND, onKind(name, kind)), share, EffectsIn::upToAll);
            effects.merge(new Effect(Origin.BOTTLE_HERE, name), share, EffectsIn::upToAll);
        }
        for (Manner manner : wash.manners()) {
            effects.put(new Effect(Origin.WAY, manner.name()), 1.0);
            effects.put(new Effect(Origin.WAY_HERE, manner.name()), 1.0);
        }
        double steps = DampAir.steps(wash.air());
        effects.put(new Effect(Origin.AIR, ""), steps);
        effects.put(new Effect(Origin.AIR_HERE, ""), steps);
        weeks(effects, Origin.CLARIFIED_HERE, WeeksSince.clarifying(wash));
        weeks(effects, Origin.PROTEIN_HERE, WeeksSince.protein(wash));
        return effects;
    }

    /** Of the head, where something was done on one side only. */
    private static final double HALF = .5;

    /** Shares of a wash, never more than all of it. */
    private static double upToAll(double some, double more) {
        return Math.min(1, some + more);
    }

    /** @param weeks null where nobody knows: then it says nothing */
    private static void weeks(Map<Effect, Double> into, Origin source, Double weeks) {
        if (weeks != null) {
            into.put(new Effect(source, ""), weeks);
        }
    }

    /** Hair that a bottle may be expected to do the same on, as "fine waves". */
    static String kind(Reading reading) {
        String pattern = reading.pattern().isStraight()
                ? "straight hair"
                : reading.pattern().isWavy() ? "waves" : reading.pattern().isCoily() ? "coils" : "curls";
        return reading.strand().name().toLowerCase(Locale.ROOT) + " " + pattern;
    }

    /** The name of a bottle's effect on one kind of hair. */
    static String onKind(String bottle, String kind) {
        return bottle + " on " + kind;
    }
}
