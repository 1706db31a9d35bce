package eventide.check;

import eventide.product.Family;
import eventide.product.LabelReading;
import eventide.product.Product;
import eventide.product.Role;
import eventide.routine.Action;
import eventide.routine.Step;

/** Which cleansers take off what water leaves. */
final class Lifting {
    private Lifting() {}

    static boolean clarifies(Step step) {
        Product product = step.worn();
        return step.action() == Action.CLARIFY || product != null && product.role() == Role.CLARIFIER;
    }

    /** A clarifier, or a cleanser whose label names a strong surfactant; one without a label is given the benefit. */
    static boolean lifts(Step step) {
        if (clarifies(step)) {
            return true;
        }
        Product product = step.worn();
        boolean cleanses = step.action() == Action.CLEANSE || product != null && product.role() == Role.CLEANSER;
        if (!cleanses) {
            return false;
        }
        if (product == null || product.ingredients() == null) {
            return true;
        }
        LabelReading label = product.label();
        return label.traits().sulfates()
                || label.ingredients().stream().anyMatch(entry -> entry.is(Family.STRONG_SURFACTANT));
    }
}
