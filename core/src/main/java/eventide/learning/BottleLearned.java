package eventide.learning;

import eventide.shape.Said;
import eventide.shape.Signed;
import eventide.wash.ScoreName;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;

/**
 * What a bottle did on the hair of this salon against what its label said of it.
 *
 * @param washes it was worn in
 * @param onKinds the same for each kind of hair it was worn on
 * @param verdict from all of it
 * @param label where the log shows it otherwise than its label says; empty where it stands
 * @param kindsWords on which hair it clearly does better or worse than said
 */
public record BottleLearned(
        String bottle,
        int washes,
        Standing verdict,
        String words,
        List<LabelFound> label,
        List<OnKind> onKinds,
        String kindsWords) {
    /** Washes that make a judgement of a bottle [CP: about eight]. */
    public static final int ENOUGH = 8;
    /** As said, or nearly, points [OURS]. */
    static final double NEARLY = .3;

    /** What to do with it. */
    public enum Standing implements Said {
        EARNS_ITS_PLACE("earns its place"),
        WAITS("waits"),
        LET_GO("let go");

        private final String label;

        Standing(String label) {
            this.label = label;
        }

        @Override
        public String label() {
            return label;
        }
    }

    /** Every bottle that was worn, by name. */
    public static List<BottleLearned> of(Learned learned) {
        Map<String, Integer> worn = new TreeMap<>();
        Map<String, Map<String, Integer>> onKinds = new HashMap<>();
        for (Sample sample : learned.samples()) {
            for (Effect effect : sample.effects().keySet()) {
                if (effect.origin() == Origin.BOTTLE) {
                    worn.merge(effect.name(), 1, Integer::sum);
                } else if (effect.origin() == Origin.BOTTLE_ON_KIND) {
                    BottleOnKind one = BottleOnKind.of(effect);
                    onKinds.computeIfAbsent(one.bottle(), any -> new TreeMap<>())
                            .merge(one.kind(), 1, Integer::sum);
                }
            }
        }
        List<BottleLearned> all = new ArrayList<>();
        worn.forEach((bottle, washes) -> all.add(of(learned, bottle, washes, onKinds.getOrDefault(bottle, Map.of()))));
        return all;
    }

    /** @param kinds of hair it was on, with the washes of each */
    private static BottleLearned of(Learned learned, String bottle, int washes, Map<String, Integer> kinds) {
        List<OnKind> on = new ArrayList<>();
        kinds.forEach((kind, count) -> on.add(OnKind.of(kind, count, moved(learned, bottle, kind))));
        Estimate definition = known(learned, ScoreName.DEFINITION, Map.of(new Effect(Origin.BOTTLE, bottle), 1.0));
        Estimate frizz = known(learned, ScoreName.FRIZZ, Map.of(new Effect(Origin.BOTTLE, bottle), 1.0));
        return new BottleLearned(
                bottle,
                washes,
                verdict(definition, frizz, washes, on),
                words(definition, frizz, washes),
                label(learned, bottle),
                on,
                OnKind.words(on));
    }

    /** What its label says otherwise than the log. */
    private static List<LabelFound> label(Learned learned, String bottle) {
        Map<Effect, Double> own = Map.of(new Effect(Origin.BOTTLE, bottle), 1.0);
        return LabelFound.of(
                learned, bottle, known(learned, ScoreName.HOLD, own), known(learned, ScoreName.WEIGHT, own));
    }

    /** Score by score on one kind of hair: what it does everywhere and what only there, together. */
    private static List<OnKind.BottleMoved> moved(Learned learned, String bottle, String kind) {
        List<OnKind.BottleMoved> moved = new ArrayList<>();
        for (ScoreName score : ScoreName.values()) {
            Estimate known = known(
                    learned,
                    score,
                    Map.of(new Effect(Origin.BOTTLE, bottle), 1.0, new BottleOnKind(bottle, kind).effect(), 1.0));
            if (known != null) {
                moved.add(new OnKind.BottleMoved(score, known));
            }
        }
        return moved;
    }

    /** Null where no wash was scored for it. */
    private static Estimate known(Learned learned, ScoreName score, Map<Effect, Double> effects) {
        Fit fit = learned.fit(score);
        if (fit == null) {
            return null;
        }
        List<String> washes = learned.samples().stream()
                .filter(sample ->
                        sample.has(score) && effects.keySet().stream().allMatch(sample.effects()::containsKey))
                .map(Sample::id)
                .toList();
        return washes.isEmpty() ? null : Estimate.of(fit.together("", effects), washes);
    }

    /** Lets go only of what surely does worse and has no hair to keep it for; below enough washes everything waits. */
    private static Standing verdict(Estimate definition, Estimate frizz, int washes, List<OnKind> kinds) {
        if (washes < ENOUGH || definition == null || frizz == null) {
            return Standing.WAITS;
        }
        if (definition.high() < 0 || frizz.low() > 0) {
            return kinds.stream().anyMatch(OnKind::earnsItsPlace) ? Standing.WAITS : Standing.LET_GO;
        }
        return definition.points() > -NEARLY && frizz.points() < NEARLY ? Standing.EARNS_ITS_PLACE : Standing.WAITS;
    }

    private static String words(Estimate definition, Estimate frizz, int washes) {
        if (washes < ENOUGH) {
            return washes + " of the " + ENOUGH + " washes that make a judgement.";
        }
        if (definition == null || frizz == null) {
            return "Never scored for definition and frizz.";
        }
        return "Definition " + said(definition) + " and frizz " + said(frizz) + " against what its label said, "
                + washes + " washes.";
    }

    private static String said(Estimate by) {
        return Signed.of(by.points()) + " (" + Signed.of(by.low()) + " to " + Signed.of(by.high()) + ")";
    }
}
