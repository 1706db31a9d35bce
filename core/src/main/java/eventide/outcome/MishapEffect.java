package eventide.outcome;

import static eventide.outcome.Constants.*;
import static eventide.outcome.ScoreName.CLUMPING;
import static eventide.outcome.ScoreName.DEFINITION;
import static eventide.outcome.ScoreName.FRIZZ;

import eventide.check.Clumps;
import eventide.check.Wash;
import eventide.drying.Visit;
import eventide.drying.Wetness;
import eventide.hair.Reading;
import eventide.product.Cast;
import eventide.routine.Action;
import eventide.routine.Step;

/** What went against the water: touched too early, combed out, dried slowly in damp air, broken damp. Never does a score any good. */
final class MishapEffect implements Effect {
    @Override
    public void add(Wash wash, Reading hair, Ledger ledger) {
        boolean hasCast = ProductEffect.strongestHold(wash, ledger.zone()) >= TOUCHED_FROM_HOLD;
        boolean touched = false;
        boolean pulled = false;
        for (Visit visit : wash.stylingIn(ledger.zone())) {
            pulled |= Clumps.arePulledApart(wash, visit);
            touched |= hasCast
                    && touches(wash, visit.step())
                    && visit.startMinute() < wash.castMinute()
                    && visit.wetness() > TOUCHED_ABOVE_PERCENT
                    && dryingBegan(wash, visit);
        }
        if (touched) {
            ledger.add(FRIZZ, TOUCH_FRIZZES, "touched before the cast had set");
            ledger.add(CLUMPING, -TOUCH_FRIZZES / 2, "touched before the cast had set");
        }
        if (pulled) {
            ledger.add(DEFINITION, -COMBED_OUT, "clumps combed out");
            ledger.add(CLUMPING, -COMBED_OUT, "clumps combed out");
            ledger.add(FRIZZ, COMBED_OUT / 2, "clumps combed out");
        }
        slowInAir(wash, 1, ledger);
        if (FinishEffect.isBroken(wash, ledger.zone())
                && Cast.isSetBy(ProductEffect.hold(wash, ledger.zone(), false))) {
            ledger.add(
                    FRIZZ,
                    DAMP_END_FRIZZES * Math.min(DAMP_END_AT_MOST, wetWhenBroken(wash)),
                    "cast broken on damp hair");
        }
    }

    /**
     * The longer it dries in damp air, the more it frizzes.
     *
     * @param part of its time in air that counts, 0 to 1
     */
    static void slowInAir(Wash wash, double part, Ledger ledger) {
        double minutes = 0;
        for (Visit visit : wash.stylingIn(ledger.zone())) {
            minutes += visit.step().action() == Action.AIR ? visit.minutes() : 0;
        }
        double damp = Math.max(0, wash.air().dewPointC() - DAMP_AIR_FROM_C);
        double points = DAMP_AIR_FRIZZES_PER_HOUR * part * minutes / 60 * damp;
        ledger.add(FRIZZ, Math.min(DAMP_AIR_AT_MOST, points), "slow drying in damp air");
    }

    /** A school that cups from the start touches nothing else. */
    private static boolean touches(Wash wash, Step step) {
        return step.action() == Action.CUP && !wash.schools().cupsFromStart()
                || step.action() == Action.SCRUNCH
                || step.action() == Action.FLUFF;
    }

    private static boolean dryingBegan(Wash wash, Visit visit) {
        return visit.step().action() == Action.CUP
                || wash.course().visits().stream()
                        .anyMatch(v -> v.step().action().isDrying() && v.endMinute() <= visit.startMinute());
    }

    private static double wetWhenBroken(Wash wash) {
        return Math.max(
                0,
                wash.course().visits().stream()
                        .filter(v -> v.step().action() == Action.BREAK_CAST)
                        .mapToDouble(v -> DAMP_END_LENGTHS * v.wetness()
                                + (1 - DAMP_END_LENGTHS) * v.rootsWetness()
                                - Wetness.DRY_BELOW)
                        .max()
                        .orElse(0));
    }
}
