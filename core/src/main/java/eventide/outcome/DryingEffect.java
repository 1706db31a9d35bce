package eventide.outcome;

import static eventide.outcome.Constants.*;
import static eventide.outcome.DoingConstants.*;
import static eventide.wash.ScoreName.*;

import eventide.drying.Visit;
import eventide.hair.Reading;
import eventide.hair.Zone;
import eventide.routine.Action;
import eventide.routine.Heat;
import eventide.routine.Step;
import eventide.wash.Features;
import eventide.wash.Wash;

/** How it dried, as far as the steps themselves say it. */
final class DryingEffect implements Effect {
    /** What a wetter wash may have besides: a dryer that finds this one dry has nothing to lift. */
    static void wetter(Wash wash, Ledger ledger) {
        boolean any = false;
        boolean blown = false;
        for (Visit visit : wash.course().visits()) {
            if (visit.step().action().isDryer() && visit.isIn(ledger.zone())) {
                any = true;
                blown |= isBlown(visit);
            }
        }
        if (any && !blown) {
            ledger.add(VOLUME, DRYER_LIFTS, "diffused");
        }
    }

    private static boolean isBlown(Visit visit) {
        return visit.step().action().isDryer() && visit.minutes() > 1;
    }

    /** How far roots have set standing after some minutes in clips, 0 to 1. */
    private static double setBy(double minutes) {
        return Math.max(0, Math.min(1, (minutes - CLIPPED_FROM) / (CLIPPED_MINUTES - CLIPPED_FROM)));
    }

    /**
     * From a clip to when it is taken out, or to the end.
     *
     * @return minutes
     */
    private static double minutesClipped(Wash wash, Visit clip, Zone zone) {
        for (Visit visit : wash.stylingIn(zone)) {
            if (visit.step().action() == Action.UNCLIP && visit.startMinute() >= clip.endMinute() - 1e-9) {
                return visit.startMinute() - clip.endMinute();
            }
        }
        return wash.course().minutes() - clip.endMinute();
    }

    @Override
    public void add(Wash wash, Features features, Reading hair, Ledger ledger) {
        boolean blown = false;
        boolean hot = false;
        double clipped = 0;
        boolean warm = false;
        for (Visit visit : wash.stylingIn(ledger.zone())) {
            Step step = visit.step();
            blown |= isBlown(visit);
            hot |= step.action().isDryer() && step.heat() == Heat.HOT && step.action() != Action.HOVER;
            if (step.action().isDryer()) {
                warm = step.heat() != Heat.COOL;
            } else if (step.action() == Action.AIR && visit.minutes() > 0) {
                warm = false;
            }
            clipped = step.action() == Action.CLIP_ROOTS
                    ? Math.max(clipped, setBy(minutesClipped(wash, visit, ledger.zone())))
                    : clipped;
        }
        if (blown) {
            ledger.add(VOLUME, DRYER_LIFTS, "diffused");
            ledger.add(SHRINKAGE, DRYER_SHRINKS, "diffused");
        }
        if (features.tension()) {
            ledger.add(SHRINKAGE, -TENSION_LENGTHENS * hair.shrinkage() * 100, "dried under tension");
            ledger.add(VOLUME, STRETCH_LIFTS, "dried under tension");
            ledger.add(DEFINITION, -STRETCH_UNDEFINES, "dried under tension");
        }
        if (warm && blown) {
            ledger.add(DAYS, -NO_COOL_DROPS_DAYS, "no cool finish");
            ledger.add(FRIZZ, NO_COOL_FRIZZES, "no cool finish");
        }
        if (hot) {
            ledger.add(SOFTNESS, -HOT_ROUGHENS, "hot air in contact");
            ledger.add(FRIZZ, HOT_ROUGHENS / 2, "hot air in contact");
        }
        if (clipped > 0 && (ledger.zone() == Zone.CROWN || ledger.zone() == Zone.HAIRLINE)) {
            ledger.add(VOLUME, CLIPS_LIFT * clipped, "root clips");
        }
    }
}
