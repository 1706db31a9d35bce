package eventide.server;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertNotEquals;
import static org.testng.Assert.assertTrue;

import biweekly.Biweekly;
import biweekly.ICalendar;
import biweekly.component.VEvent;
import eventide.server.RunningServer.Answer;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.testng.annotations.AfterClass;
import org.testng.annotations.BeforeClass;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;

/** The diary at the front door of the demo salon; its calendars read by a second library. */
public class DiaryHttpTest {
    private static final String HEAD =
            "\"hair\":{\"strand\":\"FINE\",\"porosity\":\"MEDIUM\",\"pattern\":\"3A\",\"density\":\"MEDIUM\",\"lengthCm\":40},"
                    + "\"goal\":{\"definition\":2,\"volume\":2,\"length\":0,\"softness\":1,\"longevity\":1}";

    private RunningServer server;

    @BeforeClass
    public void start() {
        server = new RunningServer(true);
    }

    @AfterClass
    public void stop() {
        server.close();
    }

    private long client(String name) {
        for (JsonNode client : server.get("/api/clients").body()) {
            if (client.get("name").asString().equals(name)) {
                return client.get("id").asLong();
            }
        }
        throw new IllegalStateException("no " + name);
    }

    private Answer diary(String name) {
        Answer answer = server.get("/api/clients/" + client(name) + "/diary");
        assertEquals(answer.status(), 200, answer.body().toString());
        return answer;
    }

    private List<JsonNode> lines(String topic) {
        List<JsonNode> lines = new ArrayList<>();
        for (JsonNode line : server.get("/api/today/desk").body().get("lines")) {
            if (line.get("topic").asString().equals(topic)) {
                lines.add(line);
            }
        }
        return lines;
    }

    @Test
    public void daysAreBackPlannedWithoutAnythingBeingKept() {
        Answer plan = server.post(
                "/api/diary/plan",
                "{" + HEAD
                        + ",\"from\":\"2026-02-20\",\"to\":\"2026-04-02\",\"washes\":[{\"date\":\"2026-02-18\",\"clarified\":true}],"
                        + "\"event\":{\"at\":\"2026-03-14T18:00:00\",\"name\":\"the opening\"},"
                        + "\"workingHours\":{\"from\":\"10:00\",\"to\":\"17:00\"},"
                        + "\"busy\":[{\"from\":\"2026-03-13T10:00\",\"to\":\"2026-03-13T12:00\"}]}");
        assertEquals(plan.status(), 200, plan.body().toString());
        LocalDateTime wash = LocalDateTime.parse(plan.body().at("/event/washAt").asString());
        assertEquals(wash.toLocalDate(), LocalDate.parse("2026-03-13"));
        assertTrue(wash.getHour() >= 12 && wash.getHour() < 17, wash.toString());
        Set<String> kinds = new HashSet<>();
        plan.body().get("entries").forEach(entry -> kinds.add(entry.get("kind").asString()));
        assertTrue(
                kinds.containsAll(Set.of("WASH", "CLARIFY", "MASK", "REHEARSE", "REFRESH", "SCORE_DAY", "EVENT")),
                kinds.toString());
    }

