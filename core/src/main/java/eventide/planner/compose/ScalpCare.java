package eventide.planner.compose;

import eventide.hair.Scalp;
import eventide.planner.Query;
import eventide.planner.Reason;
import eventide.product.Product;
import eventide.product.Role;
import eventide.routine.Action;
import eventide.routine.Routine;
import eventide.routine.Schools;
import eventide.routine.Step;
import eventide.shape.Source;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;

/** What the scalp asks of a wash: the first cleanser is for it, and stylers stay off it where it is troubled [CP]. */
public final class ScalpCare {
    private static final String FREE = "stylers stay off the root";

    private final Set<Scalp> seen;
    private final boolean toRoot;

    public ScalpCare(Query query) {
        seen = query.hair().scalpOrEmpty();
        toRoot = query.schoolsOrDefault().roots() == Schools.RootProduct.TO_ROOT;
    }

    /** Flaking and itching ask for one that works by its label's time. */
    public boolean wantsMedicated() {
        return seen.contains(Scalp.FLAKING) || seen.contains(Scalp.ITCHY);
    }

    /** Oily: one wash does not lift it all [CP]. */
    public boolean wantsTwice() {
        return seen.contains(Scalp.OILY);
    }

    /** Dry skin is not stripped. */
    public boolean wantsMild() {
        return seen.contains(Scalp.DRY) && !wantsTwice();
    }

    /** A troubled scalp is kept clear of every styler, unless the school puts them to the root all the same. */
    public boolean keepsRootsFree() {
        return !toRoot && (wantsMedicated() || wantsTwice());
    }

    /** The cleanser of a shelf that answers it best; null where it asks for none in particular, or there is none such. */
    public Product cleanser(Bottles bottles) {
        if (wantsMedicated()) {
            return bottles.first(Role.CLEANSER, ScalpCare::treats);
        }
        return wantsMild() ? bottles.first(Role.CLEANSER, ScalpCare::isMild) : null;
    }

    private static boolean isMild(Product cleanser) {
        return !treats(cleanser) && !cleanser.label().traits().sulfates();
    }

    /** A cleanser that works by its label's time. */
    public static boolean treats(Product cleanser) {
        return cleanser != null && cleanser.contactMinutes() != null;
    }

    /** What of it a routine does, and what no bottle here could do. */
    public List<Reason> reasons(Routine routine) {
        List<Step> washes = routine.steps().stream()
                .filter(step -> step.action() == Action.CLEANSE || step.action() == Action.CLARIFY)
                .toList();
        List<Reason> reasons = new ArrayList<>();
        if (wantsMedicated()) {
            String what = seen.contains(Scalp.FLAKING) ? "Flaking" : "Itching";
            String does = washes.stream()
                    .map(Step::product)
                    .filter(ScalpCare::treats)
                    .findFirst()
                    .map(product -> product.name() + " stays its " + Math.round(product.contactMinutes()) + " minutes")
                    .orElse("no cleanser with a time on its label stands here; where it lasts, refer");
            reasons.add(reason(what + " scalp: " + does + (keepsRootsFree() ? ", and " + FREE : "") + "."));
        }
        if (wantsTwice()) {
            boolean clarified = washes.stream().anyMatch(step -> step.action() == Action.CLARIFY);
            List<String> said = new ArrayList<>();
            if (washes.size() > 1 || clarified) {
                said.add(washes.size() > 1 ? "cleansed twice" : "clarified, which takes the oil too");
            }
            if (keepsRootsFree()) {
                said.add(FREE);
            }
            if (!said.isEmpty()) {
                reasons.add(reason("Oily scalp: " + String.join(", and ", said) + "."));
            }
        }
        boolean mild = washes.stream()
                .allMatch(step -> step.action() == Action.CLEANSE
                        && step.product() != null
                        && !step.product().label().traits().sulfates());
        if (wantsMild() && mild && !washes.isEmpty()) {
            reasons.add(reason("Dry scalp: a mild cleanser, so that the skin is not stripped."));
        }
        return reasons;
    }

    private static Reason reason(String text) {
        return new Reason(text, Source.COMMON_PRACTICE, null);
    }
}
