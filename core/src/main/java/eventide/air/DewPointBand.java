package eventide.air;

import eventide.shape.Said;

/** What the air does to hair, by its dew point [CP]: hair feels the dew point, not the relative humidity. */
public enum DewPointBand implements Said {
    DRY("dry", "moisture, few humectants: they pull water out"),
    EASY("easy", "nothing special to guard against"),
    HUMID("humid", "more hold, film formers, go easy on humectants"),
    VERY_HUMID("very humid", "film formers and high hold, no high humectants, leave some cast");

    /** Dew point from which air gives hair enough, °C [CP]. */
    private static final double EASY_FROM_C = 2;
    /** Dew point from which hair takes up water and swells, °C [CP]. */
    private static final double HUMID_FROM_C = 15;
    /** Dew point above which nothing but a strong film keeps it out, °C [CP]. */
    private static final double VERY_HUMID_ABOVE_C = 18;

    private final String label;
    private final String advice;

    DewPointBand(String label, String advice) {
        this.label = label;
        this.advice = advice;
    }

    /**
     * @param dewPointC °C, where the hair is worn
     */
    public static DewPointBand of(double dewPointC) {
        if (dewPointC < EASY_FROM_C) {
            return DRY;
        }
        if (dewPointC < HUMID_FROM_C) {
            return EASY;
        }
        return dewPointC <= VERY_HUMID_ABOVE_C ? HUMID : VERY_HUMID;
    }

    /** Lowest dew point of the band, °C; far below any air where it has none. */
    public double fromC() {
        return switch (this) {
            case DRY -> -100;
            case EASY -> EASY_FROM_C;
            case HUMID -> HUMID_FROM_C;
            case VERY_HUMID -> Math.nextUp(VERY_HUMID_ABOVE_C);
        };
    }

    /** Where the next band begins, °C; far above any air where there is none. */
    public double toC() {
        return this == VERY_HUMID ? 100 : values()[ordinal() + 1].fromC();
    }

    /** As a stylist says it: easy, humid. */
    public String label() {
        return label;
    }

    /** What it asks of a wash-and-go [CP]. */
    public String advice() {
        return advice;
    }
}
