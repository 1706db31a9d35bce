package eventide.practice;

import eventide.shape.Frozen;
import eventide.shape.Maybe;
import eventide.shape.Range;
import eventide.shape.Shape;
import java.util.ArrayList;
import java.util.List;
import java.util.SplittableRandom;

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
        List<String> items = new ArrayList<>();
        for (int i = 0; i < count; i++) {
            boolean again = i % AGAIN_EVERY == AGAIN_EVERY - 1 && !before.isEmpty();
            items.add(
                    again
                            ? before.remove(chance.nextInt(before.size())) + SwatchReading.AGAIN
                            : likeliestMisread(chance));
        }
        return items;
    }

    private List<SwatchReading> answeredOrNone() {
        return answered == null ? List.of() : answered;
    }

    /** Seen once, and not yet again. */
    private List<String> againOf() {
        List<String> seen = answeredOrNone().stream().map(SwatchReading::item).toList();
        return new ArrayList<>(answeredOrNone().stream()
                .map(SwatchReading::item)
                .distinct()
                .filter(item -> !SwatchReading.isAgain(item) && !seen.contains(item + SwatchReading.AGAIN))
                .toList());
    }

    /** By chance, in the measure in which this eye is likely to misread it. */
    private String likeliestMisread(SplittableRandom chance) {
        double all = 0;
        String taken = null;
        for (int i = 0; i < LOOKED_AT; i++) {
            long number = chance.nextLong(1, Integer.MAX_VALUE);
            double weight = Math.pow(error(Swatch.any(number)), 2);
            all += weight;
            taken = chance.nextDouble() * all < weight ? Long.toString(number) : taken;
        }
        return taken;
    }

    /** Points by which this eye is likely to misread it, the scores together. */
    private double error(Swatch swatch) {
        double sum = 0;
        for (EyeScore score : EyeScore.values()) {
            int region = region(score.truth(swatch));
            double off = USUAL_ERROR * USUAL_COUNTS;
            double n = USUAL_COUNTS;
            for (SwatchReading one : answeredOrNone()) {
                if (region(score.truth(one.swatch())) == region) {
                    off += Math.abs(score.off(one));
                    n++;
                }
            }
            sum += off / n;
        }
        return sum;
    }

    private static int region(double points) {
        return Math.min(REGIONS - 1, (int) (points / 10 * REGIONS));
    }
}
