package eventide.server;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.util.Random;
import org.testng.annotations.AfterClass;
import org.testng.annotations.BeforeClass;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;

/** What cannot have happened is refused in words, and what did is drawn from the shelf to the drop. */
public class ChairLedgerHttpTest {
    private static final String CLARIFIER =
            "{\"name\":\"tide clear\",\"role\":\"CLARIFIER\",\"hold\":0,\"richness\":0,\"windowLow\":0,\"windowHigh\":100}";
    private RunningServer server;

    @BeforeClass
    public void start() {
        server = new RunningServer(false);
    }

    @AfterClass
    public void stop() {
        server.close();
    }

    private long client() {
        return id(server.post("/api/clients", "{\"name\":\"Hale Dunnock\",\"hair\":" + Bodies.HAIR + "}"));
    }

    private static long id(RunningServer.Answer added) {
        assertEquals(added.status(), 201, added.body().toString());
        return added.body().get("id").asLong();
    }

    private String washDay(long client, String steps) {
        return "/api/wash-days/"
                + id(server.post(
                        "/api/clients/" + client + "/wash-days",
                        "{\"name\":\"Saturday\",\"hair\":" + Bodies.HAIR + ",\"goal\":" + Bodies.GOAL + ",\"air\":"
                                + Bodies.AIR + ",\"routine\":" + Bodies.steps(steps) + "}"));
    }

    private static String event(int no, String kind, String more) {
        return "{\"id\":\"e" + no + "\",\"seq\":" + no
                + ",\"at\":\"2026-05-01T09:%02d:00Z\",\"kind\":\"%s\"%s}".formatted(no, kind, more);
    }

    private RunningServer.Answer send(String day, String... events) {
        return server.post(day + "/events", "{\"events\":[" + String.join(",", events) + "]}");
    }

    @DataProvider
    Object[][] nonsense() {
        return new Object[][] {
            {"SWAP", ",\"step\":1,\"product\":" + Bodies.GEL, "puts nothing on"},
            {"SWAP", ",\"step\":0,\"product\":" + CLARIFIER, "cannot take its place"},
            {"SWAP", ",\"step\":0,\"inner\":4,\"product\":" + Bodies.GEL, "has no step 5 inside"},
            {"AMOUNT", ",\"step\":1,\"ratio\":2", "puts nothing on"},
            {"ANSWERED", ",\"timer\":\"nonsense\"", "No timer of this wash is called"},
            {"DONE", ",\"step\":17", "step must be from 0 to 2"},
        };
    }

    @Test(dataProvider = "nonsense")
    public void whatCannotHaveHappenedIsRefused(String kind, String more, String words) {
        String day = washDay(
                client(),
                "{\"action\":\"APPLY\",\"product\":" + Bodies.GEL
                        + "},{\"action\":\"SHAKE_ROOTS\"},{\"action\":\"AIR\"}");
        assertEquals(send(day, event(0, "BEGIN", "")).status(), 200);
        RunningServer.Answer refused =
                send(day, event(1, "NOTE", ",\"zone\":\"CROWN\",\"sign\":\"GOOD\""), event(2, kind, more));
        assertEquals(refused.status(), 422, refused.body().toString());
        assertTrue(
                refused.body().at("/faults/0/pointer").asString().startsWith("/events/1/"),
                refused.body().toString());
        assertTrue(
                refused.body().at("/faults/0/message").asString().contains(words),
                refused.body().toString());
        assertEquals(server.get(day + "/events").body().size(), 1, "nothing of the delivery was taken");
    }

    @Test
    public void oneHeadIsInOneChair() {
        long client = client();
        String first = washDay(client, "{\"action\":\"AIR\"}");
        String second = washDay(client, "{\"action\":\"AIR\"}");
        assertEquals(send(first, event(0, "BEGIN", "")).status(), 200);
        RunningServer.Answer refused = send(second, event(0, "BEGIN", ""));
        assertEquals(refused.status(), 409);
        assertTrue(
                refused.body().get("detail").asString().contains("still running"),
                refused.body().toString());
        assertEquals(send(first, event(1, "FINISH", "")).status(), 200);
        assertEquals(send(second, event(0, "BEGIN", "")).status(), 200);
    }

    @Test
    public void aWashThatNeverRanIsNotScoredUnasked() {
        String day = washDay(client(), "{\"action\":\"AIR\"}");
        String rating = "{\"castBroken\":true,\"rootsDry\":true,\"byZone\":{\"CROWN\":{\"definition\":6,\"clumping\":6,"
                + "\"frizz\":2,\"volume\":5}}}";
        RunningServer.Answer refused =
                server.put(day + "/rating", rating, server.get(day).etag());
        assertEquals(refused.status(), 409);
        assertTrue(
                refused.body().get("detail").asString().contains("was not done yet"),
                refused.body().toString());
        assertEquals(
                server.put(
                                day + "/rating?asPlanned=true",
                                rating,
                                server.get(day).etag())
                        .status(),
                200);
    }

