package eventide.server.diary;

import eventide.diary.KeptDiary;
import eventide.diary.SalonDiary;
import eventide.server.api.StaleException;
import eventide.server.json.Shapes;
import java.util.HashMap;
import java.util.Map;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Transactional;

/** Diaries as they are kept: of each client, and of the salon. */
@Repository
@Transactional(readOnly = true)
public class DiaryRepository {
    private static final String ALL =
            """
            select client_id, body, version from client_diary order by client_id
            """;
    private static final String FIND =
            """
            select body, version from client_diary where client_id = :client
            """;
    private static final String INSERT =
            """
            insert into client_diary (client_id, body) values (:client, :body)
            """;
    private static final String SAVE =
            """
            update client_diary set body = :body, version = version + 1
             where client_id = :client and version = :version
            """;
    private static final String SALON =
            """
            select body, version from salon_diary where id = 1
            """;
    private static final String SALON_INSERT =
            """
            insert into salon_diary (id, body) values (1, :body)
            """;
    private static final String SALON_SAVE =
            """
            update salon_diary set body = :body, version = version + 1 where id = 1 and version = :version
            """;

    private final JdbcClient jdbc;
    private final Shapes shapes;

    DiaryRepository(JdbcClient jdbc, Shapes shapes) {
        this.jdbc = jdbc;
        this.shapes = shapes;
    }

    /**
     * A client's diary as kept.
     *
     * @param version 0 while nothing was ever kept
     */
    public record Kept(KeptDiary diary, int version) {}

    /** The salon's, likewise. */
    public record KeptSalon(SalonDiary diary, int version) {}

    public Kept ofClient(long client) {
        return jdbc.sql(FIND)
                .param("client", client)
                .query((row, n) -> new Kept(shapes.kept(row.getString("body"), KeptDiary.class), row.getInt("version")))
                .optional()
                .orElse(new Kept(KeptDiary.EMPTY, 0));
    }

    /** Of every client that has one. */
    Map<Long, Kept> all() {
        Map<Long, Kept> all = new HashMap<>();
        jdbc.sql(ALL).query(row -> {
            all.put(
                    row.getLong("client_id"),
                    new Kept(shapes.kept(row.getString("body"), KeptDiary.class), row.getInt("version")));
        });
        return all;
    }

    /**
     * @param version it was changed from, 0 for none
     * @throws StaleException where it was changed meanwhile
     */
    @Transactional
    public Kept save(long client, int version, KeptDiary diary) {
        Kept before = ofClient(client);
        if (before.version() != version) {
            throw new StaleException("diary", before.version(), before);
        }
        jdbc.sql(version == 0 ? INSERT : SAVE)
                .param("client", client)
                .param("body", shapes.keep(diary))
                .param("version", version)
                .update();
        return ofClient(client);
    }

    KeptSalon salon() {
        return jdbc.sql(SALON)
                .query((row, n) ->
                        new KeptSalon(shapes.kept(row.getString("body"), SalonDiary.class), row.getInt("version")))
                .optional()
                .orElse(new KeptSalon(SalonDiary.EMPTY, 0));
    }

    @Transactional
    public KeptSalon saveSalon(int version, SalonDiary diary) {
        KeptSalon before = salon();
        if (before.version() != version) {
            throw new StaleException("diary", before.version(), before);
        }
        jdbc.sql(version == 0 ? SALON_INSERT : SALON_SAVE)
                .param("body", shapes.keep(diary))
                .param("version", version)
                .update();
        return salon();
    }
}
