package eventide.server.clients;

import eventide.server.api.Versions;
import eventide.shape.Letters;
import eventide.shape.Shape;
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
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api/clients")
class ClientController {
    private final ClientRepository clients;
    private final Clock clock;

    ClientController(ClientRepository clients, Clock clock) {
        this.clients = clients;
        this.clock = clock;
    }

    @GetMapping
    List<Client> list() {
        return clients.list();
    }

    @GetMapping("/{id}")
    ResponseEntity<Client> get(@PathVariable long id) {
        return tagged(HttpStatus.OK, clients.get(id));
    }

    @PostMapping
    ResponseEntity<Client> add(@RequestBody ClientDraft draft) {
        return tagged(HttpStatus.CREATED, clients.add(draft, clock.instant()));
    }

    @PutMapping("/{id}")
    ResponseEntity<Client> save(
            @PathVariable long id,
            @RequestHeader(name = "If-Match", required = false) String ifMatch,
            @RequestBody ClientDraft draft) {
        return tagged(HttpStatus.OK, clients.save(id, Versions.from(ifMatch), draft, clock.instant()));
    }

    /** What was found, and by whom; needed to open the plan again after a referral. */
    public record Clearing(@Letters(least = 1, most = 2000) String note) {
        public Clearing {
            Shape.check(Clearing.class, note);
        }
    }

    @PostMapping("/{id}/clearing")
    ResponseEntity<Client> clear(
            @PathVariable long id,
            @RequestHeader(name = "If-Match", required = false) String ifMatch,
            @RequestBody Clearing clearing) {
        return tagged(
                HttpStatus.OK,
                clients.clear(id, Versions.from(ifMatch), clearing.note().strip(), clock.instant()));
    }

    @GetMapping("/{id}/readings")
    List<ReadingTaken> readings(@PathVariable long id) {
        return clients.readings(id);
    }

    private static ResponseEntity<Client> tagged(HttpStatus status, Client client) {
        return ResponseEntity.status(status)
                .eTag(Versions.tag(client.version()))
                .body(client);
    }
}
