package eventide.outcome;

import static eventide.outcome.Constants.COMBED_OUT;
import static eventide.outcome.Constants.DAMP_AIR_FRIZZES_PER_HOUR;
import static eventide.outcome.Constants.DAMP_END_FRIZZES;
import static eventide.outcome.Constants.TOUCH_FRIZZES;
import static eventide.outcome.ScoreName.CLUMPING;
import static eventide.outcome.ScoreName.DEFINITION;
import static eventide.outcome.ScoreName.FRIZZ;

import eventide.check.Clumps;
import eventide.check.Wash;
import eventide.drying.Visit;
import eventide.hair.Reading;
import eventide.routine.Action;
import eventide.routine.Step;

/** What went against the water: touched too early, combed out, dried slowly in damp air, broken damp. Never does a score any good. */
final class MishapEffect implements Effect {
    private static final double DAMP_ROOM_C = 13;

    @Override
    public void add(Wash wash, Reading hair, Ledger ledger) {
        double airHours = 0;
        boolean touched = false;
        boolean pulled = false;
        for (Visit visit : wash.course().visits()) {
            if (!visit.isIn(ledger.zone()) || visit.place().index() <= wash.lastRinse()) {
                continue;
            }
            if (visit.step().action() == Action.AIR) {
                airHours += visit.minutes() / 60;
            }
            pulled |= Clumps.arePulledApart(wash, visit);
            touched |= touches(visit.step())
                    && visit.startMinute() < wash.castMinute()
                    && visit.wetness() > 50
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
        double damp = Math.max(0, wash.air().dewPointC() - DAMP_ROOM_C);
        ledger.add(FRIZZ, Math.min(1.5, DAMP_AIR_FRIZZES_PER_HOUR * airHours * damp / 3), "slow drying in damp air");
        if (FinishEffect.isBroken(wash, ledger.zone())
                && ProductEffect.hold(wash, ledger.zone(), false) >= Constants.CAST_FROM_HOLD) {
            ledger.add(FRIZZ, DAMP_END_FRIZZES * Math.min(30, wetWhenBroken(wash)), "cast broken on damp hair");
        }
    }

    private static boolean touches(Step step) {
        return step.action() == Action.CUP || step.action() == Action.SCRUNCH || step.action() == Action.FLUFF;
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
                        .mapToDouble(v -> .8 * v.wetness() + .2 * v.rootsWetness() - 2)
                        .max()
                        .orElse(0));
    }
}
