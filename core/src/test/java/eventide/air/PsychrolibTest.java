package eventide.air;

import static org.testng.Assert.assertEquals;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** Moist air against the general reference library psychrolib (ASHRAE Handbook, Fundamentals), run through node. */
public class PsychrolibTest {
    private static final String SCRIPT =
            """
            const p = require('psychrolib'); p.SetUnitSystem(p.SI)
            for (let t = -5; t <= 45; t += 5) for (let rh = 10; rh <= 100; rh += 15)
              console.log([t, rh, p.GetSatVapPres(t) / 100, p.GetTDewPointFromRelHum(t, rh / 100),
                           p.GetTWetBulbFromRelHum(t, rh / 100, 101325)].join(' '))
            """;

    record Row(double t, double rh, double saturation, double dewPoint, double wetBulb) {
        @Override
        public String toString() {
            return t + " °C, " + rh + " %";
        }
    }

    @DataProvider
    Object[] psychrolib() throws IOException, InterruptedException {
        Path web = Path.of("..", "web").toAbsolutePath().normalize();
        Process node = new ProcessBuilder("node", "-e", SCRIPT)
                .directory(web.toFile())
                .redirectErrorStream(true)
                .start();
        String out = new String(node.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
        assertEquals(node.waitFor(), 0, "psychrolib must be installed in web/node_modules: " + out);
        List<Object> rows = new ArrayList<>();
        for (String line : out.strip().split("\n")) {
            String[] v = line.split(" ");
            rows.add(new Row(
                    Double.parseDouble(v[0]),
                    Double.parseDouble(v[1]),
                    Double.parseDouble(v[2]),
                    Double.parseDouble(v[3]),
                    Double.parseDouble(v[4])));
        }
        assertEquals(rows.size(), 77, "rows");
        return rows.toArray();
    }

    @Test(dataProvider = "psychrolib")
    public void agreesWithPsychrolib(Row row) {
        // Below 0 °C psychrolib takes saturation over ice, ours over water: not comparable.
        if (row.t() >= 0) {
            assertEquals(Psychrometrics.saturationHectopascals(row.t()), row.saturation(), row.saturation() * .004);
        }
        if (row.dewPoint() >= 0) {
            assertEquals(Psychrometrics.dewPointC(row.t(), row.rh()), row.dewPoint(), .1);
        }
        if (row.wetBulb() >= 0) {
            double vapour = Psychrometrics.vapourHectopascals(row.t(), row.rh());
            assertEquals(Psychrometrics.wetBulbC(row.t(), vapour), row.wetBulb(), .4);
        }
    }
}
