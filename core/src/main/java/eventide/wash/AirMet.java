package eventide.wash;

import eventide.drying.Visit;
import eventide.hair.Zone;
import eventide.routine.Action;

/** Air as hair met it while it dried. */
public final class AirMet {
    /** Dew point from which air is damp to dry in, °C [OURS]. */
    public static final double DAMP_FROM_C = 13;

    private AirMet() {}

    /**
     * Minutes a zone dries in air alone: in the steps that leave it to the air, and after the last of them, since what goes
     * home wet dries there no faster. [OURS: home's air is taken to be like the room's]
     */
    public static double minutesInAir(Wash wash, Zone zone) {
        double minutes = 0;
        for (Visit visit : wash.stylingIn(zone)) {
            minutes += visit.step().action() == Action.AIR ? visit.minutes() : 0;
        }
        return minutes + wash.course().minutesDryingOn();
    }

    /** °C by which the room's dew point is over where air is damp. */
    public static double dampness(Wash wash) {
        return Math.max(0, wash.roomDewPointC() - DAMP_FROM_C);
    }

    /** Whether it is worn out into the cold: wet hair there is only cold. */
    public static boolean isColdOut(Wash wash) {
        return wash.air().outdoors() != null && wash.air().outdoors().temperatureC() < COLD_C;
    }

    /** Out of doors below this wet hair is only cold, °C [CP]. */
    private static final double COLD_C = 10;
}