    /** What is planned for the next wash and was never on this head is tried on the skin first; what it has had is not. */
    @Test
    public void aBottleThatIsNewInThePlanWantsAPatchTest() {
        long id = client("Wren Castellan");
        String plan = "{\"name\":\"next\"," + HEAD + ",\"air\":" + Bodies.AIR
                + ",\"routine\":{\"formatVersion\":1,\"steps\":[{\"action\":\"RINSE\"},{\"action\":\"APPLY\",\"product\":"
                + "{\"name\":\"%s\",\"role\":\"GEL\",\"hold\":6,\"richness\":2,\"windowLow\":50,\"windowHigh\":95}}]}}";
        String worn = server.get("/api/clients/" + id + "/wash-days").body().findValues("product").stream()
                .filter(product -> product.at("/role").asString().equals("GEL"))
                .map(product -> product.at("/name").asString())
                .findFirst()
                .orElseThrow();
        assertEquals(
                server.post("/api/clients/" + id + "/wash-days", plan.formatted(worn))
                        .status(),
                201);
        String had = diary("Wren Castellan").body().toString();
        assertFalse(had.contains(worn + " is new"), had);
        assertEquals(
                server.post("/api/clients/" + id + "/wash-days", plan.formatted("Rip strong gel"))
                        .status(),
                201);
        JsonNode body = diary("Wren Castellan").body();
        String said = body.at("/plan/entries").toString() + body.at("/plan/conflicts");
        assertTrue(said.contains("Rip strong gel") && said.contains("PATCH_TEST"), said);
    }

    @Test
    public void whatDoesNotExistIsSaidWhereItStands() {
        Answer bad = server.post(
                "/api/diary/plan",
                "{" + HEAD
                        + ",\"from\":\"2026-02-30\",\"to\":\"2026-04-02\",\"washes\":[],\"cadence\":{\"washEveryDays\":0}}");
        assertEquals(bad.status(), 422);
        assertEquals(bad.body().at("/faults/0/pointer").asString(), "/from");
        assertEquals(bad.body().at("/faults/1/pointer").asString(), "/cadence/washEveryDays");
        Answer past = server.post(
                "/api/diary/plan",
                "{" + HEAD
                        + ",\"from\":\"2026-03-02\",\"to\":\"2026-04-02\",\"washes\":[],\"event\":{\"at\":\"2026-03-01T18:00:00\"}}");
        assertEquals(past.status(), 422);
        assertEquals(past.body().at("/faults/0/pointer").asString(), "/event/at");
        Answer hours = server.post(
                "/api/diary/plan",
                "{" + HEAD + ",\"from\":\"2026-03-02\",\"to\":\"2026-04-02\",\"washes\":[],"
                        + "\"workingHours\":{\"from\":\"18:00\",\"to\":\"25:00\"}}");
        assertEquals(hours.status(), 422);
        Answer years = server.post(
                "/api/diary/plan", "{" + HEAD + ",\"from\":\"2026-03-02\",\"to\":\"2036-04-02\",\"washes\":[]}");
        assertEquals(years.status(), 422, years.body().toString());
    }

    @Test
    public void aMorningIsAnsweredWithARefreshOrTheWordThatAWashIsDue() {
        String worn = "\"air\":" + Bodies.AIR + ",\"worn\":{\"formatVersion\":1,\"steps\":[{\"action\":\"RINSE\"},"
                + "{\"action\":\"APPLY\",\"product\":{\"name\":\"Ebb gel\",\"role\":\"GEL\",\"hold\":6,\"richness\":2,"
                + "\"windowLow\":50,\"windowHigh\":95}},{\"action\":\"CUP\",\"untilDry\":100}]},\"shelf\":[{\"id\":6}]";
        Answer second = server.post(
                "/api/care/refresh",
                "{" + HEAD + "," + worn + ",\"day\":2,\"nights\":\"SATIN\",\"zones\":[\"CROWN\"]}");
        assertEquals(second.status(), 200, second.body().toString());
        assertFalse(second.body().get("washDue").asBoolean());
        assertTrue(second.body().get("minutes").asDouble() <= 30);
        assertTrue(second.body().has("tide")
                && second.body().has("findings")
                && second.body().has("outcome"));
        Answer ninth = server.post("/api/care/refresh", "{" + HEAD + "," + worn + ",\"day\":9}");
        assertTrue(ninth.body().get("washDue").asBoolean());
        assertFalse(ninth.body().has("routine"));
        assertEquals(
                server.post("/api/care/refresh", "{" + HEAD + "," + worn + ",\"day\":1}")
                        .status(),
                422);
    }

