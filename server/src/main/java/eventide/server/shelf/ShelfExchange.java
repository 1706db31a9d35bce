package eventide.server.shelf;

import eventide.product.Product;
import eventide.server.api.Unreadable;
import eventide.server.files.CsvCell;
import eventide.server.json.ShapeReader;
import eventide.server.json.Shapes;
import eventide.shape.Fault;
import eventide.shape.InvalidException;
import eventide.shape.Maybe;
import eventide.shape.Range;
import eventide.shape.Shape;
import java.io.IOException;
import java.io.StringReader;
import java.io.StringWriter;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVPrinter;
import org.apache.commons.csv.CSVRecord;
import org.springframework.stereotype.Component;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** The shelf as a file and back: CSV for a spreadsheet, JSON for a program. What goes out comes in again unchanged. */
@Component
class ShelfExchange {
    /** Columns of the CSV, in order; the same names as in the JSON, the dose unit opened up. */
    static final List<String> COLUMNS = List.of(
            "name",
            "role",
            "hold",
            "richness",
            "windowLow",
            "windowHigh",
            "ingredients",
            "doseName",
            "doseMl",
            "priceCents",
            "sizeMl",
            "stockMl",
            "texture",
            "contactMinutes",
            "heatGuard",
            "windowFrom",
            "openedOn",
            "fromLabel",
            "notes");

    private static final List<String> NUMBERS =
            List.of("hold", "richness", "windowLow", "windowHigh", "priceCents", "sizeMl", "stockMl", "contactMinutes");
    private static final List<String> FACTS = List.of("windowFrom", "openedOn", "notes");

    private final JsonMapper mapper;
    private final Shapes shapes;

    ShelfExchange(JsonMapper mapper, Shapes shapes) {
        this.mapper = mapper;
        this.shapes = shapes;
    }

    /** Which of the two a text is. */
    enum Format {
        CSV,
        JSON
    }

    /** The JSON file. */
    record File(@Range(from = 1, to = 1) Integer formatVersion, List<Bottle> bottles) {
        File {
            Shape.check(File.class, formatVersion, bottles);
        }
    }

    /** One line of a text: the bottle, or what is wrong with it. */
    record Line(int number, @Maybe Bottle bottle, List<Fault> faults) {}

    String json(List<ShelfItem> items) {
        File file = new File(1, items.stream().map(Bottle::of).toList());
        return mapper.writerWithDefaultPrettyPrinter().writeValueAsString(file);
    }

    String csv(List<ShelfItem> items) {
        StringWriter out = new StringWriter();
        try (CSVPrinter printer = new CSVPrinter(
                out,
                CSVFormat.RFC4180
                        .builder()
                        .setHeader(COLUMNS.toArray(String[]::new))
                        .get())) {
            for (ShelfItem item : items) {
                printer.printRecord(CsvCell.out(cells(item).toArray()));
            }
        } catch (IOException impossible) {
            throw new UncheckedIOException(impossible);
        }
        return out.toString();
    }

    private static List<Object> cells(ShelfItem item) {
        Product p = item.product();
        BottleFacts facts = item.facts() == null ? new BottleFacts(null, null, null, null) : item.facts();
        List<Object> cells = new ArrayList<>();
        cells.add(p.name());
        cells.add(p.role());
        cells.add(p.hold());
        cells.add(p.richness());
        cells.add(p.windowLow());
        cells.add(p.windowHigh());
        cells.add(p.ingredients());
        cells.add(p.doseUnit() == null ? null : p.doseUnit().name());
        cells.add(p.doseUnit() == null ? null : p.doseUnit().ml());
        cells.add(p.priceCents());
        cells.add(p.sizeMl());
        cells.add(p.stockMl());
        cells.add(p.texture());
        cells.add(p.contactMinutes());
        cells.add(p.heatGuard());
        cells.add(facts.windowFrom());
        cells.add(facts.openedOn());
        cells.add(
                facts.fromLabel() == null
                        ? null
                        : facts.fromLabel().stream().map(Enum::name).collect(Collectors.joining(" ")));
        cells.add(facts.notes());
        return cells;
    }

    /** Every line with its bottle or its faults; nothing is written. */
    List<Line> read(Format format, String text) {
        return format == Format.CSV ? readCsv(text) : readJson(text);
    }

