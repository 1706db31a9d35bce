package eventide.server.exchange;

import eventide.hair.Zone;
import eventide.log.Rating;
import eventide.server.exchange.LogFile.LogEntry;
import eventide.shape.Fault;
import eventide.shape.InvalidException;
import java.io.IOException;
import java.io.StringReader;
import java.io.StringWriter;
import java.io.UncheckedIOException;
import java.time.DateTimeException;
import java.time.Instant;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVPrinter;
import org.apache.commons.csv.CSVRecord;

/** The log as a table, one line for each zone of a wash: what a spreadsheet can add up. */
final class LogCsv {
    static final List<String> COLUMNS = List.of(
            "client",
            "plannedAt",
            "castBroken",
            "rootsDry",
            "zone",
            "definition",
            "clumping",
            "frizz",
            "volume",
            "softness",
            "hold",
            "weight",
            "shine",
            "daysLasted",
            "notes");

    private LogCsv() {}

    /** A wash as its lines give it, or what is wrong with them; {@code number} is its first line's. */
    record Group(int number, LogEntry entry, List<Fault> faults) {}

    static String write(List<LogEntry> entries) {
        StringWriter out = new StringWriter();
        CSVFormat format = CSVFormat.RFC4180
                .builder()
                .setHeader(COLUMNS.toArray(String[]::new))
                .get();
        try (CSVPrinter printer = new CSVPrinter(out, format)) {
            for (LogEntry entry : entries) {
                Rating rating = entry.rating();
                for (Map.Entry<Zone, Rating.ZoneRating> zone : rating.byZone().entrySet()) {
                    Rating.ZoneRating r = zone.getValue();
                    printer.printRecord(
                            entry.client(),
                            entry.plannedAt(),
                            rating.castBroken(),
                            rating.rootsDry(),
                            zone.getKey(),
                            r.definition(),
                            r.clumping(),
                            r.frizz(),
                            r.volume(),
                            r.softness(),
                            r.hold(),
                            r.weight(),
                            r.shine(),
                            rating.daysLasted(),
                            rating.notes());
                }
            }
        } catch (IOException impossible) {
            throw new UncheckedIOException(impossible);
        }
        return out.toString();
    }

    /** Lines of one client and moment belong together. */
    static List<Group> read(String text) {
        CSVFormat format = CSVFormat.RFC4180
                .builder()
                .setHeader()
                .setSkipHeaderRecord(true)
                .setIgnoreEmptyLines(true)
                .get();
        Map<String, List<CSVRecord>> washes = new LinkedHashMap<>();
        try (CSVParser parser = CSVParser.parse(new StringReader(text), format)) {
            for (String column : COLUMNS.subList(0, 9)) {
                if (!parser.getHeaderNames().contains(column)) {
                    throw InvalidException.of("text", "the first line must name a column called " + column);
                }
            }
            for (CSVRecord row : parser) {
                String key = row.isConsistent() ? row.get("client") + "\n" + row.get("plannedAt") : "line " + row;
                washes.computeIfAbsent(key, k -> new ArrayList<>()).add(row);
            }
        } catch (IOException | UncheckedIOException | IllegalArgumentException broken) {
            if (broken instanceof InvalidException ours) {
                throw ours;
            }
            throw InvalidException.of("text", "this is no readable CSV: " + broken.getMessage());
        }
        return washes.values().stream().map(LogCsv::group).toList();
    }

    private static Group group(List<CSVRecord> rows) {
        CSVRecord first = rows.get(0);
        int number = (int) first.getRecordNumber();
        List<Fault> faults = new ArrayList<>();
        Map<Zone, Rating.ZoneRating> zones = new EnumMap<>(Zone.class);
        for (CSVRecord row : rows) {
            try {
                if (!row.isConsistent()) {
                    throw InvalidException.of("", "this line has " + row.size() + " cells, not as many as the first");
                }
                Zone zone = Zone.valueOf(row.get("zone").strip().toUpperCase(Locale.ROOT));
                zones.put(zone, zone(row));
            } catch (InvalidException refused) {
                refused.faults().forEach(fault -> faults.add(at(row, fault.message())));
            } catch (IllegalArgumentException noZone) {
                faults.add(at(row, "zone must be one of HAIRLINE, CROWN, LEFT, RIGHT, BACK, NAPE"));
            }
        }
        if (faults.isEmpty()) {
            try {
                return new Group(number, entry(first, zones), List.of());
            } catch (InvalidException refused) {
                refused.faults().forEach(fault -> faults.add(at(first, fault.message())));
            } catch (DateTimeException noTime) {
                faults.add(at(first, "plannedAt must be a moment such as 2026-05-01T09:00:00Z"));
            }
        }
        return new Group(number, null, faults);
    }

    private static Fault at(CSVRecord row, String message) {
        return new Fault("/lines/" + row.getRecordNumber(), message);
    }

    private static LogEntry entry(CSVRecord row, Map<Zone, Rating.ZoneRating> zones) {
        return new LogEntry(
                row.get("client"),
                Instant.parse(row.get("plannedAt").strip()),
                new Rating(
                        yes(row, "castBroken"),
                        yes(row, "rootsDry"),
                        zones,
                        null,
                        number(row, "daysLasted"),
                        text(row, "notes"),
                        null),
                null);
    }

    private static Rating.ZoneRating zone(CSVRecord row) {
        return new Rating.ZoneRating(
                number(row, "definition"),
                number(row, "clumping"),
                number(row, "frizz"),
                number(row, "volume"),
                number(row, "softness"),
                number(row, "hold"),
                number(row, "weight"),
                number(row, "shine"));
    }

    private static String text(CSVRecord row, String column) {
        String cell = row.isMapped(column) ? row.get(column) : "";
        return cell.isEmpty() ? null : cell;
    }

    private static Double number(CSVRecord row, String column) {
        String cell = text(row, column);
        try {
            return cell == null || cell.isBlank()
                    ? null
                    : Double.valueOf(cell.strip().replace(',', '.'));
        } catch (NumberFormatException no) {
            throw InvalidException.of(column, column + " must be a number, but was " + cell);
        }
    }

    private static Boolean yes(CSVRecord row, String column) {
        String cell = text(row, column);
        if (cell == null || !cell.strip().matches("(?i)true|false")) {
            throw InvalidException.of(column, column + " must be true or false, but was " + cell);
        }
        return Boolean.valueOf(cell.strip());
    }
}
