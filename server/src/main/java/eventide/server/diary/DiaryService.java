package eventide.server.diary;

import eventide.air.Air;
import eventide.air.Outdoors;
import eventide.diary.Aftercare;
import eventide.diary.AftercareQuestion;
import eventide.diary.BusyTime;
import eventide.diary.DiaryEvent;
import eventide.diary.DiaryPlan;
import eventide.diary.DiaryQuestion;
import eventide.diary.DiaryWash;
import eventide.diary.EventPlan;
import eventide.diary.KeptDiary;
import eventide.diary.LoggedCadence;
import eventide.diary.Refresh;
import eventide.diary.RefreshQuestion;
import eventide.diary.SalonDiary;
import eventide.diary.TakeHome;
import eventide.diary.WorkingHours;
import eventide.hair.Zone;
import eventide.learning.CareIntervals;
import eventide.routine.Goal;
import eventide.server.clients.Client;
import eventide.server.clients.ClientRepository;
import eventide.server.diary.DiaryRepository.Kept;
import eventide.server.learning.LearningService;
import eventide.server.shelf.ShelfRepository;
import eventide.server.today.Forecast;
import eventide.server.washdays.HistoryQuery;
import eventide.server.washdays.HistoryQuery.Worn;
import eventide.server.washdays.WashDay;
import eventide.shape.InvalidException;
import java.time.Clock;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.time.ZoneId;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;

/** What is due on every head, worked out from the log, and worked out anew when the log or what is kept has another version. */
@Service
public class DiaryService {
    /** Days that are looked ahead, so that a trim is in them [OURS]. */
    private static final int AHEAD_DAYS = 84;
    /** Hair is worn mostly in the afternoon. */
    private static final LocalTime WORN_AT = LocalTime.of(15, 0);

    private static final Goal USUAL = new Goal(1, 1, 0, 1, 1, null);

    private final DiaryRepository diaries;
    private final ClientRepository clients;
    private final HistoryQuery history;
    private final LearningService learning;
    private final Forecast forecast;
    private final ShelfRepository shelf;
    private final Clock clock;
    private final ZoneId zone;
    private final Map<Long, Cached> cache = new ConcurrentHashMap<>();

    DiaryService(
            DiaryRepository diaries,
            ClientRepository clients,
            HistoryQuery history,
            LearningService learning,
            Forecast forecast,
            ShelfRepository shelf,
            Clock clock,
            ZoneId zone) {
        this.diaries = diaries;
        this.clients = clients;
        this.history = history;
        this.learning = learning;
        this.forecast = forecast;
        this.shelf = shelf;
        this.clock = clock;
        this.zone = zone;
    }

    /** What a plan rests on: while it is the same, so is the plan. */
    private record Key(
            List<Long> washes, int client, int kept, List<BusyTime> taken, WorkingHours hours, LocalDate today) {}

    private record Cached(Key key, Days days) {}

    /**
     * A client's washes and what is due.
     *
     * @param last wash that was begun, null for none
     */
    record Days(List<DiaryWash> past, Worn last, DiaryPlan plan, LocalDateTime lastAt) {}

    LocalDate today() {
        return LocalDate.ofInstant(clock.instant(), zone);
    }

    LocalDateTime now() {
        return LocalDateTime.ofInstant(clock.instant(), zone);
    }

    /**
     * @throws InvalidException where this head was not read yet
     */
    DiaryNow of(long id) {
        Client client = clients.get(id);
        if (client.hair() == null) {
            throw InvalidException.of("hair", "This head was not read yet: begin with the consult.");
        }
        Kept kept = diaries.ofClient(id);
        Days days = all(withEvents(client)).get(id);
        LocalDate today = today();
        return new DiaryNow(
                today,
                kept.diary(),
                days.plan(),
                days.last() == null ? null : days.last().day().id(),
                days.last() == null
                        ? null
                        : (int) ChronoUnit.DAYS.between(days.lastAt().toLocalDate(), today) + 1,
                days.last() == null ? null : aftercare(client, days),
                kept.version());
    }

