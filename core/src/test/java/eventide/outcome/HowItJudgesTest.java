package eventide.outcome;

import static org.testng.Assert.assertTrue;

import java.io.IOException;
import java.lang.reflect.Field;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Locale;
import org.testng.annotations.Test;

/** What a stylist can read about the model is what the model is. */
public class HowItJudgesTest {
    @Test
    public void everyConstantOfTheResultStandsInThePageWithItsValue() throws IOException, IllegalAccessException {
        String page = Files.readString(Path.of("..", "docs", "how-it-judges.md"));
        int count = 0;
        for (Field field : Constants.class.getDeclaredFields()) {
            if (field.getType() != double.class) {
                continue;
            }
            double value = field.getDouble(null);
            String said =
                    value == Math.rint(value) ? Long.toString((long) value) : String.format(Locale.ROOT, "%s", value);
            assertTrue(page.contains("| `" + field.getName() + "` | " + said + " |"), field.getName() + " = " + said);
            count++;
        }
        assertTrue(count > 30, "constants: " + count);
    }
}
