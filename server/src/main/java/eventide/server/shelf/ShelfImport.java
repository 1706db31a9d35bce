package eventide.server.shelf;

import eventide.server.shelf.ShelfExchange.Line;
import eventide.shape.Fault;
import eventide.shape.InvalidException;
import eventide.shape.Maybe;
import eventide.shape.Shape;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.TreeMap;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Takes a shelf file in: shown first, written whole or not at all. */
@Service
class ShelfImport {
    private final ShelfExchange exchange;
    private final ShelfRepository shelf;

    ShelfImport(ShelfExchange exchange, ShelfRepository shelf) {
        this.exchange = exchange;
        this.shelf = shelf;
    }

    /** What to do with a bottle whose name and role stand on the shelf already. */
    enum Duplicates {
        KEEP,
        REPLACE,
        ADD
    }

    /** A text to take in. */
    record Asked(ShelfExchange.Format format, String text, @Maybe Duplicates duplicates) {
        Asked {
            Shape.check(Asked.class, format, text, duplicates);
        }
    }

    /** One line as it would be taken in. */
    record Seen(int number, @Maybe String name, @Maybe String role, @Maybe Long duplicateOf, List<Fault> faults) {}

    /** What an import would do. */
    record Preview(List<Seen> lines, int good, int faulty, int duplicates) {}

    Preview preview(Asked asked) {
        Map<String, Deque<ShelfItem>> known = known();
        List<Seen> seen = new ArrayList<>();
        for (Line line : exchange.read(asked.format(), asked.text())) {
            ShelfItem same = line.bottle() == null ? null : next(known, line.bottle());
            seen.add(new Seen(
                    line.number(),
                    line.bottle() == null ? null : line.bottle().product().name(),
                    line.bottle() == null
                            ? null
                            : line.bottle().product().role().label(),
                    same == null ? null : same.id(),
                    line.faults()));
        }
        int faulty = (int) seen.stream().filter(s -> !s.faults().isEmpty()).count();
        return new Preview(seen, seen.size() - faulty, faulty, (int)
                seen.stream().filter(s -> s.duplicateOf() != null).count());
    }

    /**
     * @throws InvalidException with every fault of every line; then nothing is written
     */
    @Transactional
    Preview take(Asked asked) {
        List<Line> lines = exchange.read(asked.format(), asked.text());
        List<Fault> faults = new ArrayList<>();
        for (Line line : lines) {
            line.faults().forEach(fault -> faults.add(fault.under("line " + line.number())));
        }
        if (!faults.isEmpty()) {
            throw new InvalidException(faults);
        }
        Preview preview = preview(asked);
        Map<String, Deque<ShelfItem>> known = known();
        Duplicates choice = asked.duplicates() == null ? Duplicates.KEEP : asked.duplicates();
        for (Line line : lines) {
            ShelfItem same = next(known, line.bottle());
            Long on = same == null ? null : same.shelfId();
            ShelfItemDraft draft = new ShelfItemDraft(
                    line.bottle().product(), on, line.bottle().facts());
            if (same == null || choice == Duplicates.ADD) {
                shelf.add(draft);
            } else if (choice == Duplicates.REPLACE) {
                shelf.save(same.id(), same.version(), draft);
            }
        }
        return preview;
    }

    /** Bottles of one name and role in the order of the shelf: a file with two of them means the one and the other. */
    private Map<String, Deque<ShelfItem>> known() {
        Map<String, Deque<ShelfItem>> known = new TreeMap<>();
        for (ShelfItem item : shelf.items()) {
            known.computeIfAbsent(key(new Bottle(item.product(), null)), name -> new ArrayDeque<>())
                    .add(item);
        }
        return known;
    }

    private static ShelfItem next(Map<String, Deque<ShelfItem>> known, Bottle bottle) {
        Deque<ShelfItem> same = known.get(key(bottle));
        return same == null ? null : same.poll();
    }

    private static String key(Bottle bottle) {
        return bottle.product().role() + " " + bottle.product().name().strip().toLowerCase(Locale.ROOT);
    }
}
