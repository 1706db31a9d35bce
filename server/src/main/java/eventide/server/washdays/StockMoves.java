package eventide.server.washdays;

import eventide.chair.Used;
import eventide.product.Product;
import eventide.server.shelf.ShelfItem;
import eventide.server.shelf.ShelfItemDraft;
import eventide.server.shelf.ShelfRepository;
import java.time.Instant;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Transactional;

/** What wash days take from the shelf, once each, and what is given back. */
@Repository
@Transactional(readOnly = true)
public class StockMoves {
    private static final String MOVES =
            """
            select m.id, m.product_id, m.ml, m.taken_ml, m.undone_at, p.name
              from stock_move m join product p on p.id = m.product_id
             where m.wash_day_id = :day order by m.id
            """;
    private static final String INSERT =
            """
            insert into stock_move (product_id, wash_day_id, ml, taken_ml, moved_at)
            values (:product, :day, :ml, :taken, :at)
            """;
    private static final String UNDO =
            """
            update stock_move set undone_at = :at where wash_day_id = :day and undone_at is null
            """;

    /** Heads that finish with the same bottle take their turns at it. */
    private static final String LOCK = """
            select id from product where id = :id for update
            """;

    /** Less than can be seen in a bottle, ml [OURS]. */
    private static final double SAME_ML = .01;

    private final JdbcClient jdbc;
    private final ShelfRepository shelf;

    StockMoves(JdbcClient jdbc, ShelfRepository shelf) {
        this.jdbc = jdbc;
        this.shelf = shelf;
    }

    /**
     * One product's part of what a wash day took.
     *
     * @param ml what was used
     * @param takenMl what the bottle had of it, by the book: that is what is given back
     */
    public record Move(Long id, Long productId, String name, Double ml, Double takenMl, Boolean undone) {}

    public List<Move> moves(long day) {
        return jdbc.sql(MOVES)
                .param("day", day)
                .query((row, n) -> new Move(
                        row.getLong("id"),
                        row.getLong("product_id"),
                        row.getString("name"),
                        row.getDouble("ml"),
                        row.getDouble("taken_ml"),
                        row.getObject("undone_at") != null))
                .list();
    }

    /** Draws what was used, once until it is given back; products not on a shelf are passed over. */
    @Transactional
    public void draw(long day, List<Used> used, Instant at) {
        if (moves(day).stream().anyMatch(move -> !move.undone())) {
            return;
        }
        Map<Long, Double> byProduct = byProduct(used);
        byProduct.forEach((product, ml) -> {
            if (shelf.findItem(product).isPresent()) {
                double taken = take(product, ml);
                jdbc.sql(INSERT)
                        .param("product", product)
                        .param("day", day)
                        .param("ml", ml)
                        .param("taken", taken)
                        .param("at", at.atOffset(ZoneOffset.UTC))
                        .update();
            }
        });
    }

    /** Draws anew where what was used is said otherwise afterwards; what was given back stays so. */
    @Transactional
    public void settle(long day, List<Used> used, Instant at) {
        List<Move> moves = moves(day);
        Map<Long, Double> drawn = new TreeMap<>();
        moves.stream()
                .filter(move -> !move.undone())
                .forEach(move -> drawn.merge(move.productId(), move.ml(), Double::sum));
        Map<Long, Double> wanted = byProduct(used);
        wanted.keySet().removeIf(product -> shelf.findItem(product).isEmpty());
        boolean same = drawn.keySet().equals(wanted.keySet())
                && drawn.entrySet().stream()
                        .allMatch(own -> Math.abs(own.getValue() - wanted.get(own.getKey())) < SAME_ML);
        if (moves.isEmpty() || !drawn.isEmpty() && !same) {
            undo(day, at);
            draw(day, used, at);
        }
    }

    /** In one order for all: two runs that use the same two bottles must not each hold what the other waits for. */
    private static Map<Long, Double> byProduct(List<Used> used) {
        Map<Long, Double> byProduct = new TreeMap<>();
        for (Used own : used) {
            if (own.product().id() != null) {
                // A foam's bottle is counted in ml of liquid, which weigh a gram each.
                byProduct.merge(own.product().id(), own.grams(), Double::sum);
            }
        }
        return byProduct;
    }

    /** Gives back what a wash day took and has not been given back yet. */
    @Transactional
    public List<Move> undo(long day, Instant at) {
        List<Move> open = new ArrayList<>(moves(day));
        open.removeIf(Move::undone);
        jdbc.sql(UNDO)
                .param("day", day)
                .param("at", at.atOffset(ZoneOffset.UTC))
                .update();
        open.sort(Comparator.comparing(Move::productId));
        open.forEach(move -> change(move.productId(), move.takenMl()));
        return moves(day);
    }

    /** Out of the bottle, as far as it goes; how much that was. */
    private double take(long id, double ml) {
        jdbc.sql(LOCK).param("id", id).query(Long.class).single();
        Double stock = shelf.item(id).product().stockMl();
        double taken = stock == null ? ml : Math.min(stock, ml);
        change(id, -taken);
        return taken;
    }

    private void change(long id, double ml) {
        jdbc.sql(LOCK).param("id", id).query(Long.class).single();
        ShelfItem item = shelf.item(id);
        Product product = item.product();
        if (product.stockMl() != null) {
            double left = Math.max(0, Math.round((product.stockMl() + ml) * 100) / 100.0);
            shelf.save(id, item.version(), new ShelfItemDraft(product.withStockMl(left), item.shelfId(), item.facts()));
        }
    }
}
