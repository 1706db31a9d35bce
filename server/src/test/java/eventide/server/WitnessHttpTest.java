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

    /** Two taps are kept with the photograph, travel with it, and go when another takes its place. */
    @Test
    public void twoTapsSetTheScaleOfAPhotographForGood() throws IOException {
        try (RunningServer salon = new RunningServer(true);
                RunningServer other = new RunningServer(false)) {
            long day = salon.get("/api/clients/2/wash-days")
                    .body()
                    .get(0)
                    .get("id")
                    .asLong();
            String photos = "/api/wash-days/" + day + "/photos";
            byte[] lock = salon.bytes("/api/practice/swatches/911.png");
            assertEquals(salon.upload(photos + "/LEFT", lock, "image/png"), 200);
            String key = "/api/wash-days/photos/"
                    + salon.get(photos).body().get(0).get("key").asString();
            JsonNode before = salon.get(key + "/measured").body();
            assertTrue(before.at("/millimetresPerPixel").isMissingNode());
            String taps = "{\"fromX\":0,\"fromY\":0.5,\"toX\":1,\"toY\":0.5,\"millimetres\":80}";
            JsonNode ruled = salon.put(key + "/ruler", taps, null).body();
            assertEquals(
                    ruled.get("millimetresPerPixel").asDouble(),
                    80.0 / ruled.at("/pixels/width").asInt(),
                    1e-9);
            assertEquals(ruled.at("/measures/clumpWidth/unit").asString(), "mm");
            salon.restart();
            assertEquals(salon.get(key + "/measured").body(), ruled);
            assertEquals(
                    salon.put(key + "/ruler", taps.replace("80", "3"), null).status(), 422);
            assertEquals(
                    salon.put("/api/wash-days/photos/nobody/ruler", taps, null).status(), 404);

            String out = salon.get("/api/exchange?client=2").body().toString();
            assertTrue(out.contains("\"millimetres\":80.0"));
            assertEquals(
                    other.post("/api/exchange", ExchangeHttpTest.brought(out, ""))
                            .status(),
                    200);
            assertEquals(other.get("/api/exchange").body().toString().contains("\"millimetres\":80.0"), true);

            assertEquals(salon.upload(photos + "/LEFT", lock, "image/png"), 200);
            String next = "/api/wash-days/photos/"
                    + salon.get(photos).body().get(0).get("key").asString();
            assertEquals(salon.get(next + "/measured").body(), before);
        }
    }
}
