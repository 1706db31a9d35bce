package eventide.outcome;

import static eventide.outcome.Constants.*;
import static eventide.outcome.DoingConstants.*;
import static eventide.wash.ScoreName.DAYS;
import static eventide.wash.ScoreName.DEFINITION;
import static eventide.wash.ScoreName.FRIZZ;
import static eventide.wash.ScoreName.HOLD;
import static eventide.wash.ScoreName.SOFTNESS;
import static eventide.wash.ScoreName.VOLUME;

import eventide.hair.Reading;
import eventide.product.Cast;
import eventide.routine.NightCare;
import eventide.wash.Features;
import eventide.wash.Wash;

/** What hold there is when it is done: the cast broken or left, and how it stands the air it is worn in. */
final class FinishEffect implements Effect {
    @Override
    public void add(Wash wash, Features features, Reading hair, Ledger ledger) {
        // A cast comes of what was put on; how well it holds, of what met its water.
        stylers(
                wash,
                features.castBroken(),
                features.holdPutOn(),
                features.filmFormers(),
                features.drawn(),
                hair,
                ledger);
        air(wash, hair, ledger);
        kept(wash, ledger);
    }

    /**
     * What becomes of the stylers themselves: their cast, and how they stand the air.
     *
     * @param put hold that was put on
     * @param films of their labels, 0 to 1
     * @param drawn what their humectants draw, 0 to 1
     */
    static void stylers(
            Wash wash, boolean broken, double put, double films, double drawn, Reading hair, Ledger ledger) {
        finish(broken, put, ledger);
        double left = Cast.isSetBy(put) && !broken ? 1 - CAST_KEEPS_OUT : 1;
        double label = 1 - FILM_GUARDS * films + HUMECTANTS_DRAW * drawn;
        worn(wash.wornDewPointC(), hair, ledger.sum(HOLD), label * left, ledger);
        ledger.add(FRIZZ, FROST_FRIZZES * frost(wash) * drawn, "frost draws water out through humectants");
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

    /**
     * A cast, where hold sets one: stiff while it is on, soft and fuller once it is broken.
     *
     * @param hold as it was put on, 0 to 10
     */
    static void finish(boolean broken, double hold, Ledger ledger) {
        if (!Cast.isSetBy(hold)) {
            return;
        }
        if (broken) {
            ledger.add(SOFTNESS, BREAK_SOFTENS, "cast broken");
            ledger.add(VOLUME, BREAK_LIFTS, "cast broken");
            ledger.add(DEFINITION, -BREAK_UNDEFINES, "cast broken");
        } else {
            ledger.add(SOFTNESS, -CAST_STIFFENS, "cast left");
            ledger.add(DAYS, CAST_LASTS_DAYS, "cast left");
        }
    }

    /** What the air it is worn in does to any hair: it swells and tires where it is humid, and dries out in frost. */
    static void air(Wash wash, Reading hair, Ledger ledger) {
        double over = Math.min(HUMID_AT_MOST_C, Math.max(0, wash.wornDewPointC() - HUMID_FROM_C));
        double feels = LOOSE_HUMID + TIGHT_HUMID * hair.pattern().tightness();
        ledger.add(VOLUME, HUMID_LIFTS * over * feels, "humid air, swollen");
        ledger.add(DAYS, -HUMID_SHORTENS * over, "humid air, worn");
        ledger.add(HOLD, -Math.min(ledger.sum(HOLD), HUMID_LOOSENS * over), "humid air, worn");
        ledger.add(SOFTNESS, -FROST_DRIES * frost(wash), "frost dries it out");
    }

    /** °C of dew point below where air is dry. */
    private static double frost(Wash wash) {
        return Math.min(FROST_AT_MOST_C, Math.max(0, DRY_BELOW_C - wash.driestDewPointC()));
    }

    /**
     * The more dew, the more frizz; hold stands against it.
     *
     * @param met what labels and a cast that is left make of it: 1 nothing, less under film formers or a cast, more under
     *     humectants alone
     */
    static void worn(double dewPointC, Reading hair, double hold, double met, Ledger ledger) {
        double over = Math.max(0, dewPointC - HUMID_FROM_C);
        double guard = Math.max(HUMID_AT_LEAST, 1 - HOLD_GUARDS * hold);
        ledger.add(
                FRIZZ,
                HUMID_FRIZZES
                        * over
                        * guard
                        * met
                        * (LOOSE_HUMID + TIGHT_HUMID * hair.pattern().tightness()),
                "humid air, worn");
    }
}
