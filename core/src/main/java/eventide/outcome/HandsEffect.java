package eventide.outcome;

import static eventide.outcome.Constants.*;
import static eventide.outcome.ScoreName.*;

import eventide.check.Wash;
import eventide.hair.Reading;
import eventide.hair.Zone;
import eventide.routine.Action;
import eventide.routine.BrushDirection;
import eventide.routine.Extent;
import eventide.routine.Position;
import eventide.routine.Step;
import eventide.routine.StepPlace;
import eventide.routine.Technique;

/** What hands do: sections, shaping, scrunches, lifting. */
final class HandsEffect implements Effect {
    @Override
    public void add(Wash wash, Reading hair, Ledger ledger) {
        int most = 1;
        int scrunches = 0;
        boolean lifted = false;
        boolean upsideDown = false;
        for (StepPlace place : wash.places()) {
            Step step = wash.routine().at(place);
            if (place.index() <= wash.lastRinse() || !wash.reaches(place, ledger.zone())) {
                continue;
            }
            Step frame = wash.routine().steps().get(place.index());
            most = Math.max(most, place.isInner() ? frame.sectionsOrOne() : step.sectionsOrOne());
            shape(step, hair, ledger);
            boolean scrunch = step.action() == Action.SCRUNCH
                    || (step.action() == Action.APPLY && step.technique() == Technique.SCRUNCH);
            if (scrunch) {
                scrunches += step.count() == null ? (hair.pattern().isTight() ? 2 : 6) : step.count();
            }
            lifted |= step.action() == Action.LIFT_ROOTS || step.action() == Action.SHAKE_ROOTS;
            upsideDown |= step.isIn(Position.UPSIDE_DOWN);
        }
        sections(most, ledger);
        scrunches(scrunches, hair, ledger);
        if (lifted) {
            ledger.add(VOLUME, LIFT_LIFTS, "roots lifted and shaken");
        }
        if (upsideDown) {
            ledger.add(VOLUME, UPSIDE_DOWN_LIFTS, "worked upside down");
            if (!lifted && ledger.zone() == Zone.CROWN) {
                ledger.add(FRIZZ, UPSIDE_DOWN_FRIZZES_CROWN, "upside down, roots not lifted");
            }
        }
    }

    /** Smaller pieces: more definition, less volume, longer lasting [CP]. */
    static void sections(int most, Ledger ledger) {
        double sections = Math.log(most);
        String because = most + " sections";
        ledger.add(DEFINITION, SECTIONS_DEFINE * sections, because);
        ledger.add(VOLUME, -SECTIONS_FLATTEN * sections, because);
        ledger.add(DAYS, SECTIONS_LAST_DAYS * sections, because);
    }

    private static void shape(Step step, Reading hair, Ledger ledger) {
        double takes = hair.pattern().isStraight() ? .3 : 1;
        switch (step.action()) {
            case BRUSH_STYLE -> {
                ledger.add(DEFINITION, 1.2 * takes, "brush-styled");
                ledger.add(CLUMPING, 1.2 * takes, "brush-styled");
                ledger.add(FRIZZ, -.5, "brush-styled");
                boolean down = step.brushDirection() == BrushDirection.DOWN;
                ledger.add(
                        VOLUME,
                        down ? -.9 : step.brushDirection() == BrushDirection.UP_AND_OUT ? .8 : 0,
                        down ? "brushed down" : "brushed up and out");
            }
            case COIL -> {
                boolean ends = step.extent() == Extent.MID_TO_ENDS;
                ledger.add(DEFINITION, (ends ? 1.2 : 1.6) * takes, "finger-coiled");
                ledger.add(CLUMPING, (ends ? 1.1 : 1.5) * takes, "finger-coiled");
                ledger.add(FRIZZ, -.8, "finger-coiled");
                ledger.add(VOLUME, ends ? -.1 : -.5, "finger-coiled");
                ledger.add(DAYS, .6, "finger-coiled");
            }
            case SHINGLE -> {
                ledger.add(DEFINITION, 2.0 * takes, "every curl by hand");
                ledger.add(CLUMPING, 1.6 * takes, "every curl by hand");
                ledger.add(FRIZZ, -1, "every curl by hand");
                ledger.add(VOLUME, -.6, "every curl by hand");
                ledger.add(DAYS, .8, "every curl by hand");
            }
            case SMOOTH -> {
                ledger.add(DEFINITION, .7 * takes, "smoothed root to tip");
                ledger.add(CLUMPING, .6 * takes, "smoothed root to tip");
                ledger.add(FRIZZ, -.6, "smoothed root to tip");
            }
            case TWIST -> ledger.add(DEFINITION, .6 * takes, "twisted");
            case DIVIDE_CLUMPS, FLUFF -> {
                ledger.add(VOLUME, .6, step.action() == Action.FLUFF ? "fluffed" : "clumps divided");
                ledger.add(CLUMPING, -.3, step.action() == Action.FLUFF ? "fluffed" : "clumps divided");
                ledger.add(FRIZZ, .25, step.action() == Action.FLUFF ? "fluffed" : "clumps divided");
            }
            case PICK -> {
                ledger.add(VOLUME, .8, "picked at the root");
                ledger.add(FRIZZ, .3, "picked at the root");
            }
            case STRETCH -> ledger.add(SHRINKAGE, -.18 * hair.shrinkage() * 100, "roots stretched");
            case PRESS -> ledger.add(CLUMPING, .3 * takes, "pressed");
            default -> {
                // no shape of its own
            }
        }
    }

    private static void scrunches(int count, Reading hair, Ledger ledger) {
        if (count == 0) {
            return;
        }
        int most = hair.pattern().isWavy() || hair.pattern().isStraight() ? 20 : 3;
        double within = Math.min(count, most) / (double) most;
        ledger.add(VOLUME, .6 * within, "scrunched");
        ledger.add(CLUMPING, (hair.pattern().isWavy() ? 1.0 : .3) * within, "scrunched");
        ledger.add(DEFINITION, (hair.pattern().isWavy() ? .9 : .2) * within, "scrunched");
        ledger.add(SHRINKAGE, 2.5 * within, "scrunched");
        int over = Math.max(0, count - most);
        double spoiled = 1 - Math.exp(-over / 8.0);
        ledger.add(FRIZZ, 1.8 * spoiled, "scrunched past the pattern's count");
        ledger.add(SHRINKAGE, 4 * spoiled, "scrunched past the pattern's count");
    }
}
