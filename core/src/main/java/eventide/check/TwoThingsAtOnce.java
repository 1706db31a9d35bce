package eventide.check;

import eventide.routine.Half;
import eventide.routine.Step;
import eventide.routine.StepPlace;
import eventide.wash.Wash;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;

/**
 * L1: halves that differ in more than one thing.
 *
 * <p>Nothing can be concluded from such a trial. A note. Mend: none, for only the stylist knows which of the two was meant.
 */
final class TwoThingsAtOnce implements Rule {

    @Override
    public String id() {
        return "L1";
    }

    @Override
    public String why() {
        return "When two things differ, nothing can be concluded from the result.";
    }

    @Override
    public List<Finding> findings(Wash wash) {
        List<Step> left = half(wash, Half.LEFT);
        List<Step> right = half(wash, Half.RIGHT);
        if (left.isEmpty() && right.isEmpty()) {
            return List.of();
        }
        int differences = Math.abs(left.size() - right.size());
        for (int i = 0; i < Math.min(left.size(), right.size()); i++) {
            differences += differences(left.get(i), right.get(i));
        }
        if (differences < 2) {
            return List.of();
        }
        int index = 0;
        while (index < wash.routine().steps().size() - 1
                && wash.routine().steps().get(index).half() == null) {
            index++;
        }
        return List.of(Finding.of(
                this,
                Severity.NOTE,
                new StepPlace(index, -1),
                null,
                "The halves differ in " + differences + " things: change one, and the hair can answer.",
                null));
    }

    /** What is done on one side only, inside sections as well. */
    private static List<Step> half(Wash wash, Half half) {
        List<Step> own = new ArrayList<>();
        for (Step step : wash.routine().steps()) {
            if (step.half() == half) {
                own.add(step);
            }
            if (step.isEachSection() && step.half() == null) {
                step.steps().stream().filter(inner -> inner.half() == half).forEach(own::add);
            }
        }
        return own;
    }

    /** A product changed brings its own amount with it; everything else counts by itself. */
    private static int differences(Step left, Step right) {
        Step a = left.but().half(null).build();
        Step b = right.but().half(null).build();
        if (a.equals(b)) {
            return 0;
        }
        boolean product = !Objects.equals(a.product(), b.product()) || !Objects.equals(a.mix(), b.mix());
        int count = product ? 1 : 0;
        count += !product && !Objects.equals(a.amountMl(), b.amountMl()) ? 1 : 0;
        count += a.action() != b.action() ? 1 : 0;
        count += a.technique() != b.technique() ? 1 : 0;
        count += !Objects.equals(a.sections(), b.sections()) ? 1 : 0;
        count += !Objects.equals(a.count(), b.count()) ? 1 : 0;
        count += !Objects.equals(a.toWetness(), b.toWetness()) ? 1 : 0;
        count += !Objects.equals(a.untilDry(), b.untilDry()) ? 1 : 0;
        count += a.heat() != b.heat() || a.speed() != b.speed() ? 1 : 0;
        count += a.tool() != b.tool() || a.brushDirection() != b.brushDirection() || a.extent() != b.extent() ? 1 : 0;
        count += !Objects.equals(a.position(), b.position()) ? 1 : 0;
        count += !Objects.equals(a.zones(), b.zones()) || !Objects.equals(a.parts(), b.parts()) ? 1 : 0;
        count += steps(a.steps(), b.steps());
        return Math.max(1, count);
    }

    /** In how many things two lists of steps differ; a step more counts as one. */
    private static int steps(List<Step> a, List<Step> b) {
        if (a == null || b == null) {
            return a == b ? 0 : 1;
        }
        int count = Math.abs(a.size() - b.size());
        for (int i = 0; i < Math.min(a.size(), b.size()); i++) {
            count += differences(a.get(i), b.get(i));
        }
        return count;
    }
}
