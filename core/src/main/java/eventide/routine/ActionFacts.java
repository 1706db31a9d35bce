package eventide.routine;

import static eventide.routine.StepField.*;

import eventide.hair.Hair;
import java.util.Collections;
import java.util.EnumSet;
import java.util.Set;
import java.util.function.Function;

/** All there is to know of one action, written beside its name in {@link Action}. */
final class ActionFacts {
    /** Minutes for the whole head where a step says none [OURS, from common practice]; {@code NaN} where only the level of water ends it. */
    interface UsualMinutes {
        /**
         * @param size of the head against the one plain figures are for, a ratio
         */
        double of(Step step, Hair hair, double size);
    }

    /** What is so or not of an action. */
    enum Trait {
        /** Runs by itself once begun: hands are free. */
        BY_ITSELF,
        /** Hands or a tool move the clumps. */
        TOUCHES,
        /** And leave them otherwise than they were. */
        RUFFLES,
        /** Breaks a cast that is not set yet, on hair that dries. */
        DISTURBS_CAST,
        /** Puts on what is meant to be rinsed out again. */
        WASHES,
        /** A wash-and-go stands without it [CP]. */
        SPARABLE
    }

    final Action.Phase phase;
    final String label;
    String purpose = "";
    Function<Step, String> howTo = step -> "";
    Motion motion = Motion.PALMS;
    UsualMinutes minutes = (step, hair, size) -> 0;
    WaterDone water = WaterDone.NOTHING;
    Airflow air;
    Shaping shaping = Shaping.NONE;
    Timed timed;
    String besides;
    String shapedWords;
    private final Set<Trait> traits = EnumSet.noneOf(Trait.class);
    private Set<StepField> fields = EnumSet.of(ZONES, HALF, PARTS, StepField.MINUTES, POSITION);

    private ActionFacts(Action.Phase phase, String label) {
        this.phase = phase;
        this.label = label;
    }

    /** An action of the wash, before anything stays in. */
    static ActionFacts preparing(String label) {
        return new ActionFacts(Action.Phase.PREPARE, label);
    }

    /** An action that puts something on or shapes it. */
    static ActionFacts styling(String label) {
        return new ActionFacts(Action.Phase.STYLE, label);
    }

    /** An action in which hair dries. */
    static ActionFacts drying(String label) {
        return new ActionFacts(Action.Phase.DRY, label);
    }

    /** An action on dry hair. */
    static ActionFacts finishing(String label) {
        return new ActionFacts(Action.Phase.FINISH, label);
    }

    /** An action of the nights and mornings after. */
    static ActionFacts keeping(String label) {
        return new ActionFacts(Action.Phase.KEEP, label);
    }

    /** What it is for, in a sentence. */
    ActionFacts purpose(String words) {
        purpose = words;
        return this;
    }

    /** How hands do it, in a sentence. */
    ActionFacts howTo(String words) {
        howTo = step -> words;
        return this;
    }

    /** The same where it hangs on what the step says. */
    ActionFacts howTo(Function<Step, String> words) {
        howTo = words;
        return this;
    }

    /** The drawing that shows it. */
    ActionFacts drawn(Motion how) {
        motion = how;
        return this;
    }

    /** @param usual minutes on a head of usual size; by hand they grow with the head */
    ActionFacts takes(double usual) {
        return takes((step, hair, size) -> usual);
    }

    /** More on more hair. */
    ActionFacts takesBySize(double usual) {
        return takes((step, hair, size) -> usual * size);
    }

    /** The same where the minutes hang on step and hair. */
    ActionFacts takes(UsualMinutes usual) {
        minutes = usual;
        return this;
    }

    /** Fields of a step that mean something to it; any other is said to be ignored. */
    ActionFacts fields(StepField... own) {
        Collections.addAll(fields, own);
        return this;
    }

    /** A frame has no hands of its own: minutes and position belong to the steps inside. */
    ActionFacts frame() {
        fields = EnumSet.of(ZONES, HALF, SECTIONS, ORDER, STEPS);
        return this;
    }

    /** What it does to the water at its end. */
    ActionFacts water(WaterDone done) {
        water = done;
        return this;
    }

    /** Dries with this air until the hair is as dry as it is to be. */
    ActionFacts dries(Airflow with) {
        air = with;
        return takes(Double.NaN);
    }

    /** How firmly it forms clumps. */
    ActionFacts forms(Shaping how) {
        shaping = how;
        return this;
    }

    /**
     * A clock starts with it.
     *
     * @param key by which the clock is known at the chair
     * @param until what ends it
     */
    ActionFacts timed(String key, String name, Timed.Until until) {
        timed = new Timed(key, name, until);
        return this;
    }

    /** As something done besides: "with root clips". */
    ActionFacts besides(String words) {
        besides = words;
        return this;
    }

    /** Hair that was shaped so: "finger-coiled". */
    ActionFacts shaped(String words) {
        shapedWords = words;
        return this;
    }

    /** What else it is: each trait is asked for by name, none by the action. */
    ActionFacts is(Trait... some) {
        Collections.addAll(traits, some);
        return this;
    }

    boolean has(Trait trait) {
        return traits.contains(trait);
    }

    /** Those every step has, and its own. */
    Set<StepField> meaningful() {
        return Collections.unmodifiableSet(fields);
    }
}
