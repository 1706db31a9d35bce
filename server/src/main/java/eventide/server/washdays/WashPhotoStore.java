package eventide.server.washdays;

import eventide.server.photos.Picture;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Instant;
import java.time.OffsetDateTime;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Optional;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;

/** Photographs of a wash, one a view, each with a small one beside it. */
@Repository
public class WashPhotoStore {
    private static final int SMALL_SIDE = 240;

    private static final String KEEP =
            """
            merge into wash_photo (wash_day_id, view, jpeg, small, taken_at) key (wash_day_id, view)
            values (:day, :view, :jpeg, :small, :at)
            """;
    private static final String LIST =
            """
            select view, taken_at from wash_photo where wash_day_id = :day order by view
            """;
    private static final String LARGE =
            """
            select jpeg from wash_photo where wash_day_id = :day and view = :view
            """;
    private static final String SMALL =
            """
            select small from wash_photo where wash_day_id = :day and view = :view
            """;
    private static final String WHOLE =
            """
            select view, taken_at, jpeg from wash_photo where wash_day_id = :day order by view
            """;
    private static final String REMOVE =
            """
            delete from wash_photo where wash_day_id = :day and view = :view
            """;

    private final JdbcClient jdbc;

    WashPhotoStore(JdbcClient jdbc) {
        this.jdbc = jdbc;
    }

    /** From where the head is seen. */
    public enum View {
        FRONT,
        LEFT,
        RIGHT,
        BACK,
        CROWN
    }

    /** One that is kept. */
    record Kept(View view, Instant takenAt) {}

    /** One with its picture. */
    public record Whole(View view, Instant takenAt, byte[] jpeg) {}

    /** All of a wash, as they are kept. */
    public List<Whole> whole(long day) {
        return jdbc.sql(WHOLE)
                .param("day", day)
                .query((row, n) -> new Whole(kept(row, n).view(), kept(row, n).takenAt(), row.getBytes("jpeg")))
                .list();
    }

    /** Puts back one that was kept elsewhere. */
    public void putBack(long day, Whole photo) {
        store(day, photo.view(), photo.jpeg(), photo.takenAt());
    }

    List<Kept> list(long day) {
        return jdbc.sql(LIST).param("day", day).query(WashPhotoStore::kept).list();
    }

    void keep(long day, View view, byte[] upload, Instant now) {
        store(day, view, Picture.redrawn(upload, Picture.LONGEST_SIDE), now);
    }

    private void store(long day, View view, byte[] large, Instant at) {
        jdbc.sql(KEEP)
                .param("day", day)
                .param("view", view.name())
                .param("jpeg", large)
                .param("small", Picture.redrawn(large, SMALL_SIDE))
                .param("at", at.atOffset(ZoneOffset.UTC))
                .update();
    }

    Optional<byte[]> find(long day, View view, boolean small) {
        return jdbc.sql(small ? SMALL : LARGE)
                .param("day", day)
                .param("view", view.name())
                .query(byte[].class)
                .optional();
    }

    void remove(long day, View view) {
        jdbc.sql(REMOVE).param("day", day).param("view", view.name()).update();
    }

    private static Kept kept(ResultSet row, int n) throws SQLException {
        return new Kept(
                View.valueOf(row.getString("view")),
                row.getObject("taken_at", OffsetDateTime.class).toInstant());
    }
}
