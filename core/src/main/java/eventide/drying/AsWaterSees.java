package eventide.drying;

import eventide.product.Product;
import eventide.routine.Action;
import eventide.routine.Routine;
import eventide.routine.Step;
import java.util.List;
import java.util.Objects;

/**
 * A routine as the water sees it: two that are equal here run the same course over the same head in the same air, whatever
 * they put on. Of what is put on only this counts: that it holds, so that a cast sets, and how long a wash of it takes.
 */
final class AsWaterSees {
    private final Routine routine;
    private final int hash;

    AsWaterSees(Routine routine) {
        this.routine = routine;
        this.hash = 31 * hash(routine.steps()) + Double.hashCode(routine.startWetnessOrDripping());
    }

    @Override
    public boolean equals(Object other) {
        return other instanceof AsWaterSees seen
                && hash == seen.hash
                && routine.startWetnessOrDripping() == seen.routine.startWetnessOrDripping()
                && alike(routine.steps(), seen.routine.steps());
    }

    @Override
    public int hashCode() {
        return hash;
    }

    /** The few things in which most steps differ. */
    private static int hash(List<Step> steps) {
        int hash = 1;
        for (Step step : steps) {
            hash = 31 * hash + step.action().ordinal();
            hash = 31 * hash + Objects.hashCode(step.toWetness());
            hash = 31 * hash + Objects.hashCode(step.minutes());
            hash = 31 * hash + Objects.hashCode(step.untilDry());
            hash = 31 * hash + step.sectionsOrOne();
            hash = step.steps() == null ? hash : 31 * hash + hash(step.steps());
        }
        return hash;
    }

    private static boolean alike(List<Step> some, List<Step> others) {
        if (some.size() != others.size()) {
            return false;
        }
        for (int i = 0; i < some.size(); i++) {
            if (!alike(some.get(i), others.get(i))) {
                return false;
            }
        }
        return true;
    }

    /** Compared field by field: what is named in none of these does nothing to the water. */
    private static boolean alike(Step one, Step other) {
        return one == other
                || one.action() == other.action()
                        && isTimedAlike(one, other)
                        && isPlacedAlike(one, other)
                        && isBlownAlike(one, other)
                        && one.holds() == other.holds()
                        && (one.steps() == null
                                ? other.steps() == null
                                : other.steps() != null && alike(one.steps(), other.steps()));
    }

    /** They last as long, and end at the same level. */
    private static boolean isTimedAlike(Step one, Step other) {
        return Objects.equals(one.minutes(), other.minutes())
                && Objects.equals(one.toWetness(), other.toWetness())
                && Objects.equals(one.untilDry(), other.untilDry())
                && Objects.equals(one.count(), other.count())
                && one.technique() == other.technique()
                && one.extent() == other.extent()
                && Objects.equals(contactMinutes(one), contactMinutes(other));
    }

    /** They are done at the same hair, in the same order. */
    private static boolean isPlacedAlike(Step one, Step other) {
        return Objects.equals(one.sections(), other.sections())
                && Objects.equals(one.zones(), other.zones())
                && one.half() == other.half()
                && Objects.equals(one.parts(), other.parts())
                && Objects.equals(one.order(), other.order());
    }

    /** The same air comes at the hair, which lies as open to it. */
    private static boolean isBlownAlike(Step one, Step other) {
        return one.tool() == other.tool()
                && one.heat() == other.heat()
                && one.speed() == other.speed()
                && Objects.equals(one.position(), other.position())
                && Objects.equals(one.tension(), other.tension())
                && Objects.equals(one.heatCap(), other.heatCap());
    }

    private static Double contactMinutes(Step step) {
        Product worn = step.action() == Action.CLEANSE || step.action() == Action.CLARIFY ? step.worn() : null;
        return worn == null ? null : worn.contactMinutes();
    }
}
