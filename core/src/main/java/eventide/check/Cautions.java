package eventide.check;

import eventide.hair.Condition;
import eventide.hair.Hair;
import eventide.hair.Scalp;
import eventide.hair.Zone;
import eventide.product.Product;
import eventide.product.Role;
import eventide.routine.Action;
import eventide.routine.Heat;
import eventide.routine.Routine;
import eventide.routine.Step;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Predicate;

/** The trade's cautions [CP], each at the first step it applies to. */
public final class Cautions {
    private record Known(String text, Predicate<Hair> hair, Predicate<Step> step) {}

    private static final Predicate<Hair> ANY = hair -> true;

    private static final List<Known> KNOWN = List.of(
            new Known("Neck at the basin: support it, and stop at dizziness.", ANY, step -> step.action()
                    .soaks()),
            new Known(
                    "The scalp is tender: lukewarm water, fingertips, no scratching.",
                    hair -> hair.scalpOrEmpty().contains(Scalp.ITCHY)
                            || hair.scalpOrEmpty().contains(Scalp.FLAKING),
                    step -> step.action() == Action.CLEANSE || step.action() == Action.CLARIFY),
            new Known(
                    "Wet bleached hair stretches and snaps: no pulling.",
                    hair -> has(hair, Condition.BLEACHED),
                    step -> step.action() == Action.DETANGLE || step.action() == Action.BRUSH_STYLE),
            new Known(
                    "A heated cap can burn: test it on the hand, stay within reach.",
                    ANY,
                    step -> Boolean.TRUE.equals(step.heatCap())),
            new Known(
                    "Foam and spray under pressure: air the room, keep away from flame and hot elements.",
                    ANY,
                    Cautions::isAerosol),
            new Known(
                    "Tight coils and edges pull: no tension at the hairline.",
                    ANY,
                    step -> step.action() == Action.COIL
                            || step.product() != null && step.product().role() == Role.EDGE),
            new Known(
                    "No cord near the basin, dry hands, a protected outlet. Test the heat on the hand; never rest a hot bowl on"
                            + " skin.",
                    ANY,
                    step -> step.action().isDryer() && step.heat() != Heat.COOL),
            new Known(
                    "A pineapple that is tight pulls at the hairline: loose, and a tie that does not crease.",
                    ANY,
                    step -> step.action() == Action.PIN_UP),
            new Known("Water on the floor: dry it before anyone walks.", ANY, step -> step.action() == Action.REWET));

    private Cautions() {}

    /** What may hurt in this routine on this head (TRADE, cautions), each said once; never a diagnosis. */
    public static List<Caution> of(Routine routine, Hair hair) {
        List<Caution> cautions = new ArrayList<>();
        for (Known known : KNOWN) {
            if (!known.hair().test(hair)) {
                continue;
            }
            for (int i = 0; i < routine.steps().size(); i++) {
                if (applies(known, routine.steps().get(i))) {
                    cautions.add(new Caution(i, known.text()));
                    break;
                }
            }
        }
        return List.copyOf(cautions);
    }

    private static boolean applies(Known known, Step step) {
        return known.step().test(step)
                || step.isEachSection() && step.steps().stream().anyMatch(known.step());
    }

    private static boolean isAerosol(Step step) {
        Product product = step.product();
        return product != null && product.label().traits().propellant();
    }

    /** Whether any zone of the head is read so. */
    private static boolean has(Hair hair, Condition condition) {
        for (Zone zone : Zone.values()) {
            if (hair.at(zone).condition().contains(condition)) {
                return true;
            }
        }
        return false;
    }
}
