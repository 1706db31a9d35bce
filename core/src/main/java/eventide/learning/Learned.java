package eventide.learning;

import eventide.learning.Accuracy.Residual;
import eventide.shape.Parallel;
import eventide.wash.ScoreName;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.stream.Stream;

/** Everything that the washes of a salon teach, worked out from them anew each time: nothing of it is kept by hand. */
public final class Learned {
    /** A head with fewer washes than this is judged by the whole salon's [OURS]. */
    private static final int OWN_FROM = 4;

    private final List<Sample> samples;
    private final Map<ScoreName, Fit> fits = new EnumMap<>(ScoreName.class);
    private final Map<ScoreName, Accuracy> overall = new EnumMap<>(ScoreName.class);
    private final Map<ScoreName, Map<String, List<Residual>>> leftOut = new EnumMap<>(ScoreName.class);

    /** Found on first asking: only a trial asks. */
    private final Map<ScoreName, RaterScatter> raters = new ConcurrentHashMap<>();

    /** Score by score, side by side; a score nobody gave has no fit. */
    private Learned(List<Sample> samples, List<MeasuredEye> eyes) {
        this.samples = samples;
        List<Fit> all = Parallel.map(
                Stream.of(ScoreName.values())
                        .filter(score -> samples.stream().anyMatch(sample -> sample.has(score)))
                        .toList(),
                score -> Fit.of(score, samples, eyes));
        for (Fit fit : all) {
            fits.put(fit.score(), fit);
            Map<String, List<Residual>> byHead = leftOut(fit);
            leftOut.put(fit.score(), byHead);
            overall.put(
                    fit.score(),
                    Accuracy.of(byHead.values().stream().flatMap(List::stream).toList()));
        }
    }

    /** The order of the washes makes no difference. */
    public static Learned of(List<Sample> samples) {
        return of(samples, List.of());
    }

    /**
     * @param eyes what is known of raters beside the washes: each one more witness of what its eye does
     */
    public static Learned of(List<Sample> samples, List<MeasuredEye> eyes) {
        return new Learned(
                samples.stream()
                        .sorted(Comparator.comparing(Sample::head).thenComparing(Sample::id))
                        .toList(),
                List.copyOf(eyes));
    }

    /** Each wash said from all the others, by its head: what the model was off by, and what the correction left of it. */
    private static Map<String, List<Residual>> leftOut(Fit fit) {
        Map<String, List<Residual>> byHead = new HashMap<>();
        for (Head head : fit.heads()) {
            List<Residual> all = new ArrayList<>();
            for (int i = 0; i < head.samples().size(); i++) {
                Sample sample = head.samples().get(i);
                double[] left = head.leftOut(i);
                all.add(new Residual(sample.id(), sample.missed(fit.score()), left[0], left[1]));
            }
            byHead.put(head.samples().get(0).head(), all);
        }
        return byHead;
    }

    /** The washes it rests on. */
    public List<Sample> samples() {
        return samples;
    }

    /** Of each score that was ever given, on one head where it has washes enough, else in the salon. */
    public Map<ScoreName, Accuracy> accuracy(String head) {
        Map<ScoreName, Accuracy> all = new EnumMap<>(ScoreName.class);
        for (ScoreName score : fits.keySet()) {
            List<Residual> own = leftOut.get(score).getOrDefault(head, List.of());
            all.put(score, own.size() >= OWN_FROM ? Accuracy.of(own) : overall.get(score));
        }
        return all;
    }

    /** Each wash of a head said from all others, by the id of the wash. */
    public Map<String, ScoreSaid> saidOf(String head, ScoreName score) {
        Map<String, ScoreSaid> all = new HashMap<>();
        Fit fit = fits.get(score);
        if (fit != null && fit.head(head) != null) {
            boolean helps = accuracy(head).get(score).helps();
            List<Sample> own = fit.head(head).samples();
            List<Residual> left = leftOut.get(score).get(head);
            for (int i = 0; i < own.size(); i++) {
                double scored = own.get(i).scored().get(score);
                double model = own.get(i).model().get(score);
                double middle = helps ? scored - left.get(i).left() : model;
                double deviation = helps ? left.get(i).deviation() : plainDeviation(head, score);
                all.put(own.get(i).id(), said(score, model, middle, deviation));
            }
        }
        return all;
    }

    /**
     * What is said of a score: the model's, and as corrected between what four in five scores to come will lie.
     *
     * @param model without anything learned
     * @param corrected with it
     * @param low and {@code high}: four in five such washes lie between
     */
    public record ScoreSaid(double model, double corrected, double low, double high) {}

