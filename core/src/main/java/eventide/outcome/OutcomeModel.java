package eventide.outcome;

import eventide.check.Wash;
import eventide.hair.Zone;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;

/**
 * Predicts a result as a sum of named, signed contributions, zone by zone. The head's score is the mean of its zones by
 * how much hair grows there. A prediction, not a promise: the log corrects it.
 */
public final class OutcomeModel {
    private static final List<Effect> EFFECTS = List.of(
            new HairEffect(),
            new CareEffect(),
            new ProductEffect(),
            new HandsEffect(),
            new DryingEffect(),
            new FinishEffect(),
            new MishapEffect());

    private OutcomeModel() {}

    /** With every contribution named. */
    public static Outcome predict(Wash wash) {
        return predict(wash, true);
    }

    /** The scores alone, for comparing many routines; contributions are left empty. */
    public static Scores scores(Wash wash) {
        return predict(wash, false).overall();
    }

    private static Outcome predict(Wash wash, boolean explained) {
        Map<Zone, Scores> byZone = new EnumMap<>(Zone.class);
        List<Contribution> contributions = new ArrayList<>();
        double[] mean = new double[ScoreName.values().length];
        for (Zone zone : Zone.values()) {
            Ledger ledger = new Ledger(zone, explained);
            for (Effect effect : EFFECTS) {
                effect.add(wash, wash.hair().at(zone), ledger);
            }
            Scores scores = ledger.scores();
            byZone.put(zone, scores);
            if (explained) {
                contributions.addAll(ledger.entries());
            }
            for (ScoreName name : ScoreName.values()) {
                mean[name.ordinal()] += zone.share() * scores.of(name);
            }
        }
        for (int i = 0; explained && i < mean.length; i++) {
            mean[i] = Math.round(mean[i] * 100) / 100.0;
        }
        Scores overall = new Scores(mean[0], mean[1], mean[2], mean[3], mean[4], mean[5], mean[6], mean[7], mean[8]);
        return new Outcome(overall, byZone, List.copyOf(contributions));
    }
}
