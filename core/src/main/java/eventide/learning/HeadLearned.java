package eventide.learning;

import eventide.hair.Hair;
import eventide.hair.Reading;
import eventide.learning.LearnedThing.Evidence;
import eventide.routine.Goal;
import eventide.wash.Correction;
import eventide.wash.Correction.Kind;
import eventide.wash.Correction.Spread;
import eventide.wash.Correction.Taught;
import eventide.wash.Manner;
import eventide.wash.ScoreName;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;

/**
 * What the log teaches of one head: how good what is said of each score is, what moves it, and all of it as a plan takes it.
 *
 * @param washes of this head that were learned from
 */
public record HeadLearned(int washes, Answers answers, List<ScoreLearned> scores, Correction correction) {
    /**
     * One score.
     *
     * @param washes each said from all the others, in no order
     * @param found what moves it, the most telling first
     * @param compared one bottle rather than another, either way round, where this head had both, each on a half
     */
    public record ScoreLearned(
            ScoreName score,
            Accuracy accuracy,
            List<Told> washes,
            List<LearnedThing> found,
            List<LearnedThing> compared) {}

    /**
     * A wash as it would have been said without having seen it, and as it was scored.
     *
     * @param id of the wash
     * @param said as it would have been from all the others
     * @param scored as the eye did
     */
    public record Told(String id, Learned.ScoreSaid said, double scored) {}

    static final String WEEK_SINCE_CLARIFYING = "Each week since clarifying";
    static final String WEEK_SINCE_PROTEIN = "Each week since protein";

    /** Less is not worth a word in a plan, points of a score from 0 to 10 [OURS]. */
    private static final double WORTH_A_WORD = .05;

    /**
     * @param rater who will score it; null where nobody is known
     * @param bottles names that may be planned, beside those worn here
     */
    public static HeadLearned of(
            Learned learned, String head, Hair hair, Goal goal, String rater, Set<String> bottles) {
        List<Sample> own = learned.samples().stream()
                .filter(sample -> sample.head().equals(head))
                .toList();
        Set<String> names = new LinkedHashSet<>(bottles);
        own.forEach(sample -> sample.effects().keySet().stream()
                .filter(effect -> effect.origin() == Origin.BOTTLE)
                .forEach(effect -> names.add(effect.name())));
        List<ScoreLearned> scores = new ArrayList<>();
        List<Taught> taught = new ArrayList<>();
        List<Spread> spreads = new ArrayList<>();
        Map<ScoreName, Accuracy> accuracy = learned.accuracy(head);
        accuracy.forEach((score, accurate) -> {
            Asked asked = new Asked(learned.fit(score), head, learned.samples(), own);
            List<LearnedThing> found = asked.found(hair.overall(), rater, names);
            Map<String, Learned.ScoreSaid> said = learned.saidOf(head, score);
            scores.add(new ScoreLearned(
                    score,
                    accurate,
                    own.stream()
                            .filter(sample -> said.containsKey(sample.id()))
                            .map(sample -> new Told(
                                    sample.id(),
                                    said.get(sample.id()),
                                    sample.scored().get(score)))
                            .toList(),
                    found,
                    asked.compared(hair.overall())));
            if (accurate.helps()) {
                found.forEach(one -> teach(one, taught));
            }
            spreads.add(new Spread(score, learned.spread(head, score)));
        });
        scores.sort(Comparator.comparing(ScoreLearned::score));
        return new HeadLearned(
                own.size(), Answers.of(own.size(), goal, scores), scores, new Correction(taught, spreads));
    }

    /** What nobody would see is not handed on: a plan that changes for it could not say why. */
    private static void teach(LearnedThing found, List<Taught> into) {
        boolean much = Math.abs(found.estimate().points()) >= WORTH_A_WORD * ScatterOf.unit(found.score());
        if (much) {
            into.add(new Taught(
                    found.kind(),
                    found.bottle(),
                    found.way(),
                    found.zone(),
                    found.score(),
                    found.estimate().points(),
                    found.because()));
        }
    }

