package eventide.practice;

import eventide.check.Checker;
import eventide.check.Rule;
import eventide.shape.Fault;
import eventide.shape.InvalidException;
import eventide.shape.Letters;
import eventide.shape.Shape;
import java.util.List;

/**
 * A fault somebody looked for in a spoilt routine.
 *
 * @param rule the one that was broken, by its id
 * @param found whether both the step and the fault were named
 */
public record FaultTried(@Letters(least = 1, most = 4) String rule, Boolean found) {
    public FaultTried {
        Shape.check(FaultTried.class, rule, found);
    }

    /**
     * The same.
     *
     * @throws InvalidException where there is no such rule; one kept long ago may be of a rule that is gone
     */
    public FaultTried known() {
        mustBeKnown(rule);
        return this;
    }

    /** @throws InvalidException where there is no such check */
    static void mustBeKnown(String rule) {
        if (Checker.rules().stream().map(Rule::id).noneMatch(rule::equals)) {
            throw new InvalidException(List.of(new Fault("/rule", "rule must be one of the checks, but was " + rule)));
        }
    }
}
