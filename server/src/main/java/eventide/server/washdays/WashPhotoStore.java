package eventide.server.washdays;

import eventide.hair.PhotoView;
import eventide.hair.Zone;
import eventide.picture.Ruler;
import eventide.server.json.Shapes;
import eventide.server.photos.Pictures;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Instant;
import java.time.OffsetDateTime;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Optional;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Transactional;

/** Photographs of a wash, one a view, each with a small one beside it. */
@Repository
@Transactional(readOnly = true)
public class WashPhotoStore {
    /** Two pictures of one view at once take their turns. */
    private static final String LOCK =
            """
            select id from wash_day where id = :day for update
            """;

    private static final String KEEP =
            """
            merge into wash_photo (wash_day_id, view, jpeg, small, taken_at, photo_key, measured, ruler)
              key (wash_day_id, view)
            values (:day, :view, :jpeg, :small, :at, :key, null, :ruler)
            """;
    private static final String LIST =
            """
            select view, taken_at, photo_key from wash_photo where wash_day_id = :day order by view
            """;
    private static final String LARGE =
            """
            select jpeg from wash_photo where photo_key = :key
            """;
    private static final String SHOWN =
            """
            select view, jpeg, ruler from wash_photo where photo_key = :key
            """;
    private static final String SMALL =
            """
            select small from wash_photo where photo_key = :key
            """;
    private static final String WHOLE =
            """
            select view, taken_at, photo_key, jpeg, small, ruler from wash_photo where wash_day_id = :day order by view
            """;
    private static final String RULE =
            """
            update wash_photo set ruler = :ruler where photo_key = :key
            """;
    private static final String BYTES =
            """
            select coalesce(sum(octet_length(p.jpeg)), 0)
              from wash_photo p join wash_day d on d.id = p.wash_day_id
             where d.removed_at is null and (cast(:client as bigint) is null or d.client_id = :client)
            """;
    private static final String REMOVE =
            """
            delete from wash_photo where wash_day_id = :day and view = :view
            """;

    private final JdbcClient jdbc;
    private final Shapes shapes;

    WashPhotoStore(JdbcClient jdbc, Shapes shapes) {
        this.jdbc = jdbc;
        this.shapes = shapes;
    }

    /**
     * One that is kept.
     *
     * @param zone that it shows most of
     * @param key under which it is to be had
     */
    record Kept(PhotoView view, Zone zone, Instant takenAt, String key) {}

    /** From where it was taken, the picture, and what sets its scale; null for nothing. */
    record Shown(PhotoView view, byte[] jpeg, Ruler ruler) {}

    /** One with its picture, the same for a list, and what sets its scale; null for nothing. */
    public record Whole(PhotoView view, Instant takenAt, byte[] jpeg, byte[] small, Ruler ruler) {}

    /**
     * How many bytes there are.
     *
     * @param client whose; null for all
     */
    public long bytes(Long client) {
        return jdbc.sql(BYTES).param("client", client).query(Long.class).single();
    }

    /** All of a wash, as they are kept. */
    public List<Whole> whole(long day) {
        return jdbc.sql(WHOLE)
                .param("day", day)
                .query((row, n) -> new Whole(
                        kept(row, n).view(),
                        kept(row, n).takenAt(),
                        row.getBytes("jpeg"),
                        row.getBytes("small"),
                        ruler(row)))
                .list();
    }

    /** Puts back one that was kept elsewhere. */
    @Transactional
    public void putBack(long day, Whole photo) {
        keep(day, photo);
    }

    List<Kept> list(long day) {
        return jdbc.sql(LIST).param("day", day).query(WashPhotoStore::kept).list();
    }

    /** In the place of what the wash had of this view. */
    @Transactional
    void keep(long day, Whole photo) {
        jdbc.sql(LOCK).param("day", day).query(Long.class).optional();
        jdbc.sql(KEEP)
                .param("day", day)
                .param("view", photo.view().name())
                .param("jpeg", photo.jpeg())
                .param("small", photo.small())
                .param("at", photo.takenAt().atOffset(ZoneOffset.UTC))
                .param("ruler", photo.ruler() == null ? null : shapes.keep(photo.ruler()))
                .param("key", Pictures.newKey())
                .update();
    }

    Optional<byte[]> find(String key, boolean small) {
        return jdbc.sql(small ? SMALL : LARGE)
                .param("key", key)
                .query(byte[].class)
                .optional();
    }

    Optional<Shown> shown(String key) {
        return jdbc.sql(SHOWN)
                .param("key", key)
                .query((row, n) ->
                        new Shown(PhotoView.valueOf(row.getString("view")), row.getBytes("jpeg"), ruler(row)))
                .optional();
    }

    /** Does nothing where there is no such photograph. */
    @Transactional
    void rule(String key, Ruler ruler) {
        jdbc.sql(RULE).param("key", key).param("ruler", shapes.keep(ruler)).update();
    }

    private Ruler ruler(ResultSet row) throws SQLException {
        return shapes.kept(row.getString("ruler"), Ruler.class);
    }

    @Transactional
    void remove(long day, PhotoView view) {
        jdbc.sql(REMOVE).param("day", day).param("view", view.name()).update();
    }

    private static Kept kept(ResultSet row, int n) throws SQLException {
        PhotoView view = PhotoView.valueOf(row.getString("view"));
        return new Kept(
                view,
                view.zone(),
                row.getObject("taken_at", OffsetDateTime.class).toInstant(),
                row.getString("photo_key"));
    }
}
