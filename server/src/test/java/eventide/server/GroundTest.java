package eventide.server;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertNotEquals;
import static org.testng.Assert.assertTrue;

import java.io.IOException;
import java.nio.channels.FileChannel;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.concurrent.CopyOnWriteArrayList;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.locks.LockSupport;
import java.util.stream.Stream;
import org.testng.SkipException;
import org.testng.annotations.AfterClass;
import org.testng.annotations.BeforeClass;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** A salon's file that is damaged, a disk that is full, a backup put back: with real processes on real files. */
@Test(groups = "process")
public class GroundTest {
    private static final JsonMapper JSON = new JsonMapper();
    private static final String FILE = "eventide.mv.db";
    private static final int CANNOT_START = 78;

    /** A small salon with one backup, as its process left it. */
    private Path salon;

    @BeforeClass
    public void makeASalon() throws IOException {
        salon = Files.createTempDirectory("eventide-ground");
        try (ServerProcess server = ServerProcess.on(salon)) {
            fill(server, 0);
        }
        try (ServerProcess server = ServerProcess.withBackups(salon)) {
            awaitBackup(salon);
            assertEquals(server.get("/api/clients").statusCode(), 200);
        }
    }

    private static void fill(ServerProcess server, int from) {
        for (int i = from; i < from + 12; i++) {
            long client = id(server.post("/api/clients", "{\"name\":\"Client " + i + "\",\"hair\":" + Bodies.HAIR + "}")
                    .body());
            server.post("/api/clients/" + client + "/wash-days", Bodies.washDay("Wash " + i, Bodies.LONG_ROUTINE));
            server.post("/api/templates", "{\"name\":\"Template " + i + "\",\"routine\":" + Bodies.LONG_ROUTINE + "}");
        }
    }

    private static long id(String body) {
        return JSON.readTree(body).get("id").asLong();
    }

    private static void awaitBackup(Path data) throws IOException {
        long until = System.nanoTime() + TimeUnit.MINUTES.toNanos(5);
        while (backups(data).isEmpty() && System.nanoTime() < until) {
            LockSupport.parkNanos(TimeUnit.MILLISECONDS.toNanos(50));
        }
        assertFalse(backups(data).isEmpty(), "a backup at the start");
    }

    private static List<String> backups(Path data) throws IOException {
        if (!Files.isDirectory(data.resolve("backups"))) {
            return List.of();
        }
        try (Stream<Path> files = Files.list(data.resolve("backups"))) {
            return files.map(file -> file.getFileName().toString())
                    .filter(name -> name.startsWith("eventide-"))
                    .sorted()
                    .toList();
        }
    }

    private Path copy() throws IOException {
        return copy(Files.createTempDirectory("eventide-copy"));
    }

    private Path copy(Path to) throws IOException {
        try (Stream<Path> files = Files.walk(salon)) {
            for (Path file : files.toList()) {
                Path target = to.resolve(salon.relativize(file).toString());
                if (Files.isDirectory(file)) {
                    Files.createDirectories(target);
                } else {
                    Files.copy(file, target);
                }
            }
        }
        return to;
    }

    /** Something that happens to a folder. */
    @FunctionalInterface
    private interface Mishap {
        void to(Path data) throws IOException, SQLException;
    }

    private record Wrong(String name, Mishap mishap, String said, String next) {
        /** The end of a file is not always in use. */
        boolean mayBeHarmless() {
            return name.startsWith("cut");
        }

        @Override
        public String toString() {
            return name;
        }
    }

    @DataProvider
    public Object[] wrong() {
        return new Object[] {
            new Wrong("no bytes", data -> cut(data, 0), "is empty, though it held something", "bin/restore"),
            new Wrong("cut to 60 %", data -> cut(data, .6), "is damaged|is an older state", "bin/restore"),
            new Wrong("cut by a byte in twenty", data -> cut(data, .95), "is damaged|is an older state", "bin/restore"),
            new Wrong("gone", data -> Files.delete(data.resolve(FILE)), "is gone", "bin/restore"),
            new Wrong("its middle overwritten", GroundTest::scribble, "is damaged", "bin/restore"),
            new Wrong("an older state", GroundTest::putOlder, "is an older state", "bin/restore"),
            new Wrong("from a newer version", GroundTest::newer, "newer Even Tide", "newer Even Tide"),
        };
    }

