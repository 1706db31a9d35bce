package eventide.server.washdays;

import eventide.log.Rating;
import eventide.log.Rubric;
import eventide.server.api.Versions;
import eventide.server.clients.ClientRepository;
import eventide.server.clients.Referral;
import eventide.shape.Fault;
import eventide.shape.InvalidException;
import java.time.Clock;
import java.util.List;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api")
class WashDayController {
    private final WashDayRepository washDays;
    private final ClientRepository clients;
    private final StockMoves stock;
    private final Clock clock;

    WashDayController(WashDayRepository washDays, ClientRepository clients, StockMoves stock, Clock clock) {
        this.stock = stock;
        this.washDays = washDays;
        this.clients = clients;
        this.clock = clock;
    }

    @GetMapping("/clients/{id}/wash-days")
    List<WashDay> ofClient(@PathVariable long id) {
        clients.get(id);
        return washDays.ofClient(id);
    }

    @PostMapping("/clients/{id}/wash-days")
    @ResponseStatus(HttpStatus.CREATED)
    WashDay plan(@PathVariable long id, @RequestBody WashDayDraft draft) {
        if (clients.get(id).referrals().stream().anyMatch(Referral::isOpen)) {
            throw new InvalidException(List.of(new Fault(
                    "", "The scalp was referred and is not cleared yet: no wash day until it is, with a note.")));
        }
        return washDays.add(id, draft, clock.instant());
    }

    @GetMapping("/wash-days/{id}")
    ResponseEntity<WashDay> get(@PathVariable long id) {
        return tagged(washDays.get(id));
    }

    private static ResponseEntity<WashDay> tagged(WashDay day) {
        return ResponseEntity.ok().eTag(Versions.tag(day.version())).body(day);
    }

    /** The water as planned, and once anything was done, as it really ran. */
    @GetMapping("/wash-days/{id}/tide")
    WashTide tide(@PathVariable long id) {
        return WashTide.of(washDays.get(id), clock.instant());
    }

    /** What this wash day took from the shelf. */
    @GetMapping("/wash-days/{id}/stock")
    List<StockMoves.Move> stock(@PathVariable long id) {
        washDays.expect(id);
        return stock.moves(id);
    }

    /** Gives it back. */
    @PostMapping("/wash-days/{id}/stock/undo")
    List<StockMoves.Move> undoStock(@PathVariable long id) {
        washDays.expect(id);
        return stock.undo(id, clock.instant());
    }

    @PutMapping("/wash-days/{id}/rating")
    ResponseEntity<WashDay> rate(
            @PathVariable long id,
            @RequestHeader(name = "If-Match", required = false) String ifMatch,
            @RequestParam(required = false) Boolean asPlanned,
            @RequestBody Rating rating) {
        return tagged(
                washDays.rate(id, Versions.from(ifMatch), rating, Boolean.TRUE.equals(asPlanned), clock.instant()));
    }

    @GetMapping("/rubric")
    List<Rubric.Score> rubric() {
        return Rubric.scores();
    }
}
