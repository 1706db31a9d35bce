package eventide.planner;

import eventide.planner.Search.Frame;
import eventide.planner.Search.Region;
import eventide.planner.Search.Slot;
import java.util.ArrayList;
import java.util.List;

/** Which plans are of another kind than some: other hands, another way of drying, or another balance of weight and hold. */
final class Kinds {
    private Kinds() {}

    /** Regions that together hold every plan unlike all of these. */
    static List<Region> unlike(List<Choice> taken) {
        List<Region> regions = List.of(Region.ALL);
        for (Choice choice : taken) {
            List<Region> narrower = new ArrayList<>();
            for (Region region : regions) {
                narrower.add(region.in(frame -> isOther(frame, choice)));
                narrower.add(region.with(Slot.CREAM, cream -> (cream == null) != (choice.cream() == null)));
                narrower.add(region.with(Slot.GEL, gel -> (gel == null) != (choice.gel() == null)));
            }
            regions = narrower;
        }
        return regions;
    }

    private static boolean isOther(Frame frame, Choice choice) {
        return frame.hands() != choice.hands()
                || frame.drying().usesDryer() != choice.drying().usesDryer()
                || frame.drying().ends() != choice.drying().ends();
    }

    /** Plans that wear the same. */
    static Region same(Choice taken) {
        Region region = Region.ALL;
        for (Slot slot : Slot.values()) {
            region = region.with(slot, product -> product == taken.in(slot));
        }
        return region;
    }

    /** Plans done the same way that differ in this layer and no other. */
    static Region butFor(Choice taken, Slot other) {
        Region region = Region.ALL.in(frame -> frame.hands() == taken.hands() && frame.drying() == taken.drying());
        for (Slot slot : Slot.values()) {
            region = region.with(slot, product -> (product == taken.in(slot)) != (slot == other));
        }
        return region;
    }
}