    private static void cut(Path data, double to) throws IOException {
        try (FileChannel file = FileChannel.open(data.resolve(FILE), StandardOpenOption.WRITE)) {
            file.truncate((long) (file.size() * to));
        }
    }

    private static void scribble(Path data) throws IOException {
        byte[] bytes = Files.readAllBytes(data.resolve(FILE));
        for (int i = bytes.length / 8; i < bytes.length * 7 / 8; i++) {
            bytes[i] = (byte) (i * 31);
        }
        Files.write(data.resolve(FILE), bytes);
    }

    /** The file as it was before more was written, beside a number that knows better. */
    private static void putOlder(Path data) throws IOException {
        byte[] before = Files.readAllBytes(data.resolve(FILE));
        try (ServerProcess server = ServerProcess.on(data)) {
            fill(server, 100);
        }
        Files.write(data.resolve(FILE), before);
    }

    private static void newer(Path data) throws SQLException {
        String url = "jdbc:h2:file:" + data.resolve("eventide");
        try (Connection connection = DriverManager.getConnection(url, "eventide", "")) {
            connection
                    .createStatement()
                    .executeUpdate("insert into \"flyway_schema_history\" select max(\"installed_rank\") + 1, '999',"
                            + " 'later', 'SQL', 'V999__later.sql', 1, 'eventide', now(), 1, true"
                            + " from \"flyway_schema_history\"");
        }
    }

    @Test(dataProvider = "wrong")
    public void whatIsWrongIsSaidInThreeLines(Wrong wrong) throws IOException, SQLException {
        Path data = copy();
        wrong.mishap().to(data);
        ServerProcess.Tried tried = ServerProcess.tried(data);
        if (tried.up() != null) {
            // Where what was cut off had held nothing, it opens, and all is there.
            try (ServerProcess server = tried.up();
                    ServerProcess untouched = ServerProcess.on(copy())) {
                assertTrue(wrong.mayBeHarmless(), wrong + " was not seen");
                assertEquals(
                        everything(server), everything(untouched), wrong + ": something is gone, and nothing was said");
            }
            return;
        }
        ServerProcess.Ended ended = tried.ended();
        assertEquals(ended.code(), CANNOT_START, ended.lines().toString());
        assertEquals(ended.lines().size(), 3, "three lines, no stack trace: " + ended.lines());
        assertTrue(
                ended.lines().get(0).matches(".*(" + wrong.said() + ").*"),
                ended.lines().get(0));
        assertEquals(ended.lines().get(1), data.resolve(FILE).toString());
        assertTrue(ended.lines().get(2).contains(wrong.next()), ended.lines().get(2));
        assertTrue(Files.readString(data.resolve("eventide.log")).contains("CannotStart"), "the rest is in the log");
    }

    public void oneSalonIsOpenOnce() throws IOException {
        Path data = copy();
        try (ServerProcess server = ServerProcess.on(data)) {
            ServerProcess.Ended second = ServerProcess.refused(data);
            assertEquals(second.code(), CANNOT_START);
            assertTrue(
                    second.lines().get(0).contains("is open already"),
                    second.lines().toString());
            assertEquals(ServerProcess.restore(data, "1").code(), CANNOT_START, "nothing is put back under it");
            assertEquals(server.get("/api/clients").statusCode(), 200, "the first goes on");
        }
    }

    public void aKilledOneLeavesNothingThatKeepsTheNextFromOpening() throws IOException {
        Path data = copy();
        ServerProcess.on(data).kill();
        ServerProcess.on(data).close();
    }

    /** Every answer there is to be had about the salon. */
    private static Map<String, String> everything(ServerProcess server) {
        Map<String, String> answers = new LinkedHashMap<>();
        for (String path : List.of("/api/clients", "/api/templates", "/api/exchange", "/api/shelf/items")) {
            answers.put(path, server.get(path).body());
        }
        for (JsonNode client : JSON.readTree(answers.get("/api/clients"))) {
            String path = "/api/clients/" + client.get("id").asLong();
            for (String more : List.of("", "/readings", "/wash-days")) {
                answers.put(path + more, server.get(path + more).body());
            }
        }
        return answers;
    }

