package eventide.server;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import eventide.server.RunningServer.Answer;
import eventide.server.load.LongWork;
import java.io.IOException;
import java.net.Socket;
import java.net.URI;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.testng.annotations.AfterClass;
import org.testng.annotations.BeforeClass;
import org.testng.annotations.Test;

/** What a request may cost is reckoned before it is worked out, and what takes long says how far it came. */
public class BoundedTest {
    private static final String TANGLED =
            """
            {"strand":"COARSE","porosity":"HIGH","pattern":"4A","density":"HIGH","lengthCm":50,
             "zones":{"CROWN":{"strand":"FINE"},"NAPE":{"pattern":"4C"},"HAIRLINE":{"strand":"FINE","porosity":"LOW"}}}""";

    /** With no time to speak of. */
    private RunningServer hurried;

    private RunningServer patient;

    @BeforeClass
    public void start() {
        hurried = new RunningServer(false, 1);
        patient = new RunningServer(false, 300_000);
    }

    @AfterClass
    public void stop() {
        hurried.close();
        patient.close();
    }

    private static String group(int sections, int steps) {
        String inner = "{\"action\":\"APPLY\",\"product\":" + Bodies.GEL + "},";
        return "{\"action\":\"EACH_SECTION\",\"sections\":" + sections + ",\"steps\":[" + inner.repeat(steps - 1)
                + "{\"action\":\"SCRUNCH\",\"count\":1}]}";
    }

    @Test
    public void workNobodyDoesIsRefusedWithTheBoundAndTheNumber() {
        String routine = Bodies.steps((group(200, 10) + ",").repeat(19) + group(200, 10));
        Answer refused = hurried.post("/api/routines/check", Bodies.check(routine));
        assertEquals(refused.status(), 422);
        assertEquals(
                refused.body().at("/faults/0/message").asString(),
                "sections times the steps on each must be at most 2000, but were 40000");
        assertEquals(refused.body().at("/faults/0/pointer").asString(), "/routine/steps");
        assertEquals(hurried.post("/api/clients", "{\"name\":\"Nell\"}").status(), 201);
        assertEquals(
                hurried.post("/api/clients/1/wash-days", Bodies.washDay("Endless", routine))
                        .status(),
                422);
        String most = Bodies.steps(group(100, 10) + "," + group(100, 10));
        assertEquals(hurried.post("/api/routines/check", Bodies.check(most)).status(), 200, "as much as is allowed");
    }

    private static String shelf(int products) {
        Random random = new Random(3);
        List<String> all = new ArrayList<>();
        String[] roles = {"GEL", "CREAM", "LEAVE_IN", "MOUSSE", "OIL", "CLEANSER", "CONDITIONER"};
        for (int i = 0; i < products; i++) {
            all.add("{\"name\":\"p" + i + "\",\"role\":\"" + roles[i % roles.length] + "\",\"hold\":"
                    + random.nextInt(10)
                    + ",\"richness\":" + random.nextInt(10) + ",\"windowLow\":" + (20 + random.nextInt(40))
                    + ",\"windowHigh\":" + (75 + random.nextInt(25)) + "}");
        }
        return "[" + String.join(",", all) + "]";
    }

    private static String query(int products) {
        return "{\"hair\":" + TANGLED + ",\"goal\":" + Bodies.GOAL + ",\"air\":" + Bodies.AIR
                + ",\"limits\":{\"minutes\":180,\"tools\":[\"DIFFUSER\",\"BRUSH\",\"CLIPS\"]},\"shelf\":"
                + shelf(products) + "}";
    }

    private static String assumptions(int products) {
        String question = query(products);
        return question.substring(0, question.length() - 1)
                + ",\"assumed\":[\"strand\",\"porosity\",\"density\",\"pattern\",\"lengthCm\"]}";
    }

    @Test
    public void aShelfBeyondAnySalonsIsRefused() {
        Answer refused = hurried.post("/api/routines/suggest", query(501));
        assertEquals(refused.status(), 422);
        assertTrue(
                refused.body().toString().contains("at most 500 products, but was 501"),
                refused.body().toString());
    }

    @Test
    public void whatHasNoTimeSaysHowFarItCame() {
        for (String path : List.of("/api/routines/suggest", "/api/routines/schools", "/api/routines/air")) {
            Answer answer = hurried.post(path, query(60));
            assertEquals(answer.status(), 200, path);
            assertTrue(answer.body().path("unfinished").asString("").length() > 10, path + answer.body());
        }
        Answer resting = hurried.post("/api/hair/assumptions", assumptions(60));
        assertTrue(
                resting.body().path("unfinished").asString("").contains(" of 5 readings"),
                resting.body().toString());
        Answer plan = hurried.post("/api/routines/suggest", query(60));
        assertTrue(plan.body().at("/suggestions/0/routine/steps").size() > 0, "a plan all the same");
    }

    @Test
    public void whatCameToItsEndSaysNothingOfTime() {
        Answer answer = patient.post("/api/routines/suggest", query(7));
        assertTrue(
                answer.body().path("unfinished").isMissingNode(),
                answer.body().path("unfinished").toString());
    }

    /** Were the two still at it, the third would be told to come again later. */
    @Test
    public void aCallerWhoLeavesFreesTheirTurn() throws IOException {
        byte[] body = query(400).getBytes(StandardCharsets.UTF_8);
        String head = "POST /api/routines/schools HTTP/1.1\r\nHost: localhost\r\nContent-Type: application/json\r\n"
                + "Content-Length: " + body.length + "\r\n\r\n";
        int port = URI.create(patient.url("/")).getPort();
        List<Socket> callers = new ArrayList<>();
        for (int i = 0; i < 2; i++) {
            Socket caller = new Socket("127.0.0.1", port);
            caller.getOutputStream().write(head.getBytes(StandardCharsets.US_ASCII));
            caller.getOutputStream().write(body);
            caller.getOutputStream().flush();
            callers.add(caller);
        }
        while (patient.part(LongWork.class).atWork() < 2) {
            Thread.onSpinWait();
        }
        for (Socket caller : callers) {
            caller.close();
        }
        assertEquals(patient.post("/api/routines/suggest", query(7)).status(), 200);
    }
}
