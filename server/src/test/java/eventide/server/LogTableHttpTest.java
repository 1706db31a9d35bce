package eventide.server;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.util.List;
import org.testng.annotations.AfterClass;
import org.testng.annotations.BeforeClass;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** The log as a table: all that is scored, measured and seen on the days after. */
public class LogTableHttpTest {
    private RunningServer demo;

    @BeforeClass
    public void start() {
        demo = new RunningServer(true);
    }

    @AfterClass
    public void stop() {
        demo.close();
    }

    @Test
    public void aTableCarriesStrandsAndTheDaysAfter() {
        JsonNode salon = demo.get("/api/exchange").body();
        int following = 0;
        int measured = 0;
        for (JsonNode client : salon.get("clients")) {
            for (JsonNode day : client.get("washDays")) {
                following += day.get("following").size();
                ((ObjectNode) day).putArray("following");
                if (day.get("rating") instanceof ObjectNode rating) {
                    measured += rating.has("strands") || rating.has("measured") ? 1 : 0;
                    rating.remove(List.of("strands", "measured"));
                }
            }
        }
        assertTrue(following > 10 && measured > 0, following + " days after, " + measured + " by the ruler");
        try (RunningServer other = new RunningServer(false)) {
            assertEquals(
                    other.post("/api/exchange", ExchangeHttpTest.brought(salon.toString(), ""))
                            .status(),
                    200);
            String table = ExchangeHttpTest.text(demo, "/api/exchange/log.csv");
            assertEquals(
                    other.post("/api/exchange/log", ExchangeHttpTest.scores("CSV", table))
                            .status(),
                    200);
            assertTrue(
                    other.get("/api/exchange/log.json")
                            .body()
                            .equals(demo.get("/api/exchange/log.json").body()),
                    "scores, strands and the days after, by table alone");
        }
    }

    @DataProvider
    Object[][] mistyped() {
        return new Object[][] {
            {"strands", "CROWN 12", "strands must be cm natural/stretched"},
            {"strands", "TEMPLE 12/30", "strands must be cm natural/stretched"},
            {"lock", "30/12", "naturalCm must be at most stretchedCm"},
            {"day", "1", "day must be from 2 to 30"},
            {"refreshed", "BLEACHED", "refreshed must be of SHAKEN"},
        };
    }

    @Test(dataProvider = "mistyped")
    public void aMistypedCellIsSaid(String column, String cell, String fault) {
        String head = "client,plannedAt,castBroken,rootsDry,zone,definition,clumping,frizz,volume,lock,strands,day,"
                + "refreshed,over\r\n";
        boolean after = column.equals("day") || column.equals("refreshed");
        String[] names = head.strip().split(",");
        String[] cells = "A,2026-05-01T09:00:00Z,true,true,CROWN,5,5,5,5,,,,,".split(",", -1);
        cells[11] = after ? "2" : "";
        for (int i = 0; i < names.length; i++) {
            cells[i] = names[i].equals(column) ? cell : cells[i];
        }
        String preview = demo.post(
                        "/api/exchange/log/preview", ExchangeHttpTest.scores("CSV", head + String.join(",", cells)))
                .body()
                .toString();
        assertTrue(preview.contains(fault), preview);
    }
}
