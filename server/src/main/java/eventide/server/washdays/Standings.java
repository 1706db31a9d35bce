package eventide.server.washdays;

import java.time.Instant;
import java.time.OffsetDateTime;
import java.util.List;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Transactional;

/** Where every client's washes stand, in one question. */
@Repository
@Transactional(readOnly = true)
public class Standings {
    private static final String STANDINGS =
            """
            select client_id, count(case when not refresh then finished_at end) done,
                   max(case when not refresh then started_at end) last,
                   max(case when finished_at is null then id end) open_id,
                   max(case when not refresh and finished_at is not null and (definition is null or not timely)
                            then id end) to_log
              from wash_day where removed_at is null group by client_id order by client_id
            """;
    private final JdbcClient jdbc;

    Standings(JdbcClient jdbc) {
        this.jdbc = jdbc;
    }

    /**
     * What a day's list says of one client's washes.
     *
     * @param open a wash day begun or planned and not finished, null for none
     * @param toLog one that is over and not scored, or was scored before its time, null for none
     */
    public record Standing(long client, int done, Instant last, Long open, Long toLog) {}

    /** Of every client with a wash day. */
    public List<Standing> all() {
        return jdbc.sql(STANDINGS)
                .query((row, n) -> new Standing(
                        row.getLong("client_id"),
                        row.getInt("done"),
                        row.getObject("last", OffsetDateTime.class) == null
                                ? null
                                : row.getObject("last", OffsetDateTime.class).toInstant(),
                        row.getObject("open_id", Long.class),
                        row.getObject("to_log", Long.class)))
                .list();
    }
}
