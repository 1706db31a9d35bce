package eventide.learning;

import eventide.learning.PredictionQuestion.NextWash;
import eventide.learning.PredictionQuestion.PastWash;
import eventide.outcome.OutcomeModel;
import eventide.outcome.Scores;
import eventide.shape.Parallel;
import eventide.wash.ScoreName;
import eventide.wash.Wash;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;

/**
 * What a wash will come to, once as the model says and once as the log corrects it.
 *
 * @param washes the prediction rests on
 * @param scores of each score, between what four in five scores to come will lie
 * @param parts what the correction is made of; they add up to it, but for the ends of the scale
 * @param accuracy of each score that was ever given, each wash left out in turn
 */
public record Prediction(
        int washes,
        Map<ScoreName, Learned.ScoreSaid> scores,
        List<CorrectionPart> parts,
        Map<ScoreName, Accuracy> accuracy) {
    /** Washes that name nobody are of one head. */
    private static final String NOBODY = "this head";

    /** Learns from the history given, and from nothing else, what the next wash is likely to score. */
    public static Prediction of(PredictionQuestion asked) {
        NextWash next = asked.next();
        String head = name(next.client());
        List<PastWash> history = asked.history();
        Learned learned = Learned.of(Parallel.map(
                IntStream.range(0, history.size()).boxed().toList(), i -> sample(id(i), history.get(i), next)));
        Wash wash = next.wash();
        Scores model = OutcomeModel.scores(wash);
        Map<Effect, Double> effects = EffectsIn.of(wash, head, next.rater());
        Map<ScoreName, Learned.ScoreSaid> said = new EnumMap<>(ScoreName.class);
        for (ScoreName score : ScoreName.values()) {
            said.put(score, learned.say(score, head, effects, model.of(score)));
        }
        return new Prediction(history.size(), said, learned.parts(head, effects), learned.accuracy(head));
    }

    private static String id(int place) {
        return String.format(java.util.Locale.ROOT, "%05d", place);
    }

    private static String name(String client) {
        return client == null ? NOBODY : client;
    }

    /** @param next what is to be said: washes of its head count less once its hair reads otherwise */
    private static Sample sample(String id, PastWash past, NextWash next) {
        Wash wash = past.wash();
        String head = name(past.client());
        boolean changed = head.equals(name(next.client())) && HairSince.reads(past.hair(), next.hair());
        return Sample.of(id, head, past.rater(), wash, past.scores().scores(), changed, Map.of());
    }
}
