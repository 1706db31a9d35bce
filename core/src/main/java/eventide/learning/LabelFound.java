package eventide.learning;

import eventide.wash.ScoreName;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

/** Where a log shows a bottle otherwise than its label: how much it holds, how heavy it is, from how wet it works. */
final class LabelFound {
    /** Water a hand could not tell from the window's own, points [OURS]. */
    private static final double NEAR = 3;
    /** Washes on either side of the window's end below which nothing is said of it [OURS]. */
    private static final int FEWEST = 3;
    /** So sure: the same four in five as everywhere. */
    private static final double CONFIDENCE = .8;

    private static final double FARTHEST = 10;
    private static final double FIVE = 5;

    private LabelFound() {}

    /** In words, none where the label stands. */
    static List<String> of(Learned learned, String bottle, Estimate hold, Estimate weight) {
        List<String> found = new ArrayList<>();
        if (hold != null && hold.isClear()) {
            found.add(said("holds", hold, "more", "less"));
        }
        if (weight != null && weight.isClear()) {
            found.add(said("weighs", weight, "more", "less"));
        }
        String window = window(learned, bottle);
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
    private static String window(Learned learned, String bottle) {
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
        return better[0] <= 0
                ? null
                : String.format(
                        Locale.ROOT,
                        "works from %.0f %% here, the bottle says %.0f (%d washes drier)",
                        Math.ceil(from / FIVE) * FIVE,
                        says,
                        drier.size());
    }

    private static double[] numbers(List<Double> all) {
        return all.stream().mapToDouble(Double::doubleValue).toArray();
    }
}
