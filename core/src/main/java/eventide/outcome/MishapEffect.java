package eventide.outcome;

import static eventide.outcome.Constants.*;
import static eventide.outcome.DoingConstants.*;
import static eventide.wash.ScoreName.CLUMPING;
import static eventide.wash.ScoreName.DEFINITION;
import static eventide.wash.ScoreName.FRIZZ;
import static eventide.wash.ScoreName.HOLD;
import static eventide.wash.ScoreName.SOFTNESS;

import eventide.drying.Visit;
import eventide.drying.Wetness;
import eventide.hair.Reading;
import eventide.product.Cast;
import eventide.product.Product;
import eventide.routine.Action;
import eventide.wash.AirMet;
import eventide.wash.Clumps;
import eventide.wash.Features;
import eventide.wash.Layer;
import eventide.wash.TouchUp;
import eventide.wash.Wash;

/** What went against the water: touched too early, combed out, dried slowly in damp air, broken damp. */
final class MishapEffect implements Effect {
    @Override
    public void add(Wash wash, Features features, Reading hair, Ledger ledger) {
        boolean pulled = false;
        for (Visit visit : wash.stylingIn(ledger.zone())) {
            pulled |= Clumps.arePulledApart(wash, visit, ledger.zone());
        }
        if (features.touchesBeforeCast() > 0) {
            ledger.add(FRIZZ, TOUCH_FRIZZES, "touched before the cast had set");
            ledger.add(CLUMPING, -TOUCH_FRIZZES / 2, "touched before the cast had set");
            ledger.add(DEFINITION, -TOUCH_UNDEFINES, "touched before the cast had set");
        }
        if (pulled) {
            ledger.add(DEFINITION, -COMBED_OUT, "clumps combed out");
            ledger.add(CLUMPING, -COMBED_OUT, "clumps combed out");
            ledger.add(FRIZZ, COMBED_OUT / 2, "clumps combed out");
        }
        slowInAir(wash, features.minutesInAir(), ledger);
        weakInAir(wash, features.holdPutOn(), features.minutesInAir(), ledger);
        soaked(wash, ledger);
        if (features.hotUnguarded()) {
            unguarded(hair, ledger);
        }
        touchUp(wash, ledger);
        if (features.castBroken() && features.castSet()) {
            ledger.add(
                    FRIZZ,
                    DAMP_END_FRIZZES * Math.min(DAMP_END_AT_MOST, wetWhenBroken(wash)),
                    "cast broken on damp hair");
        }
    }

    /**
     * The longer it dries in damp air, the more it frizzes.
     *
     * @param minutes of drying in air alone
     */
    static void slowInAir(Wash wash, double minutes, Ledger ledger) {
        ledger.add(FRIZZ, Math.min(DAMP_AIR_AT_MOST, damp(wash, minutes)), "slow drying in damp air");
    }

    /** What slow drying in damp air comes to, in points of frizz. */
    private static double damp(Wash wash, double minutes) {
        return DAMP_AIR_FRIZZES_PER_HOUR * minutes / 60 * AirMet.dampness(wash);
    }

    /** A cast that dries slowly in damp air is a weak one [CP]; where there is less than a cast there is less to lose. */
    static void weakInAir(Wash wash, double put, double minutes, Ledger ledger) {
        if (put > 0) {
            double points = Math.min(DAMP_AIR_AT_MOST, damp(wash, minutes));
            double cast = Math.min(1, put / Cast.FROM_HOLD);
            ledger.add(DEFINITION, -DAMP_AIR_UNDEFINES * points * cast, "weak cast of damp air");
            ledger.add(HOLD, -Math.min(ledger.sum(HOLD), DAMP_AIR_LOOSENS * points), "weak cast of damp air");
        }
    }

    /** Hair wetted through again after its hold: a net loss of it [CP]. */
    private static void soaked(Wash wash, Ledger ledger) {
        boolean held = false;
        for (Visit visit : wash.stylingIn(ledger.zone())) {
            Product worn = visit.step().worn();
            held |= worn != null && worn.role().holds();
            boolean soaks =
                    visit.step().action() == Action.REWET || visit.step().action() == Action.SQUISH;
            if (held && soaks && visit.step().parts() == null) {
                ledger.add(HOLD, -Math.min(ledger.sum(HOLD), SOAKED_LOOSENS), "soaked after its hold");
                ledger.add(DEFINITION, -SOAKED_UNDEFINES, "soaked after its hold");
                ledger.add(FRIZZ, SOAKED_FRIZZES, "soaked after its hold");
                return;
            }
        }
    }

    /** Hot air on hair with nothing to guard it, worse where it is damaged [CP]. */
    private static void unguarded(Reading hair, Ledger ledger) {
        double worse = hair.isDamaged() ? DAMAGED_WORSE : 1;
        ledger.add(SOFTNESS, -UNGUARDED_ROUGHENS * worse, "hot air, unguarded");
        ledger.add(FRIZZ, UNGUARDED_FRIZZES * worse, "hot air, unguarded");
    }

    /** The one thing here that does good: a little more hold on frizz once the cast has set. */
    private static void touchUp(Wash wash, Ledger ledger) {
        for (Layer layer : wash.layersIn(ledger.zone())) {
            if (TouchUp.onFrizz(wash, layer)) {
                ledger.add(FRIZZ, -TOUCH_UP_CALMS_FRIZZ, "a little more hold on frizz");
                return;
            }
        }
    }

    /** Percent of water above dry that the wettest break of a cast met, 0 where all were dry. */
    private static double wetWhenBroken(Wash wash) {
        double wettest = 0;
        for (Visit visit : wash.course().visits()) {
            if (visit.step().action() == Action.BREAK_CAST) {
                double wet = DAMP_END_LENGTHS * visit.wetness() + (1 - DAMP_END_LENGTHS) * visit.rootsWetness();
                wettest = Math.max(wettest, wet - Wetness.DRY_BELOW);
            }
        }
        return wettest;
    }
}
