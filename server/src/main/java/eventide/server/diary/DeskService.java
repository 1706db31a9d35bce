package eventide.server.diary;

import eventide.diary.Desk;
import eventide.diary.DeskHead;
import eventide.diary.KeptDiary;
import eventide.server.clients.Client;
import eventide.server.clients.ClientRepository;
import eventide.server.diary.DiaryRepository.Kept;
import eventide.server.diary.DiaryService.Days;
import eventide.server.shelf.ShelfRepository;
import eventide.server.washdays.HistoryQuery;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;

/** The desk of a morning, over all heads that have something to say. */
@Service
class DeskService {
    private final DiaryService diary;
    private final DiaryRepository diaries;
    private final ClientRepository clients;
    private final HistoryQuery history;
    private final ShelfRepository shelf;
    private final Clock clock;

    DeskService(
            DiaryService diary,
            DiaryRepository diaries,
            ClientRepository clients,
            HistoryQuery history,
            ShelfRepository shelf,
            Clock clock) {
        this.diary = diary;
        this.diaries = diaries;
        this.clients = clients;
        this.history = history;
        this.shelf = shelf;
        this.clock = clock;
    }

    /** The desk of this morning. */
    Desk desk() {
        Map<Long, Kept> kept = diaries.all();
        List<Client> all = lately(kept);
        Set<Long> running = history.atTheChair();
        List<DeskHead> heads = new ArrayList<>();
        diary.all(all)
                .forEach((id, days) -> heads.add(head(
                        all.stream()
                                .filter(client -> client.id().equals(id))
                                .findFirst()
                                .orElseThrow(),
                        days,
                        kept.getOrDefault(id, DiaryService.NOTHING_KEPT).diary(),
                        running)));
        return Desk.of(diary.today(), heads, shelf.list());
    }

    private DeskHead head(Client client, Days days, KeptDiary kept, Set<Long> running) {
        Set<Integer> looked = new HashSet<>();
        if (days.last() != null) {
            days.last().following().forEach(day -> looked.add(day.day()));
            if (days.last().day().rating() != null) {
                looked.add(1);
            }
        }
        return new DeskHead(
                client.id(),
                client.name(),
                client.hair(),
                days.plan(),
                kept,
                days.last() == null ? null : days.lastAt().toLocalDate(),
                looked,
                running.contains(client.id()),
                diary.event(client),
                DiaryService.wishes(client),
                diary.airToday(),
                days.last() == null ? null : days.last().day().routine());
    }

    /** Heads the desk has something to say of: washed lately, with an hour made, or got ready for something. */
    List<Client> lately(Map<Long, Kept> kept) {
        Instant since = clock.instant().minus(LATELY);
        Set<Long> washed = history.standings().stream()
                .filter(standing -> standing.last() != null && standing.last().isAfter(since))
                .map(HistoryQuery.Standing::client)
                .collect(Collectors.toSet());
        return clients.list().stream()
                .filter(client -> washed.contains(client.id())
                        || diary.event(client) != null
                        || !kept.getOrDefault(client.id(), DiaryService.NOTHING_KEPT)
                                .diary()
                                .visitsOrNone()
                                .isEmpty())
                .toList();
    }

    /** Who was not seen for so long is no line of a morning [OURS]. */
    private static final Duration LATELY = Duration.ofDays(120);
}
