package eventide.outcome;

import eventide.hair.Reading;
import eventide.hair.Zone;
import eventide.routine.Half;
import eventide.wash.Features;
import eventide.wash.ScoreName;
import eventide.wash.Wash;
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

    /** With every contribution named, what the log has taught among them. */
    public static Outcome predict(Wash wash) {
        return predict(wash, true);
    }

    /** The scores alone, for comparing many routines; contributions are left empty. */
    public static Scores scores(Wash wash) {
        return predict(wash, false).overall();
    }

    /**
     * Zone by zone, each weighed by its share of the hair.
     *
     * @param explained with what every score is made of; a search asks thousands of times and wants the sums alone
     */
    private static Outcome predict(Wash wash, boolean explained) {
        Map<Zone, Scores> byZone = new EnumMap<>(Zone.class);
        List<Contribution> contributions = new ArrayList<>();
        List<Wash> halves = wash.hasHalves() ? List.of(wash.on(Half.LEFT), wash.on(Half.RIGHT)) : List.of(wash);
        double[] mean = new double[ScoreName.ALL.size()];
        double[] bare = new double[ScoreName.ALL.size()];
        for (Zone zone : Zone.values()) {
            if (explained) {
                bare(halves.get(0), zone, bare);
            }
            Scores scores = zone(looked(halves, zone), zone, explained, contributions);
            byZone.put(zone, scores);
            for (ScoreName name : ScoreName.ALL) {
                mean[name.ordinal()] += zone.share() * scores.of(name);
            }
        }
        if (explained) {
            round(mean);
        }
        List<WornDay> worn = explained
                ? WornDay.of(scores(mean), bare[ScoreName.DEFINITION.ordinal()], bare[ScoreName.FRIZZ.ordinal()])
                : List.of();
        return new Outcome(
                scores(mean), byZone, worn, List.copyOf(contributions), Outcome.likely(wash.correction(), mean));
    }

    /** Adds what the hair of a zone would come to washed and left alone. */
    private static void bare(Wash wash, Zone zone, double[] into) {
        Ledger alone = new Ledger(zone, false);
        EFFECTS.get(0).add(wash, Features.of(wash, zone), wash.hair().at(zone), alone);
        Scores scores = alone.scores();
        for (ScoreName name : ScoreName.ALL) {
            into[name.ordinal()] += zone.share() * scores.of(name);
        }
    }

    /** What the log has taught of this head, added before the scale bends it. */
    private static void taught(Wash wash, Zone zone, Ledger ledger) {
        if (ledger.isExplained()) {
            wash.correction().forEach(wash, zone, (one, points) -> ledger.add(one.score(), points, one.because()));
        } else {
            ledger.addAll(sums -> wash.teaching().addTo(wash, zone, sums));
        }
    }

    /** What adds up at one zone, reasons left out. */
    static Ledger ledger(Wash wash, Zone zone) {
        Ledger ledger = new Ledger(zone, false);
        Features features = Features.of(wash, zone);
        Reading hair = wash.hair().at(zone);
        for (Effect effect : EFFECTS) {
            effect.add(wash, features, hair, ledger);
        }
        taught(wash, zone, ledger);
        return ledger;
    }

    /** A side is all of one half; the rest of the head has both. */
    private static List<Wash> looked(List<Wash> halves, Zone zone) {
        if (halves.size() == 1 || zone != Zone.LEFT && zone != Zone.RIGHT) {
            return halves;
        }
        return List.of(halves.get(zone == Zone.LEFT ? 0 : 1));
    }

    /**
     * @param halves the wash, or each side of it where they are on trial: the mean of both
     * @param into where what it is made of is noted
     */
    private static Scores zone(List<Wash> halves, Zone zone, boolean explained, List<Contribution> into) {
        double[] mean = new double[ScoreName.ALL.size()];
        Reading hair = halves.get(0).hair().at(zone);
        for (Wash half : halves) {
            Ledger ledger = new Ledger(zone, explained);
            Features features = Features.of(half, zone);
            for (Effect effect : EFFECTS) {
                effect.add(half, features, hair, ledger);
            }
            taught(half, zone, ledger);
            Scores scores = ledger.scores();
            for (ScoreName name : ScoreName.ALL) {
                mean[name.ordinal()] += scores.of(name) / halves.size();
            }
            if (explained) {
                ledger.entries().forEach(entry -> into.add(entry.shared(halves.size())));
            }
        }
        if (explained) {
            round(mean);
        }
        return scores(mean);
    }

    private static void round(double[] points) {
        for (int i = 0; i < points.length; i++) {
            points[i] = Math.round(points[i] * 100) / 100.0;
        }
    }

    private static Scores scores(double[] of) {
        return new Scores(of[0], of[1], of[2], of[3], of[4], of[5], of[6], of[7], of[8]);
    }
}
