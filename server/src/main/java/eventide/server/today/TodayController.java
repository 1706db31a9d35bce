package eventide.server.today;

import eventide.air.AirReading;
import eventide.hair.HairMass;
import eventide.server.clients.Client;
import eventide.server.clients.ClientRepository;
import eventide.server.washdays.WashDay;
import eventide.server.washdays.WashDayRepository;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.stream.Collectors;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api")
class TodayController {
    private final ClientRepository clients;
    private final WashDayRepository washDays;
    private final Hygrometer hygrometer;
    private final Clock clock;

    TodayController(ClientRepository clients, WashDayRepository washDays, Hygrometer hygrometer, Clock clock) {
        this.clients = clients;
        this.washDays = washDays;
        this.hygrometer = hygrometer;
        this.clock = clock;
    }

    @GetMapping("/air")
    AirReading air() {
        return AirReading.of(hygrometer.read(), hygrometer.label());
    }

    @GetMapping("/today")
    Today today() {
        Map<Long, List<WashDay>> days = washDays.all().stream().collect(Collectors.groupingBy(WashDay::clientId));
        return new Today(
                air(),
                clients.list().stream()
                        .map(c -> line(c, days.getOrDefault(c.id(), List.of())))
                        .toList());
    }

    private Today.Line line(Client client, List<WashDay> days) {
        Instant last = days.stream()
                .map(WashDay::startedAt)
                .filter(Objects::nonNull)
                .max(Instant::compareTo)
                .orElse(null);
        return new Today.Line(
                client.id(),
                client.name(),
                client.hair(),
                client.hair() == null ? null : (double) Math.round(HairMass.grams(client.hair())),
                (int) days.stream().filter(d -> d.finishedAt() != null).count(),
                last,
                last == null ? null : Duration.between(last, clock.instant()).toDays(),
                first(days, d -> d.finishedAt() == null),
                first(days, d -> d.finishedAt() != null && d.rating() == null));
    }

    private static Long first(List<WashDay> days, java.util.function.Predicate<WashDay> wanted) {
        return days.stream().filter(wanted).map(WashDay::id).findFirst().orElse(null);
    }
}
