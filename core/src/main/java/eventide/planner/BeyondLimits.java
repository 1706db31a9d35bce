package eventide.planner;

import eventide.routine.Action;
import eventide.routine.Heat;
import eventide.routine.Limits;
import eventide.routine.OwnedTool;
import eventide.routine.Step;
import eventide.routine.StepPlace;
import eventide.routine.Tool;
import eventide.wash.Wash;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;

/** What a routine of one's own asks for beyond today's limits: minutes, hands, money, and tools that are not here. */
public final class BeyondLimits {
    /** Less than this nobody counts, minutes and cents. */
    private static final double SLIGHT = .5;

    private BeyondLimits() {}

    /** In words, one for each limit; empty where none is set or all are kept. */
    public static List<String> of(Wash wash) {
        Limits limits = wash.limits();
        List<String> words = new ArrayList<>();
        if (limits == null) {
            return words;
        }
        over(words, wash.course().minutes(), limits.minutes(), "%.0f min of the %.0f there are");
        if (limits.chairMinutes() != null) {
            over(words, wash.course().chairMinutes(), limits.chairMinutes(), "%.0f min of hands of the %.0f there are");
        }
        if (limits.maxCostCents() != null) {
            double cost = Judgement.costCents(wash.amounts());
            if (cost > limits.maxCostCents() + SLIGHT) {
                words.add(String.format(
                        Locale.ROOT, "costs %.2f, and %.2f is the most", cost / 100, limits.maxCostCents() / 100));
            }
        }
        Set<OwnedTool> asked = EnumSet.noneOf(OwnedTool.class);
        for (StepPlace place : wash.places()) {
            asked.addAll(tools(wash.routine().at(place)));
        }
        asked.removeIf(limits::has);
        asked.forEach(
                tool -> words.add("a " + tool.name().toLowerCase(Locale.ROOT).replace('_', ' ') + " that is not here"));
        return List.copyOf(words);
    }

    private static void over(List<String> words, double takes, double most, String said) {
        if (takes > most + SLIGHT) {
            words.add(String.format(Locale.ROOT, said, Math.ceil(takes), most));
        }
    }

    /** What a step cannot be done without. */
    private static Set<OwnedTool> tools(Step step) {
        Set<OwnedTool> tools = EnumSet.noneOf(OwnedTool.class);
        if (step.action() == Action.HOOD) {
            tools.add(OwnedTool.HOODED_DRYER);
        } else if (step.action().isDryer()) {
            tools.add(OwnedTool.DIFFUSER);
        }
        if (step.action().isDryer() && step.heat() == Heat.COOL) {
            tools.add(OwnedTool.COOL_SETTING);
        }
        if (step.action() == Action.BRUSH_STYLE || step.tool() == Tool.BRUSH) {
            tools.add(OwnedTool.BRUSH);
        }
        if (step.action() == Action.CLIP_ROOTS) {
            tools.add(OwnedTool.CLIPS);
        }
        if (step.tool() == Tool.COMB) {
            tools.add(OwnedTool.COMB);
        } else if (step.tool() == Tool.PICK) {
            tools.add(OwnedTool.PICK);
        } else if (step.tool() == Tool.TSHIRT) {
            tools.add(OwnedTool.TSHIRT);
        } else if (step.tool() == Tool.CAP) {
            tools.add(OwnedTool.CAP);
        }
        return tools;
    }
}
