package eventide.planner.explain;

import eventide.planner.compose.Candidate;
import eventide.planner.compose.Details.Before;
import eventide.planner.compose.Details.Doses;
import eventide.planner.compose.Details.Finish;
import eventide.planner.compose.Details.Share;
import eventide.planner.compose.Details.Work;
import eventide.product.Role;
import eventide.routine.Action;
import eventide.routine.Routine;
import eventide.routine.Step;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.function.Predicate;

/**
 * What one plan does otherwise than another in the smaller things, and the step of it that this is about.
 *
 * @param about finds the step in the plan that is not otherwise
 */
public record DetailWords(String otherwise, Predicate<Step> about) {
    /** What one choice does otherwise than another, in words, and the steps they speak of. */
    public static DetailWords of(Candidate own, Candidate other) {
        List<String> words = new ArrayList<>();
        List<Predicate<Step>> about = new ArrayList<>();
        before(own.details().before(), other.details().before(), words, about);
        dose(other, own.details().dose(), other.details().dose(), words, about);
        work(own.details().work(), other.details().work(), words, about);
        finish(own.details().finish(), other.details().finish(), words, about);
        return new DetailWords(String.join(", ", words), about.get(0));
    }

    /** Where in a routine this is about, null where no step of it is. */
    public Integer step(Routine routine) {
        for (int i = 0; i < routine.steps().size(); i++) {
            Step step = routine.steps().get(i);
            if (about.test(step)
                    || step.isEachSection() && step.steps().stream().anyMatch(about)) {
                return i;
            }
        }
        return null;
    }

    /**
     * Care and the wash.
     *
     * @param words what another answer would do, one for each thing that is otherwise
     * @param about which steps each is about, in the same order
     */
    private static void before(Before own, Before other, List<String> words, List<Predicate<Step>> about) {
        if (own.care() != other.care() || own.minutes() != other.minutes()) {
            String minutes = String.format(Locale.ROOT, " for %.0f minutes", other.minutes());
            words.add(other.care().label + (other.minutes() == 0 ? "" : minutes));
            about.add(is(Action.MASK).or(is(Action.PROTEIN)));
        }
        if (own.clarified() != other.clarified()) {
            words.add(other.clarified() ? "clarified" : "washed without clarifying");
            about.add(is(Action.CLARIFY).or(is(Action.CLEANSE)));
        }
    }

    /** Amounts of what feeds and of what holds. */
    private static void dose(Candidate other, Doses own, Doses rival, List<String> words, List<Predicate<Step>> about) {
        if (own.moisture() != rival.moisture()) {
            words.add(amount(own.moisture(), rival.moisture(), other.cream() == null ? "leave-in" : "cream"));
            about.add(puts(Role.CREAM).or(puts(Role.LEAVE_IN)).or(puts(Role.PRIMER)));
        }
        if (own.crownSpared() != rival.crownSpared()) {
            String what = other.cream() == null ? "leave-in" : "cream";
            words.add(what + (rival.crownSpared() ? " kept off the crown" : " on the crown too"));
            about.add(puts(Role.CREAM).or(puts(Role.LEAVE_IN)).or(puts(Role.PRIMER)));
        }
        if (own.hold() != rival.hold()) {
            words.add(amount(own.hold(), rival.hold(), other.gel() == null ? "mousse" : "gel"));
            about.add(puts(Role.GEL).or(puts(Role.MOUSSE)));
        }
    }

    /** More or less, and how much that is of what is advised. */
    private static String amount(Share own, Share other, String what) {
        boolean more = other.factor > own.factor;
        return (more ? "more " : "less ") + what + ", " + other.label
                + (other == Share.ADVISED ? "" : " of the advised amount");
    }

    /** Water, order and hands while it goes on. */
    private static void work(Work own, Work other, List<String> words, List<Predicate<Step>> about) {
        if (own.water() != other.water()) {
            words.add("stylers " + other.water().label);
            about.add(is(Action.SQUEEZE).or(is(Action.MIST)));
        }
        if (own.order() != other.order()) {
            words.add(other.order().label);
            about.add(is(Action.EACH_SECTION));
        }
        if (own.creamFirst() != other.creamFirst()) {
            words.add(other.creamFirst() ? "cream under the leave-in" : "leave-in under the cream");
            about.add(puts(Role.CREAM));
        }
        if (own.scrunches() != other.scrunches()) {
            words.add(other.scrunches() + " scrunches");
            about.add(is(Action.SCRUNCH));
        }
        if (own.lifted() != other.lifted()) {
            words.add(other.lifted() ? "roots lifted at the end" : "roots left alone");
            about.add(is(Action.SHAKE_ROOTS).or(is(Action.LIFT_ROOTS)));
        }
        if (own.upsideDown() != other.upsideDown()) {
            words.add(other.upsideDown() ? "scrunched upside down" : "scrunched upright");
            about.add(is(Action.SCRUNCH));
        }
    }

    /** From the last drying to the night. */
    private static void finish(Finish own, Finish other, List<String> words, List<Predicate<Step>> about) {
        if (own.turned() != other.turned()) {
            words.add(other.turned() ? "dried upside down too" : "dried upright and to the sides only");
            about.add(is(Action.HOVER).or(is(Action.CUP)));
        }
        if (own.clips() != other.clips()) {
            words.add(other.clips() ? "with root clips" : "without root clips");
            about.add(is(Action.CLIP_ROOTS));
        }
        if (own.stop() != other.stop()) {
            words.add(String.format(Locale.ROOT, "the dryer down at %.0f %%", other.stop()));
            about.add(is(Action.CUP));
        }
        if (own.castLeft() != other.castLeft()) {
            words.add(other.castLeft() ? "the cast left" : "the cast broken");
            about.add(is(Action.BREAK_CAST));
        }
        if (own.fluff() != other.fluff()) {
            words.add(other.fluff() ? "fluffed" : "not fluffed");
            about.add(is(Action.FLUFF));
        }
        if (own.roots() != other.roots()) {
            words.add(other.roots().label);
            about.add(is(Action.PICK).or(is(Action.STRETCH)));
        }
        if (own.cloth() != other.cloth()) {
            words.add(other.cloth().label);
            about.add(is(Action.MICROPLOP).or(is(Action.PLOP)));
        }
        if (own.stays() != other.stays()) {
            words.add(other.stays().label);
            about.add(is(Action.AIR).or(is(Action.FAN)).or(is(Action.HOOD)).or(is(Action.HOVER)));
        }
        if (own.refreshed() != other.refreshed()) {
            words.add(other.refreshed() ? "refreshed each morning" : "no refresh in the mornings");
            about.add(step -> false);
        }
        if (own.night() != other.night()) {
            words.add("at night " + other.night().label());
            about.add(step -> false);
        }
    }

    private static Predicate<Step> is(Action action) {
        return step -> step.action() == action;
    }

    private static Predicate<Step> puts(Role role) {
        return step -> step.worn() != null && step.worn().role() == role;
    }
}
