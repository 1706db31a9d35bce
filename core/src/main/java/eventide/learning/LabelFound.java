package eventide.learning;

import eventide.shape.Maybe;
import eventide.wash.ScoreName;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Objects;

/**
 * Where a log shows a bottle otherwise than its label: how much it holds, how heavy it is, from how wet it works.
 *
 * @param hold it would be said to have, 0 to 10; absent where its hold stands
 * @param windowLow percent of water it would be said to work from; absent where its window stands. How rich it would have to be said for
 *     its weight is not worked out: that hangs on the hair and on what goes with it.
 */
public record LabelFound(String words, @Maybe Double hold, @Maybe Double windowLow) {
    /** Water a hand could not tell from the window's own, points [OURS]. */
    private static final double NEAR = 3;
    /** Washes on either side of the window's end below which nothing is said of it [OURS]. */
    private static final int FEWEST = 3;
    /** So sure: the same four in five as everywhere. */
    private static final double CONFIDENCE = .8;

    private static final double FARTHEST = 10;
    private static final double FIVE = 5;

    /** None where the label stands. */
    static List<LabelFound> of(Learned learned, String bottle, Estimate hold, Estimate weight) {
        List<LabelFound> found = new ArrayList<>();
        if (hold != null && hold.isClear()) {
            Double said = learned.samples().stream()
                    .map(sample -> sample.met().get(bottle))
                    .filter(Objects::nonNull)
                    .map(Sample.Met::hold)
                    .reduce((earlier, later) -> later)
                    .orElse(null);
            found.add(new LabelFound(
                    said("holds", hold, "more", "less"),
                    said == null ? null : Math.min(FARTHEST, Math.max(0, toHalf(said + hold.points()))),
                    null));
        }
        if (weight != null && weight.isClear()) {
            found.add(new LabelFound(said("weighs", weight, "more", "less"), null, null));
        }
        LabelFound window = window(learned, bottle);
        if (window != null) {
            found.add(window);
        }
        return found;
    }

    private static String said(String does, Estimate by, String more, String less) {
        return String.format(
                Locale.ROOT,
                "%s %.1f %s than its label says",
                does,
                Math.abs(by.points()),
                by.points() > 0 ? more : less);
    }

    /**
     * The model takes definition away where hair is drier than the window. Where washes drier than that come out better against it than
     * those inside, by more than dealing them out anew would bring, the bottle works from there.
     */
    private static LabelFound window(Learned learned, String bottle) {
        List<Double> inside = new ArrayList<>();
        List<Double> drier = new ArrayList<>();
        double from = 100;
        double says = 0;
        for (Sample sample : learned.samples()) {
            Sample.Met met = sample.met().get(bottle);
            if (met == null || !sample.has(ScoreName.DEFINITION)) {
                continue;
            }
            says = met.windowLow();
            if (met.wetness() < met.windowLow() - NEAR) {
                drier.add(sample.missed(ScoreName.DEFINITION));
                from = Math.min(from, met.wetness());
            } else {
                inside.add(sample.missed(ScoreName.DEFINITION));
            }
        }
        if (drier.size() < FEWEST || inside.size() < FEWEST) {
            return null;
        }
        double[] better = TwoGroups.interval(numbers(drier), numbers(inside), CONFIDENCE, FARTHEST);
        double works = Math.ceil(from / FIVE) * FIVE;
        return better[0] <= 0
                ? null
                : new LabelFound(
                        String.format(
                                Locale.ROOT,
                                "works from %.0f %% here, the bottle says %.0f (%d washes drier)",
                                works,
                                says,
                                drier.size()),
                        null,
                        works);
    }

    /** As a shelf is written. */
    private static double toHalf(double points) {
        return Math.round(2 * points) / 2.0;
    }

    private static double[] numbers(List<Double> all) {
        return all.stream().mapToDouble(Double::doubleValue).toArray();
    }
}
