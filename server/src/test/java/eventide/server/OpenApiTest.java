package eventide.server;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** The committed description is the served one; the screens' types are generated from it. */
public class OpenApiTest {
    @Test
    public void servedAndCommittedAgree() throws IOException {
        try (RunningServer server = new RunningServer(false)) {
            JsonNode served = server.get("/api/openapi.json").body();
            JsonNode committed = new JsonMapper().readTree(Files.readString(Path.of("..", "docs", "openapi.json")));
            assertEquals(
                    served, committed, "run bin/openapi and commit docs/openapi.json with web/src/api/schema.d.ts");
            JsonNode words = server.get("/api/words").body();
            JsonNode built =
                    new JsonMapper().readTree(Files.readString(Path.of("..", "web", "src", "api", "words.json")));
            assertEquals(words, built, "run bin/openapi and commit web/src/api/words.json");
        }
    }

    @Test
    public void rangesAndWordsStandInIt() throws IOException {
        JsonNode api = new JsonMapper().readTree(Files.readString(Path.of("..", "docs", "openapi.json")));
        assertEquals(
                api.at("/components/schemas/Hair/properties/lengthCm/maximum").asInt(), 200);
        assertTrue(api.at("/components/schemas/Hair/properties/pattern/enum")
                .toString()
                .contains("2A"));
        assertTrue(api.at("/components/schemas/Hair/required").toString().contains("porosity"));
    }
}
