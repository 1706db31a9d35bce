package eventide.routine;

import eventide.product.Product;
import eventide.shape.InvalidException;
import java.util.ArrayList;
import java.util.List;

/**
 * One head split for a trial: the same routine, with one product on the left half and another on the right.
 *
 * @param tells what the result will show
 * @param tellsNot what it will not
 */
public record HalfTrial(Routine routine, String tells, String tellsNot) {
    /**
     * @param place the step whose product is tried
     * @param other the product for the right half
     * @throws InvalidException where the step puts nothing on, or the same thing
     */
    public static HalfTrial of(Routine routine, StepPlace place, Product other) {
        if (place.index() < 0
                || place.index() >= routine.steps().size()
                || place.isInner()
                        && place.inner()
                                >= (routine.steps().get(place.index()).steps() == null
                                        ? 0
                                        : routine.steps()
                                                .get(place.index())
                                                .steps()
                                                .size())) {
            throw InvalidException.of("step", "step must be one of the routine's, but was " + (place.index() + 1));
        }
        Step step = routine.at(place);
        if (step.product() == null) {
            throw InvalidException.of("step", "step must put one product on: that is what is tried");
        }
        if (step.product().equals(other)) {
            throw InvalidException.of(
                    "product", "product must be another than the step's own, or both halves are alike");
        }
        if (step.half() != null || routine.steps().get(place.index()).half() != null) {
            throw InvalidException.of("step", "step must go on the whole head: this one keeps to one half already");
        }
        Double half = step.amountMl() == null ? null : step.amountMl() / 2;
        Step left = step.but().half(Half.LEFT).amountMl(half).build();
        // The other may be dosed otherwise: its amount is advised anew.
        Step right = step.but().half(Half.RIGHT).product(other).amountMl(null).build();
        Routine split = place.isInner() ? inner(routine, place, left, right) : plain(routine, place, left, right);
        return new HalfTrial(
                split,
                "Left with " + step.product().name() + ", right with " + other.name()
                        + ": the same day, air and hands, so what differs comes from that, or from a weaker side.",
                "One head on one day proves little: swap the sides next time, and give a product about 8 washes.");
    }

    /** The same trial with its sides swapped, for the next wash: a weaker side is then nobody's merit. */
    public static Routine swapped(Routine routine) {
        Routine other = routine;
        for (StepPlace place : routine.places()) {
            Step step = other.at(place);
            if (step.half() != null) {
                other = other.replacing(
                        place,
                        step.but()
                                .half(step.half() == Half.LEFT ? Half.RIGHT : Half.LEFT)
                                .build());
            }
        }
        return other;
    }

    /** One step on the left, then the other on the right, in the place of what both sides had. */
    private static Routine plain(Routine routine, StepPlace place, Step left, Step right) {
        List<Step> steps = new ArrayList<>(routine.steps());
        steps.set(place.index(), left);
        steps.add(place.index() + 1, right);
        return trial(routine.withSteps(steps));
    }

    /** A section lies in both halves: each half of it gets its own. */
    private static Routine inner(Routine routine, StepPlace place, Step left, Step right) {
        Step frame = routine.steps().get(place.index());
        List<Step> inner = new ArrayList<>(frame.steps());
        inner.set(place.inner(), left);
        inner.add(place.inner() + 1, right);
        return trial(routine.replacing(place.index(), frame.but().steps(inner).build()));
    }

    /** The same, said to be on trial: the sides are meant to differ. */
    private static Routine trial(Routine routine) {
        return new Routine(
                routine.formatVersion(),
                routine.steps(),
                routine.startWetness(),
                routine.plannedWearDays(),
                routine.dailyRefresh(),
                true,
                routine.nightCare());
    }
}
