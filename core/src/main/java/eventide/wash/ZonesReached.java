package eventide.wash;

import eventide.drying.Course;
import eventide.drying.Visit;
import eventide.hair.Zone;
import eventide.routine.Routine;
import eventide.routine.Step;
import eventide.routine.StepPlace;
import java.util.List;

/** The zones each step has hands on, found without a search: rules and scores ask many times over. */
final class ZonesReached {
    /** By the step's place, first the group or the step alone, then those inside it; of zones a bit for each by ordinal. */
    private final int[][] bits;

    /** @param course of that routine; a step it never came to reaches nothing */
    ZonesReached(Routine routine, Course course) {
        bits = new int[routine.steps().size()][];
        for (int i = 0; i < bits.length; i++) {
            List<Step> inner = routine.steps().get(i).steps();
            bits[i] = new int[inner == null ? 1 : 1 + inner.size()];
        }
        for (Visit visit : course.visits()) {
            bits[visit.place().index()][visit.place().inner() + 1] |= visit.zoneBits();
        }
    }

    /** Whether any turn of that step was at the zone. */
    boolean has(StepPlace place, Zone zone) {
        return (bits[place.index()][place.inner() + 1] & 1 << zone.ordinal()) != 0;
    }
}
