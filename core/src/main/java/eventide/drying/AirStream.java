package eventide.drying;

import eventide.air.Air;
import eventide.air.Psychrometrics;
import eventide.routine.Airflow;
import eventide.routine.Heat;
import eventide.routine.Speed;
import eventide.routine.Step;

/**
 * The air that reaches the hair during a step.
 *
 * @param pull vapour-density deficit between the wet hair and this air, in g/m³
 * @param transfer transfer coefficient against still room air, a plain ratio
 * @param mostGramsPerMinute what its heat can evaporate
 */
record AirStream(double pull, double transfer, double mostGramsPerMinute) {
    /** A household dryer at full heat, W [CP]. */
    static final double DRYER_WATTS = 1500;
    /** Latent heat of water near 30 °C, J/g [PUB: 2.43 MJ/kg, steam tables]. */
    static final double LATENT_JOULES_PER_GRAM = 2430;

    /** Dryer air at the nozzle set to hot, °C, and the heat a dryer draws set to warm, W [CP]. */
    private static final double HOT_C = 75;

    /** The same set to warm, W [CP]. */
    private static final double WARM_WATTS = 1000;
    /** What a stream of room air gives up in cooling to the wet bulb, W [OURS: 20 l/s over about 8 °C]. */
    private static final double COOL_WATTS = 200;

    /** Living scalp and body warm wet hair this far from the wet bulb toward 34 °C [OURS]. */
    private static final double BODY_WARMTH = .10;

    /** Of living scalp, °C [OURS]. */
    private static final double SKIN_C = 34;
    /** Share of saturation that is free in easy air, 60 % RH; from there on living warmth counts fully [OURS]. */
    private static final double WARMS_FULLY_FROM = .4;

    /** The room itself, nothing blowing. */
    static AirStream still(Air air) {
        return of(air, air.temperatureC(), 1, Double.POSITIVE_INFINITY);
    }

    /** What a step's machine makes of the room's air; the room's own where it has none. */
    static AirStream of(Step step, Air air) {
        Airflow flow = step.action().airflow();
        return flow == null || flow.isStill() ? still(air) : blowing(flow, step, air);
    }

    /**
     * A machine's air at the hair. It carries the room's vapour, so the warmer it is the more it takes up; what heat it can
     * give bounds what may evaporate.
     */
    private static AirStream blowing(Airflow flow, Step step, Air air) {
        double transfer = flow.transfer() * speed(step.speed());
        if (!flow.isWarmed()) {
            return of(air, air.temperatureC(), transfer, Double.POSITIVE_INFINITY);
        }
        Heat heat = step.heat() == null ? Heat.WARM : step.heat();
        double nozzle = heat == Heat.HOT ? HOT_C : flow.warmC();
        double atHair = heat == Heat.COOL
                ? air.temperatureC()
                : Math.max(air.temperatureC(), air.temperatureC() + flow.warmth() * (nozzle - air.temperatureC()));
        double watts = heat == Heat.COOL ? COOL_WATTS : heat == Heat.WARM ? WARM_WATTS : DRYER_WATTS;
        return of(air, atHair, transfer, watts / LATENT_JOULES_PER_GRAM * 60);
    }

    /**
     * Evaporation goes by the difference between the vapour at the wet surface, which sits at the wet bulb, a little warmed by
     * the head, and the vapour in the air.
     *
     * @param atHairC of the air where it meets the hair, °C
     * @param transfer against still air, 1
     * @param mostGramsPerMinute of water that its heat can lift, without bound for none
     */
    private static AirStream of(Air air, double atHairC, double transfer, double mostGramsPerMinute) {
        double vapour = air.vapourHectopascals();
        double wetBulb = Psychrometrics.wetBulbC(atHairC, vapour);
        // What warms the hair only helps where the air takes vapour up: near saturation nothing dries.
        double room = Math.min(1, (1 - vapour / Psychrometrics.saturationHectopascals(atHairC)) / WARMS_FULLY_FROM);
        double surface = wetBulb + BODY_WARMTH * Math.max(0, room) * Math.max(0, SKIN_C - wetBulb);
        double pull = Psychrometrics.vapourDensity(surface, Psychrometrics.saturationHectopascals(surface))
                - Psychrometrics.vapourDensity(atHairC, vapour);
        return new AirStream(Math.max(0, pull), transfer, mostGramsPerMinute);
    }

    /** Against the middle speed, 1 [OURS]. */
    private static double speed(Speed speed) {
        if (speed == null || speed == Speed.MEDIUM) {
            return 1;
        }
        return speed == Speed.LOW ? .8 : 1.25;
    }

    /** How hard this air dries, against still air of 22 °C and 52 %. */
    double strength() {
        return pull / REFERENCE_PULL * transfer;
    }

    private static final double REFERENCE_PULL = still(Air.of(22, 52)).pull;
}
