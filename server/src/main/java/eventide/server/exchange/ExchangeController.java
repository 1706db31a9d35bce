package eventide.server.exchange;

import eventide.server.clients.ClientArchive;
import eventide.server.ground.Erasure;
import eventide.shape.Letters;
import eventide.shape.Shape;
import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Clients as a file, a file as clients, and a client gone for good. */
@RestController
@RequestMapping("/api")
class ExchangeController {
    private final SalonExchange exchange;
    private final LogExchange log;
    private final ClientArchive archive;
    private final Erasure erasure;
    private final Clock clock;

    ExchangeController(SalonExchange exchange, LogExchange log, ClientArchive archive, Erasure erasure, Clock clock) {
        this.erasure = erasure;
        this.exchange = exchange;
        this.log = log;
        this.clock = clock;
        this.archive = archive;
    }

    /** Every client with all that is kept, photographs too, or one. */
    @GetMapping("/exchange")
    ResponseEntity<SalonFile> file(@RequestParam(required = false) Long client) {
        return ResponseEntity.ok()
                .header(
                        "Content-Disposition",
                        "attachment; filename=even-tide-clients-" + LocalDate.now(clock) + ".json")
                .body(exchange.file(client));
    }

    @PostMapping("/exchange/preview")
    SalonExchange.Arrival preview(@RequestBody SalonExchange.Brought brought) {
        return exchange.preview(brought);
    }

    @PostMapping("/exchange")
    SalonExchange.Arrival take(@RequestBody SalonExchange.Brought brought) {
        return exchange.take(brought);
    }

    /** The scores alone, of all clients or one. */
    @GetMapping("/exchange/log.json")
    LogFile logFile(@RequestParam(required = false) Long client) {
        return log.file(client);
    }

    /** The same as a table, a line for each zone; strands and days after are left to the JSON. */
    @GetMapping(path = "/exchange/log.csv", produces = "text/csv;charset=UTF-8")
    String logTable(@RequestParam(required = false) Long client) {
        return LogCsv.write(log.file(client).entries());
    }

    @PostMapping("/exchange/log/preview")
    LogExchange.ScoresPreview previewLog(@RequestBody LogExchange.ScoresBrought scores) {
        return log.preview(scores);
    }

    @PostMapping("/exchange/log")
    LogExchange.ScoresPreview takeLog(@RequestBody LogExchange.ScoresBrought scores) {
        return log.take(scores, clock.instant());
    }

    /** Said again by name, so that no slip of the hand erases anybody. */
    record Erasing(@Letters(least = 1, most = 120) String name) {
        Erasing {
            Shape.check(Erasing.class, name);
        }
    }

    /**
     * What became of the erasing.
     *
     * @param fromTheFile its bytes are gone from the salon's file; else they are as soon as the app is next ended
     * @param backups copies taken before, which still hold it, the latest first
     */
    record Erased(boolean fromTheFile, List<String> backups) {}

    /** Takes a client and everything kept of them away for good. */
    @PostMapping("/clients/{id}/erasing")
    Erased erase(@PathVariable long id, @RequestBody Erasing erasing) {
        archive.erase(id, erasing.name());
        return new Erased(erasure.fromTheFile(), erasure.olderBackups());
    }
}
