package eventide.learning;

import eventide.wash.ScoreName;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;

/** Prints how long 5 000 washes take to be learned from anew, five scores each; nothing is asserted. */
public final class LearnBench {
    private static final List<ScoreName> SCORES =
            List.of(ScoreName.DEFINITION, ScoreName.CLUMPING, ScoreName.FRIZZ, ScoreName.VOLUME, ScoreName.DAYS);
    private static final int TIMES = 15;

    private LearnBench() {}

    public static void main(String[] args) {
        List<Sample> washes = new InventedSalon(1, 1, .8)
                .washes(500, 10, 10).stream().map(LearnBench::withFive).toList();
        double[] millis = new double[TIMES];
        for (int i = 0; i < TIMES; i++) {
            long began = System.nanoTime();
            Learned.of(washes);
            millis[i] = (System.nanoTime() - began) / 1e6;
        }
        System.out.printf(Locale.ROOT, "learned anew from %d washes: first %.0f ms", washes.size(), millis[0]);
        Arrays.sort(millis);
        System.out.printf(Locale.ROOT, ", median %.0f ms, worst %.0f ms%n", millis[TIMES / 2], millis[TIMES - 1]);
    }

    private static Sample withFive(Sample one) {
        Map<ScoreName, Double> model = new EnumMap<>(ScoreName.class);
        Map<ScoreName, Double> scored = new EnumMap<>(ScoreName.class);
        for (ScoreName score : SCORES) {
            model.put(score, one.model().get(ScoreName.DEFINITION));
            scored.put(score, one.scored().get(ScoreName.DEFINITION));
        }
        return new Sample(one.id(), one.head(), one.effects(), one.weight(), model, scored, Map.of());
    }
}
