package eventide.server.shelf;

import eventide.server.photos.Pictures;
import java.util.Optional;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Transactional;

/** Pictures of bottles. */
@Repository
@Transactional(readOnly = true)
class PhotoStore {
    /** Two pictures of one bottle at once take their turns. */
    private static final String LOCK = """
            select id from product where id = :id for update
            """;

    private static final String KEEP =
            """
            merge into product_photo (product_id, jpeg, photo_key) key (product_id) values (:id, :jpeg, :key)
            """;
    private static final String FIND =
            """
            select jpeg from product_photo where photo_key = :key
            """;
    private static final String REMOVE =
            """
            delete from product_photo where product_id = :id
            """;

    private final JdbcClient jdbc;

    PhotoStore(JdbcClient jdbc) {
        this.jdbc = jdbc;
    }

    @Transactional
    void keep(long product, byte[] jpeg) {
        jdbc.sql(LOCK).param("id", product).query(Long.class).optional();
        jdbc.sql(KEEP)
                .param("id", product)
                .param("jpeg", jpeg)
                .param("key", Pictures.newKey())
                .update();
    }

    Optional<byte[]> find(String key) {
        return jdbc.sql(FIND).param("key", key).query(byte[].class).optional();
    }

    @Transactional
    void remove(long product) {
        jdbc.sql(REMOVE).param("id", product).update();
    }
}
