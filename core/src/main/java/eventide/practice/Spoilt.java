package eventide.practice;

import eventide.check.Checker;
import eventide.check.Finding;
import eventide.check.Rule;
import eventide.routine.Routine;
import eventide.shape.Fault;
import eventide.shape.InvalidException;
import eventide.wash.Wash;
import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Random;
import java.util.Set;
import java.util.stream.Collectors;

/**
 * A routine spoilt in one way that a real hand would, so that exactly one rule says something it did not say before.
 *
 * @param rule its id
 * @param step where the fault shows, from 0
 * @param said what the rule says of it
 * @param hint for who looks in vain: what kind of slip it was, and not what
 * @param choices faults to choose from, the one that was made among them
 */
public record Spoilt(Routine routine, String rule, int step, String said, String hint, List<FaultChoice> choices) {
    /**
     * A fault by what goes wrong with it.
     *
     * @param rule its id
     * @param words what it is, without saying whether it is here
     */
    public record FaultChoice(String rule, String words) {}

    /** The one that was made and these others. */
    private static final int OTHERS = 3;

    /**
     * @throws InvalidException where the rule is unknown, or no slip of a hand breaks it in this routine and it alone
     */
    public static Spoilt of(SpoilQuestion asked) {
        if (asked.rule() != null) {
            FaultTried.mustBeKnown(asked.rule());
        }
        Random chance = new Random(asked.seed());
        Set<String> before = rules(Checker.plainly(wash(asked, asked.routine())));
        List<Slip> slips =
                new ArrayList<>(Slips.of(asked.routine(), asked.hair().allergiesOrEmpty()));
        Collections.shuffle(slips, chance);
        for (Slip slip : slips) {
            if (!slip.routine().beyond().isEmpty()) {
                continue;
            }
            List<Finding> after = Checker.plainly(wash(asked, slip.routine()));
            Set<String> fresh = rules(after);
            fresh.removeAll(before);
            if (fresh.size() == 1 && (asked.rule() == null || fresh.contains(asked.rule()))) {
                String rule = fresh.iterator().next();
                Finding finding = after.stream()
                        .filter(one -> one.rule().equals(rule))
                        .findFirst()
                        .orElseThrow();
                int step = finding.step() == null ? slip.step() : finding.step();
                return new Spoilt(
                        slip.routine(),
                        rule,
                        step,
                        finding.message(),
                        slip.hint().words,
                        choices(rule, rules(after), chance));
            }
        }
        throw new InvalidException(List.of(new Fault(
                asked.rule() == null ? "/routine" : "/rule",
                asked.rule() == null
                        ? "No one slip of the hand spoils this routine in one way only."
                        : "No slip of the hand breaks " + asked.rule()
                                + " here, and that alone: it has nothing for that fault, or has" + " it already.")));
    }

    /** Others are such as this routine does not break. */
    private static List<FaultChoice> choices(String rule, Set<String> broken, Random chance) {
        List<Rule> others = new ArrayList<>(Checker.rules());
        others.removeIf(other -> broken.contains(other.id()));
        Collections.shuffle(others, chance);
        List<Rule> few = new ArrayList<>(others.subList(0, OTHERS));
        Checker.rules().stream().filter(one -> one.id().equals(rule)).forEach(few::add);
        Collections.shuffle(few, chance);
        return few.stream().map(one -> new FaultChoice(one.id(), one.why())).toList();
    }

    private static Set<String> rules(List<Finding> findings) {
        return findings.stream().map(Finding::rule).collect(Collectors.toCollection(LinkedHashSet::new));
    }

    private static Wash wash(SpoilQuestion asked, Routine routine) {
        return Wash.of(routine, asked.hair(), asked.goal(), asked.air(), asked.schools(), asked.limits());
    }
}
