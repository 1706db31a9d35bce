package eventide.outcome;

import static eventide.outcome.Constants.*;
import static eventide.outcome.DoingConstants.*;
import static eventide.wash.ScoreName.*;

import eventide.hair.Condition;
import eventide.hair.Porosity;
import eventide.hair.Reading;
import eventide.hair.Strand;
import eventide.routine.Action;
import eventide.routine.DetangleFrom;
import eventide.routine.Step;
import eventide.wash.Features;
import eventide.wash.Unrinsed;
import eventide.wash.Wash;
import eventide.wash.Washing;
import java.util.List;

/** What is done before styling: moisture and protein given, residue left or taken off. Directions [CP], sizes [OURS]. */
final class CareEffect implements Effect {
    @Override
    public void add(Wash wash, Features features, Reading hair, Ledger ledger) {
        List<Step> steps = wash.routine().steps();
        boolean washed = false;
        for (int i = 0; i < steps.size(); i++) {
            Step step = steps.get(i);
            boolean here = step.zonesOrAll().contains(ledger.zone()) && wash.has(step);
            if (here) {
                torn(steps, i, ledger);
            }
            if (here && step.isProtein() && takesTime(step)) {
                protein(wash, Washing.minutesWorked(wash, i), hair, ledger);
            } else if (here && step.action() == Action.MASK) {
                boolean stays =
                        washed && steps.subList(i, steps.size()).stream().noneMatch(CareEffect::washes);
                mask(warmed(step) * Washing.minutesWorked(wash, i), stays, hair, ledger);
            }
            washed |= washes(step);
        }
        residue(wash, hair, ledger);
        unrinsed(wash, ledger);
    }

    /** Under a warm cap a minute does the work of more [CP]. */
    private static double warmed(Step step) {
        return Boolean.TRUE.equals(step.heatCap()) ? HEAT_CAP_SPEEDS : 1;
    }

    /** A treatment of its own or mixed into a mask; protein in a styler is another thing. */
    private static boolean takesTime(Step step) {
        return step.action() == Action.PROTEIN || step.action() == Action.MASK;
    }

    private static boolean washes(Step step) {
        return step.action() == Action.CLEANSE || step.action() == Action.CLARIFY;
    }

    /**
     * The longer it works the less each minute adds; what is washed out again goes in slower and weighs nothing.
     *
     * @param stays after the shampoo, so that what is not rinsed stays on fine hair
     */
    private static void mask(double minutes, boolean stays, Reading hair, Ledger ledger) {
        double fed = 1 - Math.exp(-minutes / (stays ? MASK_MINUTES : MASK_BEFORE_MINUTES));
        double taken = dryness(hair) * fed;
        ledger.add(SOFTNESS, MASK_SOFTENS * taken, "mask, moisture taken up");
        ledger.add(FRIZZ, -MASK_CALMS_FRIZZ * taken, "mask, moisture taken up");
        if (stays && hair.strand() == Strand.FINE) {
            double over = Math.max(0, Math.min(MASK_LIMPS_AT_MOST, minutes) - FINE_BEARS_MINUTES);
            ledger.add(VOLUME, -MASK_LIMPS * over, "mask longer than fine hair bears");
            ledger.add(DAYS, -MASK_LIMPS / 2 * over, "mask longer than fine hair bears");
            ledger.add(DEFINITION, -MASK_UNDEFINES * over, "mask longer than fine hair bears");
        }
    }

    /** How much hair asks for moisture, 0 to 1: porous, coarse and damaged hair each more. */
    private static double dryness(Reading hair) {
        double dry = CARE_ANY_DRY;
        dry += hair.porosity() == Porosity.HIGH ? CARE_POROUS_DRY : 0;
        dry += hair.strand() == Strand.COARSE ? CARE_COARSE_DRY : 0;
        dry += hair.isDamaged() ? CARE_DAMAGED_DRY : 0;
        return Math.min(1, dry);
    }

    /** Knots are pulled tight from the root, unless the ends were free already [CP]. */
    private static void torn(List<Step> steps, int index, Ledger ledger) {
        boolean first = steps.get(index).action() == Action.DETANGLE
                && steps.subList(0, index).stream().noneMatch(step -> step.action() == Action.DETANGLE);
        if (first && steps.get(index).from() == DetangleFrom.ROOTS) {
            ledger.add(FRIZZ, TORN_FRIZZES, "detangled from the roots");
            ledger.add(CLUMPING, -TORN_UNCLUMPS, "detangled from the roots");
        }
    }

    /** A washing product that stays in is never better than one that was rinsed. */
    private static void unrinsed(Wash wash, Ledger ledger) {
        int first = Unrinsed.first(wash);
        Step step = first < 0 ? null : wash.routine().steps().get(first);
        if (step == null || !step.zonesOrAll().contains(ledger.zone()) || !wash.has(step)) {
            return;
        }
        String because = "never rinsed";
        ledger.add(WEIGHT, UNRINSED_WEIGHS, because);
        ledger.add(VOLUME, -UNRINSED_FLATTENS, because);
        ledger.add(DAYS, -UNRINSED_FLATTENS / 2, because);
        ledger.add(DEFINITION, -UNRINSED_UNDEFINES, because);
        if (washes(step)) {
            ledger.add(SOFTNESS, -UNRINSED_ROUGHENS, because);
        }
    }

    /** Gives spring back to over-soft and bleached hair, more the longer it is on; stiffens any that has just had it. */
    private static void protein(Wash wash, double minutes, Reading hair, Ledger ledger) {
        Double since = wash.hair().daysSinceProtein();
        if (since != null && since < PROTEIN_TOO_SOON_DAYS) {
            ledger.add(SOFTNESS, -PROTEIN_TOO_SOON_STIFFENS, "protein again too soon");
            ledger.add(DEFINITION, -PROTEIN_TOO_SOON_UNDEFINES, "protein again too soon");
        }
        double fed = 1 - Math.exp(-minutes / PROTEIN_MINUTES);
        boolean wants = hair.condition().contains(Condition.OVER_SOFT)
                || hair.condition().contains(Condition.BLEACHED);
        if (wants) {
            ledger.add(DEFINITION, PROTEIN_DEFINES * fed, "protein, spring given back");
            ledger.add(VOLUME, PROTEIN_DEFINES * fed, "protein, spring given back");
            ledger.add(DAYS, PROTEIN_DEFINES * fed, "protein, spring given back");
            ledger.add(SHRINKAGE, PROTEIN_SPRINGS * fed, "protein, spring given back");
        }
        ledger.add(SOFTNESS, -(wants ? PROTEIN_WANTED_STIFFENS : 1) * PROTEIN_STIFFENS * fed, "protein stiffens");
    }

    /** What was left by earlier washes dulls everything until something lifts it; what lifts it dries a little. */
    private static void residue(Wash wash, Reading hair, Ledger ledger) {
        List<Step> steps = wash.routine().steps();
        if (Boolean.TRUE.equals(wash.hair().buildUp()) && steps.stream().noneMatch(Washing::surelyLifts)) {
            ledger.add(DEFINITION, -RESIDUE, "build-up left in the hair");
            ledger.add(VOLUME, -RESIDUE, "build-up left in the hair");
            ledger.add(SOFTNESS, -RESIDUE / 2, "build-up left in the hair");
        }
        if (isClarified(steps)) {
            ledger.add(SOFTNESS, -CLARIFIER_DRIES * dryness(hair), "clarified");
        }
    }

    private static boolean isClarified(List<Step> steps) {
        for (Step step : steps) {
            if (step.action() == Action.CLARIFY) {
                return true;
            }
        }
        return false;
    }
}
