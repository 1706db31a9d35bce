package eventide.practice;

import eventide.shape.Frozen;
import eventide.shape.Maybe;
import eventide.shape.Range;
import eventide.shape.Shape;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Set;
import java.util.SplittableRandom;
import java.util.stream.Collectors;

/**
 * Swatches to score next: most from where this eye was off, some that it has seen before, mirrored, to see how steady it is.
 *
 * @param seed of all that chance decides
 * @param count how many, 1 to 40
 * @param answered what this eye has scored so far, oldest first; absent for a new one
 */
public record SwatchSet(Long seed, @Range(from = 1, to = 40) Integer count, @Maybe List<SwatchReading> answered) {
    /** Swatches looked at for each that is taken [OURS]. */
    private static final int LOOKED_AT = 24;
    /** What an eye is thought to be off by where nothing is known, points, and as how many swatches that counts [OURS]. */
    private static final double USUAL_ERROR = 1.5;

    /** Readings as many as which the usual error counts for [OURS]. */
    private static final double USUAL_COUNTS = 1;
    /** A score's low, middle and high third are misread each in its own way. */
    private static final int REGIONS = 3;
    /** One in so many has been seen before [OURS]. */
    private static final int AGAIN_EVERY = 5;

    public SwatchSet {
        Shape.check(SwatchSet.class, seed, count, answered);
        answered = Frozen.list(answered);
    }

    /** In the order they are to be shown. */
    public List<String> items() {
        SplittableRandom chance = new SplittableRandom(seed);
        List<String> before = againOf();
        double[][] errors = errors();
        List<String> items = new ArrayList<>();
        for (int i = 0; i < count; i++) {
            boolean again = i % AGAIN_EVERY == AGAIN_EVERY - 1 && !before.isEmpty();
            items.add(
                    again
                            ? before.remove(chance.nextInt(before.size())) + SwatchReading.AGAIN
                            : likeliestMisread(chance, errors));
        }
        return items;
    }

    private List<SwatchReading> answeredOrNone() {
        return answered == null ? List.of() : answered;
    }

    /** Seen once, and not yet again. */
    private List<String> againOf() {
        Set<String> seen = answeredOrNone().stream().map(SwatchReading::item).collect(Collectors.toSet());
        return new ArrayList<>(answeredOrNone().stream()
                .map(SwatchReading::item)
                .distinct()
                .filter(item -> !SwatchReading.isAgain(item) && !seen.contains(item + SwatchReading.AGAIN))
                .toList());
    }

    /** By chance, in the measure in which this eye is likely to misread it. */
    private static String likeliestMisread(SplittableRandom chance, double[][] errors) {
        double all = 0;
        String taken = null;
        for (int i = 0; i < LOOKED_AT; i++) {
            long number = chance.nextLong(1, Integer.MAX_VALUE);
            double weight = Math.pow(error(Swatch.any(number), errors), 2);
            all += weight;
            taken = chance.nextDouble() * all < weight ? Long.toString(number) : taken;
        }
        return taken;
    }

    /** Points by which this eye is likely to misread each third of each score. */
    private double[][] errors() {
        double[][] errors = new double[EyeScore.values().length][REGIONS];
        double[][] counts = new double[errors.length][REGIONS];
        for (double[] of : errors) {
            Arrays.fill(of, USUAL_ERROR * USUAL_COUNTS);
        }
        for (SwatchReading one : answeredOrNone()) {
            Swatch swatch = one.swatch();
            for (EyeScore score : EyeScore.values()) {
                int region = region(score.truth(swatch));
                errors[score.ordinal()][region] += Math.abs(score.given(one) - score.truth(swatch));
                counts[score.ordinal()][region]++;
            }
        }
        for (int score = 0; score < errors.length; score++) {
            for (int region = 0; region < REGIONS; region++) {
                errors[score][region] /= USUAL_COUNTS + counts[score][region];
            }
        }
        return errors;
    }

    /**
     * The scores together.
     *
     * @return points, the three scores added up
     */
    private static double error(Swatch swatch, double[][] errors) {
        double sum = 0;
        for (EyeScore score : EyeScore.values()) {
            sum += errors[score.ordinal()][region(score.truth(swatch))];
        }
        return sum;
    }

    private static int region(double points) {
        return Math.min(REGIONS - 1, (int) (points / 10 * REGIONS));
    }
}
