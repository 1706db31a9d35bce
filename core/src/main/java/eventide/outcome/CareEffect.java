package eventide.outcome;

import static eventide.outcome.Constants.*;
import static eventide.outcome.ScoreName.*;

import eventide.check.Wash;
import eventide.check.Washing;
import eventide.hair.Condition;
import eventide.hair.Porosity;
import eventide.hair.Reading;
import eventide.hair.Strand;
import eventide.routine.Action;
import eventide.routine.Step;
import java.util.List;

/** What is done before styling: moisture and protein given, residue left or taken off. Directions [CP], sizes [OURS]. */
final class CareEffect implements Effect {
    @Override
    public void add(Wash wash, Reading hair, Ledger ledger) {
        List<Step> steps = wash.routine().steps();
        boolean washed = false;
        for (int i = 0; i < steps.size(); i++) {
            Step step = steps.get(i);
            boolean here = step.zonesOrAll().contains(ledger.zone());
            if (here && step.isProtein() && takesTime(step)) {
                protein(Washing.minutesWorked(wash, i), hair, ledger);
            } else if (here && step.action() == Action.MASK) {
                boolean stays =
                        washed && steps.subList(i, steps.size()).stream().noneMatch(CareEffect::washes);
                mask(Washing.minutesWorked(wash, i), stays, hair, ledger);
            }
            washed |= washes(step);
        }
        residue(wash, hair, ledger);
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
        }
    }

    private static double dryness(Reading hair) {
        double dry = CARE_ANY_DRY;
        dry += hair.porosity() == Porosity.HIGH ? CARE_POROUS_DRY : 0;
        dry += hair.strand() == Strand.COARSE ? CARE_COARSE_DRY : 0;
        dry += hair.isDamaged() ? CARE_DAMAGED_DRY : 0;
        return Math.min(1, dry);
    }

    private static void protein(double minutes, Reading hair, Ledger ledger) {
        double fed = 1 - Math.exp(-minutes / PROTEIN_MINUTES);
        boolean wants = hair.condition().contains(Condition.OVER_SOFT)
                || hair.condition().contains(Condition.BLEACHED);
        if (wants) {
            ledger.add(DEFINITION, PROTEIN_DEFINES * fed, "protein, spring given back");
            ledger.add(VOLUME, PROTEIN_DEFINES * fed, "protein, spring given back");
            ledger.add(DAYS, PROTEIN_DEFINES * fed, "protein, spring given back");
        }
        ledger.add(SOFTNESS, -(wants ? PROTEIN_WANTED_STIFFENS : 1) * PROTEIN_STIFFENS * fed, "protein stiffens");
    }

    private static void residue(Wash wash, Reading hair, Ledger ledger) {
        boolean lifted = wash.routine().steps().stream().anyMatch(Washing::surelyLifts);
        if (Boolean.TRUE.equals(wash.hair().buildUp()) && !lifted) {
            ledger.add(DEFINITION, -RESIDUE, "build-up left in the hair");
            ledger.add(VOLUME, -RESIDUE, "build-up left in the hair");
            ledger.add(SOFTNESS, -RESIDUE / 2, "build-up left in the hair");
        }
        boolean stripped = wash.routine().steps().stream().anyMatch(step -> step.action() == Action.CLARIFY);
        if (stripped) {
            ledger.add(SOFTNESS, -CLARIFIER_DRIES * dryness(hair), "clarified");
        }
    }
}
