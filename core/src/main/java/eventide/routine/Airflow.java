package eventide.routine;

/**
 * The air an action dries with.
 *
 * @param warmth share of the dryer's warmth that reaches the hair, 0 to 1; 0 where nothing warms it [OURS]
 * @param transfer transfer coefficient against still room air, a plain ratio [OURS]
 * @param warmC air at the nozzle or under the hood when set to warm, °C [CP]
 */
public record Airflow(double warmth, double transfer, double warmC) {
    /** The room's own, nothing blowing. */
    static final Airflow STILL = new Airflow(0, 1, 0);

    /** Degrees at a warm dryer's nozzle, °C [CP]. */
    private static final double NOZZLE_C = 55;
    /** Degrees under a hood, °C [CP]. */
    private static final double HOOD_C = 50;

    /** Of a hand dryer, held so that this much of it arrives. */
    static Airflow dryer(double warmth, double transfer) {
        return new Airflow(warmth, transfer, NOZZLE_C);
    }

    /** Under a hood. */
    static Airflow hood(double warmth, double transfer) {
        return new Airflow(warmth, transfer, HOOD_C);
    }

    /** Of a fan: the room's air, moved. */
    static Airflow fan(double transfer) {
        return new Airflow(0, transfer, 0);
    }

    /** A machine warms it. */
    public boolean isWarmed() {
        return warmth > 0;
    }

    /** Nothing blows. */
    public boolean isStill() {
        return equals(STILL);
    }
}