    @Test
    public void theDemoHasAnOpeningNightWithThreeHeadsAConflictProteinLateAndABestSecondDay() {
        JsonNode event = server.get("/api/today/desk").body().at("/events/0");
        assertEquals(event.get("name").asString(), "opening night");
        assertEquals(lines("EVENT").size(), 3);
        assertTrue(lines("EVENT").stream().allMatch(line -> line.get("days").asInt() == 12));
        assertTrue(lines("EVENT").stream()
                .anyMatch(line -> line.get("what").asString().contains("No hour is free")));
        assertTrue(lines("OVERDUE").stream()
                .anyMatch(line -> line.get("who").asString().equals("Bram Tolliver")
                        && line.get("what").asString().startsWith("Protein 9 days late")));
        assertTrue(diary("Sabine Orlo").body().at("/aftercare/best").asString().startsWith("Day 2 beats day 1"));
        assertEquals(lines("VISIT").size(), 2);
        assertTrue(lines("VISIT").get(0).get("at").asString().endsWith("T10:00:00"));
    }

    @Test
    public void whatIsKeptOfADiaryIsKeptOnceAndAStaleHandIsTold() {
        Answer before = diary("Corin Thessaly");
        long id = client("Corin Thessaly");
        LocalDate wash = null;
        for (JsonNode entry : before.body().at("/plan/entries")) {
            wash = wash == null && entry.get("kind").asString().equals("WASH")
                    ? LocalDate.parse(entry.get("date").asString())
                    : wash;
        }
        String body =
                "{\"cadence\":{\"trimEveryWeeks\":8},\"moved\":[{\"kind\":\"WASH\",\"from\":\"" + wash + "\",\"to\":\""
                        + wash.plusDays(1) + "\"}],\"visits\":[{\"at\":\"" + wash.plusDays(1) + "T11:00:00\"}]}";
        Answer kept = server.put("/api/clients/" + id + "/diary", body, before.etag());
        assertEquals(kept.status(), 200, kept.body().toString());
        JsonNode first = kept.body().at("/plan/entries/0");
        assertEquals(first.get("date").asString(), wash.plusDays(1).toString());
        assertEquals(first.get("source").asString(), "HAND");
        assertEquals(
                server.put("/api/clients/" + id + "/diary", body, before.etag()).status(), 412);
        assertEquals(server.put("/api/clients/" + id + "/diary", body, null).status(), 428);
        assertEquals(diary("Corin Thessaly").body().get("kept"), kept.body().get("kept"));
    }

    private Map<String, VEvent> events(String path) {
        String text = server.text(path);
        List<ICalendar> read = Biweekly.parse(text).all();
        assertEquals(read.size(), 1, text);
        Map<String, VEvent> events = new LinkedHashMap<>();
        for (VEvent event : read.get(0).getEvents()) {
            assertTrue(events.put(event.getUid().getValue(), event) == null, "one of a uid: " + event.getUid());
        }
        return events;
    }

    @Test
    public void aCalendarIsReadBackByAnotherReader() {
        long id = client("Ottoline Marsh");
        Map<String, VEvent> told = events("/api/clients/" + id + "/diary.ics");
        ZoneId zone = server.part(ZoneId.class);
        int timed = 0;
        for (JsonNode entry : diary("Ottoline Marsh").body().at("/plan/entries")) {
            String kind = entry.get("kind").asString();
            VEvent event = told.get("head-" + id + "-" + kind.toLowerCase(java.util.Locale.ROOT) + "-"
                    + entry.get("date").asString() + "@even-tide");
            if (Set.of("WASH", "EVENT").contains(kind)) {
                Instant at = LocalDateTime.parse(entry.get("at").asString())
                        .atZone(zone)
                        .toInstant();
                assertEquals(event.getDateStart().getValue().toInstant(), at);
                assertEquals(event.getAlarms().size(), 1);
                timed++;
            }
        }
        assertTrue(timed > 5, "with an hour: " + timed);
        Map<String, VEvent> again = events("/api/clients/" + id + "/diary.ics");
        assertEquals(again.keySet(), told.keySet(), "asked twice it is the same");
        again.values().forEach(event -> assertEquals(event.getSequence().getValue(), (Integer) 0));
    }

