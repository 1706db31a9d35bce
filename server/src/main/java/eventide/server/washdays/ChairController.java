package eventide.server.washdays;

import eventide.chair.ChairEvent;
import eventide.chair.Cue;
import eventide.chair.Drops;
import eventide.chair.Live;
import eventide.chair.Ring;
import eventide.chair.StepTimer;
import eventide.drying.Course;
import eventide.planner.Judgement;
import eventide.server.clients.ClientRepository;
import eventide.server.load.LongWork;
import eventide.shape.Frozen;
import eventide.shape.Maybe;
import eventide.shape.Shape;
import java.time.Clock;
import java.time.Instant;
import java.util.List;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** The chair: what it needs beforehand, what happened there, and where the water stands. */
@RestController
@RequestMapping("/api")
class ChairController {
    private final WashDayRepository washDays;
    private final ClientRepository clients;
    private final ChairService chair;
    private final LongWork longWork;
    private final Clock clock;

    ChairController(
            WashDayRepository washDays, ClientRepository clients, ChairService chair, LongWork longWork, Clock clock) {
        this.longWork = longWork;
        this.washDays = washDays;
        this.clients = clients;
        this.chair = chair;
        this.clock = clock;
    }

    /** Events as they come from a device; sending one again changes nothing. */
    record Delivery(List<ChairEvent> events) {
        Delivery {
            Shape.check(Delivery.class, events);
            events = Frozen.list(events);
        }
    }

    /** All that the chair needs to go on alone, should the server leave it. */
    record Chair(WashDay day, Judgement planned, List<Cue> cues, List<StepTimer> timers, List<ChairEvent> events) {}

    /** A head in work. */
    record Running(long washDayId, long clientId, String client, @Maybe Integer step, int steps, @Maybe Ring next) {}

    @GetMapping("/wash-days/{id}/chair")
    Chair chair(@PathVariable long id) {
        WashDay day = washDays.get(id);
        Course course = day.at(clock.instant()).planned();
        return new Chair(
                day,
                Judgement.of(day.question()),
                Cue.of(day.routine(), course),
                StepTimer.of(day.routine(), course.tide()),
                chair.events(id));
    }

    @GetMapping("/wash-days/{id}/events")
    List<ChairEvent> events(@PathVariable long id) {
        washDays.expect(id);
        return chair.events(id);
    }

    /** Takes what is new, and answers with all that is known by now, from whatever device. */
    @PostMapping("/wash-days/{id}/events")
    List<ChairEvent> happened(@PathVariable long id, @RequestBody Delivery delivery) {
        return chair.take(id, delivery.events(), clock.instant());
    }

    /** Where the water stands now, by the chair's own clock where it is given. */
    @GetMapping("/wash-days/{id}/live")
    Live live(@PathVariable long id, @RequestParam(required = false) Instant now) {
        return Live.of(washDays.get(id).at(now == null ? clock.instant() : now));
    }

    /** What may be left out of the rest, and what that would cost. */
    @GetMapping("/wash-days/{id}/drops")
    List<Drops.Drop> drops(@PathVariable long id, @RequestParam(required = false) Instant now) {
        WashDay day = washDays.get(id);
        return longWork.atTheChair(
                stop -> Drops.of(day.at(now == null ? clock.instant() : now), day.goal(), day.limits(), stop));
    }

    /** Every head in work, with the timer that rings next. */
    @GetMapping("/chair/running")
    List<Running> running(@RequestParam(required = false) Instant now) {
        Instant at = now == null ? clock.instant() : now;
        return washDays.running().stream()
                .map(day -> new Running(
                        day.id(),
                        day.clientId(),
                        clients.get(day.clientId()).name(),
                        day.record().open(),
                        day.routine().steps().size(),
                        Ring.next(
                                day.at(at),
                                StepTimer.of(day.routine(), day.at(at).planned().tide()),
                                at)))
                .toList();
    }
}
