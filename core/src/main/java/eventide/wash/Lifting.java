package eventide.wash;

import eventide.product.Family;
import eventide.product.LabelReading;
import eventide.product.Product;
import eventide.product.Role;
import eventide.routine.Action;
import eventide.routine.Step;

/** Which cleansers take off what water leaves. */
public final class Lifting {
    private Lifting() {}

    /** Whether it takes off what water leaves, by the action or by the role of the bottle. */
    public static boolean clarifies(Step step) {
        Product product = step.worn();
        return step.action() == Action.CLARIFY || product != null && product.role() == Role.CLARIFIER;
    }

    /** A clarifier, or a cleanser whose label names a strong surfactant; one without a label is given the benefit. */
    public static boolean lifts(Step step) {
        Product product = step.worn();
        boolean unknown = product == null || product.ingredients() == null;
        return surelyLifts(step) || cleanses(step) && unknown;
    }

    private static boolean cleanses(Step step) {
        Product product = step.worn();
        return step.action() == Action.CLEANSE || product != null && product.role() == Role.CLEANSER;
    }

    /** As {@link #lifts}, without the benefit: residue that shows wants it certain. */
    public static boolean surelyLifts(Step step) {
        Product product = step.worn();
        if (clarifies(step)) {
            return true;
        }
        if (!cleanses(step) || product == null || product.ingredients() == null) {
            return false;
        }
        LabelReading label = product.label();
        return label.traits().sulfates()
                || label.ingredients().stream().anyMatch(entry -> entry.is(Family.STRONG_SURFACTANT));
    }
}
