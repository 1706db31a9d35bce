package eventide.outcome;

import static eventide.outcome.Constants.*;
import static eventide.outcome.DoingConstants.*;
import static eventide.wash.ScoreName.*;

import eventide.hair.Reading;
import eventide.hair.Zone;
import eventide.routine.Action;
import eventide.routine.BrushDirection;
import eventide.routine.Extent;
import eventide.routine.Part;
import eventide.routine.Position;
import eventide.routine.Step;
import eventide.routine.StepPlace;
import eventide.routine.Tool;
import eventide.wash.Features;
import eventide.wash.Scrunches;
import eventide.wash.Wash;
import java.util.EnumMap;
import java.util.Map;

/** What hands do: sections, shaping, scrunches, lifting. */
final class HandsEffect implements Effect {
    @Override
    public void add(Wash wash, Features features, Reading hair, Ledger ledger) {
        boolean lifted = false;
        boolean upsideDown = false;
        boolean brushed = false;
        for (StepPlace place : wash.places()) {
            Step step = wash.routine().at(place);
            if (place.index() <= wash.lastRinse() || !wash.reaches(place, ledger.zone())) {
                continue;
            }
            shape(step, hair, ledger);
            cloth(step, ledger);
            if (step.action() == Action.SET_PART) {
                parts(ledger);
            }
            boolean scrunch = Scrunches.isScrunch(step);
            if (scrunch) {
                undoesBrush(brushed, hair, ledger);
            }
            brushed = brushed && !scrunch || step.action() == Action.BRUSH_STYLE;
            lifted |= step.action() == Action.LIFT_ROOTS || step.action() == Action.SHAKE_ROOTS;
            upsideDown |= step.isIn(Position.UPSIDE_DOWN);
        }
        sections(features.sections(), ledger);
        scrunches(features.scrunches(), hair, ledger);
        roots(features.rootsFree(), ledger);
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

    /** Hair sets as it lies wet: along a line it lies flat [CP]. */
    private static void parts(Ledger ledger) {
        boolean top = ledger.zone() == Zone.CROWN || ledger.zone() == Zone.HAIRLINE;
        ledger.add(VOLUME, -(top ? PART_FLATTENS_TOP : PART_FLATTENS), "parted in a line");
    }

    /** Scrunching takes apart what a brush has laid, on curls and coils; waves bear it [CP]. */
    private static void undoesBrush(boolean brushed, Reading hair, Ledger ledger) {
        if (brushed && !hair.pattern().isWavy() && !hair.pattern().isStraight()) {
            ledger.add(CLUMPING, -SCRUNCHED_AFTER_BRUSH, "scrunched after the brush");
        }
    }

    /** What hair is dried off with: rubbed it frizzes, plopped it sets as it lies. */
    private static void cloth(Step step, Ledger ledger) {
        if (step.tool() == Tool.ROUGH_TOWEL) {
            ledger.add(FRIZZ, ROUGH_TOWEL_FRIZZES, "rough towel");
            ledger.add(CLUMPING, -ROUGH_TOWEL_UNCLUMPS, "rough towel");
        }
        if (step.action() == Action.PLOP) {
            ledger.add(VOLUME, -PLOP_FLATTENS, "plopped");
            ledger.add(CLUMPING, PLOP_CLUMPS, "plopped");
        }
    }

    /** Roots that no styler is on stand by themselves, and nothing weighs them down [CP]. */
    private static void roots(double free, Ledger ledger) {
        ledger.add(VOLUME, FREE_ROOTS_LIFT * free, "roots left free");
        ledger.add(DAYS, FREE_ROOTS_LAST_DAYS * free, "roots left free");
        ledger.add(DEFINITION, -FREE_ROOTS_UNDEFINE * free, "roots left free");
    }

    /** Smaller pieces: more definition, less volume, longer lasting [CP]. */
    static void sections(int most, Ledger ledger) {
        double sections = Math.log(most);
        String because = ledger.isExplained() ? most + " sections" : "";
        ledger.add(DEFINITION, SECTIONS_DEFINE * sections, because);
        ledger.add(VOLUME, -SECTIONS_FLATTEN * sections, because);
        ledger.add(DAYS, SECTIONS_LAST_DAYS * sections, because);
    }

    /** What an action's hands do to the result; {@code takes} is how much of a shape the hair takes, a ratio. */
    private interface Shaped {
        void add(Step step, Reading hair, double takes, Ledger ledger);
    }

    /** By action; what is not here leaves no shape of its own. */
    private static final Map<Action, Shaped> SHAPES = new EnumMap<>(Map.of(
            Action.BRUSH_STYLE,
            HandsEffect::brushed,
            Action.COIL,
            HandsEffect::coiled,
            Action.SHINGLE,
            HandsEffect::shingled,
            Action.SMOOTH,
            HandsEffect::smoothed,
            Action.TWIST,
            (step, hair, takes, ledger) -> ledger.add(DEFINITION, TWIST_DEFINES * takes, "twisted"),
            Action.PRESS,
            (step, hair, takes, ledger) -> ledger.add(CLUMPING, PRESS_CLUMPS * takes, "pressed"),
            Action.DIVIDE_CLUMPS,
            (step, hair, takes, ledger) -> opened("clumps divided", ledger),
            Action.FLUFF,
            (step, hair, takes, ledger) -> opened("fluffed", ledger),
            Action.PICK,
            (step, hair, takes, ledger) -> picks(step, ledger),
            Action.STRETCH,
            HandsEffect::stretched));

    /** What hands do as they shape, nothing of an action that leaves no shape. */
    private static void shape(Step step, Reading hair, Ledger ledger) {
        Shaped shaped = SHAPES.get(step.action());
        if (shaped != null) {
            shaped.add(step, hair, takes(hair), ledger);
        }
    }

    /**
     * Straight hair takes little of a shape.
     *
     * @return a factor from 0 to 1
     */
    private static double takes(Reading hair) {
        return hair.pattern().isStraight() ? STRAIGHT_TAKES : 1;
    }

    /** Ribbons of a brush: which way it turns out decides whether roots stand or lie. */
    private static void brushed(Step step, Reading hair, double takes, Ledger ledger) {
        ledger.add(DEFINITION, BRUSH_DEFINES * takes, "brush-styled");
        ledger.add(CLUMPING, BRUSH_DEFINES * takes, "brush-styled");
        ledger.add(FRIZZ, -BRUSH_CALMS_FRIZZ, "brush-styled");
        boolean down = step.brushDirection() == BrushDirection.DOWN;
        ledger.add(
                VOLUME,
                down ? -BRUSH_DOWN_FLATTENS : step.brushDirection() == BrushDirection.UP_AND_OUT ? BRUSH_UP_LIFTS : 0,
                down ? "brushed down" : "brushed up and out");
    }

    /** The most definition hands give, and the most length they take; coiled from the middle down it is less of both. */
    private static void coiled(Step step, Reading hair, double takes, Ledger ledger) {
        boolean ends = step.extent() == Extent.MID_TO_ENDS;
        ledger.add(DEFINITION, (ends ? COILED_ENDS_DEFINE : COIL_DEFINES) * takes, "finger-coiled");
        ledger.add(CLUMPING, (ends ? COILED_ENDS_CLUMP : COIL_CLUMPS) * takes, "finger-coiled");
        ledger.add(FRIZZ, -COIL_CALMS_FRIZZ, "finger-coiled");
        ledger.add(VOLUME, ends ? -COILED_ENDS_FLATTEN : -COIL_FLATTENS, "finger-coiled");
        ledger.add(DAYS, COIL_LASTS_DAYS, "finger-coiled");
        ledger.add(SHRINKAGE, ends ? COILED_ENDS_SHRINK : COIL_SHRINKS, "finger-coiled");
    }

    /** Each curl smoothed between fingers by itself. */
    private static void shingled(Step step, Reading hair, double takes, Ledger ledger) {
        ledger.add(DEFINITION, SHINGLE_DEFINES * takes, "every curl by hand");
        ledger.add(CLUMPING, SHINGLE_CLUMPS * takes, "every curl by hand");
        ledger.add(FRIZZ, -SHINGLE_CALMS_FRIZZ, "every curl by hand");
        ledger.add(VOLUME, -SHINGLE_FLATTENS, "every curl by hand");
        ledger.add(DAYS, SHINGLE_LASTS_DAYS, "every curl by hand");
    }

    private static void smoothed(Step step, Reading hair, double takes, Ledger ledger) {
        ledger.add(DEFINITION, SMOOTH_DEFINES * takes, "smoothed root to tip");
        ledger.add(CLUMPING, SMOOTH_CLUMPS * takes, "smoothed root to tip");
        ledger.add(FRIZZ, -SMOOTH_CALMS_FRIZZ, "smoothed root to tip");
    }

    /**
     * Dry clumps are drawn apart: fuller, and less tidy.
     *
     * @param how by what, in words
     */
    private static void opened(String how, Ledger ledger) {
        ledger.add(VOLUME, FLUFF_LIFTS, how);
        ledger.add(CLUMPING, -FLUFF_UNCLUMPS, how);
        ledger.add(FRIZZ, FLUFF_FRIZZES, how);
    }

    /** A blast at the roots while they are pulled gives length back, in a share of what this hair shrinks. */
    private static void stretched(Step step, Reading hair, double takes, Ledger ledger) {
        ledger.add(SHRINKAGE, -STRETCH_LENGTHENS * hair.shrinkage() * 100, "roots stretched");
        ledger.add(VOLUME, STRETCH_LIFTS, "roots stretched");
        ledger.add(DEFINITION, -STRETCH_UNDEFINES, "roots stretched");
    }

    /** At the roots it lifts; drawn on through the lengths it takes curls apart as well. */
    private static void picks(Step step, Ledger ledger) {
        ledger.add(VOLUME, PICK_LIFTS, "picked at the root");
        ledger.add(FRIZZ, PICK_FRIZZES, "picked at the root");
        if (step.parts() != null && (step.reaches(Part.LENGTHS) || step.reaches(Part.ENDS))) {
            ledger.add(VOLUME, PICK_THROUGH_LIFTS, "picked through the lengths");
            ledger.add(DEFINITION, -PICK_THROUGH_UNDEFINES, "picked through the lengths");
            ledger.add(FRIZZ, PICK_THROUGH_FRIZZES, "picked through the lengths");
        }
    }

    /**
     * Each does less than the one before, up to as many as this pattern takes; beyond that they only rough it up.
     *
     * @param count over the whole routine
     */
    private static void scrunches(int count, Reading hair, Ledger ledger) {
        if (count == 0) {
            return;
        }
        boolean wavy = hair.pattern().isWavy();
        double most = Scrunches.most(hair.pattern());
        double within = Math.min(count, most) / most;
        ledger.add(VOLUME, SCRUNCH_LIFTS * within, "scrunched");
        ledger.add(CLUMPING, (wavy ? SCRUNCH_CLUMPS_WAVES : SCRUNCH_CLUMPS) * within, "scrunched");
        ledger.add(DEFINITION, (wavy ? SCRUNCH_DEFINES_WAVES : SCRUNCH_DEFINES) * within, "scrunched");
        ledger.add(SHRINKAGE, SCRUNCH_SHRINKS * within, "scrunched");
        double over = Math.max(0, count - most);
        double spoiled = 1 - Math.exp(-over / OVERSCRUNCHES);
        ledger.add(FRIZZ, OVERSCRUNCH_FRIZZES * spoiled, "scrunched past the pattern's count");
        ledger.add(SHRINKAGE, OVERSCRUNCH_SHRINKS * spoiled, "scrunched past the pattern's count");
    }
}