    public void aBackupPutBackIsTheSalonByteForByte() throws IOException {
        Path data = copy();
        String name = backups(data).get(0);
        Map<String, String> before;
        try (ServerProcess server = ServerProcess.on(data)) {
            before = everything(server);
            fill(server, 200);
            assertNotEquals(everything(server), before);
        }
        ServerProcess.Ended listed = ServerProcess.restore(data);
        assertTrue(listed.lines().toString().contains(name), listed.lines().toString());
        ServerProcess.Ended done = ServerProcess.restore(data, name);
        assertEquals(done.code(), 0, done.lines().toString());
        try (Stream<Path> files = Files.list(data)) {
            assertTrue(
                    files.anyMatch(file -> file.getFileName().toString().startsWith("eventide.aside-")), "kept aside");
        }
        try (ServerProcess server = ServerProcess.on(data)) {
            assertEquals(everything(server), before);
        }
        assertEquals(ServerProcess.restore(data, "77").code(), CANNOT_START);
    }

    public void aDamagedFileIsMendedByTheCommandThatIsNamed() throws IOException {
        Path data = copy();
        cut(data, .5);
        String next = ServerProcess.refused(data).lines().get(2);
        String name = next.replaceAll("(?s).*bin/restore (\\S+).*", "$1");
        assertEquals(ServerProcess.restore(data, name).code(), 0);
        ServerProcess.on(data).close();
    }

    public void aFullDiskIsReadAndAsSoonAsThereIsRoomWritten() throws IOException, InterruptedException {
        Path disk = mounted("size=40m");
        Path data = copy(Files.createDirectory(disk.resolve("salon")));
        Path filler = disk.resolve("filler");
        try (ServerProcess server = ServerProcess.on(data)) {
            assertEquals(server.post("/api/clients", "{\"name\":\"Before\"}").statusCode(), 201);
            fillUp(filler);
            for (int i = 0; i < 20; i++) {
                var refused = server.post("/api/clients", "{\"name\":\"Never " + i + "\"}");
                assertEquals(refused.statusCode(), 507, refused.body());
                assertTrue(refused.body().contains("Make room"), refused.body());
                assertEquals(server.get("/api/today").statusCode(), 200, "what is there can be read");
            }
            Files.delete(filler);
            assertEquals(server.post("/api/clients", "{\"name\":\"After\"}").statusCode(), 201);
            String names = server.get("/api/clients").body();
            assertTrue(names.contains("Before") && names.contains("After") && !names.contains("Never"), names);
            fillUp(filler);
            server.kill();
        }
        try (ServerProcess server = ServerProcess.on(data)) {
            assertTrue(server.get("/api/clients").body().contains("After"), "opened on a full disk, for reading");
            assertEquals(server.post("/api/clients", "{\"name\":\"Never\"}").statusCode(), 507);
        }
    }

    public void aDiskThatTakesNoWritesIsNamed() throws IOException, InterruptedException {
        Path disk = mounted("size=40m");
        Path data = copy(Files.createDirectory(disk.resolve("salon")));
        run("mount", "-o", "remount,ro", disk.toString());
        ServerProcess.Ended ended = ServerProcess.refused(data);
        assertEquals(ended.code(), CANNOT_START, ended.lines().toString());
        assertEquals(ended.lines().size(), 3, ended.lines().toString());
        assertTrue(ended.lines().get(0).contains("read-only"), ended.lines().get(0));
    }

    private final List<Path> disks = new CopyOnWriteArrayList<>();

    /** A disk of its own in memory; who may not mount one cannot fill it either. */
    private Path mounted(String options) throws IOException, InterruptedException {
        Path disk = Files.createTempDirectory("eventide-disk");
        if (run("mount", "-t", "tmpfs", "-o", options, "tmpfs", disk.toString()) != 0) {
            throw new SkipException("nobody may mount a disk here");
        }
        disks.add(disk);
        return disk;
    }

    @AfterClass(alwaysRun = true)
    public void unmount() throws IOException, InterruptedException {
        for (Path disk : disks) {
            run("umount", "-l", disk.toString());
        }
    }

    private static int run(String... command) throws IOException, InterruptedException {
        return new ProcessBuilder(command).redirectErrorStream(true).start().waitFor();
    }

    private static void fillUp(Path filler) {
        byte[] block = new byte[64 << 10];
        try (var out = Files.newOutputStream(filler)) {
            while (true) {
                out.write(block);
            }
        } catch (IOException full) {
            assertTrue(Files.exists(filler), "the disk is full");
        }
    }
}
