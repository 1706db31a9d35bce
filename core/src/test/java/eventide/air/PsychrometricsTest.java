package eventide.air;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** Moist air against published figures. */
public class PsychrometricsTest {
    record Saturation(double temperatureC, double hectopascals, String source) {
        @Override
        public String toString() {
            return temperatureC + " °C: " + hectopascals + " hPa [" + source + "]";
        }
    }

    @DataProvider
    Object[] publishedSaturation() {
        String steam = "MEM: steam tables, saturation over water (IAPWS), to the digits given";
        return new Object[] {
            new Saturation(0.01, 6.117, steam),
            new Saturation(10, 12.28, steam),
            new Saturation(20, 23.39, steam),
            new Saturation(25, 31.70, steam),
            new Saturation(30, 42.47, steam),
            new Saturation(40, 73.85, steam),
            new Saturation(50, 123.5, steam),
        };
    }

    @Test(dataProvider = "publishedSaturation")
    public void saturationFollowsTheSteamTables(Saturation row) {
        // Alduchov and Eskridge 1996 state an error below 0.4 % over this range.
        assertEquals(
                Psychrometrics.saturationHectopascals(row.temperatureC()),
                row.hectopascals(),
                row.hectopascals() * .004,
                row.source());
    }

    record Dew(double temperatureC, double humidity, double dewPointC, String source) {
        @Override
        public String toString() {
            return temperatureC + " °C, " + humidity + " %: " + dewPointC + " °C [" + source + "]";
        }
    }

    @DataProvider
    Object[] dewPoints() {
        String chart = "MEM: psychrometric chart, to half a degree";
        return new Object[] {
            new Dew(20, 50, 9.3, chart),
            new Dew(25, 60, 16.7, chart),
            new Dew(30, 80, 26.2, chart),
            new Dew(20, 100, 20, chart),
        };
    }

    @Test(dataProvider = "dewPoints")
    public void dewPointFollowsTheChart(Dew row) {
        assertEquals(Psychrometrics.dewPointC(row.temperatureC(), row.humidity()), row.dewPointC(), .3, row.source());
    }

    @Test
    public void vapourDensityAtTwentyDegreesIsAboutSeventeenGrams() {
        // MEM: saturated air at 20 °C holds 17.3 g/m³, the handbook figure.
        assertEquals(Psychrometrics.vapourDeficit(20, 0), 17.3, .1);
        assertEquals(Psychrometrics.vapourDeficit(20, 100), 0, 1e-9);
    }

    @Test
    public void wetBulbLiesBetweenDewPointAndAir() {
        for (double t = -5; t <= 60; t += 5) {
            for (double rh = 5; rh <= 95; rh += 15) {
                double wet = Psychrometrics.wetBulbC(t, Psychrometrics.vapourHectopascals(t, rh));
                assertTrue(wet <= t && wet >= Psychrometrics.dewPointC(t, rh) - .01, t + " °C, " + rh + " %: " + wet);
            }
        }
    }

    @Test
    public void wetBulbAtTwentyDegreesHalfHumidIsAboutFourteen() {
        // MEM: psychrometric chart, 20 °C and 50 %: 13.8 °C.
        assertEquals(Psychrometrics.wetBulbC(20, Psychrometrics.vapourHectopascals(20, 50)), 13.8, .3);
    }

    @DataProvider
    Object[][] bands() {
        return new Object[][] {
            {-3.0, DewPointBand.DRY},
            {1.9, DewPointBand.DRY},
            {2.0, DewPointBand.EASY},
            {14.9, DewPointBand.EASY},
            {15.0, DewPointBand.HUMID},
            {18.0, DewPointBand.HUMID},
            {18.1, DewPointBand.VERY_HUMID},
        };
    }

    @Test(dataProvider = "bands")
    public void bandsChangeWhereTheTradeSays(double dewPointC, DewPointBand band) {
        assertEquals(DewPointBand.of(dewPointC), band);
    }
}