    private List<Line> readJson(String text) {
        JsonNode tree;
        try {
            tree = mapper.readTree(text);
        } catch (JacksonException unreadable) {
            throw InvalidException.of("text", "This is no readable JSON: " + Unreadable.at(unreadable));
        }
        if (tree == null || !(tree.get("bottles") instanceof ArrayNode bottles)) {
            throw InvalidException.of("text", "a shelf file holds a list called bottles");
        }
        if (!tree.path("formatVersion").isNumber() || tree.get("formatVersion").asDouble() != 1) {
            throw InvalidException.of(
                    "text", "This shelf was saved by another version: save it there as a table (CSV), and bring that.");
        }
        List<Line> lines = new ArrayList<>();
        for (int i = 0; i < bottles.size(); i++) {
            lines.add(line(i + 1, bottles.get(i)));
        }
        return lines;
    }

    private List<Line> readCsv(String text) {
        String plain = text.startsWith("\uFEFF") ? text.substring(1) : text;
        List<Line> lines = new ArrayList<>();
        CSVFormat format = CSVFormat.RFC4180
                .builder()
                .setHeader()
                .setSkipHeaderRecord(true)
                .setIgnoreEmptyLines(true)
                .setIgnoreSurroundingSpaces(true)
                .get();
        try (CSVParser parser = CSVParser.parse(new StringReader(plain), format)) {
            List<String> head = parser.getHeaderNames();
            for (String column : head) {
                if (!COLUMNS.contains(column)) {
                    throw InvalidException.of(
                            "text",
                            "There is no column called \"" + column.substring(0, Math.min(60, column.length()))
                                    + "\"; known are " + String.join(", ", COLUMNS));
                }
            }
            if (!head.contains("name")) {
                throw InvalidException.of("text", "the first line must name the columns, among them name and role");
            }
            for (CSVRecord row : parser) {
                lines.add(row.isConsistent() ? line((int) row.getRecordNumber(), tree(row)) : uneven(row));
            }
        } catch (IOException | IllegalArgumentException | java.io.UncheckedIOException broken) {
            if (broken instanceof InvalidException ours) {
                throw ours;
            }
            throw InvalidException.of("text", "this is no readable CSV: " + broken.getMessage());
        }
        return lines;
    }

    private static Line uneven(CSVRecord row) {
        return new Line(
                (int) row.getRecordNumber(),
                null,
                List.of(new Fault("", "this line has " + row.size() + " cells, not as many as the first line")));
    }

    private ObjectNode tree(CSVRecord row) {
        ObjectNode bottle = mapper.createObjectNode();
        ObjectNode product = bottle.putObject("product");
        ObjectNode facts = mapper.createObjectNode();
        Map<String, String> cells = row.toMap();
        cells.forEach((column, cell) -> {
            if (cell == null || cell.isEmpty() || column.startsWith("dose")) {
                return;
            }
            if (NUMBERS.contains(column)) {
                number(product, column, cell);
            } else if (column.equals("heatGuard")) {
                product.put(column, Boolean.parseBoolean(cell));
            } else if (column.equals("fromLabel")) {
                ArrayNode list = facts.putArray(column);
                for (String word : cell.split("\\s+")) {
                    list.add(word);
                }
            } else {
                (FACTS.contains(column) ? facts : product).put(column, CsvCell.in(cell));
            }
        });
        String dose = cells.getOrDefault("doseName", "");
        String ml = cells.getOrDefault("doseMl", "");
        if (!dose.isEmpty() || !ml.isEmpty()) {
            ObjectNode unit = product.putObject("doseUnit");
            if (!dose.isEmpty()) {
                unit.put("name", CsvCell.in(dose));
            }
            if (!ml.isEmpty()) {
                number(unit, "ml", ml);
            }
        }
        if (!facts.isEmpty()) {
            bottle.set("facts", facts);
        }
        return bottle;
    }

    /** A cell that is no number stays text, so that the reader says so at its place. */
    private static void number(ObjectNode into, String name, String cell) {
        try {
            into.put(name, Double.parseDouble(cell.replace(',', '.')));
        } catch (NumberFormatException no) {
            into.put(name, cell);
        }
    }

    private Line line(int number, JsonNode tree) {
        try {
            return new Line(number, ShapeReader.ofRequest(id -> null).read(tree, Bottle.class), List.of());
        } catch (InvalidException ex) {
            return new Line(number, null, ex.faults());
        }
    }
}