    private long bottle(String name, double stock) {
        return id(server.post(
                "/api/products",
                "{\"name\":\"" + name
                        + "\",\"role\":\"GEL\",\"hold\":6,\"richness\":2,\"windowLow\":50,\"windowHigh\":98,"
                        + "\"stockMl\":" + stock + "}"));
    }

    private double stock(long product) {
        for (JsonNode bottle : server.get("/api/products").body()) {
            if (bottle.get("id").asLong() == product) {
                return bottle.get("stockMl").asDouble();
            }
        }
        throw new AssertionError("no bottle " + product);
    }

    private static String gel(long id) {
        return "{\"id\":" + id + "}";
    }

    @Test
    public void aMixIsDrawnByItsShares() {
        long one = bottle("one", 100);
        long other = bottle("other", 100);
        String day = washDay(
                client(),
                "{\"action\":\"APPLY\",\"amountMl\":20,\"mix\":[{\"product\":" + gel(one)
                        + ",\"share\":0.25},{\"product\":" + gel(other) + ",\"share\":0.75}]}");
        assertEquals(
                send(day, event(0, "BEGIN", ""), event(1, "DONE", ",\"step\":0"))
                        .status(),
                200);
        assertEquals(stock(one), 95.0);
        assertEquals(stock(other), 85.0);
    }

    @Test
    public void aSwapInMidStepDrawsEachForItsSections() {
        long first = bottle("first", 100);
        long later = bottle("later", 100);
        String day = washDay(
                client(),
                "{\"action\":\"EACH_SECTION\",\"sections\":14,\"steps\":[{\"action\":\"APPLY\",\"amountMl\":28,\"product\":"
                        + gel(first) + "},{\"action\":\"SMOOTH\",\"minutes\":2}]}");
        send(day, event(0, "BEGIN", ""));
        for (int i = 0; i < 13; i++) {
            send(day, event(i + 1, "SECTION", ",\"step\":0,\"section\":" + i));
        }
        send(day, event(14, "SWAP", ",\"step\":0,\"inner\":0,\"product\":" + gel(later)));
        send(day, event(15, "SECTION", ",\"step\":0,\"section\":13"));
        assertEquals(stock(first), 74.0, .05, "thirteen sections of two millilitres");
        assertEquals(stock(later), 98.0, .05, "and one");
        // Said afterwards: it was half as much again.
        send(day, event(16, "AMOUNT", ",\"step\":0,\"inner\":0,\"ratio\":1.5"));
        assertEquals(stock(first), 61.0, .05);
        assertEquals(stock(later), 97.0, .05);
        JsonNode line = server.get("/api/wash-days?product=later").body().at("/lines/0");
        assertEquals(line.get("products").toString(), "[\"first\",\"later\"]");
    }

    @Test
    public void drawnAndLeftIsBoughtWhateverHappens() {
        Random random = new Random(12);
        for (int i = 0; i < 12; i++) {
            long own = bottle("own " + i, 30);
            long other = bottle("other " + i, 8);
            String day = washDay(
                    client(),
                    "{\"action\":\"EACH_SECTION\",\"sections\":4,\"steps\":[{\"action\":\"APPLY\",\"amountMl\":"
                            + (4 + random.nextInt(40)) + ",\"product\":" + gel(own)
                            + "},{\"action\":\"SMOOTH\",\"minutes\":2}]}");
            send(day, event(0, "BEGIN", ""));
            for (int k = 1; k < 16; k++) {
                String more = ",\"step\":0";
                switch (random.nextInt(6)) {
                    case 0 ->
                        send(
                                day,
                                event(
                                        k,
                                        "SWAP",
                                        more + ",\"inner\":0,\"product\":" + gel(random.nextBoolean() ? own : other)));
                    case 1 ->
                        send(day, event(k, "AMOUNT", more + ",\"inner\":0,\"ratio\":" + random.nextInt(12) / 4.0));
                    case 2 -> send(day, event(k, random.nextBoolean() ? "BACK" : "FINISH", more));
                    case 3 -> server.post(day + "/stock/undo", "");
                    default -> send(day, event(k, "SECTION", more + ",\"section\":" + random.nextInt(4)));
                }
                double drawnOwn = drawn(day, own);
                double drawnOther = drawn(day, other);
                assertEquals(stock(own) + drawnOwn, 30, .02, "own, run " + i + " at " + k);
                assertEquals(stock(other) + drawnOther, 8, .02, "other, run " + i + " at " + k);
            }
        }
    }

    private double drawn(String day, long product) {
        double sum = 0;
        for (JsonNode move : server.get(day + "/stock").body()) {
            boolean counts = move.get("productId").asLong() == product
                    && !move.get("undone").asBoolean();
            sum += counts ? move.get("takenMl").asDouble() : 0;
        }
        return sum;
    }
}