    @Test
    public void whatIsMovedIsTakenBackAndToldAnew() {
        long id = client("Maud Ravel");
        Map<String, VEvent> before = events("/api/clients/" + id + "/diary.ics");
        Answer diary = diary("Maud Ravel");
        String wash = null;
        for (JsonNode entry : diary.body().at("/plan/entries")) {
            wash = entry.get("kind").asString().equals("WASH")
                    ? entry.get("date").asString()
                    : wash;
        }
        String uid = "head-" + id + "-wash-" + wash + "@even-tide";
        assertTrue(before.containsKey(uid));
        String kept = diary.body().get("kept").toString();
        String body = kept.substring(0, kept.length() - 1) + (kept.length() > 2 ? "," : "")
                + "\"moved\":[{\"kind\":\"WASH\",\"from\":\"" + wash + "\"}]}";
        assertEquals(
                server.put("/api/clients/" + id + "/diary", body, diary.etag()).status(), 200);
        VEvent gone = events("/api/clients/" + id + "/diary.ics").get(uid);
        assertTrue(gone.getStatus().isCancelled());
        assertEquals(gone.getSequence().getValue(), (Integer) 1);
    }

    @Test
    public void anAddressIsSecretAndCanBeRevoked() {
        String path = "/api/clients/" + client("Jory Penhale") + "/diary/address";
        assertFalse(server.get(path).body().has("path"));
        String first = server.post(path, "{}").body().get("path").asString();
        assertTrue(server.text(first).startsWith("BEGIN:VCALENDAR"));
        String second = server.post(path, "{}").body().get("path").asString();
        assertNotEquals(first, second);
        assertEquals(server.get(first).status(), 404, "the old one answers no more");
        assertEquals(server.delete(path).status(), 204);
        assertEquals(server.get(second).status(), 404);
        assertEquals(server.get("/calendar/guessed.ics").status(), 404);
    }

    @Test
    public void busyHoursAreReadFromAFileAndABrokenOneNamesItsLine() {
        LocalDate monday = LocalDate.now(server.part(ZoneId.class)).plusDays(3);
        String day = monday.toString().replace("-", "");
        String file =
                "BEGIN:VCALENDAR\\r\\nVERSION:2.0\\r\\nPRODID:-//a//b//EN\\r\\nBEGIN:VEVENT\\r\\nUID:1\\r\\nDTSTAMP:20261101T000000Z"
                        + "\\r\\nDTSTART:" + day + "T100000\\r\\nDTEND:" + day
                        + "T113000\\r\\nRRULE:FREQ=WEEKLY;COUNT=3\\r\\nEND:VEVENT"
                        + "\\r\\nBEGIN:VEVENT\\r\\nUID:2\\r\\nDTSTAMP:20261101T000000Z\\r\\nDTSTART;VALUE=DATE:" + day
                        + "\\r\\nTRANSP:TRANSPARENT\\r\\nEND:VEVENT\\r\\nEND:VCALENDAR\\r\\n";
        Answer busy = server.post("/api/diary/busy", "{\"text\":\"" + file + "\"}");
        assertEquals(busy.status(), 200, busy.body().toString());
        assertEquals(busy.body().size(), 3);
        assertEquals(busy.body().at("/0/from").asString(), monday + "T10:00:00");
        Answer broken = server.post(
                "/api/diary/busy",
                "{\"text\":\"" + file.replace("DTSTART:" + day + "T100000", "DTSTART:tomorrow") + "\"}");
        assertEquals(broken.status(), 422);
        assertTrue(
                broken.body().at("/faults/0/message").asString().contains("line 7"),
                broken.body().toString());
        Answer hours = server.get("/api/diary/hours");
        Answer saved = server.put(
                "/api/diary/hours",
                "{\"hours\":{\"from\":\"08:00\",\"to\":\"18:00\",\"days\":[\"MONDAY\",\"TUESDAY\",\"SATURDAY\"]},\"busy\":"
                        + hours.body().at("/diary/busy") + "}",
                hours.etag());
        assertEquals(saved.status(), 200, saved.body().toString());
        assertEquals(server.put("/api/diary/hours", "{}", hours.etag()).status(), 412);
    }

