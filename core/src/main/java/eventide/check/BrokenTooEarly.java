package eventide.check;

import static eventide.wash.Steps.percent;

import eventide.drying.Visit;
import eventide.routine.Action;
import eventide.routine.Part;
import eventide.routine.Step;
import eventide.routine.StepPlace;
import eventide.wash.Steps;
import eventide.wash.Wash;
import java.util.ArrayList;
import java.util.List;

/**
 * D3: breaking the cast, picking or stretching before the hair is dry, roots too.
 *
 * <p>Warned below 90 % dry; from 90 to 100 % a note. Not meant: scrunching, picking or stretching before the cast has set
 * (freeing stuck layers, stretching wet roots), under tension, and roots while the dryer finishes them. Scrunching into a
 * half-dry cast is it, whatever the step is called. Mend: dry on first. Source: common practice.
 */
final class BrokenTooEarly implements Rule {
    /** Less damp than this no hand would feel, percent wet [OURS]. */
    private static final double UNFELT = 3;
    /** From 90 % dry it is a note. */
    private static final double NEARLY = 10;
    /** On hair this wet a pick frees stuck layers. */
    private static final double STILL_WET = 60;
    /** Share of the roots in how dry the whole is taken to be [OURS]. */
    private static final double ROOTS = .2;

    @Override
    public String id() {
        return "D3";
    }

    @Override
    public String why() {
        return "Broken, picked or stretched before it is dry, hair frizzes as it finishes.";
    }

    @Override
    public List<Finding> findings(Wash wash) {
        List<Finding> found = new ArrayList<>();
        for (StepPlace place : wash.places()) {
            Step step = wash.routine().at(place);
            boolean scrunch = step.action() == Action.SCRUNCH;
            if (!scrunch
                    && step.action() != Action.BREAK_CAST
                    && step.action() != Action.PICK
                    && step.action() != Action.STRETCH) {
                continue;
            }
            for (Visit visit : wash.course().visits(place)) {
                if (scrunch && !isIntoTheCast(wash, visit)) {
                    continue;
                }
                if (Math.max(visit.wetness(), visit.rootsWetness()) > UNFELT) {
                    found.add(finding(wash, place, visit));
                    break;
                }
            }
        }
        return found;
    }

    /**
     * Said of the first touch that meets hair not dry yet. Roots count for a part of it only: a cast lies along the lengths.
     * What is nearly dry, or meant, is a note.
     */
    private Finding finding(Wash wash, StepPlace place, Visit visit) {
        Step step = visit.step();
        double wet = (1 - ROOTS) * visit.wetness() + ROOTS * visit.rootsWetness();
        boolean soft = wet <= NEARLY || meant(wash, visit);
        String what = step.action() == Action.BREAK_CAST || step.action() == Action.SCRUNCH
                ? "breaking the cast"
                : step.action() == Action.PICK ? "picking" : "stretching";
        String message = "Not dry yet for " + what + ": lengths " + percent(100 - visit.wetness()) + " dry, roots "
                + percent(100 - visit.rootsWetness()) + ".";
        boolean blown = Steps.any(wash, v -> v.step().action().isDryer() && v.startMinute() < visit.startMinute());
        Step on = Step.of(blown ? Action.CUP : Action.AIR).untilDry(100.0).build();
        return Finding.of(
                this,
                soft ? Severity.NOTE : Severity.WARN,
                place,
                null,
                message,
                new Mend(
                        blown ? "Dry on to 100 % first" : "Let it dry to 100 % first",
                        wash.routine().inserting(place.index(), on)));
    }

    /** Once it has set, a scrunch breaks it. */
    private static boolean isIntoTheCast(Wash wash, Visit visit) {
        return visit.startMinute() >= wash.castMinute() && visit.wetness() > NEARLY;
    }

    /** Lifting roots while the dryer finishes them, stretching under tension, freeing stuck layers of wet hair. */
    private static boolean meant(Wash wash, Visit visit) {
        Step step = visit.step();
        boolean beforeCast = visit.startMinute() < wash.castMinute() && Double.isFinite(wash.castMinute());
        if (beforeCast && step.action() != Action.BREAK_CAST) {
            return true; // stuck layers freed, wet roots stretched
        }
        if (Boolean.TRUE.equals(step.tension()) || (step.action() == Action.PICK && visit.wetness() >= STILL_WET)) {
            return true;
        }
        boolean rootsOnly = step.action() == Action.PICK || (step.parts() != null && !step.reaches(Part.LENGTHS));
        boolean dryerAfter = wash.course().visits().stream()
                .anyMatch(v -> v.step().action().isDryer() && v.startMinute() >= visit.startMinute() - 1e-9);
        boolean lengthsDry = visit.wetness() <= NEARLY;
        return rootsOnly && dryerAfter && lengthsDry;
    }
}
