package eventide.server;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.zip.GZIPInputStream;
import org.testng.annotations.AfterClass;
import org.testng.annotations.BeforeClass;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** A salon's file as an earlier version left it opens, whole, in this one; and so will whatever is tightened since. */
public class KeptSalonTest {
    private static final JsonMapper JSON = new JsonMapper();
    private static final int CLIENTS = 11;
    private static final int WASH_DAYS = 73;
    private static final int BOTTLES = 19;

    private RunningServer server;

    private static byte[] kept(String name) {
        try (InputStream in = KeptSalonTest.class.getResourceAsStream("/kept/2026-11/" + name + ".gz");
                GZIPInputStream whole = new GZIPInputStream(in)) {
            return whole.readAllBytes();
        } catch (IOException ex) {
            throw new UncheckedIOException(ex);
        }
    }

    @BeforeClass
    public void open() throws IOException {
        Path data = Files.createTempDirectory("eventide-kept");
        Files.write(data.resolve("eventide.mv.db"), kept("eventide.mv.db"));
        server = new RunningServer(data);
    }

    @AfterClass(alwaysRun = true)
    public void close() {
        server.close();
    }

    @Test
    public void everythingInItOpens() {
        JsonNode clients = server.get("/api/clients").body();
        assertEquals(clients.size(), CLIENTS);
        int days = 0;
        for (JsonNode client : clients) {
            JsonNode own = server.get("/api/clients/" + client.get("id") + "/wash-days")
                    .body();
            days += own.size();
            for (JsonNode day : own) {
                assertEquals(server.get("/api/wash-days/" + day.get("id")).status(), 200, day.toString());
            }
        }
        assertEquals(days, WASH_DAYS);
        assertEquals(server.get("/api/shelf/items").body().size(), BOTTLES);
        assertEquals(
                server.get("/api/exchange/log.json").body().get("entries"),
                tree("log.json").get("entries"));
    }

    private static JsonNode tree(String name) {
        return JSON.readTree(new String(kept(name), StandardCharsets.UTF_8));
    }

    @Test
    public void whatWasWrittenOutThenIsTakenIn() {
        String brought = JSON.writeValueAsString(
                JSON.createObjectNode().put("text", new String(kept("salon.json"), StandardCharsets.UTF_8)));
        try (RunningServer empty = new RunningServer(false)) {
            RunningServer.Answer taken = empty.post("/api/exchange", brought);
            assertEquals(taken.status(), 200, taken.body().toString());
            assertEquals(empty.get("/api/clients").body().size(), CLIENTS);
        }
    }

    /** What a later version might refuse, written into the file as an earlier one could have. */
    @DataProvider
    public Object[][] tightened() {
        return new Object[][] {
            {"lengthCm", "\"lengthCm\":34.0", "\"lengthCm\":900", "200"},
            {
                "strand",
                "\"strand\":\"MEDIUM\",\"porosity\"",
                "\"texture\":\"WIRY\",\"strand\":\"MEDIUM\",\"porosity\"",
                "MEDIUM"
            },
            {"scalp", "\"density\":\"MEDIUM\"", "\"density\":\"MEDIUM\",\"scalp\":[\"OILY\",\"TINGLING\"]", "OILY"},
        };
    }

    @Test(dataProvider = "tightened", dependsOnMethods = "everythingInItOpens")
    public void opensThoughARangeOrAWordWasTakenAway(String field, String from, String to, String reads) {
        String hair = JSON.writeValueAsString(
                server.get("/api/clients/2").body().get("hair").deepCopy());
        assertTrue(hair.contains(from), hair);
        server.execute("update client set hair = '" + hair.replace(from, to) + "' where id = 2");
        try {
            RunningServer.Answer answer = server.get("/api/clients/2");
            assertEquals(answer.status(), 200, answer.body().toString());
            String read = answer.body().at("/hair/" + field).toString();
            assertTrue(read.contains(reads), read);
            assertTrue(!read.contains("TINGLING"), read);
        } finally {
            server.execute("update client set hair = '" + hair + "' where id = 2");
        }
    }
}