    /**
     * A wash to come.
     *
     * @param effects as {@link EffectsIn} finds them
     * @param model what the model says of it
     */
    public ScoreSaid say(ScoreName score, String head, Map<Effect, Double> effects, double model) {
        Fit fit = fits.get(score);
        if (fit == null) {
            return said(score, model, model, score.usualSpread() / Accuracy.HOLDS_80);
        }
        double[] correction = fit.correction(head, effects, 1);
        boolean helps = accuracy(head).get(score).helps();
        return said(
                score,
                model,
                helps ? model + correction[0] : model,
                helps ? Math.sqrt(correction[1]) : plainDeviation(head, score));
    }

    /** How far four in five scores of a head to come will lie from what is said of them, points to either side. */
    double spread(String head, ScoreName score) {
        List<Residual> own = leftOut.get(score).getOrDefault(head, List.of());
        if (!accuracy(head).get(score).helps()) {
            return round(Math.max(NARROWEST, Accuracy.HOLDS_80 * plainDeviation(head, score)));
        }
        double deviation = own.isEmpty()
                ? Math.sqrt(fits.get(score).correction(head, NOTHING_ELSE_KNOWN, 1)[1])
                : own.stream().mapToDouble(Residual::deviation).average().orElseThrow();
        return round(Math.max(NARROWEST, Accuracy.HOLDS_80 * deviation));
    }

    private static final Map<Effect, Double> NOTHING_ELSE_KNOWN = Map.of(
            new Effect(Origin.SALON, ""), 1.0,
            new Effect(Origin.HEAD, "a new head"), 1.0,
            new Effect(Origin.RATER, "a new eye"), 1.0,
            new Effect(Origin.BOTTLE_HERE, "a new bottle"), 1.0);

    /** Of the model by itself: as its errors were, the usual ones counting as so many washes more. */
    private double plainDeviation(String head, ScoreName score) {
        List<Residual> own = leftOut.get(score).getOrDefault(head, List.of());
        List<Residual> all = own.size() >= OWN_FROM
                ? own
                : leftOut.get(score).values().stream().flatMap(List::stream).toList();
        double usual = score.usualSpread() / Accuracy.HOLDS_80;
        double sum = ASSUMED * usual * usual;
        for (Residual one : all) {
            sum += one.missed() * one.missed();
        }
        return Math.sqrt(sum / (ASSUMED + all.size()));
    }

    /** Washes as many as which the usual error counts for [OURS]. */
    private static final double ASSUMED = 1.5;

    /** @param deviation standard deviation of the prediction, points */
    private static ScoreSaid said(ScoreName score, double model, double middle, double deviation) {
        double inside = Math.max(0, Math.min(score.most(), middle));
        double reach = Math.max(NARROWEST, Accuracy.HOLDS_80 * deviation);
        // At an end of the scale it still holds four in five: what would lie beyond lies at the end.
        double low = Math.max(0, Math.min(score.most() - NARROWEST, middle - reach));
        double high = Math.min(score.most(), Math.max(NARROWEST, middle + reach));
        return new ScoreSaid(round(model), round(inside), round(low), round(high));
    }

    /** Nobody scores nearer, points [OURS]. */
    private static final double NARROWEST = .1;

    /** What each of some effects adds, the most telling first; those that were in no wash are left out. */
    public List<CorrectionPart> parts(String head, Map<Effect, Double> effects) {
        List<CorrectionPart> parts = new ArrayList<>();
        for (Fit fit : fits.values()) {
            effects.forEach((effect, much) -> {
                int washes = fit.washesWith(effect, head);
                if (washes > 0 && much != 0) {
                    double[] known = fit.effect(effect, head);
                    double reach = Accuracy.HOLDS_80 * Math.sqrt(known[1]) * Math.abs(much);
                    double points = known[0] * much;
                    parts.add(new CorrectionPart(
                            fit.score(),
                            effect.origin(),
                            CorrectionPart.words(effect),
                            round(points),
                            round(points - reach),
                            round(points + reach),
                            washes));
                }
            });
        }
        parts.sort(Comparator.comparing(CorrectionPart::score).thenComparingDouble(part -> -Math.abs(part.points())));
        return parts;
    }

    /**
     * Variance of the difference between the two of a pair in a trial.
     *
     * @param rater who scores both; null where nobody says
     * @return points squared
     */
    double pairVariance(ScoreName score, TrialPlan.Way way, String rater) {
        Fit fit = fits.get(score);
        ScatterOf scatter = fit == null ? ScatterOf.usual(score) : fit.scatter();
        double factor = fit == null
                ? 1
                : raters.computeIfAbsent(score, any -> RaterScatter.of(fit)).factor(rater);
        return factor * (way == TrialPlan.Way.HALVES ? scatter.halves() : 2 * scatter.noise());
    }

    /** Null for a score nobody gave. */
    Fit fit(ScoreName score) {
        return fits.get(score);
    }

    private static double round(double value) {
        return Math.round(value * 1e3) / 1e3 + 0.0;
    }
}
