package eventide.drying;

import eventide.air.Air;
import eventide.hair.Hair;
import eventide.routine.Routine;

/**
 * The water model: a routine, a head and the air of the room give the water over time.
 *
 * <p>Each cell of the head has two compartments. Lengths lose water at a constant rate until the critical content, then
 * ever slower toward the room's equilibrium; roots do the same, shielded by the hair over them. Dryers raise the rate up
 * to what their heat can evaporate; cloth and hands take water away; only wetting steps add any. Deterministic.
 */
public final class TideModel {
    private TideModel() {}

    /**
     * @throws eventide.shape.InvalidException where the routine would run past {@link Simulation#MOST_MINUTES}
     */
    public static Course run(Routine routine, Hair hair, Air air) {
        return run(routine, hair, air, Happenings.NONE);
    }

    /** As {@link #run(Routine, Hair, Air)} with what happened at the chair besides. */
    public static Course run(Routine routine, Hair hair, Air air, Happenings happenings) {
        return new Simulation(routine, hair, air, happenings, Flow.MOST_STEADY_MINUTES).run();
    }

    /**
     * As {@link #run(Routine, Hair, Air)} with the longest time step stated, in minutes: for checking that it does not
     * matter.
     */
    static Course run(Routine routine, Hair hair, Air air, double longestStepMinutes) {
        return new Simulation(routine, hair, air, Happenings.NONE, longestStepMinutes).run();
    }
}
