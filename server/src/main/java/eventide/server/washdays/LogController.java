package eventide.server.washdays;

import eventide.air.DewPointBand;
import eventide.drying.Tide;
import eventide.hair.Hair;
import eventide.log.Comparison;
import eventide.log.FollowingDay;
import eventide.log.Shrinkage;
import eventide.log.Wear;
import eventide.server.clients.ClientRepository;
import eventide.shape.InvalidException;
import eventide.shape.Maybe;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.List;
import java.util.Objects;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** The log over days and washes: what came after, what differed, what was found before. */
@RestController
@RequestMapping("/api")
class LogController {
    private static final int USUAL_PAGE = 50;

    private final WashDayRepository washDays;
    private final HistoryRepository history;
    private final ScoreRepository scores;
    private final ClientRepository clients;
    private final CareHistory care;
    private final Clock clock;
    private final ZoneId zone;

    LogController(
            WashDayRepository washDays,
            HistoryRepository history,
            ScoreRepository scores,
            ClientRepository clients,
            CareHistory care,
            Clock clock,
            ZoneId zone) {
        this.clients = clients;
        this.care = care;
        this.zone = zone;
        this.scores = scores;
        this.washDays = washDays;
        this.history = history;
        this.clock = clock;
    }

    /**
     * The days of a wash, and what they add up to.
     *
     * @param typicalShrinkage of hair like this, percent
     * @param dueOnDay the day on which it was to be washed again: the one after it had lasted; absent while nobody knows
     * @param cameOnDay the day on which it was, absent for the latest wash
     * @param nextDay to be looked at
     * @param usualShrinkage what this head showed before this wash, percent; absent where nothing was measured
     */
    record Following(
            List<FollowingDay> days,
            Wear wear,
            double typicalShrinkage,
            @Maybe Double usualShrinkage,
            @Maybe Integer dueOnDay,
            @Maybe Integer cameOnDay,
            int nextDay) {}

    /** Two wash days side by side, each with its water as it was done. */
    record SideBySide(Comparison comparison, Tide one, Tide other) {}

    /** Wash days found, and every product and school there is to look for. */
    record FoundDays(List<HistoryRepository.HistoryLine> lines, List<String> products, List<String> schools) {}

    /** The head as it is now: its days since washing, clarifying and protein counted anew, with what the log shows. */
    @GetMapping("/clients/{id}/hair")
    Hair hair(@PathVariable long id) {
        Hair now = care.today(clients.get(id));
        if (now == null) {
            throw InvalidException.of("hair", "This head was not read yet: begin with the consult.");
        }
        return now;
    }

    @GetMapping("/wash-days/{id}/following")
    Following following(@PathVariable long id) {
        WashDay own = washDays.get(id);
        List<FollowingDay> days = washDays.following(id);
        List<ScoreRepository.Scored> all = scores.ofClient(own.clientId());
        List<Shrinkage> before = all.stream()
                .filter(day -> day.plannedAt().isBefore(own.plannedAt()) && day.summary() != null)
                .map(day -> day.summary().shrinkage())
                .filter(Objects::nonNull)
                .toList();
        Integer came = all.stream()
                .map(ScoreRepository.Scored::plannedAt)
                .filter(own.plannedAt()::isBefore)
                .min(Instant::compareTo)
                .map(next -> 1 + (int) Duration.between(own.plannedAt(), next).toDays())
                .orElse(null);
        Wear wear = Wear.of(own.rating(), days);
        return new Following(
                days,
                wear,
                Shrinkage.typicalPercent(own.hair()),
                Shrinkage.usualPercent(before),
                wear.dueOnDay(),
                came,
                FollowingDay.next(
                        days,
                        own.startedAt() == null
                                ? null
                                : own.startedAt().atZone(zone).toLocalDate(),
                        LocalDate.ofInstant(clock.instant(), zone),
                        came != null));
    }

    @PutMapping("/wash-days/{id}/following/{day}")
    Following follow(@PathVariable long id, @PathVariable int day, @RequestBody FollowingDay body) {
        washDays.expect(id);
        if (body.day() != day) {
            throw InvalidException.of("day", "day must be " + day + ", as in the address, but was " + body.day());
        }
        washDays.follow(id, body);
        return following(id);
    }

    @DeleteMapping("/wash-days/{id}/following/{day}")
    Following unfollow(@PathVariable long id, @PathVariable int day) {
        washDays.expect(id);
        washDays.unfollow(id, day);
        return following(id);
    }

    /** What was done otherwise in the second, by how much each score moved, and what can be said. */
    @GetMapping("/wash-days/{one}/beside/{other}")
    SideBySide beside(@PathVariable long one, @PathVariable long other) {
        WashDay first = washDays.get(one);
        WashDay second = washDays.get(other);
        if (!first.clientId().equals(second.clientId())) {
            throw InvalidException.of("other", "two wash days of one client can be laid side by side, not of two");
        }
        Instant now = clock.instant();
        return new SideBySide(
                Comparison.of(first.washed(now), second.washed(now)),
                first.at(now).course().drawn(),
                second.at(now).course().drawn());
    }

    /** Scores given earlier, which a later one replaced. */
    @GetMapping("/wash-days/{id}/rating/before")
    List<ScoreRepository.Corrected> before(@PathVariable long id) {
        washDays.expect(id);
        return washDays.before(id);
    }

    /** Takes a wash day out of the log; it can be put back. */
    @DeleteMapping("/wash-days/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void remove(@PathVariable long id) {
        washDays.remove(id, clock.instant());
    }

    @PostMapping("/wash-days/{id}/back")
    WashDay back(@PathVariable long id) {
        washDays.remove(id, null);
        return washDays.get(id);
    }

    /** Wash days over all clients, the latest first; {@code before} and {@code beforeId} are those of the last line seen. */
    @GetMapping("/wash-days")
    FoundDays find(
            @RequestParam(required = false) Long client,
            @RequestParam(required = false) String product,
            @RequestParam(required = false) String school,
            @RequestParam(required = false) Double leastDefinition,
            @RequestParam(required = false) Double mostFrizz,
            @RequestParam(required = false) DewPointBand air,
            @RequestParam(required = false) Instant before,
            @RequestParam(required = false) Long beforeId,
            @RequestParam(required = false) Integer limit) {
        int most = limit == null ? USUAL_PAGE : limit;
        if (most < 1 || most > HistoryRepository.MOST) {
            throw InvalidException.of(
                    "limit", "limit must be from 1 to " + HistoryRepository.MOST + ", but was " + most);
        }
        return new FoundDays(
                history.find(new HistoryRepository.Wanted(
                        client, product, school, leastDefinition, mostFrizz, air, before, beforeId, most)),
                history.products(),
                history.schools());
    }
}
