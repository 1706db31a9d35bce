package eventide.server.exchange;

import eventide.log.FollowingDay;
import eventide.log.Rating;
import eventide.server.api.Unreadable;
import eventide.server.clients.Client;
import eventide.server.clients.ClientRepository;
import eventide.server.exchange.LogFile.LogEntry;
import eventide.server.json.Shapes;
import eventide.server.washdays.WashDay;
import eventide.server.washdays.WashDayRepository;
import eventide.shape.Fault;
import eventide.shape.InvalidException;
import eventide.shape.Shape;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;

/** Scores out to a file and onto the washes they belong to: shown first, written whole or not at all. */
@Service
class LogExchange {
    private final ClientRepository clients;
    private final WashDayRepository washDays;
    private final Shapes shapes;

    LogExchange(ClientRepository clients, WashDayRepository washDays, Shapes shapes) {
        this.clients = clients;
        this.washDays = washDays;
        this.shapes = shapes;
    }

    /** What a text is written in. */
    enum LogFormat {
        CSV,
        JSON
    }

    /** Scores to take in. */
    record ScoresBrought(LogFormat format, String text) {
        ScoresBrought {
            Shape.check(ScoresBrought.class, format, text);
        }
    }

    /** One wash's scores as they would be taken in. */
    record ScoresSeen(int number, String client, Instant plannedAt, boolean changes, List<Fault> faults) {}

    /** What taking scores in would do. */
    record ScoresPreview(List<ScoresSeen> washes, int good, int faulty, int changed) {}

    private record Read(int number, LogEntry entry, List<Fault> faults) {}

    LogFile file(Long client) {
        List<LogEntry> entries = new ArrayList<>();
        List<Client> wanted = client == null ? clients.list() : List.of(clients.get(client));
        for (Client one : wanted) {
            washDays.ofClient(one.id()).stream()
                    .filter(day -> day.rating() != null)
                    .sorted(Comparator.comparing(WashDay::plannedAt).thenComparing(WashDay::id))
                    .forEach(day -> entries.add(
                            new LogEntry(one.name(), day.plannedAt(), day.rating(), washDays.following(day.id()))));
        }
        return new LogFile(LogFile.FORMAT_VERSION, entries);
    }

    ScoresPreview preview(ScoresBrought scores) {
        Map<String, WashDay> known = known();
        List<ScoresSeen> seen = new ArrayList<>();
        for (Read read : read(scores)) {
            List<Fault> faults = new ArrayList<>(read.faults());
            LogEntry entry = read.entry();
            WashDay day = entry == null ? null : known.get(key(entry.client(), entry.plannedAt()));
            if (entry != null && day == null) {
                faults.add(new Fault(
                        "/entries/" + (read.number() - 1),
                        "there is no wash day of " + entry.client() + " planned at " + entry.plannedAt()));
            }
            seen.add(new ScoresSeen(
                    read.number(),
                    entry == null ? "" : entry.client(),
                    entry == null ? Instant.EPOCH : entry.plannedAt(),
                    day != null && !merged(day, entry).equals(day.rating()),
                    faults));
        }
        int faulty = (int) seen.stream().filter(s -> !s.faults().isEmpty()).count();
        int changed = (int) seen.stream().filter(ScoresSeen::changes).count();
        return new ScoresPreview(seen, seen.size() - faulty, faulty, changed);
    }

    /** All of them, or with any fault none; what was scored before is kept beside. */
    @Transactional
    ScoresPreview take(ScoresBrought scores, Instant now) {
        ScoresPreview preview = preview(scores);
        List<Fault> faults = new ArrayList<>();
        preview.washes().forEach(wash -> faults.addAll(wash.faults()));
        if (!faults.isEmpty()) {
            throw new InvalidException(faults);
        }
        Map<String, WashDay> known = known();
        for (Read read : read(scores)) {
            LogEntry entry = read.entry();
            WashDay day = known.get(key(entry.client(), entry.plannedAt()));
            Rating rating = merged(day, entry);
            if (!rating.equals(day.rating())) {
                washDays.rate(day.id(), rating, now);
            }
            if (entry.following() != null) {
                for (FollowingDay following : entry.following()) {
                    washDays.follow(day.id(), following);
                }
            }
        }
        return preview;
    }

    /** A table without its columns for the ruler says nothing of strands: those known stay. */
    private static Rating merged(WashDay day, LogEntry entry) {
        Rating given = entry.rating();
        Rating before = day.rating();
        if (before == null || given.strands() != null || given.measured() != null || entry.following() != null) {
            return given;
        }
        return new Rating(
                given.castBroken(),
                given.rootsDry(),
                given.byZone(),
                before.measured(),
                given.daysLasted(),
                given.notes(),
                before.strands(),
                given.rater() == null ? before.rater() : given.rater());
    }

    private Map<String, WashDay> known() {
        Map<String, WashDay> known = new HashMap<>();
        for (Client client : clients.list()) {
            washDays.ofClient(client.id()).forEach(day -> known.put(key(client.name(), day.plannedAt()), day));
        }
        return known;
    }

    private static String key(String client, Instant plannedAt) {
        return client.strip() + "\n" + plannedAt;
    }

    private List<Read> read(ScoresBrought scores) {
        if (scores.format() == LogFormat.CSV) {
            return LogCsv.read(scores.text()).stream()
                    .map(group -> new Read(group.number(), group.entry(), group.faults()))
                    .toList();
        }
        JsonNode tree;
        try {
            tree = shapes.tree(scores.text());
        } catch (JacksonException unreadable) {
            throw InvalidException.of("text", "This is no readable JSON: " + Unreadable.at(unreadable));
        }
        if (tree == null
                || tree.path("formatVersion").asDouble(0) != 1
                || !tree.path("entries").isArray()) {
            throw InvalidException.of(
                    "text", "This is no file of scores that was saved from here, or one of another version.");
        }
        List<Read> all = new ArrayList<>();
        for (int i = 0; i < tree.get("entries").size(); i++) {
            int number = i + 1;
            try {
                all.add(new Read(
                        number, shapes.read(tree.get("entries").get(i), LogEntry.class, id -> null), List.of()));
            } catch (InvalidException refused) {
                int index = i;
                all.add(new Read(
                        number,
                        null,
                        refused.faults().stream()
                                .map(fault ->
                                        fault.under(Integer.toString(index)).under("entries"))
                                .toList()));
            }
        }
        return all;
    }
}
