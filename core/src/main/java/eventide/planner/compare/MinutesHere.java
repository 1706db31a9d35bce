package eventide.planner.compare;

import eventide.planner.compare.Refit.Fitted;
import eventide.planner.explain.StepWords;
import eventide.routine.Action;
import eventide.routine.Routine;
import eventide.routine.Step;
import eventide.routine.StepPlace;
import eventide.wash.Wash;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;

/**
 * A routine brought within the minutes there are, the cheapest first [CP]: what only waits works its shortest, then the hair is dried
 * as far as there is time and goes out damp, with whatever is for dry hair left out. Hands are not hurried: where they alone take
 * longer it stays as it is.
 */
final class MinutesHere {
    /** The least that a mask and a protein treatment work in, minutes [CP]. */
    private static final double LEAST_MASK = 2;

    /** Minutes below which a protein treatment does nothing [CP]. */
    private static final double LEAST_PROTEIN = 15;
    /** Less than this nobody counts, minutes. */
    private static final double SLIGHT = .5;

    private final List<Fitted> changes;

    MinutesHere(List<Fitted> changes) {
        this.changes = changes;
    }

    /** The wash within the minutes there are, as nearly as it goes: care its shortest first, then drying. */
    Wash fitted(Wash wash) {
        return wash.limits() == null ? wash : driedForAsLongAsThereIs(caredForAsShortAsWorks(wash));
    }

    private static double over(Wash wash) {
        return wash.course().minutes() - wash.limits().minutes();
    }

    private static String why(Wash wash) {
        return "There are only " + Math.round(wash.limits().minutes()) + " minutes here.";
    }

    /** A mask or a treatment down to the minutes below which it does nothing, as far as minutes are wanting. */
    private Wash caredForAsShortAsWorks(Wash wash) {
        Wash shorter = wash;
        for (StepPlace place : wash.places()) {
            Step step = shorter.routine().at(place);
            double least = step.action() == Action.MASK ? LEAST_MASK : LEAST_PROTEIN;
            boolean cares = step.action() == Action.MASK || step.action() == Action.PROTEIN;
            if (over(shorter) > SLIGHT && cares && step.minutes() != null && step.minutes() > least) {
                changes.add(new Fitted(StepWords.said(step) + ": " + Math.round(least) + " minutes", why(shorter)));
                shorter = shorter.with(shorter.routine()
                        .replacing(place, step.but().minutes(least).build()));
            }
        }
        return shorter;
    }

    /** The last drying gives way first; hair that goes out damp for it is not broken, fluffed or oiled any more. */
    private Wash driedForAsLongAsThereIs(Wash wash) {
        if (over(wash) <= SLIGHT) {
            return wash;
        }
        List<Fitted> said = new ArrayList<>();
        Wash shorter = wash.with(withoutWhatIsForDryHair(wash, said));
        for (StepPlace place : lastFirst(shorter)) {
            double over = over(shorter);
            Step step = shorter.routine().at(place);
            if (over <= 0 || !step.action().isDrying() || place.index() <= shorter.lastRinse()) {
                continue;
            }
            double takes = shorter.course().visits(place).stream()
                    .mapToDouble(visit -> visit.minutes())
                    .sum();
            double left = Math.floor(takes - over);
            if (left >= 1) {
                said.add(new Fitted(
                        String.format(Locale.ROOT, "%s: %.0f minutes, the rest at home", StepWords.said(step), left),
                        why(wash)));
            } else {
                said.add(new Fitted("Without: " + StepWords.said(step), why(wash)));
            }
            shorter = shorter.with(
                    left >= 1
                            ? shorter.routine()
                                    .replacing(
                                            place,
                                            step.but()
                                                    .minutes(left)
                                                    .untilDry(null)
                                                    .build())
                            : shorter.routine().without(place));
        }
        if (over(shorter) > SLIGHT) {
            return wash;
        }
        changes.addAll(said);
        return shorter.with(ToolsHere.withoutGuard(shorter.routine(), changes));
    }

    /** @param said where what went is noted */
    private static Routine withoutWhatIsForDryHair(Wash wash, List<Fitted> said) {
        Routine damp = wash.routine();
        for (StepPlace place : lastFirst(wash)) {
            Step step = damp.at(place);
            if (step.action().phase() == Action.Phase.FINISH && place.index() > wash.lastRinse()) {
                said.add(new Fitted("Without: " + StepWords.said(step), "It will not be dry for it in these minutes."));
                damp = damp.without(place);
            }
        }
        return damp;
    }

    /** So that what is left out moves nothing still to come. */
    private static List<StepPlace> lastFirst(Wash wash) {
        return wash.places().stream().sorted(Comparator.reverseOrder()).toList();
    }
}
