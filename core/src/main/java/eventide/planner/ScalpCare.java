package eventide.planner;

import eventide.hair.Hair;
import eventide.hair.Scalp;
import eventide.product.Product;
import eventide.product.Role;
import eventide.shape.Source;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;

/** What the scalp asks of a wash: the first cleanser is for it, and stylers stay off it where it is troubled [CP]. */
final class ScalpCare {
    private final Set<Scalp> seen;

    ScalpCare(Hair hair) {
        seen = hair.scalpOrEmpty();
    }

    /** Flaking and itching ask for one that works by its label's time. */
    boolean wantsMedicated() {
        return seen.contains(Scalp.FLAKING) || seen.contains(Scalp.ITCHY);
    }

    boolean wantsTwice() {
        return seen.contains(Scalp.OILY);
    }

    /** Dry skin is not stripped. */
    boolean wantsMild() {
        return seen.contains(Scalp.DRY) && !wantsTwice();
    }

    boolean keepsRootsFree() {
        return wantsMedicated() || wantsTwice();
    }

    /** The cleanser of a shelf that answers it best; null where it asks for none in particular, or there is none such. */
    Product cleanser(Bottles bottles) {
        if (wantsMedicated()) {
            return bottles.first(Role.CLEANSER, product -> product.contactMinutes() != null);
        }
        return wantsMild()
                ? bottles.first(
                        Role.CLEANSER, product -> !product.label().traits().sulfates())
                : null;
    }

    /**
     * Why the wash is as it is.
     *
     * @param cleanser the one that was taken, null for none
     */
    List<Reason> reasons(Product cleanser) {
        List<Reason> reasons = new ArrayList<>();
        if (wantsMedicated()) {
            String what = seen.contains(Scalp.FLAKING) ? "Flaking" : "Itching";
            boolean works = cleanser != null && cleanser.contactMinutes() != null;
            reasons.add(reason(what + " scalp: "
                    + (works
                            ? cleanser.name() + " stays its " + Math.round(cleanser.contactMinutes()) + " minutes"
                            : "no cleanser with a time on its label stands here; where it lasts, refer")
                    + ", and stylers stay off the root."));
        }
        if (wantsTwice()) {
            reasons.add(reason("Oily scalp: cleansed twice, and stylers stay off the root."));
        }
        if (wantsMild()) {
            reasons.add(reason("Dry scalp: the mildest cleanser here, so that the skin is not stripped."));
        }
        return reasons;
    }

    private static Reason reason(String text) {
        return new Reason(text, Source.COMMON_PRACTICE, null);
    }
}
