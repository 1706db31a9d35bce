package eventide.server;

import static org.testng.Assert.assertEquals;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;

/**
 * What is planned and predicted for every client of the demo, kept as a table: a changed constant shows here which
 * routines it changes and by how much. With {@code -Ddemo.table=write} the table is written anew.
 */
public class DemoTableTest {
    private static final Path TABLE = Path.of("..", "docs", "demo-predictions.md");
    private static final String[] SCORES = {
        "definition", "clumping", "frizz", "volume", "softness", "weight", "days", "shrinkagePercent"
    };

    @Test
    public void theTableOfTheDemoStands() throws IOException {
        List<String> now = rows();
        if ("write".equals(System.getProperty("demo.table"))) {
            Files.writeString(TABLE, String.join("\n", now) + "\n");
        }
        List<String> kept = Files.readAllLines(TABLE);
        List<String> changed = new ArrayList<>();
        for (int i = 0; i < Math.max(now.size(), kept.size()); i++) {
            String was = i < kept.size() ? kept.get(i) : "(none)";
            String is = i < now.size() ? now.get(i) : "(none)";
            if (!was.equals(is)) {
                changed.add("was " + was + "\n is " + is);
            }
        }
        assertEquals(changed, List.of(), "These demo routines change; if meant, run with -Ddemo.table=write");
    }

    private static List<String> rows() {
        List<String> rows = new ArrayList<>();
        rows.add("# What is predicted for the demo");
        rows.add("");
        rows.add("Kept by a test: a changed constant shows here which routines it changes, and by how much.");
        rows.add("");
        rows.add("| client | plan | steps | minutes | " + String.join(" | ", SCORES) + " |");
        rows.add("|---|---|" + "---|".repeat(SCORES.length + 2));
        try (RunningServer server = new RunningServer(true)) {
            for (JsonNode client : server.get("/api/clients").body()) {
                if (client.has("hair") && client.has("goal")) {
                    rows.add(row(server, client));
                }
            }
        }
        return rows;
    }

    private static String row(RunningServer server, JsonNode client) {
        String shelf =
                server.get("/api/products?client=" + client.get("id")).body().toString();
        String schools = client.has("schools") ? ",\"schools\":" + client.get("schools") : "";
        String limits = client.has("limits") ? ",\"limits\":" + client.get("limits") : "";
        JsonNode best = server.post(
                        "/api/routines/suggest",
                        "{\"hair\":" + client.get("hair") + ",\"goal\":" + client.get("goal") + ",\"air\":" + Bodies.AIR
                                + schools + limits + ",\"shelf\":" + shelf + "}")
                .body()
                .at("/suggestions/0");
        if (best.isMissingNode()) {
            return "| " + client.get("name").asString() + " | none |" + " – |".repeat(SCORES.length + 2);
        }
        StringBuilder row = new StringBuilder("| " + client.get("name").asString() + " | " + worn(best) + " | "
                + best.at("/routine/steps").size() + " | "
                + Math.round(best.get("minutes").asDouble()));
        for (String score : SCORES) {
            row.append(String.format(
                    Locale.ROOT, " | %.1f", best.at("/outcome/overall/" + score).asDouble()));
        }
        return row.append(" |").toString();
    }

    private static String worn(JsonNode plan) {
        List<String> names = new ArrayList<>();
        for (JsonNode amount : plan.get("amounts")) {
            String name = amount.at("/product/name").asString();
            if (!names.contains(name)) {
                names.add(name);
            }
        }
        return String.join(", ", names);
    }
}
