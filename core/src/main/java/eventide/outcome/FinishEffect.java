package eventide.outcome;

import static eventide.outcome.Constants.*;
import static eventide.outcome.ScoreName.DAYS;
import static eventide.outcome.ScoreName.FRIZZ;
import static eventide.outcome.ScoreName.HOLD;
import static eventide.outcome.ScoreName.SOFTNESS;
import static eventide.outcome.ScoreName.VOLUME;

import eventide.check.Wash;
import eventide.drying.Visit;
import eventide.hair.Reading;
import eventide.hair.Zone;
import eventide.product.Cast;
import eventide.routine.Action;
import eventide.routine.NightCare;

/** What hold there is when it is done: the cast broken or left, and how it stands the air it is worn in. */
final class FinishEffect implements Effect {
    @Override
    public void add(Wash wash, Reading hair, Ledger ledger) {
        // A cast comes of what was put on; how well it holds, of what met its water.
        finish(isBroken(wash, ledger.zone()), ProductEffect.hold(wash, ledger.zone(), false), ledger);
        worn(wash.air().wornDewPointC(), hair, ledger.sum(HOLD), ledger);
        kept(wash, ledger);
    }

    /** From day to day: in the mornings and overnight. */
    static void kept(Wash wash, Ledger ledger) {
        if (wash.routine().isRefreshedDaily()) {
            ledger.add(DAYS, REFRESH_LASTS_DAYS, "refreshed daily");
        }
        NightCare night = wash.routine().night();
        if (night == null || night == NightCare.NONE) {
            return;
        }
        if (night == NightCare.PINEAPPLE && night.suits(wash.hair())) {
            ledger.add(DAYS, PINEAPPLE_LASTS_DAYS, "gathered loosely and slept on satin");
        } else {
            ledger.add(DAYS, SATIN_LASTS_DAYS, "slept on satin");
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
        if (!Cast.isSetBy(hold)) {
            return;
        }
        if (broken) {
            ledger.add(SOFTNESS, BREAK_SOFTENS, "cast broken");
            ledger.add(VOLUME, BREAK_LIFTS, "cast broken");
        } else {
            ledger.add(SOFTNESS, -CAST_STIFFENS, "cast left");
            ledger.add(DAYS, CAST_LASTS_DAYS, "cast left");
        }
    }

    /** The more dew, the more frizz; hold stands against it. */
    static void worn(double dewPointC, Reading hair, double hold, Ledger ledger) {
        double over = Math.max(0, dewPointC - HUMID_FROM_C);
        double guard = Math.max(HUMID_AT_LEAST, 1 - HOLD_GUARDS * hold);
        ledger.add(
                FRIZZ,
                HUMID_FRIZZES
                        * over
                        * guard
                        * (LOOSE_HUMID + TIGHT_HUMID * hair.pattern().tightness()),
                "humid air, worn");
    }
}
