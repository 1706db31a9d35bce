package eventide.outcome;

import static org.testng.Assert.assertTrue;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;

/** The page that says how it judges, and the tables on it that tests keep true; {@code -Dhow.table=write} writes them. */
final class JudgePage {
    private static final Path PAGE = Path.of("..", "docs", "how-it-judges.md");

    private JudgePage() {}

    /**
     * @param head the first lines of a table, by which it is found
     * @param table with its head, and as it should stand there
     */
    static void assertHolds(String head, String table) throws IOException {
        if ("write".equals(System.getProperty("how.table"))) {
            String page = Files.readString(PAGE);
            int from = page.indexOf(head);
            int to = page.indexOf("\n\n", from) + 1;
            Files.writeString(PAGE, page.substring(0, from) + table + page.substring(to));
        }
        assertTrue(Files.readString(PAGE).contains(table), "not so in " + PAGE + ":\n" + table);
    }
}
