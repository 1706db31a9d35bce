package eventide.drying;

import eventide.air.Air;
import eventide.hair.Hair;
import eventide.routine.Routine;
import java.lang.ref.WeakReference;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;

/**
 * Courses run over one head in one air: routines that differ only in what they put on share one, as long as anybody holds it. All
 * of a search together would be moved about in memory for longer than it takes to run again the few that are asked for twice.
 */
public final class Courses {
    private final Hair hair;
    private final Air air;
    private final Map<AsWaterSees, WeakReference<Course>> run = new ConcurrentHashMap<>();

    /** All runs over one head in one air. */
    public Courses(Hair hair, Air air) {
        this.hair = hair;
        this.air = air;
    }

    /**
     * As {@link TideModel#run(Routine, Hair, Air)}: its visits are those of the course's first routine, so only for asking
     * after water and minutes; {@link Course#of} has them of this one.
     */
    public Course over(Routine routine) {
        AsWaterSees seen = new AsWaterSees(routine);
        WeakReference<Course> held = run.get(seen);
        Course course = held == null ? null : held.get();
        if (course == null) {
            course = TideModel.run(routine, hair, air);
            run.put(seen, new WeakReference<>(course));
        }
        return course;
    }
}
