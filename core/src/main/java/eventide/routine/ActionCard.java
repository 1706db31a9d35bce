package eventide.routine;

import java.util.Arrays;
import java.util.List;
import java.util.Set;

/**
 * An action as something to pick: what it is called and for, where in the work it belongs, and which fields change what it does.
 *
 * @param purpose what it is for, in a sentence
 * @param motion the drawing that shows it
 * @param fields of a step that mean something to it
 */
public record ActionCard(
        Action action, Action.Phase phase, String label, String purpose, Motion motion, Set<StepField> fields) {
    /** All of them, in the order of the work. */
    public static final List<ActionCard> ALL = Arrays.stream(Action.values())
            .map(action -> new ActionCard(
                    action, action.phase(), action.label(), action.purpose(), action.motion(), action.meaningful()))
            .toList();
}