    /** One score of one head, asked for all that may move it. */
    private record Asked(Fit fit, String head, List<Sample> all, List<Sample> own) {
        /**
         * @param hair of this head
         * @param rater whose eye; null for nobody
         * @param bottles that are spoken of
         */
        List<LearnedThing> found(Reading hair, String rater, Set<String> bottles) {
            List<LearnedThing> found = new ArrayList<>();
            add(found, Kind.ALWAYS, "This head", null, null, Evidence.SEEN, effect(Origin.HEAD, head, 1));
            add(found, Kind.ALWAYS, "The salon", null, null, Evidence.SEEN, effect(Origin.SALON, "", 1));
            if (rater != null) {
                add(found, Kind.ALWAYS, rater + "'s eye", null, null, Evidence.SEEN, effect(Origin.RATER, rater, 1));
            }
            for (String bottle : bottles) {
                Map<Effect, Double> effects = new LinkedHashMap<>();
                EffectsIn.ofBottle(bottle, hair).forEach(effect -> effects.put(effect, 1.0));
                add(found, Kind.BOTTLE, bottle, bottle, null, tried(bottle) ? Evidence.TRIED : Evidence.SEEN, effects);
            }
            for (Manner way : Manner.values()) {
                Map<Effect, Double> effects = effect(Origin.WAY_HERE, way.name(), 1);
                effects.putAll(effect(Origin.WAY, way.name(), 1));
                add(found, Kind.WAY, capitalised(way.label()), null, way, Evidence.SEEN, effects);
            }
            Map<Effect, Double> air = effect(Origin.AIR_HERE, "", 1);
            air.putAll(effect(Origin.AIR, "", 1));
            add(found, Kind.AIR, "Each 5 °C of dew point", null, null, Evidence.ASSOCIATION, air);
            add(
                    found,
                    Kind.SINCE_CLARIFYING,
                    WEEK_SINCE_CLARIFYING,
                    null,
                    null,
                    Evidence.ASSOCIATION,
                    effect(Origin.CLARIFIED_HERE, "", 1));
            add(
                    found,
                    Kind.SINCE_PROTEIN,
                    WEEK_SINCE_PROTEIN,
                    null,
                    null,
                    Evidence.ASSOCIATION,
                    effect(Origin.PROTEIN_HERE, "", 1));
            ZonesLearned.of(fit.score(), own)
                    .forEach((zone, known) -> found.add(LearnedThing.of(
                            fit.score(),
                            Kind.ZONE,
                            capitalised(zone.label()),
                            null,
                            null,
                            zone,
                            known,
                            true,
                            Evidence.SEEN)));
            found.sort(Comparator.comparingDouble(
                    (LearnedThing one) -> -Math.abs(one.estimate().points())));
            return found;
        }

        List<LearnedThing> compared(Reading hair) {
            return HalvesCompared.of(own).stream()
                    .map(two -> two.thing(fit, head, hair, own))
                    .filter(Objects::nonNull)
                    .toList();
        }

        private static Map<Effect, Double> effect(Origin source, String name, double much) {
            Map<Effect, Double> one = new LinkedHashMap<>();
            one.put(new Effect(source, name), much);
            return one;
        }

        /** Where it was in some wash of this head, or is of the salon and was in some wash at all. */
        private void add(
                List<LearnedThing> found,
                Kind kind,
                String what,
                String bottle,
                Manner way,
                Evidence evidence,
                Map<Effect, Double> effects) {
            Effect first = effects.keySet().iterator().next();
            List<String> washes = washes(first.origin().isOfHead() ? own : all, first);
            boolean here = first.origin().isOfHead() && !washes.isEmpty();
            if (washes.isEmpty() && bottle != null) {
                washes = washes(all, new Effect(Origin.BOTTLE, bottle));
            }
            if (!washes.isEmpty()) {
                found.add(LearnedThing.of(
                        fit.score(),
                        kind,
                        what,
                        bottle,
                        way,
                        null,
                        Estimate.of(fit.together(head, effects), washes),
                        here,
                        evidence));
            }
        }

        /** Whether one half of this head had a bottle and the other did not. */
        private boolean tried(String bottle) {
            Effect here = new Effect(Origin.BOTTLE_HERE, bottle);
            return own.stream()
                    .map(Sample::halves)
                    .anyMatch(halves -> halves != null
                            && halves.missed().containsKey(fit.score())
                            && halves.effects().containsKey(here));
        }

        /** The washes an estimate rests on. */
        private List<String> washes(List<Sample> some, Effect effect) {
            return some.stream()
                    .filter(sample -> sample.has(fit.score()))
                    .filter(sample -> sample.effects().getOrDefault(effect, 0.0) != 0)
                    .map(Sample::id)
                    .toList();
        }

        private static String capitalised(String words) {
            return words.substring(0, 1).toUpperCase(java.util.Locale.ROOT) + words.substring(1);
        }
    }
}
