package eventide.server.shelf;

import eventide.product.Rubbed;
import java.time.Instant;
import java.time.OffsetDateTime;
import java.time.ZoneOffset;
import java.util.List;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Transactional;

/** The last rub test of each pair. */
@Repository
@Transactional(readOnly = true)
class RubTestRepository {
    private static final String ALL =
            """
            select under_id, over_id, outcome, note, tested_at from rub_test order by under_id, over_id
            """;
    private static final String MERGE =
            """
            merge into rub_test (under_id, over_id, outcome, note, tested_at) key (under_id, over_id)
            values (:under, :over, :outcome, :note, :at)
            """;

    private final JdbcClient jdbc;

    RubTestRepository(JdbcClient jdbc) {
        this.jdbc = jdbc;
    }

    List<RubTest> all() {
        return jdbc.sql(ALL)
                .query((row, n) -> new RubTest(
                        row.getLong("under_id"),
                        row.getLong("over_id"),
                        Rubbed.valueOf(row.getString("outcome")),
                        row.getString("note"),
                        row.getObject("tested_at", OffsetDateTime.class).toInstant()))
                .list();
    }

    @Transactional
    void keep(RubTest test, Instant at) {
        jdbc.sql(MERGE)
                .param("under", test.underId())
                .param("over", test.overId())
                .param("outcome", test.outcome().name())
                .param("note", test.note())
                .param("at", at.atOffset(ZoneOffset.UTC))
                .update();
    }
}
