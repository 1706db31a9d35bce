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
 * @param richness it would be said to have, 0 to 10, for the weight it brings; absent where that stands, or where so little of it was worn
 *     that no richness would explain it
 * @param windowLow percent of water it would be said to work from; absent where its window stands
 */
public record LabelFound(String words, @Maybe Double hold, @Maybe Double richness, @Maybe Double windowLow) {
    /** Water a hand could not tell from the window's own, points [OURS]. */
    private static final double NEAR = 3;
    /** Washes on either side of the window's end below which nothing is said of it [OURS]. */
    private static final int FEWEST = 3;
    /** So sure: the same four in five as everywhere. */
    private static final double CONFIDENCE = .8;

    /** End of the scale of hold and richness, and of scores. */
    private static final double FARTHEST = 10;
    /** Percent of water are said in fives. */
    private static final double FIVE = 5;

    /** None where the label stands. */
    static List<LabelFound> of(Learned learned, String bottle, Estimate hold, Estimate weight) {
        List<LabelFound> found = new ArrayList<>();
        List<Sample.Met> met = learned.samples().stream()
                .map(sample -> sample.met().get(bottle))
                .filter(Objects::nonNull)
                .toList();
        Sample.Met last = met.isEmpty() ? null : met.get(met.size() - 1);
        if (hold != null && hold.isClear()) {
            Double would = last == null ? null : onLabel(last.hold() + hold.points());
            found.add(new LabelFound(said("holds", hold, "more", "less"), would, null, null));
        }
        if (weight != null && weight.isClear()) {
            found.add(new LabelFound(said("weighs", weight, "more", "less"), null, richness(met, weight), null));
        }
        LabelFound window = window(learned, bottle);
        if (window != null) {
            found.add(window);
        }
        return found;
    }

    /** What would weigh so much on the hair it was worn on, by what a point of richness weighed there. */
    private static Double richness(List<Sample.Met> met, Estimate weight) {
        double point = met.stream().mapToDouble(Sample.Met::weighs).average().orElse(0);
        if (point < LEAST_WEIGHED) {
            return null;
        }
        double says = met.get(met.size() - 1).richness();
        double would = onLabel(says + weight.points() / point);
        return would == says ? null : would;
    }

    /** Points of weight a point of richness brings at least, where it can be told from others [OURS]. */
    private static final double LEAST_WEIGHED = .05;

    private static double onLabel(double points) {
        return Math.min(FARTHEST, Math.max(0, toHalf(points)));
    }

    /** To the tenth, in the direction it was found. */
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
            if (met == null || !met.holds() || !sample.has(ScoreName.DEFINITION)) {
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
                        null,
                        works);
    }

    /**
     * As a shelf is written.
     *
     * @return the nearest half
     */
    private static double toHalf(double points) {
        return Math.round(2 * points) / 2.0;
    }

    private static double[] numbers(List<Double> all) {
        return all.stream().mapToDouble(Double::doubleValue).toArray();
    }
}
