package eventide.planner.explain;

import eventide.check.Caution;
import eventide.drying.StepTide;
import eventide.drying.Wetness;
import eventide.planner.Judgement;
import eventide.routine.Amount;
import eventide.routine.NightCare;
import eventide.routine.Routine;
import eventide.routine.Step;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;

/** A routine as plain text, to be sent as a message: what, how much, how wet, until when. */
public record TakeAlong(String text) {
    /** Minutes from which hours are said. */
    private static final double LONG_MINUTES = 100;

    /** The routine in plain lines, to print or send: minutes, steps, and how it is kept. */
    public static TakeAlong of(Judgement.Question asked) {
        Judgement judged = Judgement.of(asked);
        Routine routine = asked.routine();
        List<String> lines = new ArrayList<>();
        lines.add(String.format(
                Locale.ROOT,
                "Wash-and-go, %s, %s of them hands-on",
                minutes(judged.minutes()),
                minutes(judged.chairMinutes())));
        lines.add("");
        for (StepTide tide : judged.tide().steps()) {
            Step step = routine.steps().get(tide.index());
            lines.add((tide.index() + 1) + ". " + StepWords.said(step) + dose(judged, tide.index(), -1)
                    + wet(tide, step) + took(tide));
            if (step.isEachSection()) {
                for (int j = 0; j < step.steps().size(); j++) {
                    lines.add("   – " + StepWords.said(step.steps().get(j)) + dose(judged, tide.index(), j));
                }
            }
            for (Caution caution : judged.cautions()) {
                if (caution.step() != null && caution.step() == tide.index()) {
                    lines.add("   ! " + caution.text());
                }
            }
        }
        lines.addAll(kept(routine));
        return new TakeAlong(String.join("\n", lines) + "\n");
    }

    /** What is done at home, from day to day. */
    private static List<String> kept(Routine routine) {
        List<String> lines = new ArrayList<>();
        if (routine.nightCare() != null && routine.nightCare() != NightCare.NONE) {
            lines.add("At night: " + routine.nightCare().label() + ".");
        }
        if (routine.isRefreshedDaily()) {
            lines.add("Each morning: " + MORNING + ".");
        }
        if (!lines.isEmpty()) {
            lines.add(0, "");
        }
        return lines;
    }

    /** [CP] */
    public static final String MORNING =
            "shake, mist only the frizzy outside, set it right with a little of the same styler, and leave it to dry";

    private static String took(StepTide tide) {
        double minutes = tide.endMinute() - tide.startMinute();
        return minutes < .75 ? "" : ", " + minutes(minutes);
    }

    /** The water a styler is to meet, in the word for it. */
    private static String wet(StepTide tide, Step step) {
        boolean loads = step.product() != null && !step.washes() || step.isEachSection();
        return loads
                ? String.format(
                        Locale.ROOT, ", on %s hair", Wetness.of(tide.wetness()).label())
                : "";
    }

    /** What the step takes, nothing of one that puts nothing on. */
    private static String dose(Judgement judged, int index, int inner) {
        return judged.amounts().stream()
                .filter(a -> a.step() == index && (a.inner() == null ? -1 : a.inner()) == inner)
                .map(TakeAlong::dose)
                .collect(Collectors.joining());
    }

    private static String dose(Amount amount) {
        return ": " + amount.dose()
                + (amount.perSection().equals(amount.dose()) ? "" : " (" + amount.perSection() + " a section)");
    }

    private static String minutes(double minutes) {
        long whole = Math.round(minutes);
        return whole < LONG_MINUTES ? whole + " min" : String.format(Locale.ROOT, "%d h %02d", whole / 60, whole % 60);
    }
}
