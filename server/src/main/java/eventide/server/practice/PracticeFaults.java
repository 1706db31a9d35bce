package eventide.server.practice;

import eventide.practice.FaultTried;
import eventide.server.practice.PracticeProgress.FaultLooked;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Instant;
import java.time.OffsetDateTime;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Map;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Transactional;

/** Which faults were found and which missed, person by person. */
@Repository
@Transactional(readOnly = true)
class PracticeFaults {
    private static final String KEEP =
            """
            insert into practice_fault (person, rule, found, tried_at) values (:person, :rule, :found, :at)
            """;
    private static final String OF_PERSON =
            """
            select rule, found from practice_fault where person = :person order by id
            """;
    private static final String ALL =
            """
            select person, rule, found, tried_at from practice_fault order by id
            """;

    private final JdbcClient jdbc;

    PracticeFaults(JdbcClient jdbc) {
        this.jdbc = jdbc;
    }

    @Transactional
    void keep(String person, FaultTried fault, Instant at) {
        jdbc.sql(KEEP)
                .param("person", person)
                .param("rule", fault.rule())
                .param("found", fault.found())
                .param("at", at.atOffset(ZoneOffset.UTC))
                .update();
    }

    /** All of one person, oldest first. */
    List<FaultTried> of(String person) {
        return jdbc.sql(OF_PERSON)
                .param("person", person)
                .query((row, n) -> tried(row))
                .list();
    }

    /** Everybody's, by name, each list oldest first. */
    Map<String, List<FaultLooked>> all() {
        return jdbc
                .sql(ALL)
                .query((row, n) -> Map.entry(
                        row.getString("person"),
                        new FaultLooked(
                                tried(row),
                                row.getObject("tried_at", OffsetDateTime.class).toInstant())))
                .stream()
                .collect(ByPerson.lists());
    }

    private static FaultTried tried(ResultSet row) throws SQLException {
        return new FaultTried(row.getString("rule"), row.getBoolean("found"));
    }
}
