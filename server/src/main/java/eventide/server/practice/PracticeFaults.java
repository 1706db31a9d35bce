package eventide.server.practice;

import eventide.practice.FaultTried;
import eventide.server.practice.PracticeProgress.FaultLooked;
import java.time.Instant;
import java.time.OffsetDateTime;
import java.time.ZoneOffset;
import java.util.List;
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
    private static final String ALL_OF_PERSON =
            """
            select rule, found, tried_at from practice_fault where person = :person order by id
            """;
    private static final String PEOPLE =
            """
            select distinct person from practice_fault order by person
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

    /** All of them, oldest first. */
    List<FaultLooked> looked(String person) {
        return jdbc.sql(ALL_OF_PERSON)
                .param("person", person)
                .query((row, n) -> new FaultLooked(
                        new FaultTried(row.getString("rule"), row.getBoolean("found")),
                        row.getObject("tried_at", OffsetDateTime.class).toInstant()))
                .list();
    }

    List<FaultTried> of(String person) {
        return looked(person).stream().map(FaultLooked::fault).toList();
    }

    List<String> people() {
        return jdbc.sql(PEOPLE).query(String.class).list();
    }
}
