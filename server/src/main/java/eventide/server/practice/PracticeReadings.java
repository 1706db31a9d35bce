package eventide.server.practice;

import eventide.practice.SwatchReading;
import eventide.server.practice.PracticeProgress.SwatchScored;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Instant;
import java.time.OffsetDateTime;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
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
    private static final String ALL =
            """
            select person, item, definition, clumping, frizz, read_at from practice_reading order by id
            """;
    private static final String LAST_NUMBER =
            """
            select coalesce(max(id), 0) from practice_reading
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

    /** Everybody's, by name, each list oldest first. */
    Map<String, List<SwatchScored>> all() {
        return jdbc
                .sql(ALL)
                .query((row, n) -> Map.entry(
                        row.getString("person"),
                        new SwatchScored(
                                reading(row),
                                row.getObject("read_at", OffsetDateTime.class).toInstant())))
                .stream()
                .collect(ByPerson.lists());
    }

    /** The latest of everybody, by name, each list oldest first. */
    Map<String, List<SwatchReading>> latest() {
        Map<String, List<SwatchReading>> latest = new TreeMap<>();
        all().forEach((person, scored) -> latest.put(
                person,
                scored.subList(Math.max(0, scored.size() - MOST), scored.size()).stream()
                        .map(SwatchScored::reading)
                        .toList()));
        return latest;
    }

    private static SwatchReading reading(ResultSet row) throws SQLException {
        return new SwatchReading(
                row.getString("item"), row.getDouble("definition"), row.getDouble("clumping"), row.getDouble("frizz"));
    }

    /** The number of the last one; 0 for none. */
    long lastNumber() {
        return jdbc.sql(LAST_NUMBER).query(Long.class).single();
    }
}
