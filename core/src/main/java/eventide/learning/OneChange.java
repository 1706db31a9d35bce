package eventide.learning;

import eventide.hair.Reading;
import eventide.planner.compose.Stylers.Slot;
import eventide.planner.search.Evaluation;
import eventide.product.Product;
import eventide.routine.HalfTrial;
import eventide.routine.Routine;
import eventide.routine.StepPlace;
import eventide.shape.Changed;
import eventide.wash.Manner;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Set;

/**
 * What is set against what, and the routine of the first wash.
 *
 * @param effects by which the two differ: 1 where what is tried has it, −1 where what is used does
 */
record OneChange(String used, String tried, TrialPlan.Way way, Routine first, Map<Effect, Double> effects) {
    /** Null where the log could not tell the two apart. */
    static OneChange between(Evaluation plan, Evaluation other) {
        for (Slot slot : Slot.values()) {
            Product used = plan.choice().in(slot);
            Product tried = other.choice().in(slot);
            if (used != tried) {
                return bottles(plan, used, tried);
            }
        }
        return ways(plan, other);
    }

    /** Null where the bottle is not put on by a step of its own: half of a mix cannot be tried. */
    private static OneChange bottles(Evaluation plan, Product used, Product tried) {
        Routine routine = plan.routine();
        StepPlace place = routine.places().stream()
                .filter(at -> at.index() > routine.lastRinse())
                .filter(at -> used.equals(routine.at(at).product()))
                .findFirst()
                .orElse(null);
        if (place == null) {
            return null;
        }
        Map<Effect, Double> effects = new LinkedHashMap<>();
        Reading hair = plan.wash().hair().overall();
        EffectsIn.ofBottle(tried.name(), hair).forEach(effect -> effects.put(effect, 1.0));
        EffectsIn.ofBottle(used.name(), hair).forEach(effect -> effects.put(effect, -1.0));
        Routine halves = HalfTrial.of(routine, place, tried).routine();
        return new OneChange(used.name(), tried.name(), TrialPlan.Way.HALVES, halves, effects);
    }

    /** Null where the hands do the same. */
    private static OneChange ways(Evaluation plan, Evaluation other) {
        Set<Manner> before = Manner.of(plan.routine());
        Set<Manner> after = Manner.of(other.routine());
        Manner gone = first(before, after);
        Manner come = first(after, before);
        if (gone == null && come == null) {
            return null;
        }
        Map<Effect, Double> effects = new LinkedHashMap<>();
        for (Manner manner : Manner.values()) {
            if (before.contains(manner) != after.contains(manner)) {
                double much = after.contains(manner) ? 1 : -1;
                effects.put(new Effect(Origin.WAY, manner.name()), much);
                effects.put(new Effect(Origin.WAY_HERE, manner.name()), much);
            }
        }
        Contestant used = gone != null ? Contestant.with(gone) : Contestant.without(come);
        Contestant tried = come != null ? Contestant.with(come) : Contestant.without(gone);
        return new OneChange(
                used.name(),
                tried.name(),
                TrialPlan.Way.TURN_ABOUT,
                Changed.with(other.routine(), "trial", true),
                effects);
    }

    private static Manner first(Set<Manner> of, Set<Manner> butNot) {
        return of.stream().filter(one -> !butNot.contains(one)).findFirst().orElse(null);
    }
}
