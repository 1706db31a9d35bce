package eventide.check;

import eventide.drying.Visit;
import eventide.routine.Action;
import eventide.routine.Routine;
import eventide.routine.Step;
import eventide.routine.StepPlace;
import eventide.wash.Steps;
import eventide.wash.Wash;
import java.util.ArrayList;
import java.util.List;

/**
 * D2: a root still clipped when the head, roots and lengths together as a drying step counts, passes 80 % under a dryer.
 *
 * <p>Clips come out at about 70 % dry. Hours of air with clips in are a note: they dent, and dry slowly, but nobody forgot them
 * under heat. Mend: clips out at 70 %. Source: common practice.
 */
final class ClippedTooLong implements Rule {
    /** The head this wet or drier with the clip still in, percent [CP: 80 % dry]. */
    private static final double TOO_LATE = 20;
    /** Where clips come out [CP]. */
    private static final double OUT_AT_DRY = 70;

    /** Minutes. */
    private static final double HOURS = 60;
    /** The water model's own error, percent. */
    private static final double TOLERANCE = 2;

    @Override
    public String id() {
        return "D2";
    }

    @Override
    public String why() {
        return "Under a clip left too long the root stays wet and dents.";
    }

    @Override
    public List<Finding> findings(Wash wash) {
        for (StepPlace place : wash.places()) {
            if (wash.routine().at(place).action() != Action.CLIP_ROOTS) {
                continue;
            }
            for (Visit clip : wash.course().visits(place)) {
                Finding finding = underClip(wash, clip);
                if (finding != null) {
                    return List.of(finding);
                }
            }
        }
        return List.of();
    }

    /**
     * Null where the clips come out in time. The hair under them is looked at, not the head: the same clip may dry sooner at
     * the hairline.
     */
    private Finding underClip(Wash wash, Visit clip) {
        double air = 0;
        for (Visit visit : wash.course().visits()) {
            boolean after = visit.startMinute() >= clip.endMinute() - 1e-9 && wash.isAfter(visit.place(), clip.place());
            if (!after) {
                continue;
            }
            if (visit.step().action() == Action.UNCLIP && visit.overlaps(clip)) {
                return null;
            }
            double left = headAt(visit);
            double wet = Math.min(left, after(wash, visit));
            boolean passes = wet < TOO_LATE - TOLERANCE && left > wet;
            if (passes && visit.step().action().isDryer()) {
                return Finding.of(
                        this,
                        Severity.WARN,
                        visit.place(),
                        clip.zones().iterator().next(),
                        "The clips are still in at " + Steps.percent(100 - wet) + " dry: take them out at about 70 %.",
                        mend(wash.routine(), visit.place(), clip.step()));
            }
            air += visit.step().action() == Action.AIR || visit.step().action() == Action.FAN ? visit.minutes() : 0;
            if (passes && air > HOURS) {
                return Finding.of(
                        this,
                        Severity.NOTE,
                        visit.place(),
                        clip.zones().iterator().next(),
                        "Hours of air with the clips in: they may dent once it is dry.",
                        null);
            }
        }
        return null;
    }

    private static double headAt(Visit visit) {
        return visit.headTogether();
    }

    /**
     * How wet the head is once a visit is over.
     *
     * @return percent wet, roots and lengths together
     */
    private static double after(Wash wash, Visit visit) {
        List<Visit> visits = wash.course().visits();
        int next = visits.indexOf(visit) + 1;
        return next < visits.size() ? headAt(visits.get(next)) : wash.course().headAtEnd();
    }

    /**
     * The dryer stops where clips are to come out, they come out, and it goes on. Null within a step done section by section:
     * nobody takes clips out in the middle of one.
     */
    private static Mend mend(Routine routine, StepPlace dryer, Step clip) {
        Step whole = routine.at(dryer);
        if (dryer.isInner()) {
            return null;
        }
        List<Step> steps = new ArrayList<>(routine.steps());
        steps.removeIf(step -> step.action() == Action.UNCLIP);
        int at = steps.indexOf(whole);
        steps.add(at, Step.of(Action.UNCLIP).zones(clip.zones()).build());
        steps.add(at, whole.but().untilDry(OUT_AT_DRY).build());
        return new Mend("Clips out at 70 %", routine.withSteps(steps));
    }
}
