package eventide.learning;

import eventide.shape.Said;
import eventide.shape.Signed;
import eventide.wash.ScoreName;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.stream.Collectors;

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
    private static final double NEARLY = .3;

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

    /**
     * On one kind of hair, by how much each score came out otherwise than said.
     *
     * @param kind of hair, in words
     * @param washes it was on there
     * @param against what is said of it, by definition and frizz as its {@link #verdict} goes; of the other scores it is a matter of
     *     wishes whether more is better
     */
    public record OnKind(String kind, int washes, AgainstSaid against, List<BottleMoved> scores) {
        private static OnKind of(String kind, int washes, List<BottleMoved> scores) {
            boolean better = scores.stream().anyMatch(moved -> moved.isClearly(true));
            boolean worse = scores.stream().anyMatch(moved -> moved.isClearly(false));
            AgainstSaid against = better == worse
                    ? better ? AgainstSaid.BOTH : AgainstSaid.NOT_CLEARLY
                    : better ? AgainstSaid.BETTER : AgainstSaid.WORSE;
            return new OnKind(kind, washes, against, scores);
        }

        /** Too few washes are told beside it. */
        private String words() {
            return kind + (washes >= ENOUGH ? "" : " (" + washes + (washes == 1 ? " wash" : " washes") + " so far)");
        }
    }

    /** How a bottle does on hair of one kind against what is said of it. */
    public enum AgainstSaid implements Said {
        BETTER("better than said"),
        WORSE("worse than said"),
        /** Better in definition and worse in frizz, or the other way about. */
        BOTH("in part better, in part worse than said"),
        NOT_CLEARLY("not clearly otherwise than said");

        private final String label;

        AgainstSaid(String label) {
            this.label = label;
        }

        @Override
        public String label() {
            return label;
        }
    }

    /**
     * By how much one score came out otherwise than said.
     *
     * @param known points against what the model says
     */
    public record BottleMoved(ScoreName score, Estimate known) {
        /** Whether it is clear that the hair comes out better, or worse; frizz is better low. */
        private boolean isClearly(boolean better) {
            boolean judged = score == ScoreName.DEFINITION || score == ScoreName.FRIZZ;
            return judged && (TrialReading.isBetterLow(score) == better ? known.high() < 0 : known.low() > 0);
        }
    }

    /** Every bottle that was worn, by name. */
    public static List<BottleLearned> of(Learned learned) {
        Map<String, Map<String, Integer>> worn = new TreeMap<>();
        learned.samples().forEach(sample -> sample.effects().keySet().stream()
                .filter(effect -> effect.origin() == Origin.BOTTLE_ON_KIND)
                .forEach(effect -> sample.effects().keySet().stream()
                        .filter(bottle -> bottle.origin() == Origin.BOTTLE
                                && effect.name().startsWith(bottle.name() + " on "))
                        .forEach(bottle -> worn.computeIfAbsent(bottle.name(), any -> new TreeMap<>())
                                .merge(
                                        effect.name().substring(bottle.name().length() + " on ".length()),
                                        1,
                                        Integer::sum))));
        List<BottleLearned> all = new ArrayList<>();
        worn.forEach((bottle, kinds) -> all.add(of(learned, bottle, kinds)));
        return all;
    }

    /** @param kinds of hair it was on, with the washes of each */
    private static BottleLearned of(Learned learned, String bottle, Map<String, Integer> kinds) {
        int washes = kinds.values().stream().mapToInt(Integer::intValue).sum();
        List<OnKind> on = new ArrayList<>();
        kinds.forEach((kind, count) -> on.add(OnKind.of(kind, count, moved(learned, bottle, kind))));
        Estimate definition = known(learned, ScoreName.DEFINITION, Map.of(new Effect(Origin.BOTTLE, bottle), 1.0));
        Estimate frizz = known(learned, ScoreName.FRIZZ, Map.of(new Effect(Origin.BOTTLE, bottle), 1.0));
        return new BottleLearned(
                bottle,
                washes,
                verdict(definition, frizz, washes),
                words(definition, frizz, washes),
                label(learned, bottle),
                on,
                kindsWords(on));
    }

    /** What its label says otherwise than the log. */
    private static List<LabelFound> label(Learned learned, String bottle) {
        Map<Effect, Double> own = Map.of(new Effect(Origin.BOTTLE, bottle), 1.0);
        return LabelFound.of(
                learned, bottle, known(learned, ScoreName.HOLD, own), known(learned, ScoreName.WEIGHT, own));
    }

    /** Score by score on one kind of hair: what it does everywhere and what only there, together. */
    private static List<BottleMoved> moved(Learned learned, String bottle, String kind) {
        List<BottleMoved> moved = new ArrayList<>();
        for (ScoreName score : ScoreName.values()) {
            Estimate known = known(
                    learned,
                    score,
                    Map.of(
                            new Effect(Origin.BOTTLE, bottle),
                            1.0,
                            new Effect(Origin.BOTTLE_ON_KIND, EffectsIn.onKind(bottle, kind)),
                            1.0));
            if (known != null) {
                moved.add(new BottleMoved(score, known));
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

    /** Lets go only of what surely does worse; below enough washes everything waits. */
    private static Standing verdict(Estimate definition, Estimate frizz, int washes) {
        if (washes < ENOUGH || definition == null || frizz == null) {
            return Standing.WAITS;
        }
        if (definition.high() < 0 || frizz.low() > 0) {
            return Standing.LET_GO;
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

    private static String kindsWords(List<OnKind> kinds) {
        List<String> told = new ArrayList<>();
        for (AgainstSaid against : List.of(AgainstSaid.BETTER, AgainstSaid.WORSE, AgainstSaid.BOTH)) {
            String some = kinds.stream()
                    .filter(kind -> kind.against() == against)
                    .map(OnKind::words)
                    .collect(Collectors.joining(", "));
            if (!some.isEmpty()) {
                told.add(against.label() + " on " + some);
            }
        }
        return told.isEmpty() ? "on none clearly otherwise than said" : String.join("; ", told);
    }

    private static String said(Estimate by) {
        return Signed.of(by.points()) + " (" + Signed.of(by.low()) + " to " + Signed.of(by.high()) + ")";
    }
}