    /** What goes out as a calendar comes in as the same hours. */
    @Test
    public void ourOwnCalendarIsReadAsBusyHours() {
        long id = client("Bram Tolliver");
        String file = server.text("/api/clients/" + id + "/diary.ics");
        Answer busy = server.post(
                "/api/diary/busy", "{\"text\":\"" + file.replace("\\", "\\\\").replace("\r\n", "\\r\\n") + "\"}");
        assertEquals(busy.status(), 200, busy.body().toString());
        Set<String> hours = new HashSet<>();
        busy.body().forEach(one -> hours.add(one.get("from").asString()));
        int washes = 0;
        for (JsonNode entry : diary("Bram Tolliver").body().at("/plan/entries")) {
            if (entry.get("kind").asString().equals("WASH")) {
                assertTrue(hours.contains(entry.get("at").asString()), entry + " of " + hours);
                washes++;
            }
        }
        assertTrue(washes > 5, "washes: " + washes);
    }

    @Test
    public void aRefreshAtTheChairIsNoWash() {
        long id = client("Tamsin Hale");
        JsonNode before = diary("Tamsin Hale").body();
        Answer refresh = server.post("/api/clients/" + id + "/diary/refresh", "{\"zones\":[\"CROWN\"],\"minutes\":30}");
        assertEquals(refresh.status(), 200, refresh.body().toString());
        JsonNode client = server.get("/api/clients/" + id).body();
        Answer day = server.post(
                "/api/clients/" + id + "/wash-days",
                "{\"name\":\"Refresh\",\"hair\":" + client.get("hair") + ",\"goal\":" + client.get("goal") + ",\"air\":"
                        + Bodies.AIR + ",\"routine\":"
                        + (refresh.body().get("washDue").asBoolean()
                                ? "{\"formatVersion\":1,\"startWetness\":0,\"steps\":[{\"action\":\"MIST\"},{\"action\":\"AIR\"}]}"
                                : refresh.body().get("routine"))
                        + "}");
        assertTrue(day.body().get("refresh").asBoolean(), day.body().toString());
        String now = Instant.now().toString();
        Answer begun = server.post(
                "/api/wash-days/" + day.body().get("id") + "/events",
                "{\"events\":[{\"id\":\"a\",\"at\":\"" + now + "\",\"kind\":\"BEGIN\"}]}");
        assertTrue(begun.status() < 300, begun.body().toString());
        assertEquals(diary("Tamsin Hale").body().get("washDay"), before.get("washDay"));
        assertEquals(diary("Tamsin Hale").body().get("wearDay"), before.get("wearDay"));
    }

    @Test
    public void theSheetCarriesTheFirstNameOnly() {
        String text = server.text("/api/clients/" + client("Sabine Orlo") + "/diary/sheet.txt");
        assertTrue(text.startsWith("Sabine") && !text.contains("Orlo"), text);
    }

    @Test
    public void aClientsDiaryGoesOutWithTheClient() {
        long id = client("Wren Castellan");
        Answer diary = diary("Wren Castellan");
        server.put("/api/clients/" + id + "/diary", "{\"lastTrim\":\"2026-09-01\"}", diary.etag());
        JsonNode file = server.get("/api/exchange?client=" + id).body();
        assertEquals(file.at("/clients/0/diary/lastTrim").asString(), "2026-09-01");
    }
}
