package eventide.check;

import eventide.drying.Visit;
import eventide.product.Product;
import eventide.product.Role;
import eventide.routine.Action;
import eventide.routine.DetangleFrom;
import eventide.routine.Step;
import eventide.routine.StepPlace;
import eventide.wash.Steps;
import eventide.wash.Wash;
import java.util.ArrayList;
import java.util.List;

/**
 * T7: detangled from the root, or without slip.
 *
 * <p>Slip lasts while a mask, conditioner, protein or creamy cleanser (richness 3 and over) is in the hair, and from a leave-in,
 * cream or oil until hair falls below about 60 % wet. A note where hair comes wet from a wash done elsewhere. A second pass
 * after one from the ends with slip is smoothing, and combing dry waves before the wash a note. Mend: from the ends, with
 * slip. Source: common practice.
 */
final class TornKnots implements Rule {
    /** Slip is gone once hair falls below about this, percent wet [CP]. */
    private static final double SLIPS_ABOVE = 60;

    /** Percent of water below which hair is combed dry. */
    private static final double DRY = 10;
    /** The water model's own error, percent. */
    private static final double TOLERANCE = 3;
    /** Richness from which a cleanser slips, of 10 [CP]. */
    private static final double CREAMY = 3;

    @Override
    public String id() {
        return "T7";
    }

    @Override
    public String why() {
        return "Knots forced from the root or without slip break hair.";
    }

    @Override
    public List<Finding> findings(Wash wash) {
        List<Finding> found = new ArrayList<>();
        for (StepPlace place : wash.places()) {
            Step step = wash.routine().at(place);
            if (step.action() != Action.DETANGLE || wash.course().visits(place).isEmpty()) {
                continue;
            }
            Visit visit = wash.course().visits(place).get(0);
            if (step.from() == DetangleFrom.ROOTS && wentThroughFromTheEnds(wash, visit)) {
                continue; // the knots are out: this is smoothing
            }
            if (step.from() == DetangleFrom.ROOTS) {
                Step ends = step.but().from(DetangleFrom.ENDS).build();
                found.add(Finding.of(
                        this,
                        Severity.WARN,
                        place,
                        null,
                        "Detangled from the root: start at the ends.",
                        new Mend("Start at the ends", wash.routine().replacing(place, ends))));
                continue;
            }
            if (!hasSlip(wash, visit) && !isFreeOfKnots(wash, visit)) {
                found.add(withoutSlip(wash, visit));
            }
        }
        return found;
    }

    /**
     * Null where loose hair is combed wet after a wash, which needs no more; where the washing was done elsewhere nothing is
     * known of its slip.
     */
    private Finding withoutSlip(Wash wash, Visit visit) {
        Step step = visit.step();
        boolean washed = wash.course().visits().stream()
                .anyMatch(v -> v.startMinute() < visit.startMinute()
                        && v.step().action().soaks());
        boolean loose = visit.zones().stream()
                .map(zone -> wash.hair().at(zone).pattern())
                .allMatch(pattern -> pattern.isWavy() || pattern.isStraight());
        boolean elsewhere =
                !wash.routine().steps().stream().anyMatch(own -> own.action().soaks())
                        && wash.routine().startWetnessOrDripping() > DRY;
        boolean combedDry = loose && !washed && visit.wetness() <= DRY;
        boolean after = visit.place().index() > wash.lastRinse();
        Step slippery = step.but()
                .mix(null)
                .product(after ? Generic.LEAVE_IN : Generic.CONDITIONER)
                .build();
        return Finding.of(
                this,
                combedDry || elsewhere ? Severity.NOTE : Severity.WARN,
                visit.place(),
                null,
                combedDry
                        ? "Combed dry before washing: waves bear it, ends first."
                        : "Detangled without slip, at " + Steps.percent(visit.wetness()) + " wet.",
                new Mend(
                        after ? "With a leave-in for slip" : "In conditioner",
                        wash.routine().replacing(visit.place(), slippery)));
    }

    /** Something slippery of its own, or earlier and not yet dried past. */
    private static boolean hasSlip(Wash wash, Visit visit) {
        if (slips(visit.step(), wash.productOf(visit.place()))) {
            return true;
        }
        if (isInTheWash(wash, visit)) {
            return true;
        }
        boolean before = wash.course().visits().stream()
                .filter(v -> v.startMinute() < visit.startMinute() + 1e-9
                        && wash.isAfter(visit.place(), v.place())
                        && v.overlaps(visit))
                .anyMatch(v -> slips(v.step(), wash.productOf(v.place())));
        return before && visit.wetness() >= SLIPS_ABOVE - TOLERANCE;
    }

    /** A mask, conditioner, protein treatment or creamy cleanser lies in the hair: it slips, however wet that is. */
    private static boolean isInTheWash(Wash wash, Visit visit) {
        boolean lies = false;
        for (Visit earlier : Steps.earlierOnSameHair(wash, visit)) {
            if (earlier.step().action() == Action.RINSE) {
                lies = false;
            } else {
                lies |= washesWithSlip(earlier.step(), wash.productOf(earlier.place()));
            }
        }
        return lies;
    }

    /** Whether a step of the wash leaves hair slippery: a conditioner, a treatment, or a cleanser as creamy as one. */
    private static boolean washesWithSlip(Step step, Product product) {
        boolean creamy = step.action() == Action.CLEANSE && product != null && product.richness() >= CREAMY;
        boolean treats =
                step.action() == Action.CONDITION || step.action() == Action.MASK || step.action() == Action.PROTEIN;
        boolean byRole = product != null
                && (product.role() == Role.CONDITIONER
                        || product.role() == Role.MASK
                        || product.role() == Role.PROTEIN);
        return creamy || treats || byRole;
    }

    /** A pass from the ends, with slip, took the knots out before. */
    private static boolean wentThroughFromTheEnds(Wash wash, Visit visit) {
        return Steps.earlierOnSameHair(wash, visit).stream()
                .anyMatch(earlier -> earlier.step().action() == Action.DETANGLE
                        && earlier.step().from() != DetangleFrom.ROOTS
                        && hasSlip(wash, earlier));
    }

    /** Whether what is on the hair lets a comb through. */
    private static boolean slips(Step step, Product product) {
        if (step.action() == Action.CONDITION || step.action() == Action.MASK) {
            return true;
        }
        return product != null
                && (product.role().moisturises()
                        || product.role() == Role.CONDITIONER
                        || product.role() == Role.MASK
                        || product.role() == Role.OIL);
    }

    /** Loaded hair that was detangled with slip before has no knots left to tear. */
    private static boolean isFreeOfKnots(Wash wash, Visit visit) {
        boolean loaded = wash.layers().stream()
                .anyMatch(layer -> layer.startMinute() < visit.startMinute()
                        && layer.visits().stream().anyMatch(v -> v.overlaps(visit)));
        boolean detangled = wash.course().visits().stream()
                .anyMatch(v -> v.step().action() == Action.DETANGLE
                        && v.startMinute() < visit.startMinute()
                        && v.overlaps(visit)
                        && hasSlip(wash, v));
        return loaded && detangled;
    }
}
