package eventide.air;

import java.util.Locale;

/** What the air asks of a wash-and-go, as a stylist would say it. */
public final class AirWords {
    private AirWords() {}

    /** By the dew point the hair must stand; where it goes from damp or easy air into dry, or back, by that too. */
    public static String of(Air air) {
        double worn = Math.round(air.wornDewPointC()); // the band that belongs to the figure that is said
        double driest = Math.round(air.driestDewPointC());
        if (DewPointBand.of(worn) == DewPointBand.DRY || DewPointBand.of(driest) != DewPointBand.DRY) {
            return words(worn, "");
        }
        boolean dryOutside = air.outdoors().dewPointC() < air.dewPointC();
        String dry = words(driest, dryOutside ? " outside" : " in the room");
        return DewPointBand.of(worn) == DewPointBand.EASY
                ? dry
                : words(worn, dryOutside ? " in the room" : " outside") + "; " + dry;
    }

    private static String words(double dewPointC, String where) {
        DewPointBand band = DewPointBand.of(dewPointC);
        return String.format(Locale.ROOT, "dew point %.0f °C%s, %s: %s", dewPointC, where, band.label(), band.advice());
    }
}
