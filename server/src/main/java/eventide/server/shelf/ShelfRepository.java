package eventide.server.shelf;

import eventide.product.LabelReading;
import eventide.product.Product;
import eventide.server.api.NotFoundException;
import eventide.server.api.StaleException;
import eventide.server.json.Shapes;
import eventide.shape.InvalidException;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Instant;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.jdbc.support.GeneratedKeyHolder;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Transactional;

/** Bottles on shelves. What is put away is kept, and can be taken out again. */
@Repository
@Transactional(readOnly = true)
public class ShelfRepository {
    private static final String ITEMS =
            """
            select p.id, p.shelf_id, p.body, p.facts, p.version, f.photo_key as photo
              from product p left join product_photo f on f.product_id = p.id
             where p.archived_at is null
             order by p.role, p.name, p.id
            """;
    private static final String ITEM =
            """
            select p.id, p.shelf_id, p.body, p.facts, p.version, f.photo_key as photo
              from product p left join product_photo f on f.product_id = p.id
             where p.id = :id
            """;
    private static final String INSERT =
            """
            insert into product (name, role, body, shelf_id, facts) values (:name, :role, :body, :shelf, :facts)
            """;
    private static final String UPDATE =
            """
            update product
               set name = :name, role = :role, body = :body, shelf_id = :shelf, facts = :facts, version = version + 1
             where id = :id and version = :version
            """;
    private static final String ARCHIVE =
            """
            update product set archived_at = :at where id = :id
            """;
    private static final String SHELVES =
            """
            select id, name, client_id from shelf order by id
            """;
    private static final String INSERT_SHELF =
            """
            insert into shelf (name, client_id) values (:name, :client)
            """;

    private static final String FLAKED =
            """
            select r.over_id, u.name
              from rub_test r join product u on u.id = r.under_id
             where r.outcome <> 'SMOOTH'
             order by r.over_id, u.name
            """;

    private final JdbcClient jdbc;
    /** Asked for late: reading a request may need a product before every reader stands. */
    private final ObjectProvider<Shapes> shapes;

    ShelfRepository(JdbcClient jdbc, ObjectProvider<Shapes> shapes) {
        this.jdbc = jdbc;
        this.shapes = shapes;
    }

    /** Everything in reach, whichever shelf it stands on. */
    public List<Product> list() {
        return items().stream().map(ShelfItem::product).toList();
    }

    /** What may be used on a client: the salon's, and the client's own. */
    public List<Product> within(long client) {
        Set<Long> reach = shelves().stream()
                .filter(known -> known.clientId() == null || known.clientId() == client)
                .map(Shelf::id)
                .collect(Collectors.toSet());
        return items().stream()
                .filter(item -> reach.contains(item.shelfId()))
                .map(ShelfItem::product)
                .toList();
    }

    public List<ShelfItem> items() {
        Map<Long, List<String>> flaked = flaked();
        return jdbc.sql(ITEMS).query((row, n) -> shelfItem(row, flaked)).list();
    }

    public Optional<Product> find(long id) {
        return findItem(id).map(ShelfItem::product);
    }

    public Optional<ShelfItem> findItem(long id) {
        Map<Long, List<String>> flaked = flaked();
        return jdbc.sql(ITEM)
                .param("id", id)
                .query((row, n) -> shelfItem(row, flaked))
                .optional();
    }

    /**
     * @throws NotFoundException where there is none
     */
    public ShelfItem item(long id) {
        return findItem(id).orElseThrow(() -> new NotFoundException("product", id));
    }

    @Transactional
    public Product add(Product product) {
        return add(new ShelfItemDraft(product, null, null)).product();
    }

    @Transactional
    public ShelfItem add(ShelfItemDraft draft) {
        GeneratedKeyHolder key = new GeneratedKeyHolder();
        fill(jdbc.sql(INSERT), draft).update(key, "id");
        return item(Objects.requireNonNull(key.getKeyAs(Long.class)));
    }

    /** Saves over the version that was read. */
    @Transactional
    public ShelfItem save(long id, int version, ShelfItemDraft draft) {
        ShelfItem before = item(id);
        int changed = fill(jdbc.sql(UPDATE), draft)
                .param("id", id)
                .param("version", version)
                .update();
        if (changed == 0) {
            throw new StaleException("product", before.version(), before);
        }
        return item(id);
    }

    /** Puts a bottle away, or where {@code at} is null takes it out again. */
    @Transactional
    public ShelfItem archive(long id, Instant at) {
        jdbc.sql(ARCHIVE)
                .param("id", id)
                .param("at", at == null ? null : at.atOffset(ZoneOffset.UTC))
                .update();
        return item(id);
    }

    public List<Shelf> shelves() {
        return jdbc.sql(SHELVES)
                .query((row, n) ->
                        new Shelf(row.getLong("id"), row.getString("name"), row.getObject("client_id", Long.class)))
                .list();
    }

    @Transactional
    public Shelf addShelf(Shelf shelf) {
        GeneratedKeyHolder key = new GeneratedKeyHolder();
        try {
            jdbc.sql(INSERT_SHELF)
                    .param("name", shelf.name().strip())
                    .param("client", shelf.clientId())
                    .update(key, "id");
        } catch (DataIntegrityViolationException nobody) {
            throw InvalidException.of("clientId", "There is no client " + shelf.clientId());
        }
        return new Shelf(key.getKeyAs(Long.class), shelf.name().strip(), shelf.clientId());
    }

    private JdbcClient.StatementSpec fill(JdbcClient.StatementSpec sql, ShelfItemDraft draft) {
        List<Shelf> shelves = shelves();
        Long shelf = draft.shelfId() == null ? shelves.get(0).id() : draft.shelfId();
        if (shelves.stream().noneMatch(known -> shelf.equals(known.id()))) {
            throw InvalidException.of("shelfId", "There is no shelf " + shelf);
        }
        return sql.param("name", draft.product().name())
                .param("role", draft.product().role().name())
                .param(
                        "body",
                        shapes.getObject().keep(draft.product().withId(null).withFlakesOver(null)))
                .param("shelf", shelf)
                .param("facts", shapes.getObject().keep(draft.facts()));
    }

    /** Names of what each bottle balled or flaked over when both were rubbed: beside the bottle, for rules and plans to ask. */
    private Map<Long, List<String>> flaked() {
        Map<Long, List<String>> flaked = new HashMap<>();
        jdbc.sql(FLAKED).query(row -> {
            flaked.computeIfAbsent(row.getLong("over_id"), any -> new ArrayList<>())
                    .add(row.getString("name"));
        });
        return flaked;
    }

    private ShelfItem shelfItem(ResultSet row, Map<Long, List<String>> flaked) throws SQLException {
        Product product = shapes.getObject()
                .kept(row.getString("body"), Product.class)
                .withId(row.getLong("id"))
                .withFlakesOver(flaked.get(row.getLong("id")));
        boolean labelled = product.ingredients() != null;
        LabelReading label = labelled ? product.label() : null;
        return new ShelfItem(
                row.getLong("id"),
                row.getLong("shelf_id"),
                product,
                shapes.getObject().kept(row.getString("facts"), BottleFacts.class),
                labelled ? label.traits() : null,
                labelled ? label.breaks() : null,
                row.getString("photo"),
                row.getInt("version"));
    }
}
