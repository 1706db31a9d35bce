package eventide.server.washdays;

import org.springframework.beans.factory.SmartInitializingSingleton;
import org.springframework.stereotype.Component;

/** Gives wash days kept by an earlier version the rows they are found by. */
@Component
class HistoryFiller implements SmartInitializingSingleton {
    private final HistoryRepository history;
    private final WashDayRepository washDays;

    HistoryFiller(HistoryRepository history, WashDayRepository washDays) {
        this.history = history;
        this.washDays = washDays;
    }

    @Override
    public void afterSingletonsInstantiated() {
        for (long id : history.unfilled()) {
            WashDay day = washDays.get(id);
            history.index(day);
            if (day.rating() != null) {
                washDays.fillScores(day);
            }
        }
    }
}
