package eventide.server.practice;

import eventide.practice.FeltGuess;
import eventide.server.practice.PracticeProgress.SectionGuessed;
import java.time.Instant;
import java.time.OffsetDateTime;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Map;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Transactional;

/** How wet hands took sections to be, person by person. */
@Repository
@Transactional(readOnly = true)
class PracticeGuesses {
    /** Older ones say little of a hand as it is now. */
    private static final int MOST = 100;

    private static final String KEEP =
            """
            insert into practice_guess (person, item, percent, guessed_at) values (:person, :item, :percent, :at)
            """;
    private static final String OF_PERSON =
            """
            select item, percent
              from (select id, item, percent from practice_guess where person = :person order by id desc limit :most) latest
             order by id
            """;

    private static final String ALL =
            """
            select person, item, percent, guessed_at from practice_guess order by id
            """;

    private final JdbcClient jdbc;

    PracticeGuesses(JdbcClient jdbc) {
        this.jdbc = jdbc;
    }

    @Transactional
    void keep(String person, FeltGuess guess, Instant at) {
        jdbc.sql(KEEP)
                .param("person", person)
                .param("item", guess.item())
                .param("percent", guess.percent())
                .param("at", at.atOffset(ZoneOffset.UTC))
                .update();
    }

    /** The latest, oldest first. */
    List<FeltGuess> of(String person) {
        return jdbc.sql(OF_PERSON)
                .param("person", person)
                .param("most", MOST)
                .query((row, n) -> new FeltGuess(row.getString("item"), row.getDouble("percent")))
                .list();
    }

    /** Everybody's, by name, each list oldest first. */
    Map<String, List<SectionGuessed>> all() {
        return jdbc
                .sql(ALL)
                .query((row, n) -> Map.entry(
                        row.getString("person"),
                        new SectionGuessed(
                                new FeltGuess(row.getString("item"), row.getDouble("percent")),
                                row.getObject("guessed_at", OffsetDateTime.class)
                                        .toInstant())))
                .stream()
                .collect(ByPerson.lists());
    }
}
