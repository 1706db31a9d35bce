package eventide.server.washdays;

import eventide.diary.DiaryWash;
import eventide.diary.LastCare;
import eventide.hair.Hair;
import eventide.log.Wear;
import eventide.routine.Routine;
import eventide.server.clients.Client;
import eventide.server.clients.ClientRepository;
import eventide.server.clients.ReadingTaken;
import eventide.server.json.Shapes;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.time.OffsetDateTime;
import java.time.ZoneId;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.NavigableMap;
import java.util.TreeMap;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Transactional;

/** A head on a day: as it was read, with what the log has shown since of washing, clarifying and protein. */
@Repository
@Transactional(readOnly = true)
class CareHistory {
    private static final String BEGUN =
            """
            select started_at, routine from wash_day
             where client_id = :client and started_at is not null and removed_at is null and not refresh
             order by started_at, id
            """;
    private static final Wear UNWORN = Wear.of(null, List.of());

    private final JdbcClient jdbc;
    private final Shapes shapes;
    private final ClientRepository clients;
    private final Clock clock;
    private final ZoneId zone;

    CareHistory(JdbcClient jdbc, Shapes shapes, ClientRepository clients, Clock clock, ZoneId zone) {
        this.jdbc = jdbc;
        this.shapes = shapes;
        this.clients = clients;
        this.clock = clock;
        this.zone = zone;
    }

    /** A wash that was begun, and what was to be done in it. */
    private record Begun(Instant at, Routine routine) {}

    /** What was given to one head, wash by wash. */
    final class Log {
        /** What is known after each wash, by when it was begun. */
        private final NavigableMap<Instant, LastCare> after = new TreeMap<>();

        private Log(List<Begun> begun) {
            LastCare known = LastCare.UNKNOWN;
            for (Begun wash : begun) {
                known = known.with(List.of(DiaryWash.of(date(wash.at()), wash.routine(), UNWORN, new HashSet<>())));
                after.put(wash.at(), known);
            }
        }

        private LastCare before(Instant moment) {
            Map.Entry<Instant, LastCare> last = after.lowerEntry(moment);
            return last == null ? LastCare.UNKNOWN : last.getValue();
        }

        /** The hair of a wash when it was begun: what the log knows goes before what was written on the wash. */
        Hair at(WashDay day) {
            LocalDate written = date(day.plannedAt());
            Instant begins = day.startedAt() == null ? day.plannedAt() : day.startedAt();
            LastCare known = before(begins).or(LastCare.said(day.hair(), written));
            return known.on(date(begins), day.hair(), date(begins));
        }
    }

    /** The washes of one head. */
    Log of(long client) {
        return new Log(jdbc.sql(BEGUN)
                .param("client", client)
                .query((row, n) -> new Begun(
                        row.getObject("started_at", OffsetDateTime.class).toInstant(),
                        shapes.kept(row.getString("routine"), Routine.class)))
                .list());
    }

    /** The head as it is now; null where it was not read yet. */
    Hair today(Client client) {
        if (client.hair() == null) {
            return null;
        }
        LocalDate read = clients.readings(client.id()).stream()
                .map(ReadingTaken::takenAt)
                .max(Instant::compareTo)
                .map(this::date)
                .orElse(date(clock.instant()));
        Instant now = clock.instant();
        LastCare said = LastCare.said(client.hair(), read);
        return said.with(of(client.id()).before(now)).on(date(now), client.hair(), read);
    }

    private LocalDate date(Instant moment) {
        return LocalDate.ofInstant(moment, zone);
    }
}
