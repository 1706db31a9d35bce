package eventide.planner;

import eventide.planner.search.Evaluation;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Locale;
import java.util.Random;

/**
 * Prints how much worse the search's first answer is than the best there is found by running every plan, on a fixed set of random heads
 * with zones, conditions, wishes, airs, tools and limits; in points of worth. Nothing is asserted. Takes some minutes.
 */
public final class RegretBench {
    private static final int HEADS = 400;
    /** None of these heads did the search get its numbers from. */
    private static final int FIRST = 43_000;
    /** Seven of them are not stylers. */
    private static final int BOTTLES = 17;

    private RegretBench() {}

    public static void main(String[] args) {
        int heads = args.length == 0 ? HEADS : Integer.parseInt(args[0]);
        List<Double> regrets = new ArrayList<>();
        int missed = 0;
        for (int head = 0; head < heads; head++) {
            Query query = RandomQuery.of(new Random(FIRST + head), BOTTLES);
            Evaluation usual = Planner.bestOf(query, frame -> true, Stop.NEVER);
            Evaluation best = Planner.exhaustive(query);
            if (usual == null && best != null) {
                missed++;
            } else if (best != null) {
                regrets.add(Math.max(0, best.worth() - usual.worth()));
            }
        }
        Collections.sort(regrets);
        System.out.printf(
                Locale.ROOT,
                "regret over %d heads, %d stylers: within 0.1 on %d, over 0.5 on %d, worst %.2f, mean %.3f; no answer though"
                        + " there is one on %d%n",
                heads,
                BOTTLES - 7,
                regrets.stream().filter(regret -> regret <= .1).count(),
                regrets.stream().filter(regret -> regret > .5).count(),
                regrets.get(regrets.size() - 1),
                regrets.stream().mapToDouble(Double::doubleValue).average().orElse(0),
                missed);
    }
}