    /**
     * Of every head that was read, by client: those with an event first, by its hour. What one head's event or visits take of the hours
     * is taken for the next.
     */
    Map<Long, Days> all(List<Client> some) {
        Map<Long, List<Long>> stamps = history.stamps();
        Map<Long, Kept> kept = diaries.all();
        SalonDiary salon = diaries.salon().diary();
        List<Client> inTurn = some.stream()
                .filter(client -> client.hair() != null)
                .sorted(Comparator.comparing((Client client) -> {
                            DiaryEvent event = event(client);
                            return event == null ? LocalDateTime.MAX : event.at();
                        })
                        .thenComparing(Client::id))
                .toList();
        Map<Long, String> names = some.stream().collect(Collectors.toMap(Client::id, Client::name));
        List<BusyTime> events = new ArrayList<>();
        Map<Long, Days> all = new HashMap<>();
        for (Client client : inTurn) {
            Kept own = kept.getOrDefault(client.id(), NOTHING_KEPT);
            List<BusyTime> taken = new ArrayList<>(salon.busyOrNone());
            kept.forEach((other, diary) -> {
                if (!other.equals(client.id())) {
                    taken.addAll(visits(diary.diary(), names.getOrDefault(other, "another head")));
                }
            });
            taken.addAll(events);
            Days days = days(
                    client, own, new SalonDiary(salon.hours(), taken), stamps.getOrDefault(client.id(), List.of()));
            all.put(client.id(), days);
            EventPlan event = days.plan().event();
            if (event != null) {
                events.add(new BusyTime(
                        event.washAt(),
                        event.washAt().plusMinutes(event.minutes() + (long) event.slackMinutes()),
                        client.name() + "'s wash"));
            }
        }
        return all;
    }

    static final Kept NOTHING_KEPT = new Kept(KeptDiary.EMPTY, 0);
    /** Where nobody said how long a visit takes, minutes. */
    private static final int VISIT_MINUTES = 60;

    private static List<BusyTime> visits(KeptDiary diary, String name) {
        return diary.visitsOrNone().stream()
                .map(visit -> new BusyTime(
                        visit.at(),
                        visit.at().plusMinutes(visit.minutes() == null ? VISIT_MINUTES : visit.minutes()),
                        name))
                .toList();
    }

    private Days days(Client client, Kept kept, SalonDiary salon, List<Long> stamp) {
        Key key = new Key(stamp, client.version(), kept.version(), salon.busy(), salon.hours(), today());
        Cached cached = cache.get(client.id());
        if (cached == null || !cached.key().equals(key)) {
            cached = new Cached(key, worked(client, kept, salon));
            cache.put(client.id(), cached);
        }
        return cached.days();
    }

    private Days worked(Client client, Kept kept, SalonDiary salon) {
        List<Worn> worn = history.wornBy(client.id());
        List<DiaryWash> past = new ArrayList<>();
        Set<String> had = new HashSet<>();
        for (Worn wash : worn) {
            past.add(DiaryWash.of(date(wash), wash.day().routine(), wash.wear(), had));
        }
        Worn last = worn.isEmpty() ? null : worn.get(worn.size() - 1);
        LocalDate today = today();
        DiaryPlan plan = DiaryPlan.of(new DiaryQuestion(
                history.hairToday(client),
                wishes(client),
                today,
                today.plusDays(AHEAD_DAYS),
                salon.hours(),
                kept.diary().cadence(),
                past,
                event(client),
                salon.busy(),
                last == null ? null : last.day().routine(),
                kept.diary().lastTrim(),
                logged(client, past),
                past.isEmpty() ? null : learning.head(client).correction(),
                history.planned(client.id())
                        .map(routine -> DiaryWash.newIn(routine, had))
                        .orElse(null)));
        return new Days(past, last, kept.diary().on(plan), last == null ? null : at(last));
    }

