package eventide.planner.explain;

import eventide.hair.Zone;
import eventide.routine.Action;
import eventide.routine.Part;
import eventide.routine.Routine;
import eventide.routine.Step;
import eventide.routine.Tool;
import eventide.shape.Said;
import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.stream.Collectors;

/** Steps in plain words, a line each. */
public final class StepWords {
    private StepWords() {}

    /** All that a routine says, those done section by section under their own line. */
    public static List<String> lines(Routine routine) {
        List<String> lines = new ArrayList<>();
        for (Step step : routine.steps()) {
            lines.add(whole(step));
            if (step.isEachSection()) {
                step.steps().forEach(inner -> lines.add("on each section: " + whole(inner)));
            }
        }
        return lines;
    }

    /** As it is said, with the amount and the minutes where the routine states them. */
    private static String whole(Step step) {
        return said(step)
                + (step.amountMl() == null ? "" : String.format(Locale.ROOT, ", %.1f ml", step.amountMl()))
                + (step.minutes() == null ? "" : ", " + lasting(step.minutes()));
    }

    private static String lasting(double minutes) {
        return minutes < 1 ? Math.round(60 * minutes) + " s" : String.format(Locale.ROOT, "%.0f min", minutes);
    }

    private static String listed(Collection<? extends Said> words) {
        return words.stream().map(Said::label).sorted().collect(Collectors.joining(" and "));
    }

    /** What is done, with what and how; without how long. */
    public static String said(Step step) {
        StringBuilder said = new StringBuilder(capital(step.action().label()));
        String joint = step.action() == Action.APPLY ? " " : " with ";
        if (step.product() != null) {
            said.append(joint).append(step.product().name());
        } else if (step.mix() != null) {
            said.append(joint)
                    .append(step.mix().stream()
                            .map(part -> Math.round(part.share() * 100) + " % "
                                    + part.product().name())
                            .collect(Collectors.joining(" and ")));
        }
        add(said, step.technique());
        if (step.sections() != null && step.sections() > 1) {
            said.append(", ").append(step.sections()).append(" sections");
        }
        if (step.zones() != null) {
            said.append(", ").append(step.zones().stream().map(Zone::label).collect(Collectors.joining(" and ")));
        }
        add(said, step.half() == null ? null : step.half().label() + " half");
        add(said, step.from() == null ? null : "from " + step.from().label());
        add(said, isSaid(step) ? null : step.tool());
        add(
                said,
                step.brushDirection() == null
                        ? null
                        : "brushed " + step.brushDirection().label());
        add(said, step.extent());
        if (step.parts() != null
                && !(step.action() == Action.PICK && step.parts().equals(Set.of(Part.ROOTS)))) {
            said.append(", ").append(listed(step.parts()));
        }
        if (step.position() != null) {
            said.append(", ").append(listed(step.position()));
        }
        add(said, Boolean.TRUE.equals(step.tension()) ? "under gentle tension" : null);
        add(said, Boolean.TRUE.equals(step.heatCap()) ? "under a warm cap" : null);
        add(said, step.water() == null ? null : step.water().label() + " water");
        if (step.count() != null) {
            said.append(", ").append(step.count()).append(" times");
        }
        add(said, step.heat());
        if (step.toWetness() != null) {
            said.append(String.format(Locale.ROOT, ", to %.0f %% wet", step.toWetness()));
        }
        if (step.untilDry() != null) {
            said.append(String.format(Locale.ROOT, ", until %.0f %% dry", step.untilDry()));
        }
        return said.toString();
    }

    /** The action's own name says with what. */
    private static boolean isSaid(Step step) {
        return step.action() == Action.PICK && step.tool() == Tool.PICK
                || step.action() == Action.BRUSH_STYLE && step.tool() == Tool.BRUSH;
    }

    /** @param word null for nothing */
    private static void add(StringBuilder said, Object word) {
        if (word != null) {
            said.append(", ").append(word instanceof Said one ? one.label() : word);
        }
    }

    private static String capital(String text) {
        return text.substring(0, 1).toUpperCase(Locale.ROOT) + text.substring(1);
    }
}
