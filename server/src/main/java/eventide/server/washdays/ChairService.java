package eventide.server.washdays;

import eventide.chair.ChairEvent;
import eventide.chair.Door;
import eventide.chair.Used;
import eventide.server.api.InTheWayException;
import eventide.shape.Fault;
import eventide.shape.InvalidException;
import java.time.Instant;
import java.util.List;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Takes what happened at the chair; a run that ends draws what it used from the shelf, one reopened gives it back. */
@Service
class ChairService {
    private final WashDayRepository washDays;
    private final ChairEventRepository events;
    private final StockMoves stock;

    ChairService(WashDayRepository washDays, ChairEventRepository events, StockMoves stock) {
        this.washDays = washDays;
        this.events = events;
        this.stock = stock;
    }

    /** In the order of their time. */
    List<ChairEvent> events(long id) {
        return events.ofDay(id);
    }

    @Transactional
    List<ChairEvent> take(long id, List<ChairEvent> happened, Instant now) {
        washDays.lock(id);
        WashDay before = washDays.get(id);
        List<Fault> faults = Door.faults(before.routine(), before.hair(), before.air(), happened);
        if (!faults.isEmpty()) {
            throw new InvalidException(faults);
        }
        boolean begins = happened.stream().anyMatch(event -> event.kind() == ChairEvent.Kind.BEGIN);
        if (begins && before.startedAt() == null) {
            oneAtATime(before);
        }
        WashDay after = washDays.add(before, happened);
        boolean wasOver = before.record().finishedAt() != null;
        boolean isOver = after.record().finishedAt() != null;
        if (isOver) {
            List<Used> used = after.at(now).ledger();
            if (wasOver) {
                stock.settle(id, used, now);
            } else {
                stock.draw(id, used, now);
            }
            washDays.used(after, used);
        } else if (wasOver) {
            stock.undo(id, now);
        }
        return events.ofDay(id);
    }

    /** One head is in one chair. */
    private void oneAtATime(WashDay day) {
        washDays.lockClient(day.clientId());
        washDays.running().stream()
                .filter(other ->
                        other.clientId().equals(day.clientId()) && !other.id().equals(day.id()))
                .findFirst()
                .ifPresent(other -> {
                    throw new InTheWayException("\"" + other.name()
                            + "\" of the same head is still running: end it first, or go on with it.");
                });
    }
}
