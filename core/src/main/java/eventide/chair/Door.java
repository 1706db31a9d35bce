package eventide.chair;

import eventide.air.Air;
import eventide.drying.TideModel;
import eventide.hair.Hair;
import eventide.product.Product;
import eventide.routine.Routine;
import eventide.routine.Step;
import eventide.routine.StepPlace;
import eventide.shape.Fault;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.function.Supplier;

/** What cannot have happened in a run of a routine, and is refused before it is taken. */
public final class Door {
    /** Keys of the moments the water decides. */
    private static final Set<String> OF_WATER = Set.of("cast", "clips", "dry");

    private Door() {}

    /**
     * @param happened as delivered
     * @return every fault, at the pointer of its event
     */
    public static List<Fault> faults(Routine routine, Hair hair, Air air, List<ChairEvent> happened) {
        Supplier<Set<String>> timers = () -> timers(routine, hair, air);
        List<Fault> faults = new ArrayList<>();
        for (int i = 0; i < happened.size(); i++) {
            String pointer = "/events/" + i;
            faults(routine, happened.get(i), timers)
                    .forEach(fault -> faults.add(new Fault(pointer + fault.pointer(), fault.message())));
        }
        return faults;
    }

    /** Timers this routine can ring; another was never set. */
    private static Set<String> timers(Routine routine, Hair hair, Air air) {
        Set<String> keys = new TreeSet<>(OF_WATER);
        StepTimer.of(routine, TideModel.run(routine, hair, air).tide()).forEach(timer -> keys.add(timer.key()));
        return keys;
    }

    /** @param timers asked only where an event names one: it takes a run of the water */
    private static List<Fault> faults(Routine routine, ChairEvent event, Supplier<Set<String>> timers) {
        List<Fault> faults = new ArrayList<>();
        Integer index = event.step();
        if (index != null && index >= routine.steps().size()) {
            faults.add(new Fault(
                    "/step",
                    "step must be from 0 to " + (routine.steps().size() - 1) + ", as in the routine, but was "
                            + index));
            return faults;
        }
        boolean putsOn = event.kind() == ChairEvent.Kind.SWAP || event.kind() == ChairEvent.Kind.AMOUNT;
        if (putsOn) {
            place(routine, event, faults);
        }
        if (event.kind() == ChairEvent.Kind.ANSWERED) {
            Set<String> keys = timers.get();
            if (!keys.contains(event.timer())) {
                faults.add(new Fault(
                        "/timer",
                        "No timer of this wash is called \"" + event.timer() + "\": there are "
                                + String.join(", ", keys) + "."));
            }
        }
        return faults;
    }

    /** An event names a step that puts hands on hair: of a step done section by section one inside it. */
    private static void place(Routine routine, ChairEvent event, List<Fault> faults) {
        StepPlace place = new StepPlace(event.step(), event.inner() == null ? -1 : event.inner());
        if (!routine.places().contains(place)) {
            faults.add(new Fault(
                    "/inner",
                    event.inner() == null
                            ? "Step " + (event.step() + 1) + " is done section by section: say which step inside it."
                            : "Step " + (event.step() + 1) + " has no step " + (event.inner() + 1) + " inside it."));
            return;
        }
        Step step = routine.at(place);
        Product worn = step.worn();
        if (worn == null) {
            faults.add(new Fault(
                    event.kind() == ChairEvent.Kind.SWAP ? "/product" : "/ratio",
                    "\"" + step.action().label() + "\" puts nothing on: there is no product to change."));
        } else if (event.kind() == ChairEvent.Kind.SWAP
                && worn.role().washesOut() != event.product().role().washesOut()) {
            boolean washes = worn.role().washesOut();
            faults.add(new Fault(
                    "/product",
                    event.product().name() + " is " + (washes ? "left in" : "washed out") + ", and " + worn.name()
                            + (washes ? " is washed out" : " stays in the hair") + ": it cannot take its place."));
        }
    }
}
