package eventide.server.practice;

import eventide.practice.SwatchReading;
import eventide.server.practice.PracticeProgress.SwatchScored;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Instant;
import java.time.OffsetDateTime;
import java.time.ZoneOffset;
import java.util.List;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Transactional;

/** What eyes scored drawn swatches, person by person. */
@Repository
@Transactional(readOnly = true)
class PracticeReadings {
    /** Older ones say little of an eye as it is now, and a set is made from all of them at once. */
    private static final int MOST = 400;

    private static final String KEEP =
            """
            insert into practice_reading (person, item, definition, clumping, frizz, read_at)
            values (:person, :item, :definition, :clumping, :frizz, :at)
            """;
    private static final String OF_PERSON =
            """
            select item, definition, clumping, frizz
              from (select id, item, definition, clumping, frizz
                      from practice_reading
                     where person = :person
                     order by id desc
                     limit :most) latest
             order by id
            """;
    private static final String ALL_OF_PERSON =
            """
            select item, definition, clumping, frizz, read_at from practice_reading where person = :person order by id
            """;
    private static final String LATEST =
            """
            select coalesce(max(id), 0) from practice_reading
            """;
    private static final String PEOPLE =
            """
            select distinct person from practice_reading order by person
            """;

    private final JdbcClient jdbc;

    PracticeReadings(JdbcClient jdbc) {
        this.jdbc = jdbc;
    }

    @Transactional
    void keep(String person, SwatchReading reading, Instant at) {
        jdbc.sql(KEEP)
                .param("person", person)
                .param("item", reading.item())
                .param("definition", reading.definition())
                .param("clumping", reading.clumping())
                .param("frizz", reading.frizz())
                .param("at", at.atOffset(ZoneOffset.UTC))
                .update();
    }

    /** The latest, oldest first. */
    List<SwatchReading> of(String person) {
        return jdbc.sql(OF_PERSON)
                .param("person", person)
                .param("most", MOST)
                .query((row, n) -> reading(row))
                .list();
    }

    /** All of them, oldest first. */
    List<SwatchScored> scored(String person) {
        return jdbc.sql(ALL_OF_PERSON)
                .param("person", person)
                .query((row, n) -> new SwatchScored(
                        reading(row),
                        row.getObject("read_at", OffsetDateTime.class).toInstant()))
                .list();
    }

    private static SwatchReading reading(ResultSet row) throws SQLException {
        return new SwatchReading(
                row.getString("item"), row.getDouble("definition"), row.getDouble("clumping"), row.getDouble("frizz"));
    }

    /** The number of the last one; 0 for none. */
    long latest() {
        return jdbc.sql(LATEST).query(Long.class).single();
    }

    List<String> people() {
        return jdbc.sql(PEOPLE).query(String.class).list();
    }
}
