package eventide.drying;

import eventide.air.Air;
import eventide.routine.Action;
import eventide.routine.Heat;
import eventide.routine.Speed;
import eventide.routine.Step;

/** The streams of one room's air, each worked out once: a search dries hundreds of plans in the same few. */
final class Streams {
    private static final int HEATS = Heat.values().length + 1;
    private static final int SPEEDS = Speed.values().length + 1;

    /** The room asked for last: nearly always the one asked for next. */
    private static volatile Streams last;

    private final Air air;
    private final AirStream still;
    /** By action, heat and speed, unsaid ones first; what another thread does not see yet it works out again. */
    private final AirStream[] known = new AirStream[Action.values().length * HEATS * SPEEDS];

    private Streams(Air air) {
        this.air = air;
        this.still = AirStream.still(air);
    }

    /** The last air asked for is at hand: thousands of runs in a row are in the same room. */
    static Streams of(Air air) {
        Streams here = last;
        if (here == null || here.air != air && !here.air.equals(air)) {
            here = new Streams(air);
            last = here;
        }
        return here;
    }

    /** Of the room, nothing blowing. */
    AirStream still() {
        return still;
    }

    /** What reaches the hair during a step. */
    AirStream during(Step step) {
        int heat = step.heat() == null ? 0 : step.heat().ordinal() + 1;
        int speed = step.speed() == null ? 0 : step.speed().ordinal() + 1;
        int at = (step.action().ordinal() * HEATS + heat) * SPEEDS + speed;
        AirStream stream = known[at];
        if (stream == null) {
            stream = AirStream.of(step, air);
            known[at] = stream;
        }
        return stream;
    }
}
