package eventide.server.today;

import eventide.air.Air;
import eventide.air.AirReading;
import eventide.air.Outdoors;
import eventide.hair.HairMass;
import eventide.server.clients.Client;
import eventide.server.clients.ClientRepository;
import eventide.server.washdays.HistoryQuery;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.Map;
import java.util.stream.Collectors;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api")
class TodayController {
    private final ClientRepository clients;
    private final HistoryQuery history;
    private final Hygrometer hygrometer;
    private final Forecast forecast;
    private final Clock clock;

    TodayController(
            ClientRepository clients, HistoryQuery history, Hygrometer hygrometer, Forecast forecast, Clock clock) {
        this.clients = clients;
        this.history = history;
        this.hygrometer = hygrometer;
        this.forecast = forecast;
        this.clock = clock;
    }

    @GetMapping("/air")
    AirReading air() {
        return AirReading.of(hygrometer.read(), hygrometer.label());
    }

    /** Outside, now: where the hair will be worn, unless somebody says otherwise. */
    @GetMapping("/air/outdoors")
    AirReading outdoors() {
        Outdoors outdoors = forecast.at(clock.instant());
        return AirReading.of(Air.of(outdoors.temperatureC(), outdoors.relativeHumidity()), forecast.label());
    }

    @GetMapping("/today")
    Today today() {
        Map<Long, HistoryQuery.Standing> byClient = history.standings().stream()
                .collect(Collectors.toMap(HistoryQuery.Standing::client, standing -> standing));
        return new Today(
                air(),
                clients.list().stream()
                        .map(client -> line(client, byClient.get(client.id())))
                        .toList());
    }

    private Today.Line line(Client client, HistoryQuery.Standing standing) {
        Instant last = standing == null ? null : standing.last();
        return new Today.Line(
                client.id(),
                client.name(),
                client.hair(),
                client.hair() == null ? null : (double) Math.round(HairMass.grams(client.hair())),
                standing == null ? 0 : standing.done(),
                last,
                last == null ? null : Duration.between(last, clock.instant()).toDays(),
                standing == null ? null : standing.open(),
                standing == null ? null : standing.toLog());
    }
}
