package eventide.drying;

import eventide.air.Air;
import eventide.hair.Hair;
import eventide.routine.Routine;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;

/** Courses run over one head in one air, each once: routines that differ only in what they put on share one. */
public final class Courses {
    private final Hair hair;
    private final Air air;
    private final Map<AsWaterSees, Course> run = new ConcurrentHashMap<>();

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
        return run.computeIfAbsent(new AsWaterSees(routine), seen -> TideModel.run(routine, hair, air));
    }
}
