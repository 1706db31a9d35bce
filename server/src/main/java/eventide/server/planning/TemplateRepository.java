package eventide.server.planning;

import eventide.routine.Routine;
import eventide.server.json.Shapes;
import java.time.Instant;
import java.time.OffsetDateTime;
import java.time.ZoneOffset;
import java.util.List;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.jdbc.support.GeneratedKeyHolder;
import org.springframework.jdbc.support.KeyHolder;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Transactional;

/** Routines kept, by name. What is taken away can be put back. */
@Repository
@Transactional(readOnly = true)
public class TemplateRepository {
    private static final String LIST =
            """
            select id, name, routine, kept_at from template where removed_at is null order by lower(name), id
            """;
    private static final String INSERT =
            """
            insert into template (name, routine, kept_at) values (:name, :routine, :at)
            """;
    private static final String REMOVE =
            """
            update template set removed_at = :at where id = :id
            """;

    private final JdbcClient jdbc;
    private final Shapes shapes;

    TemplateRepository(JdbcClient jdbc, Shapes shapes) {
        this.jdbc = jdbc;
        this.shapes = shapes;
    }

    public List<Template> list() {
        return jdbc.sql(LIST)
                .query((row, n) -> new Template(
                        row.getLong("id"),
                        row.getString("name"),
                        shapes.kept(row.getString("routine"), Routine.class),
                        row.getObject("kept_at", OffsetDateTime.class).toInstant()))
                .list();
    }

    @Transactional
    public Template keep(String name, Routine routine, Instant at) {
        KeyHolder key = new GeneratedKeyHolder();
        jdbc.sql(INSERT)
                .param("name", name.strip())
                .param("routine", shapes.keep(routine))
                .param("at", at.atOffset(ZoneOffset.UTC))
                .update(key, "id");
        return new Template(key.getKey().longValue(), name.strip(), routine, at);
    }

    /**
     * @param at null puts it back
     * @return whether there is such a template
     */
    @Transactional
    boolean remove(long id, Instant at) {
        return jdbc.sql(REMOVE)
                        .param("id", id)
                        .param("at", at == null ? null : at.atOffset(ZoneOffset.UTC))
                        .update()
                > 0;
    }
}
