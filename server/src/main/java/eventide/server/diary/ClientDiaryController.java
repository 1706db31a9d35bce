package eventide.server.diary;

import eventide.diary.KeptDiary;
import eventide.diary.Refresh;
import eventide.diary.TakeHome;
import eventide.hair.Zone;
import eventide.server.api.Versions;
import eventide.server.clients.ClientRepository;
import eventide.server.load.LongWork;
import eventide.shape.Frozen;
import eventide.shape.Maybe;
import eventide.shape.Range;
import eventide.shape.Shape;
import java.util.Set;
import org.springframework.http.CacheControl;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** A client's days: how the last wash is kept, what is due, what was moved by hand. */
@RestController
@RequestMapping("/api/clients/{id}/diary")
class ClientDiaryController {
    private final DiaryService service;
    private final DiaryRepository diaries;
    private final ClientRepository clients;
    private final LongWork longWork;

    ClientDiaryController(DiaryService service, DiaryRepository diaries, ClientRepository clients, LongWork longWork) {
        this.service = service;
        this.diaries = diaries;
        this.clients = clients;
        this.longWork = longWork;
    }

    /**
     * A morning on this head.
     *
     * @param zones where it frizzes; absent, where such a night frizzes first
     */
    record Morning(@Maybe Set<Zone> zones, @Maybe @Range(from = 1, to = 600, unit = "minutes") Double minutes) {
        Morning {
            Shape.check(Morning.class, zones, minutes);
            zones = Frozen.set(zones);
        }
    }

    @GetMapping
    ResponseEntity<DiaryNow> now(@PathVariable long id) {
        return tagged(id);
    }

    @PutMapping
    ResponseEntity<DiaryNow> save(
            @PathVariable long id,
            @RequestHeader(name = "If-Match", required = false) String ifMatch,
            @RequestBody KeptDiary diary) {
        clients.get(id);
        diaries.save(id, Versions.from(ifMatch), diary);
        return tagged(id);
    }

    /** A refresh of the last wash, this morning. */
    @PostMapping("/refresh")
    Refresh refresh(@PathVariable long id, @RequestBody Morning morning) {
        return longWork.run(stop -> service.refresh(id, null, morning.zones(), morning.minutes()));
    }

    /** What the client takes home. */
    @GetMapping("/sheet")
    TakeHome sheet(@PathVariable long id) {
        return longWork.run(stop -> service.sheet(id));
    }

    /** The same as a message is sent. */
    @GetMapping(path = "/sheet.txt", produces = "text/plain;charset=UTF-8")
    String text(@PathVariable long id) {
        return sheet(id).text();
    }

    private ResponseEntity<DiaryNow> tagged(long id) {
        DiaryNow now = longWork.run(stop -> service.of(id));
        // The tag is of what is kept; what follows from it changes with the log and the day too.
        return ResponseEntity.ok()
                .cacheControl(CacheControl.noStore())
                .eTag(Versions.tag(now.version()))
                .body(now);
    }
}
