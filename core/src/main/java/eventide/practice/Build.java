package eventide.practice;

import eventide.planner.Query;
import eventide.planner.compose.Candidate;
import eventide.planner.compose.Stylers;
import eventide.planner.compose.Stylers.Slot;
import eventide.product.Product;
import eventide.shape.Fault;
import eventide.shape.InvalidException;
import eventide.shape.Letters;
import eventide.shape.Maybe;
import eventide.shape.Shape;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

/**
 * What somebody would do: the bottle of each layer by its name, absent for none; how it is shaped and dried.
 *
 * @param leaveIn a bottle by its name, null for none; so the other three
 */
public record Build(
        @Maybe @Letters(least = 1, most = 200) String leaveIn,
        @Maybe @Letters(least = 1, most = 200) String cream,
        @Maybe @Letters(least = 1, most = 200) String gel,
        @Maybe @Letters(least = 1, most = 200) String mousse,
        Candidate.Shaping hands,
        Candidate.Drying drying) {
    public Build {
        Shape.check(Build.class, leaveIn, cream, gel, mousse, hands, drying);
    }

    /**
     * @throws InvalidException for a bottle this head may not wear, and for hands and drying that are not open to it
     */
    Candidate on(Query query) {
        List<Fault> faults = new ArrayList<>();
        Stylers stylers = Situation.stylers(query);
        Product on = bottle(stylers, Slot.LEAVE_IN, leaveIn, "leaveIn", faults);
        Product over = bottle(stylers, Slot.CREAM, cream, "cream", faults);
        Product held = bottle(stylers, Slot.GEL, gel, "gel", faults);
        Product foam = bottle(stylers, Slot.MOUSSE, mousse, "mousse", faults);
        if (!Situation.handsOpen(query).contains(hands)) {
            faults.add(new Fault("/build/hands", "hands must be open to this head, but was " + hands));
        }
        if (!Situation.dryingOpen(query).contains(drying)) {
            faults.add(new Fault("/build/drying", "drying must be open with these tools, but was " + drying));
        }
        if (!faults.isEmpty()) {
            throw new InvalidException(faults);
        }
        return new Candidate(on, over, held, foam, hands, Candidate.Sections.USUAL, drying, null);
    }

    /** By name, of those open to this slot here; a fault in words for any other. */
    private static Product bottle(Stylers stylers, Slot slot, String name, String at, List<Fault> faults) {
        if (name == null) {
            return null;
        }
        return stylers.bottles(slot).stream()
                .filter(product -> product.name().equals(name))
                .findFirst()
                .orElseGet(() -> {
                    faults.add(new Fault(
                            "/build/" + at,
                            String.format(
                                    Locale.ROOT,
                                    "%s must be a %s on this shelf that this head may wear, but was %s",
                                    at,
                                    slot.label,
                                    name)));
                    return null;
                });
    }
}
