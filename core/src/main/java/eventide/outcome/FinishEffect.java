package eventide.outcome;

import static eventide.outcome.Constants.BREAK_LIFTS;
import static eventide.outcome.Constants.BREAK_SOFTENS;
import static eventide.outcome.Constants.CAST_FROM_HOLD;
import static eventide.outcome.Constants.HOLD_GUARDS;
import static eventide.outcome.Constants.HUMID_FRIZZES;
import static eventide.outcome.Constants.HUMID_FROM_C;
import static eventide.outcome.ScoreName.DAYS;
import static eventide.outcome.ScoreName.FRIZZ;
import static eventide.outcome.ScoreName.HOLD;
import static eventide.outcome.ScoreName.SOFTNESS;
import static eventide.outcome.ScoreName.VOLUME;

import eventide.check.Wash;
import eventide.drying.Visit;
import eventide.hair.Reading;
import eventide.hair.Zone;
import eventide.routine.Action;

/** What hold there is when it is done: the cast broken or left, and how it stands the air it is worn in. */
final class FinishEffect implements Effect {
    @Override
    public void add(Wash wash, Reading hair, Ledger ledger) {
        // A cast comes of what was put on; how well it holds, of what met its water.
        finish(isBroken(wash, ledger.zone()), ProductEffect.hold(wash, ledger.zone(), false), ledger);
        worn(wash, hair, ledger.sum(HOLD), ledger);
        refreshed(wash, ledger);
    }

    static void refreshed(Wash wash, Ledger ledger) {
        if (Boolean.TRUE.equals(wash.routine().dailyRefresh())) {
            ledger.add(DAYS, .8, "refreshed daily");
        }
    }

    static boolean isBroken(Wash wash, Zone zone) {
        for (Visit visit : wash.stylingIn(zone)) {
            if (visit.step().action() == Action.BREAK_CAST) {
                return true;
            }
        }
        return false;
    }

    static void finish(boolean broken, double hold, Ledger ledger) {
        if (hold < CAST_FROM_HOLD) {
            return;
        }
        if (broken) {
            ledger.add(SOFTNESS, BREAK_SOFTENS, "cast broken");
            ledger.add(VOLUME, BREAK_LIFTS, "cast broken");
        } else {
            ledger.add(SOFTNESS, -.5, "cast left");
            ledger.add(DAYS, .3, "cast left");
        }
    }

    /** The more dew, the more frizz; hold stands against it. */
    static void worn(Wash wash, Reading hair, double hold, Ledger ledger) {
        double over = Math.max(0, wash.air().wornDewPointC() - HUMID_FROM_C);
        double guard = Math.max(.2, 1 - HOLD_GUARDS * hold);
        ledger.add(
                FRIZZ, HUMID_FRIZZES * over * guard * (.8 + .6 * hair.pattern().tightness()), "humid air, worn");
    }
}
