package eventide.routine;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;

/** A routine with the times it really took, as far as it has been done. */
public final class DoneRoutine {
    private DoneRoutine() {}

    /**
     * What was done of one step.
     *
     * @param minutes from its beginning to its end, or to now while it runs
     * @param skipped nothing was done in that time
     */
    public record Done(double minutes, boolean skipped) {}

    /** Steps that are not in the map keep the time they were planned to take. */
    public static Routine of(Routine routine, Map<Integer, Done> done) {
        List<Step> steps = new ArrayList<>();
        for (int i = 0; i < routine.steps().size(); i++) {
            Done own = done.get(i);
            Step step = routine.steps().get(i);
            steps.add(own == null ? step : asDone(step, own));
        }
        return routine.withSteps(steps);
    }

    /** The step with the minutes it really took; one that was skipped leaves its time behind and nothing else. */
    private static Step asDone(Step step, Done done) {
        double minutes = Math.min(4320, Math.max(0, done.minutes()));
        if (done.skipped()) {
            return Step.of(Action.WAIT).minutes(minutes).build();
        }
        if (step.isEachSection()) {
            return step.but().steps(shared(step, minutes)).build();
        }
        // A dryer ran as long as it ran, whatever level it was to reach.
        return step.but().minutes(minutes).untilDry(null).build();
    }

    /** The time of a whole group shared over its sections and the steps inside, wetting counted as a moment. */
    private static List<Step> shared(Step frame, double minutes) {
        double each = minutes / frame.sectionsOrOne();
        double moment = Math.min(.25, each / frame.steps().size());
        long moments = frame.steps().stream().filter(s -> s.action().wets()).count();
        long hands = frame.steps().size() - moments;
        double rest = hands == 0 ? 0 : (each - moments * moment) / hands;
        List<Step> steps = new ArrayList<>();
        for (Step inner : frame.steps()) {
            steps.add(inner.but()
                    .minutes(inner.action().wets() ? (hands == 0 ? each / moments : moment) : rest)
                    .build());
        }
        return steps;
    }
}
