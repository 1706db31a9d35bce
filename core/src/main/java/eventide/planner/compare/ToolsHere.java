package eventide.planner.compare;

import eventide.planner.compare.Refit.Fitted;
import eventide.planner.explain.StepWords;
import eventide.product.Role;
import eventide.routine.Action;
import eventide.routine.Heat;
import eventide.routine.Limits;
import eventide.routine.OwnedTool;
import eventide.routine.Routine;
import eventide.routine.Step;
import eventide.routine.StepPlace;
import eventide.routine.Tool;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/** A routine done with the tools that are here: what asks for another gives way to the next best, or is left out [CP]. */
public final class ToolsHere {
    private final Limits limits;
    private final List<Fitted> changes;

    /** @param changes where what was done is noted */
    public ToolsHere(Limits limits, List<Fitted> changes) {
        this.limits = limits;
        this.changes = changes;
    }

    /** Every step done with what is here: another dryer, cloth or tool in its place, or left out where none will do. */
    public Routine fitted(Routine routine) {
        if (limits == null || limits.tools() == null) {
            return routine;
        }
        Routine fitted = routine;
        List<StepPlace> places = new ArrayList<>(routine.places());
        places.sort(Comparator.reverseOrder()); // from the end, so that what is left out moves nothing still to come
        for (StepPlace place : places) {
            Step step = fitted.at(place);
            Step other = other(step);
            if (other == null) {
                fitted = fitted.without(place);
            } else if (other != step) {
                fitted = fitted.replacing(place, other);
            }
        }
        return withoutGuard(driedOnce(fitted), changes);
    }

    /** Air that follows on air, each until a level, is one. */
    private static Routine driedOnce(Routine routine) {
        Routine once = routine;
        for (int i = routine.steps().size() - 1; i > 0; i--) {
            Step step = once.steps().get(i);
            Step before = once.steps().get(i - 1);
            boolean on = step.action() == Action.AIR
                    && before.action() == Action.AIR
                    && step.untilDry() != null
                    && before.untilDry() != null;
            if (on) {
                double until = Math.max(step.untilDry(), before.untilDry());
                once = once.without(i)
                        .replacing(i - 1, before.but().untilDry(until).build());
            }
        }
        return once;
    }

    /** Nothing guards from heat that does not come. */
    static Routine withoutGuard(Routine routine, List<Fitted> changes) {
        boolean heated = routine.places().stream()
                .anyMatch(place -> routine.at(place).action().isDryer());
        Routine bare = routine;
        for (int i = routine.steps().size() - 1; !heated && i >= 0; i--) {
            Step step = routine.steps().get(i);
            if (step.product() != null && step.product().role() == Role.HEAT_PROTECTANT) {
                changes.add(new Fitted("Without: " + StepWords.said(step), "No heat here."));
                bare = bare.without(i);
            }
        }
        return bare;
    }

    private boolean lacks(OwnedTool tool) {
        return !limits.has(tool);
    }

    /** The step itself where it can be done, another in its place, or null for none. */
    private Step other(Step step) {
        Action action = step.action();
        if (action == Action.HOOD && lacks(OwnedTool.HOODED_DRYER)) {
            return instead(
                    step, lacks(OwnedTool.DIFFUSER) ? air(step) : dryer(Action.CUP, step), "no hooded dryer here");
        }
        if (action.isDryer() && action != Action.HOOD && lacks(OwnedTool.DIFFUSER)) {
            boolean hood = !lacks(OwnedTool.HOODED_DRYER) && step.heat() != Heat.COOL;
            return instead(step, hood ? dryer(Action.HOOD, step) : air(step), "no dryer here");
        }
        if (action.isDryer() && step.heat() == Heat.COOL && lacks(OwnedTool.COOL_SETTING)) {
            return instead(step, air(step), "no cool setting here");
        }
        if ((action == Action.CLIP_ROOTS || action == Action.UNCLIP) && lacks(OwnedTool.CLIPS)) {
            return instead(step, null, "no clips here");
        }
        if (action == Action.BRUSH_STYLE && lacks(OwnedTool.BRUSH)) {
            return instead(step, Step.of(Action.SMOOTH).zones(step.zones()).build(), "no brush here");
        }
        return byTool(step);
    }

    /** With the cloth or cap there is; null where there is none for it. */
    private Step byTool(Step step) {
        if (step.tool() == Tool.TSHIRT && lacks(OwnedTool.TSHIRT)) {
            Tool cap = step.action() == Action.COVER && !lacks(OwnedTool.CAP) ? Tool.CAP : null;
            return instead(step, cap == null ? null : step.but().tool(cap).build(), "no T-shirt here");
        }
        if (step.tool() == Tool.CAP && lacks(OwnedTool.CAP)) {
            Tool shirt = lacks(OwnedTool.TSHIRT) ? null : Tool.TSHIRT;
            return instead(step, shirt == null ? null : step.but().tool(shirt).build(), "no cap here");
        }
        boolean comb = step.tool() == Tool.COMB && lacks(OwnedTool.COMB);
        boolean brush = step.tool() == Tool.BRUSH && lacks(OwnedTool.BRUSH);
        if (comb || brush) {
            return instead(step, step.but().tool(Tool.FINGERS).build(), comb ? "no comb here" : "no brush here");
        }
        if (step.tool() == Tool.PICK && lacks(OwnedTool.PICK)) {
            return instead(step, step.but().tool(Tool.FINGERS).build(), "no pick here");
        }
        return step;
    }

    /**
     * Notes what was put in a step's place.
     *
     * @param other null where nothing is
     */
    private Step instead(Step step, Step other, String why) {
        String what = other == null
                ? "Without: " + StepWords.said(step)
                : StepWords.said(other) + " instead of: " + StepWords.said(step);
        changes.add(new Fitted(what, why.substring(0, 1).toUpperCase(java.util.Locale.ROOT) + why.substring(1) + "."));
        return other;
    }

    /** As far as the dryer would have gone, or as long. */
    private static Step air(Step step) {
        return Step.of(Action.AIR)
                .untilDry(step.untilDry())
                .minutes(step.untilDry() == null ? step.minutes() : null)
                .build();
    }

    /** The same drying by another machine or way of holding it. */
    private static Step dryer(Action action, Step step) {
        return Step.of(action)
                .heat(step.heat() == null ? Heat.WARM : step.heat())
                .untilDry(step.untilDry())
                .minutes(step.minutes())
                .build();
    }
}
