package eventide.server.washdays;

import eventide.chair.ChairEvent;
import eventide.server.shelf.StockRepository;
import java.time.Instant;
import java.util.List;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Takes what happened at the chair; a run that ends draws what it used from the shelf, one reopened gives it back. */
@Service
class ChairService {
    private final WashDayRepository washDays;
    private final ChairEventRepository events;
    private final StockRepository stock;

    ChairService(WashDayRepository washDays, ChairEventRepository events, StockRepository stock) {
        this.washDays = washDays;
        this.events = events;
        this.stock = stock;
    }

    /** In the order of their time. */
    List<ChairEvent> events(long id) {
        return events.ofDay(id);
    }

    @Transactional
    List<ChairEvent> take(long id, ChairController.Delivery delivery, Instant now) {
        washDays.lock(id);
        WashDay before = washDays.get(id);
        delivery.checkAgainst(before.routine().steps().size());
        WashDay after = washDays.add(before, delivery.events());
        boolean wasOver = before.record().finishedAt() != null;
        boolean isOver = after.record().finishedAt() != null;
        if (isOver && !wasOver) {
            stock.draw(id, after.at(now).used(), now);
        } else if (wasOver && !isOver) {
            stock.undo(id, now);
        }
        return events.ofDay(id);
    }
}
