package eventide.server.demo;

import eventide.diary.BusyTime;
import eventide.diary.KeptDiary;
import eventide.diary.KeptDiary.ClientVisit;
import eventide.diary.SalonDiary;
import eventide.server.clients.Client;
import eventide.server.clients.ClientDraft;
import eventide.server.clients.ClientRepository;
import eventide.server.clients.Intake;
import eventide.server.diary.DiaryRepository;
import java.time.Clock;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.time.ZoneId;
import java.util.List;
import org.springframework.stereotype.Component;

/** The days of the company: an opening night in twelve days, two heads today, a day on which nobody can be washed. */
@Component
class DemoDiary {
    private static final int OPENING_IN_DAYS = 12;
    private static final LocalTime CURTAIN = LocalTime.of(19, 30);
    private static final List<String> ON_STAGE = List.of("Ottoline Marsh", "Jory Penhale", "Sabine Orlo");

    private final ClientRepository clients;
    private final DiaryRepository diaries;
    private final Clock clock;
    private final ZoneId zone;

    DemoDiary(ClientRepository clients, DiaryRepository diaries, Clock clock, ZoneId zone) {
        this.clients = clients;
        this.diaries = diaries;
        this.clock = clock;
        this.zone = zone;
    }

    void fill() {
        LocalDate today = LocalDate.ofInstant(clock.instant(), zone);
        LocalDateTime opening = today.plusDays(OPENING_IN_DAYS).atTime(CURTAIN);
        for (Client client : clients.list()) {
            if (ON_STAGE.contains(client.name())) {
                goesOn(client, opening);
            }
        }
        // The dress rehearsal takes the whole day before.
        LocalDate dress = today.plusDays(OPENING_IN_DAYS - 1L);
        diaries.saveSalon(
                0,
                new SalonDiary(
                        null, List.of(new BusyTime(dress.atTime(9, 0), dress.atTime(23, 0), "the dress rehearsal"))));
        visit("Jory Penhale", today.atTime(10, 0), "before the matinee");
        visit("Bram Tolliver", today.atTime(14, 30), null);
        visit("Maud Ravel", today.plusDays(1).atTime(9, 30), null);
    }

    private void goesOn(Client client, LocalDateTime opening) {
        clients.save(
                client.id(),
                client.version(),
                new ClientDraft(
                        client.name(),
                        client.hair(),
                        client.goal(),
                        client.schools(),
                        client.limits(),
                        client.notes(),
                        new Intake(
                                null,
                                null,
                                null,
                                null,
                                null,
                                null,
                                null,
                                null,
                                null,
                                null,
                                "opening night",
                                opening,
                                null),
                        null,
                        null),
                clock.instant());
    }

    private void visit(String name, LocalDateTime at, String note) {
        clients.list().stream()
                .filter(client -> client.name().equals(name))
                .forEach(client -> diaries.save(
                        client.id(), 0, new KeptDiary(null, null, List.of(new ClientVisit(at, 90, note)), null)));
    }
}
