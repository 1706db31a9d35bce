package eventide.check;

import eventide.hair.Zone;
import eventide.routine.StepPlace;
import eventide.shape.Maybe;
import eventide.shape.Source;

/**
 * Something a good stylist would say about a routine.
 *
 * @param under index of another finding of the same list whose mend clears this one too: one cause is said once
 */
public record Finding(
        String rule,
        Severity severity,
        @Maybe Integer step,
        @Maybe Integer inner,
        @Maybe Zone zone,
        String message,
        String why,
        Source source,
        /** One finding of a rule, its source the rule's own; step, zone and mend null where it has none. */
        @Maybe String citation,
        @Maybe Mend mend,
        @Maybe Integer under) {
    public static Finding of(Rule rule, Severity severity, StepPlace place, Zone zone, String message, Mend mend) {
        return new Finding(
                rule.id(),
                severity,
                place == null ? null : place.index(),
                place == null || !place.isInner() ? null : place.inner(),
                zone,
                message,
                rule.why(),
                rule.source(),
                null,
                mend,
                null);
    }

    /** With another mend, null for none. */
    Finding with(Mend other) {
        return new Finding(rule, severity, step, inner, zone, message, why, source, citation, other, under);
    }

    /** Folded under another, whose mend clears it too. */
    Finding under(int parent) {
        return new Finding(rule, severity, step, inner, zone, message, why, source, citation, mend, parent);
    }

    /** The same complaint at the same place, whatever its wording. */
    public String key() {
        return rule + "@" + step + "/" + inner + "/" + zone;
    }
}
