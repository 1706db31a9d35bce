package eventide.outcome;

import static eventide.outcome.Constants.*;
import static eventide.outcome.ScoreName.*;

import eventide.check.Wash;
import eventide.drying.Visit;
import eventide.hair.Reading;
import eventide.hair.Zone;
import eventide.routine.Action;
import eventide.routine.Heat;
import eventide.routine.Step;

/** How it dried, what touched it meanwhile, how it was finished, and the air it is worn in. */
final class DryingEffect implements Effect {
    private static final double DAMP_ROOM_C = 13;

    @Override
    public void add(Wash wash, Reading hair, Ledger ledger) {
        double airHours = 0;
        boolean blown = false;
        boolean hot = false;
        boolean clipped = false;
        boolean touched = false;
        boolean broken = false;
        for (Visit visit : wash.course().visits()) {
            Step step = visit.step();
            if (!visit.zones().contains(ledger.zone())
                    || visit.place().index() <= wash.routine().lastRinse()) {
                continue;
            }
            blown |= step.action().isDryer() && visit.minutes() > 1;
            hot |= step.action().isDryer() && step.heat() == Heat.HOT && step.action() != Action.HOVER;
            clipped |= step.action() == Action.CLIP_ROOTS;
            broken |= step.action() == Action.BREAK_CAST;
            if (step.action() == Action.AIR) {
                airHours += visit.minutes() / 60;
            }
            touched |= touches(step)
                    && visit.startMinute() < wash.castMinute()
                    && visit.wetness() > 50
                    && dryingBegan(wash, visit);
        }
        if (blown) {
            ledger.add(VOLUME, DRYER_LIFTS, "diffused");
            ledger.add(SHRINKAGE, 2, "diffused");
        }
        if (hot) {
            ledger.add(SOFTNESS, -HOT_ROUGHENS, "hot air in contact");
            ledger.add(FRIZZ, HOT_ROUGHENS / 2, "hot air in contact");
        }
        if (clipped && (ledger.zone() == Zone.CROWN || ledger.zone() == Zone.HAIRLINE)) {
            ledger.add(VOLUME, CLIPS_LIFT, "root clips");
        }
        if (touched) {
            ledger.add(FRIZZ, TOUCH_FRIZZES, "touched before the cast had set");
            ledger.add(CLUMPING, -TOUCH_FRIZZES / 2, "touched before the cast had set");
        }
        double damp = Math.max(0, wash.air().dewPointC() - DAMP_ROOM_C);
        ledger.add(FRIZZ, Math.min(1.5, DAMP_AIR_FRIZZES_PER_HOUR * airHours * damp / 3), "slow drying in damp air");
        finish(wash, broken, ledger);
        worn(wash, hair, ledger);
    }

    private static boolean touches(Step step) {
        return step.action() == Action.CUP || step.action() == Action.SCRUNCH || step.action() == Action.FLUFF;
    }

    private static boolean dryingBegan(Wash wash, Visit visit) {
        return visit.step().action() == Action.CUP
                || wash.course().visits().stream()
                        .anyMatch(v -> v.step().action().isDrying() && v.endMinute() <= visit.startMinute());
    }

    private static void finish(Wash wash, boolean broken, Ledger ledger) {
        double hold = ledger.sum(HOLD);
        if (broken && hold >= CAST_FROM_HOLD) {
            ledger.add(SOFTNESS, BREAK_SOFTENS, "cast broken");
            ledger.add(VOLUME, BREAK_LIFTS, "cast broken");
            double wet = Math.max(wetWhenBroken(wash), 0);
            ledger.add(FRIZZ, DAMP_END_FRIZZES * Math.min(30, wet), "cast broken on damp hair");
        } else if (hold >= CAST_FROM_HOLD) {
            ledger.add(SOFTNESS, -.5, "cast left");
            ledger.add(DAYS, .3, "cast left");
        }
    }

    private static double wetWhenBroken(Wash wash) {
        return wash.course().visits().stream()
                .filter(v -> v.step().action() == Action.BREAK_CAST)
                .mapToDouble(v -> .8 * v.wetness() + .2 * v.rootsWetness() - 2)
                .max()
                .orElse(0);
    }

    /** The more dew, the more frizz; hold stands against it. */
    private static void worn(Wash wash, Reading hair, Ledger ledger) {
        double over = Math.max(0, wash.air().wornDewPointC() - HUMID_FROM_C);
        double guard = Math.max(.2, 1 - HOLD_GUARDS * ledger.sum(HOLD));
        ledger.add(
                FRIZZ, HUMID_FRIZZES * over * guard * (.8 + .6 * hair.pattern().tightness()), "humid air, worn");
        if (wash.routine().dailyRefresh() != null && wash.routine().dailyRefresh()) {
            ledger.add(DAYS, .8, "refreshed daily");
        }
    }
}
