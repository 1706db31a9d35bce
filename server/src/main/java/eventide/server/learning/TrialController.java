package eventide.server.learning;

import eventide.learning.TrialBegun;
import eventide.learning.TrialPlan;
import eventide.learning.TrialReading;
import eventide.learning.TrialWash;
import eventide.server.api.Versions;
import eventide.server.clients.ClientRepository;
import eventide.server.learning.TrialRepository.Kept;
import eventide.server.washdays.HistoryQuery;
import java.time.Clock;
import java.util.List;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Trials of a head: agreed, done wash by wash, read off the log. */
@RestController
@RequestMapping("/api")
class TrialController {
    private final TrialRepository trials;
    private final ClientRepository clients;
    private final HistoryQuery history;
    private final LearningService learning;
    private final Clock clock;

    TrialController(
            TrialRepository trials,
            ClientRepository clients,
            HistoryQuery history,
            LearningService learning,
            Clock clock) {
        this.trials = trials;
        this.clients = clients;
        this.history = history;
        this.learning = learning;
        this.clock = clock;
    }

    /** A trial with what it comes to so far. */
    record TrialNow(long id, long clientId, TrialPlan plan, TrialReading reading, int version) {}

    @GetMapping("/clients/{id}/trials")
    List<TrialNow> ofClient(@PathVariable long id) {
        clients.get(id);
        List<TrialWash> washes = washes(id);
        return trials.ofClient(id).stream().map(kept -> now(kept, washes)).toList();
    }

    /** Where nobody agreed on a number of pairs, the log says how many it takes. */
    @PostMapping("/clients/{id}/trials")
    ResponseEntity<TrialNow> begin(@PathVariable long id, @RequestBody TrialBegun begun) {
        clients.get(id);
        return tagged(HttpStatus.CREATED, trials.add(id, begun.agreed(learning.learned(), learning.rater(id))));
    }

    /** Stopped, taken up again, a wash left out or counted again. */
    @PutMapping("/trials/{id}")
    ResponseEntity<TrialNow> save(
            @PathVariable long id,
            @RequestHeader(name = "If-Match", required = false) String ifMatch,
            @RequestBody TrialPlan plan) {
        return tagged(HttpStatus.OK, trials.save(id, Versions.from(ifMatch), plan));
    }

    @DeleteMapping("/trials/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void remove(@PathVariable long id) {
        trials.remove(id, clock.instant());
    }

    @PostMapping("/trials/{id}/back")
    TrialNow back(@PathVariable long id) {
        trials.remove(id, null);
        Kept kept = trials.get(id);
        return now(kept, washes(kept.clientId()));
    }

    private ResponseEntity<TrialNow> tagged(HttpStatus status, Kept kept) {
        return ResponseEntity.status(status)
                .eTag(Versions.tag(kept.version()))
                .body(now(kept, washes(kept.clientId())));
    }

    private static TrialNow now(Kept kept, List<TrialWash> washes) {
        return new TrialNow(
                kept.id(), kept.clientId(), kept.plan(), TrialReading.of(kept.plan(), washes), kept.version());
    }

    private List<TrialWash> washes(long client) {
        return history.ratedOf(client).stream()
                .map(one -> new TrialWash(
                        one.day().id(),
                        one.day().plannedAt(),
                        one.day().washed(clock.instant()).routine(),
                        one.rating()))
                .toList();
    }
}
