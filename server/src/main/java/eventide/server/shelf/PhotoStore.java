package eventide.server.shelf;

import eventide.server.photos.Picture;
import java.util.Optional;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;

/** Pictures of bottles. */
@Repository
class PhotoStore {
    /** Longest side kept, px. */
    private static final int LONGEST_SIDE = 1200;

    private static final String KEEP =
            """
            merge into product_photo (product_id, jpeg) key (product_id) values (:id, :jpeg)
            """;
    private static final String FIND =
            """
            select jpeg from product_photo where product_id = :id
            """;
    private static final String REMOVE =
            """
            delete from product_photo where product_id = :id
            """;

    private final JdbcClient jdbc;

    PhotoStore(JdbcClient jdbc) {
        this.jdbc = jdbc;
    }

    void keep(long product, byte[] upload) {
        jdbc.sql(KEEP)
                .param("id", product)
                .param("jpeg", Picture.redrawn(upload, LONGEST_SIDE))
                .update();
    }

    Optional<byte[]> find(long product) {
        return jdbc.sql(FIND).param("id", product).query(byte[].class).optional();
    }

    void remove(long product) {
        jdbc.sql(REMOVE).param("id", product).update();
    }
}
