package eventide.learning;

import eventide.hair.Reading;
import eventide.routine.Half;
import eventide.wash.DampAir;
import eventide.wash.Layer;
import eventide.wash.Manner;
import eventide.wash.Wash;
import eventide.wash.WeeksSince;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
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
        for (Layer layer : wash.layers()) {
            double share = layer.isOn(Half.LEFT) && layer.isOn(Half.RIGHT) ? 1 : HALF;
            ofBottle(layer.product().name(), wash.hair().overall())
                    .forEach(effect -> effects.merge(effect, share, EffectsIn::upToAll));
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

    /** What a bottle may do on a head: there alone, which comes first, everywhere, and on hair of each of its kinds. */
    static List<Effect> ofBottle(String bottle, Reading reading) {
        List<Effect> effects = new ArrayList<>();
        effects.add(new Effect(Origin.BOTTLE_HERE, bottle));
        effects.add(new Effect(Origin.BOTTLE, bottle));
        kinds(reading).forEach(kind -> effects.add(new BottleOnKind(bottle, kind).effect()));
        return effects;
    }

    /**
     * Hair that a bottle may be expected to do the same on: by strand and pattern, as "fine waves", and by porosity, as "low porosity";
     * side by side, for all of them crossed would each be too few washes to learn from.
     */
    static List<String> kinds(Reading reading) {
        String pattern = reading.pattern().isStraight()
                ? "straight hair"
                : reading.pattern().isWavy() ? "waves" : reading.pattern().isCoily() ? "coils" : "curls";
        return List.of(word(reading.strand()) + " " + pattern, word(reading.porosity()) + " porosity");
    }

    private static String word(Enum<?> level) {
        return level.name().toLowerCase(Locale.ROOT);
    }
}
