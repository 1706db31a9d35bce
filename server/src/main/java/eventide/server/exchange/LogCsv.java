package eventide.server.exchange;

import eventide.hair.Measured;
import eventide.hair.Zone;
import eventide.log.FollowingDay;
import eventide.log.Rating;
import eventide.log.StrandByRuler;
import eventide.server.exchange.LogFile.LogEntry;
import eventide.server.files.CsvCell;
import eventide.shape.Fault;
import eventide.shape.InvalidException;
import java.io.IOException;
import java.io.StringReader;
import java.io.StringWriter;
import java.io.UncheckedIOException;
import java.time.DateTimeException;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVPrinter;
import org.apache.commons.csv.CSVRecord;

/**
 * The log as a table, a line for each zone of a wash and for each day after it: what a spreadsheet can add up. A line of a day
 * after has no zone but a day, from 2.
 */
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
            "notes",
            "lock",
            "strands",
            "day",
            "refreshed",
            "over",
            "rater");

    /** Without these a table says nothing of the ruler and the days after, and what is known of them stays. */
    private static final List<String> WHOLE = List.of("lock", "strands", "day", "refreshed", "over");

    private static final Pattern STRAND = Pattern.compile("(?:([A-Z]+) )?([0-9.]+)/([0-9.]+)");

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
                    printer.printRecord(CsvCell.out(
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
                            rating.notes(),
                            lengths(rating.measured()),
                            strands(rating.strands()),
                            null,
                            null,
                            null,
                            rating.rater()));
                }
                for (FollowingDay day : entry.following() == null ? List.<FollowingDay>of() : entry.following()) {
                    printer.printRecord(CsvCell.out(after(entry, day).toArray()));
                }
            }
        } catch (IOException impossible) {
            throw new UncheckedIOException(impossible);
        }
        return out.toString();
    }

    private static List<Object> after(LogEntry entry, FollowingDay day) {
        Object[] cells = new Object[COLUMNS.size()];
        cells[COLUMNS.indexOf("client")] = entry.client();
        cells[COLUMNS.indexOf("plannedAt")] = entry.plannedAt();
        cells[COLUMNS.indexOf("definition")] = day.definition();
        cells[COLUMNS.indexOf("frizz")] = day.frizz();
        cells[COLUMNS.indexOf("volume")] = day.volume();
        cells[COLUMNS.indexOf("notes")] = day.notes();
        cells[COLUMNS.indexOf("day")] = day.day();
        cells[COLUMNS.indexOf("refreshed")] = day.refreshed() == null
                ? null
                : day.refreshed().stream().map(Enum::name).sorted().collect(Collectors.joining(" "));
        cells[COLUMNS.indexOf("over")] = day.over();
        return Arrays.asList(cells);
    }

    private static String lengths(Measured lock) {
        return lock == null ? null : lock.naturalCm() + "/" + lock.stretchedCm();
    }

    private static String strands(List<StrandByRuler> strands) {
        return strands == null
                ? null
                : strands.stream()
                        .map(strand -> strand.zone() + " " + lengths(strand.measured()))
                        .collect(Collectors.joining("; "));
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
        List<FollowingDay> after = new ArrayList<>();
        for (CSVRecord row : rows) {
            try {
                if (!row.isConsistent()) {
                    throw InvalidException.of("", "this line has " + row.size() + " cells, not as many as the first");
                }
                if (text(row, "day") != null) {
                    after.add(after(row));
                    continue;
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
                CSVRecord wash = rows.stream()
                        .filter(row -> text(row, "day") == null)
                        .findFirst()
                        .orElse(first);
                return new Group(number, entry(wash, zones, after), List.of());
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

    private static LogEntry entry(CSVRecord row, Map<Zone, Rating.ZoneRating> zones, List<FollowingDay> after) {
        boolean whole = WHOLE.stream().allMatch(row::isMapped);
        return new LogEntry(
                CsvCell.in(row.get("client")),
                Instant.parse(row.get("plannedAt").strip()),
                new Rating(
                        yes(row, "castBroken"),
                        yes(row, "rootsDry"),
                        zones,
                        lock(row),
                        number(row, "daysLasted"),
                        CsvCell.in(text(row, "notes")),
                        strands(row),
                        CsvCell.in(text(row, "rater"))),
                whole ? after : null);
    }

    private static FollowingDay after(CSVRecord row) {
        Double day = number(row, "day");
        String refreshed = text(row, "refreshed");
        Set<FollowingDay.Refresh> done = EnumSet.noneOf(FollowingDay.Refresh.class);
        for (String word : refreshed == null ? new String[0] : refreshed.strip().split("\\s+")) {
            try {
                done.add(FollowingDay.Refresh.valueOf(word.toUpperCase(Locale.ROOT)));
            } catch (IllegalArgumentException unknown) {
                throw InvalidException.of(
                        "refreshed",
                        "refreshed must be of SHAKEN, MISTED, MORE_STYLER, RECOILED, OIL, STEAM, but was " + word);
            }
        }
        return new FollowingDay(
                day == null ? null : (int) Math.round(day),
                number(row, "definition"),
                number(row, "frizz"),
                number(row, "volume"),
                refreshed == null ? null : done,
                text(row, "over") == null ? null : yes(row, "over"),
                CsvCell.in(text(row, "notes")));
    }

    private static Measured lock(CSVRecord row) {
        String cell = text(row, "lock");
        return cell == null ? null : strand("lock", cell.strip()).measured();
    }

    private static List<StrandByRuler> strands(CSVRecord row) {
        String cell = text(row, "strands");
        if (cell == null) {
            return null;
        }
        List<StrandByRuler> strands = new ArrayList<>();
        for (String one : cell.split(";")) {
            strands.add(strand("strands", one.strip()));
        }
        return strands;
    }

    /** {@code CROWN 12.5/30}: a zone, cm as it springs, cm stretched; of a lock without its zone. */
    private static StrandByRuler strand(String column, String said) {
        Matcher matcher = STRAND.matcher(said.toUpperCase(Locale.ROOT).replace(',', '.'));
        try {
            if (!matcher.matches()) {
                throw new IllegalArgumentException();
            }
            Zone zone = matcher.group(1) == null ? Zone.CROWN : Zone.valueOf(matcher.group(1));
            return new StrandByRuler(
                    zone, new Measured(Double.valueOf(matcher.group(2)), Double.valueOf(matcher.group(3))));
        } catch (InvalidException refused) {
            throw refused;
        } catch (IllegalArgumentException unread) {
            String such = column.equals("lock") ? "12.5/30" : "CROWN 12.5/30; NAPE 11/28";
            throw InvalidException.of(column, column + " must be cm natural/stretched such as " + such);
        }
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