    /**
     * A refresh of the last wash.
     *
     * @param day of wear; null for today
     * @param zones where it frizzes; null, where such a night frizzes first
     * @throws InvalidException where nothing is worn
     */
    Refresh refresh(long id, Integer day, Set<Zone> zones, Double minutes) {
        Client client = clients.get(id);
        DiaryNow now = of(id);
        if (now.washDay() == null) {
            throw InvalidException.of("worn", "Nothing is worn yet: this head has had no wash here.");
        }
        WashDay worn = all(withEvents(client)).get(id).last().day();
        int wearDay = day == null ? now.wearDay() : day;
        return Refresh.of(new RefreshQuestion(
                client.hair(),
                worn.goal(),
                worn.air(),
                client.schools(),
                worn.routine(),
                Math.max(2, Math.min(LATEST_DAY, wearDay)),
                now.aftercare().nights(),
                zones,
                minutes,
                shelf.within(id)));
    }

    private static final int LATEST_DAY = 30;
    /** The day a refresh on a sheet is told of. */
    private static final int REFRESHED_ON = 3;

    TakeHome sheet(long id) {
        DiaryNow now = of(id);
        if (now.aftercare() == null) {
            throw InvalidException.of("worn", "Nothing is worn yet: this head has had no wash here.");
        }
        return TakeHome.of(clients.get(id).name(), now.aftercare(), refresh(id, REFRESHED_ON, null, null));
    }

    /** What the log shows of its care; null for a head with too few washes to show anything. */
    private LoggedCadence logged(Client client, List<DiaryWash> past) {
        if (past.size() < ENOUGH_WASHES) {
            return null;
        }
        CareIntervals found = CareIntervals.of(learning.head(client));
        return new LoggedCadence(found.clarifyDays(), found.proteinDays());
    }

    /** Washes below which nothing is asked of the log [CP: about eight make a judgement]. */
    private static final int ENOUGH_WASHES = 8;

    /** One head, and all that take hours of its days: with an hour made, or got ready for something. */
    List<Client> withEvents(Client own) {
        Map<Long, Kept> kept = diaries.all();
        return clients.list().stream()
                .filter(client -> client.id().equals(own.id())
                        || event(client) != null
                        || !kept.getOrDefault(client.id(), NOTHING_KEPT)
                                .diary()
                                .visitsOrNone()
                                .isEmpty())
                .toList();
    }

    /** What the client's hair is done for; null where nothing lies ahead. */
    DiaryEvent event(Client client) {
        if (client.intake() == null || client.intake().eventAt() == null) {
            return null;
        }
        LocalDateTime at = client.intake().eventAt();
        boolean ahead =
                !at.toLocalDate().isBefore(today()) && at.toLocalDate().isBefore(today().plusDays(FARTHEST_DAYS));
        String name = client.intake().event();
        return ahead
                ? new DiaryEvent(
                        at,
                        name == null || name.isBlank() ? null : name.length() > 200 ? name.substring(0, 200) : name,
                        air(at))
                : null;
    }

    private static final int FARTHEST_DAYS = 700;

    private Aftercare aftercare(Client client, Days days) {
        LocalDate washed = days.lastAt().toLocalDate();
        List<Air> airs = new ArrayList<>();
        for (int day = 0; day < DAYS_OF_AIR; day++) {
            airs.add(air(washed.plusDays(day).atTime(WORN_AT)));
        }
        Integer every = diaries.ofClient(client.id()).diary().cadence() == null
                ? null
                : diaries.ofClient(client.id()).diary().cadence().washEveryDays();
        return Aftercare.of(new AftercareQuestion(
                days.last().day().hair(),
                days.last().day().goal(),
                days.last().day().schools(),
                history.done(days.last().day()),
                washed,
                airs,
                days.past(),
                learning.head(client).correction(),
                every));
    }

    private static final int DAYS_OF_AIR = 7;

    /** Where hair that is done today is worn. */
    Air airToday() {
        return air(today().atTime(WORN_AT));
    }

    private Air air(LocalDateTime at) {
        Outdoors out = forecast.at(at.atZone(zone).toInstant());
        return new Air(ROOM_C, ROOM_HUMIDITY, out);
    }

    /** A room people live in. */
    private static final double ROOM_C = 21;

    private static final double ROOM_HUMIDITY = 50;

    private LocalDate date(Worn wash) {
        return at(wash).toLocalDate();
    }

    private LocalDateTime at(Worn wash) {
        return LocalDateTime.ofInstant(wash.day().startedAt(), zone);
    }

    static Goal wishes(Client client) {
        return client.goal() == null ? USUAL : client.goal();
    }
}
