package eventide.server.shelf;

import eventide.product.Product;
import eventide.server.json.Shapes;
import java.util.List;
import java.util.Optional;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.jdbc.support.GeneratedKeyHolder;
import org.springframework.stereotype.Repository;

/** The products kept. */
@Repository
public class ShelfRepository {
    private static final String LIST =
            """
            select id, body from product order by role, name, id
            """;
    private static final String FIND = """
            select id, body from product where id = :id
            """;
    private static final String INSERT =
            """
            insert into product (name, role, body) values (:name, :role, :body)
            """;

    private final JdbcClient jdbc;
    private final org.springframework.beans.factory.ObjectProvider<Shapes> shapes;

    ShelfRepository(JdbcClient jdbc, org.springframework.beans.factory.ObjectProvider<Shapes> shapes) {
        this.jdbc = jdbc;
        this.shapes = shapes;
    }

    public List<Product> list() {
        return jdbc.sql(LIST)
                .query((row, n) -> product(row.getLong("id"), row.getString("body")))
                .list();
    }

    public Optional<Product> find(long id) {
        return jdbc.sql(FIND)
                .param("id", id)
                .query((row, n) -> product(row.getLong("id"), row.getString("body")))
                .optional();
    }

    public Product add(Product product) {
        GeneratedKeyHolder key = new GeneratedKeyHolder();
        jdbc.sql(INSERT)
                .param("name", product.name())
                .param("role", product.role().name())
                .param("body", shapes.getObject().write(product.withId(null)))
                .update(key, "id");
        return product.withId(key.getKeyAs(Long.class));
    }

    private Product product(long id, String body) {
        return shapes.getObject().read(body, Product.class).withId(id);
    }
}
