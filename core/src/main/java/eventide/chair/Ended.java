package eventide.chair;

import eventide.drying.Wetness;
import eventide.shape.Maybe;
import java.util.ArrayList;
import java.util.List;

/**
 * A run against its plan.
 *
 * @param wet it ended before the hair was dry, roots too
 * @param lengths percent wet at its end
 * @param otherwise the steps that were done otherwise, in the order of the routine
 */
public record Ended(
        double minutes,
        double plannedMinutes,
        boolean wet,
        double lengths,
        double roots,
        List<Otherwise> otherwise,
        List<Rested> rests) {
    /** A step that took this much longer or shorter is no other step to a hand, minutes [OURS]. */
    private static final double SAME_MINUTES = 1.5;
    /** The estimate's own error, added to where hair counts as dry, percent [OURS]. */
    private static final double ESTIMATE = 2;

    /**
     * One step.
     *
     * @param leftOut skipped, dropped or never come to
     * @param byMinutes how much longer it took, less than 0 for shorter; absent where a hand would not notice
     * @param sectionsDone of a step left in the middle, absent for any other
     * @param ratio what was put on against the plan, absent where it was as planned
     * @param product what was used instead
     */
    public record Otherwise(
            int step,
            boolean leftOut,
            @Maybe Integer sectionsDone,
            @Maybe Double byMinutes,
            @Maybe Double ratio,
            @Maybe String product) {
        private boolean isAny() {
            return leftOut || sectionsDone != null || byMinutes != null || ratio != null || product != null;
        }
    }

    /** What came of a wash that is over: minutes, water and amounts as they were, beside the plan's. */
    public static Ended of(AtTheChair chair) {
        List<Otherwise> otherwise = new ArrayList<>();
        for (int i = 0; i < chair.routine().steps().size(); i++) {
            Otherwise own = of(chair, i);
            if (own.isAny()) {
                otherwise.add(own);
            }
        }
        double lengths = chair.course().lengthsNow();
        double roots = chair.course().rootsNow();
        return new Ended(
                round(chair.nowMinute()),
                round(chair.planned().minutes()),
                Math.max(lengths, roots) > Wetness.DRY_BELOW + ESTIMATE,
                round(lengths),
                round(roots),
                List.copyOf(otherwise),
                Rested.of(chair));
    }

    /**
     * How a step was done otherwise than planned, null where it was not: left out, broken off, longer, shorter, in another
     * amount.
     */
    private static Otherwise of(AtTheChair chair, int index) {
        ChairRecord record = chair.record();
        StepDone step = record.step(index);
        boolean leftOut = step == null || step.isLeftOut();
        boolean middle = !leftOut && step.skipped();
        double by =
                leftOut || middle || step.endedAt() == null ? 0 : chair.workMinutes(step) - chair.plannedMinutes(index);
        Double ratio = record.given().stream()
                .filter(given -> given.step() == index && given.ratio() != 1)
                .map(ChairRecord.Given::ratio)
                .findFirst()
                .orElse(null);
        String product = record.swapped().stream()
                .filter(swap -> swap.step() == index)
                .map(swap -> swap.product().name())
                .findFirst()
                .orElse(null);
        return new Otherwise(
                index,
                leftOut,
                middle ? (Integer) step.sectionEnds().size() : null,
                Math.abs(by) < SAME_MINUTES ? null : round(by),
                ratio,
                product);
    }

    private static double round(double value) {
        return Math.round(value * 10) / 10.0;
    }
}
