package eventide.server.washdays;

import eventide.diary.DiaryWash;
import eventide.diary.LastCare;
import eventide.hair.Hair;
import eventide.log.Wear;
import eventide.server.clients.Client;
import eventide.server.clients.ClientRepository;
import eventide.server.clients.ReadingTaken;
import eventide.server.washdays.HistoryQuery.Begun;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.NavigableMap;
import java.util.TreeMap;
import org.springframework.stereotype.Service;

/** A head on a day: as it was read, with what the log has shown since of washing, clarifying and protein. */
@Service
public class CareHistory {
    private static final Wear UNWORN = Wear.of(null, List.of());

    private final HistoryQuery history;
    private final ClientRepository clients;
    private final Clock clock;
    private final ZoneId zone;

    CareHistory(HistoryQuery history, ClientRepository clients, Clock clock, ZoneId zone) {
        this.history = history;
        this.clients = clients;
        this.clock = clock;
        this.zone = zone;
    }

    /** What was given to one head, wash by wash. */
    public final class Log {
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
        public Hair at(WashDay day) {
            LocalDate written = date(day.plannedAt());
            Instant begins = day.startedAt() == null ? day.plannedAt() : day.startedAt();
            LastCare known = before(begins).or(LastCare.said(day.hair(), written));
            return known.on(date(begins), day.hair(), date(begins));
        }
    }

    /** The washes of one head. */
    public Log of(long client) {
        return new Log(history.begunBy(client));
    }

    /** The head as it is now; null where it was not read yet. */
    public Hair today(Client client) {
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
