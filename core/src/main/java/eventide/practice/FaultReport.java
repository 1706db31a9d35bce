package eventide.practice;

import eventide.check.Checker;
import eventide.check.Rule;
import eventide.shape.Maybe;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;

/**
 * How somebody does at finding faults.
 *
 * @param tried how often one was looked for
 * @param found how often of these it was found
 * @param again faults that were missed when they were last looked for, the longest waiting first
 * @param next the rule to break next; absent where any will do
 */
public record FaultReport(int tried, int found, List<FaultMissed> again, @Maybe String next, String words) {
    /**
     * One that comes back sooner.
     *
     * @param words what goes wrong with it
     * @param missed how often in all
     */
    public record FaultMissed(String rule, String words, int missed) {}

    /** What is missed comes back every so many rounds: the rest stays a surprise [OURS]. */
    private static final int EVERY = 2;

    /** Of all that one person looked for, oldest first; faults of rules that are gone do not come back. */
    public static FaultReport of(List<FaultTried> all) {
        Map<String, String> words = Checker.rules().stream().collect(Collectors.toMap(Rule::id, Rule::why));
        Map<String, Integer> missed = new LinkedHashMap<>();
        Map<String, Integer> times = new LinkedHashMap<>();
        int found = 0;
        for (FaultTried one : all) {
            missed.remove(one.rule());
            if (Boolean.TRUE.equals(one.found())) {
                found++;
            } else if (words.containsKey(one.rule())) {
                missed.put(one.rule(), times.merge(one.rule(), 1, Integer::sum));
            }
        }
        List<FaultMissed> again = missed.entrySet().stream()
                .map(one -> new FaultMissed(one.getKey(), words.get(one.getKey()), one.getValue()))
                .toList();
        boolean isTurn = all.size() % EVERY == EVERY - 1 && !again.isEmpty();
        return new FaultReport(
                all.size(), found, again, isTurn ? again.get(0).rule() : null, words(all.size(), found, again.size()));
    }

    private static String words(int tried, int found, int again) {
        if (tried == 0) {
            return "What is missed comes back sooner.";
        }
        String back = again == 0
                ? "none waits to come back."
                : again == 1 ? "one that was missed comes back." : again + " that were missed come back.";
        return "Found " + found + " of " + tried + "; " + back;
    }
}
