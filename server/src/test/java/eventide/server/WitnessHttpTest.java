package eventide.server;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import javax.imageio.ImageIO;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;

/** Photographs beside the eye at the front door: measured once, kept, and asked again where they were replaced. */
public class WitnessHttpTest {
    private static JsonNode read(RunningServer salon, String of) {
        JsonNode told;
        do {
            told = salon.get("/api/pictures/witness" + of).body();
        } while (told.get("unread").asInt() > 0);
        return told;
    }

    private static byte[] black() throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        ImageIO.write(new BufferedImage(200, 300, BufferedImage.TYPE_INT_RGB), "png", out);
        return out.toByteArray();
    }

    @Test
    public void picturesStandBesideTheEyeOverTheWashesThatHaveBoth() throws IOException {
        try (RunningServer salon = new RunningServer(true)) {
            assertEquals(read(salon, "").get("seen").size(), 0);
            List<JsonNode> scored = new ArrayList<>();
            for (JsonNode day : salon.get("/api/clients/2/wash-days").body()) {
                if (day.has("rating") && scored.size() < 4) {
                    scored.add(day);
                }
            }
            for (int i = 0; i < 4; i++) {
                String path = "/api/wash-days/" + scored.get(i).get("id") + "/photos/LEFT";
                byte[] lock = salon.bytes("/api/practice/swatches/" + (910 + i) + ".png");
                assertEquals(salon.upload(path, lock, "image/png"), 200);
            }
            JsonNode told = read(salon, "?client=2");
            assertEquals(told.get("seen").size() + told.get("unfit").asInt(), 4, told.toString());
            assertTrue(told.get("seen").size() >= 3, told.toString());
            for (JsonNode seen : told.get("seen")) {
                JsonNode day = scored.stream()
                        .filter(one -> one.get("id").equals(seen.get("washDay")))
                        .findFirst()
                        .orElseThrow();
                for (JsonNode score : seen.get("scores")) {
                    assertEquals(
                            score.get("eye").asDouble(),
                            day.at("/rating/byZone/LEFT/" + score.get("score").asString())
                                    .asDouble());
                    assertTrue(
                            score.get("low").asDouble() <= score.get("picture").asDouble());
                }
            }
            assertEquals(told.at("/report/pictures").asInt(), told.get("seen").size());
            assertEquals(
                    salon.get("/api/pictures/witness?client=3")
                            .body()
                            .get("seen")
                            .size(),
                    0);
            salon.restart();
            JsonNode again = salon.get("/api/pictures/witness?client=2").body();
            assertEquals(again, told, "kept, and not measured twice");
            long replaced = told.at("/seen/0/washDay").asLong();
            assertEquals(salon.upload("/api/wash-days/" + replaced + "/photos/LEFT", black(), "image/png"), 200);
            JsonNode since = read(salon, "?client=2");
            assertEquals(since.get("unfit").asInt(), told.get("unfit").asInt() + 1, "a dark picture says nothing");
            assertEquals(since.get("seen").size(), told.get("seen").size() - 1);
        }
    }
}
