package eventide.server.diary;

import eventide.diary.BusyTime;
import eventide.diary.KeptDiary;
import eventide.diary.SalonDiary;
import eventide.server.api.NotFoundException;
import eventide.server.api.Versions;
import eventide.server.clients.Client;
import eventide.server.clients.ClientRepository;
import eventide.server.diary.CalendarRepository.Address;
import eventide.server.diary.CalendarRepository.Line;
import eventide.server.diary.DiaryRepository.KeptSalon;
import eventide.shape.Letters;
import eventide.shape.Maybe;
import eventide.shape.Shape;
import java.time.Clock;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Diaries as calendar files, their secret addresses, and the salon's hours with what is taken of them. */
@RestController
class CalendarController {
    private static final String CALENDAR = "text/calendar;charset=UTF-8";
    private static final int BUSY_AHEAD_DAYS = 370;

    private final DiaryService service;
    private final DeskService desk;
    private final DiaryRepository diaries;
    private final CalendarRepository calendars;
    private final ClientRepository clients;
    private final Clock clock;
    private final ZoneId zone;

    CalendarController(
            DiaryService service,
            DeskService desk,
            DiaryRepository diaries,
            CalendarRepository calendars,
            ClientRepository clients,
            Clock clock,
            ZoneId zone) {
        this.service = service;
        this.desk = desk;
        this.diaries = diaries;
        this.calendars = calendars;
        this.clients = clients;
        this.clock = clock;
        this.zone = zone;
    }

    /**
     * Where a calendar program may read.
     *
     * @param path on this machine; absent while none was made
     */
    record CalendarAddress(@Maybe String path) {}

    /** A calendar file, as text. */
    record CalendarText(@Letters(least = 1, most = 2_000_000) String text) {
        CalendarText {
            Shape.check(CalendarText.class, text);
        }
    }

    /** The salon's hours, and the zone they are told by. */
    record SalonHours(SalonDiary diary, String zone, int version) {}

    @GetMapping("/api/clients/{id}/diary.ics")
    ResponseEntity<String> ofClient(@PathVariable long id) {
        Client client = clients.get(id);
        return file(
                client.name().strip().split("\\s+")[0] + "'s hair",
                client(client, null, service.all(service.withEvents(client)).get(id)),
                "diary-" + id);
    }

    @GetMapping("/api/diary.ics")
    ResponseEntity<String> ofSalon() {
        return file("The salon's heads", salon(), "diary");
    }

    /** Nobody's page: a program that knows the secret. */
    @GetMapping("/calendar/{secret}.ics")
    ResponseEntity<String> atAddress(@PathVariable String secret) {
        Address address =
                calendars.bySecret(secret).orElseThrow(() -> new NotFoundException("calendar at this address"));
        return address.clientId() == null ? ofSalon() : ofClient(address.clientId());
    }

    @GetMapping("/api/clients/{id}/diary/address")
    CalendarAddress address(@PathVariable long id) {
        clients.get(id);
        return shown(calendars.open(id));
    }

    /** A new one; whoever had the old one reads no more. */
    @PostMapping("/api/clients/{id}/diary/address")
    CalendarAddress make(@PathVariable long id) {
        clients.get(id);
        return shown(calendars.make(id, clock.instant()));
    }

    @DeleteMapping("/api/clients/{id}/diary/address")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void revoke(@PathVariable long id) {
        clients.get(id);
        calendars.revoke(id, clock.instant());
    }

    @GetMapping("/api/diary/address")
    CalendarAddress salonAddress() {
        return shown(calendars.open(null));
    }

    @PostMapping("/api/diary/address")
    CalendarAddress makeSalon() {
        return shown(calendars.make(null, clock.instant()));
    }

    @DeleteMapping("/api/diary/address")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void revokeSalon() {
        calendars.revoke(null, clock.instant());
    }

    @GetMapping("/api/diary/hours")
    ResponseEntity<SalonHours> hours() {
        return tagged(diaries.salon());
    }

    @PutMapping("/api/diary/hours")
    ResponseEntity<SalonHours> save(
            @RequestHeader(name = "If-Match", required = false) String ifMatch, @RequestBody SalonDiary diary) {
        return tagged(diaries.saveSalon(Versions.from(ifMatch), diary));
    }

    /** What a calendar file takes of the hours, from today on; nothing is kept. */
    @PostMapping("/api/diary/busy")
    List<BusyTime> busy(@RequestBody CalendarText file) {
        return BusyFile.read(file.text(), zone, today(), BUSY_AHEAD_DAYS);
    }

    private ResponseEntity<SalonHours> tagged(KeptSalon kept) {
        return ResponseEntity.ok()
                .eTag(Versions.tag(kept.version()))
                .body(new SalonHours(kept.diary(), zone.getId(), kept.version()));
    }

    private List<Line> client(Client client, String name, DiaryService.Days days) {
        if (days == null) {
            return List.of();
        }
        KeptDiary kept = diaries.ofClient(client.id()).diary();
        String owner = (name == null ? "head-" : "salon-") + client.id();
        return calendars.tell(client.id(), owner, CalendarItems.of(owner, name, days.plan(), kept, today()), today());
    }

    private List<Line> salon() {
        List<Client> all = desk.lately(diaries.all());
        Map<Long, DiaryService.Days> days = service.all(all);
        List<Line> lines = new ArrayList<>();
        for (Client client : all) {
            lines.addAll(client(client, client.name(), days.get(client.id())));
        }
        return lines;
    }

    private LocalDate today() {
        return LocalDate.ofInstant(clock.instant(), zone);
    }

    private ResponseEntity<String> file(String name, List<Line> lines, String called) {
        return ResponseEntity.ok()
                .header("Content-Type", CALENDAR)
                .header("Content-Disposition", "inline; filename=\"" + called + ".ics\"")
                .body(CalendarFile.of(name, lines, zone, clock.instant()));
    }

    private static CalendarAddress shown(Address address) {
        return new CalendarAddress(address == null ? null : "/calendar/" + address.secret() + ".ics");
    }
}
