package eventide.server.clients;

import eventide.hair.Hair;
import eventide.hair.HairChanges;
import eventide.hair.Occasion;
import eventide.hair.Scalp;
import eventide.routine.Goal;
import eventide.routine.Limits;
import eventide.routine.Schools;
import eventide.server.api.NotFoundException;
import eventide.server.api.StaleException;
import eventide.server.json.Shapes;
import eventide.shape.InvalidException;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Instant;
import java.time.OffsetDateTime;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.stream.Collectors;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.jdbc.support.GeneratedKeyHolder;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Transactional;

/** Clients, and every reading ever taken of them. */
@Repository
@Transactional(readOnly = true)
public class ClientRepository {
    private static final String LIST =
            """
            select id, name, hair, goal, schools, limits, notes, intake, version, changed_at
              from client order by name, id
            """;
    private static final String FIND =
            """
            select id, name, hair, goal, schools, limits, notes, intake, version, changed_at
              from client where id = :id
            """;
    private static final String INSERT =
            """
            insert into client (name, hair, goal, schools, limits, notes, intake, changed_at)
            values (:name, :hair, :goal, :schools, :limits, :notes, :intake, :now)
            """;
    private static final String UPDATE =
            """
            update client
               set name = :name, hair = :hair, goal = :goal, schools = :schools, limits = :limits, notes = :notes,
                   intake = :intake, changed_at = :now, version = version + 1
             where id = :id and version = :version
            """;
    private static final String INSERT_READING =
            """
            insert into reading (client_id, taken_at, hair, occasion, note, intake)
            values (:client, :now, :hair, :occasion, :note, :intake)
            """;
    private static final String READINGS =
            """
            select id, taken_at, hair, occasion, note, intake
              from reading where client_id = :client order by taken_at, id
            """;

    private static final String REFERRALS =
            """
            select id, seen, opened_at, cleared_at, cleared_note
              from referral where client_id = :client order by opened_at, id
            """;
    private static final String ALL_REFERRALS =
            """
            select client_id, id, seen, opened_at, cleared_at, cleared_note
              from referral order by opened_at, id
            """;
    private static final String OPEN_REFERRAL =
            """
            insert into referral (client_id, seen, opened_at) values (:client, :seen, :now)
            """;
    private static final String CLEAR_REFERRALS =
            """
            update referral set cleared_at = :now, cleared_note = :note
             where client_id = :client and cleared_at is null
            """;

    private final JdbcClient jdbc;
    private final Shapes shapes;

    ClientRepository(JdbcClient jdbc, Shapes shapes) {
        this.jdbc = jdbc;
        this.shapes = shapes;
    }

    public List<Client> list() {
        Map<Long, List<Referral>> referrals = new HashMap<>();
        jdbc.sql(ALL_REFERRALS).query(row -> {
            referrals
                    .computeIfAbsent(row.getLong("client_id"), client -> new ArrayList<>())
                    .add(referral(row, 0));
        });
        return jdbc.sql(LIST)
                .query((row, n) -> client(row, referrals.getOrDefault(row.getLong("id"), List.of())))
                .list();
    }

    public Optional<Client> find(long id) {
        List<Referral> referrals = jdbc.sql(REFERRALS)
                .param("client", id)
                .query(ClientRepository::referral)
                .list();
        return jdbc.sql(FIND)
                .param("id", id)
                .query((row, n) -> client(row, referrals))
                .optional();
    }

    /**
     * @throws NotFoundException where there is none
     */
    public Client get(long id) {
        return find(id).orElseThrow(() -> new NotFoundException("client", id));
    }

    @Transactional
    public Client add(ClientDraft draft, Instant now) {
        GeneratedKeyHolder key = new GeneratedKeyHolder();
        fill(jdbc.sql(INSERT), draft, now).update(key, "id");
        long id = Objects.requireNonNull(key.getKeyAs(Long.class));
        if (draft.hair() != null) {
            keepReading(id, draft, now);
            openReferral(id, draft.hair(), List.of(), now);
        }
        return get(id);
    }

    /** Saves over the version that was read; a reading that changed is kept beside the earlier ones. */
    @Transactional
    public Client save(long id, int version, ClientDraft draft, Instant now) {
        Client before = get(id);
        refuseSilentClearing(before, draft);
        int changed = fill(jdbc.sql(UPDATE), draft, now)
                .param("id", id)
                .param("version", version)
                .update();
        if (changed == 0) {
            throw new StaleException("client", before.version(), before);
        }
        if (draft.hair() != null && !draft.hair().equals(before.hair())) {
            keepReading(id, draft, now);
            openReferral(id, draft.hair(), before.referrals(), now);
        }
        return get(id);
    }

    /** Ends every open stop with a note, and takes the signs off the head. */
    @Transactional
    public Client clear(long id, int version, String note, Instant now) {
        Client before = get(id);
        if (before.referrals().stream().noneMatch(Referral::isOpen)) {
            return before; // cleared already: twice is once
        }
        if (before.version() != version) {
            throw new StaleException("client", before.version(), before);
        }
        jdbc.sql(CLEAR_REFERRALS)
                .param("client", id)
                .param("note", note)
                .param("now", utc(now))
                .update();
        Hair hair = before.hair();
        Hair cleared = hair == null
                ? null
                : hair.withScalp(hair.scalpOrEmpty().stream()
                        .filter(seen -> !seen.stopsStyling())
                        .collect(Collectors.toSet()));
        return save(
                id,
                version,
                new ClientDraft(
                        before.name(),
                        cleared,
                        before.goal(),
                        before.schools(),
                        before.limits(),
                        before.notes(),
                        before.intake(),
                        Occasion.CHECK,
                        "Cleared: " + note),
                now);
    }

    private static void refuseSilentClearing(Client before, ClientDraft draft) {
        boolean open = before.referrals().stream().anyMatch(Referral::isOpen);
        boolean stops =
                draft.hair() != null && draft.hair().scalpOrEmpty().stream().anyMatch(Scalp::stopsStyling);
        if (open && !stops) {
            throw InvalidException.of(
                    "hair",
                    "the scalp was referred and is not cleared yet: clear it with a note first, then change the signs");
        }
    }

    private void openReferral(long client, Hair hair, List<Referral> already, Instant now) {
        String seen = hair.scalpOrEmpty().stream()
                .filter(Scalp::stopsStyling)
                .map(Scalp::label)
                .collect(Collectors.joining(", "));
        if (!seen.isEmpty() && already.stream().noneMatch(Referral::isOpen)) {
            jdbc.sql(OPEN_REFERRAL)
                    .param("client", client)
                    .param("seen", seen)
                    .param("now", utc(now))
                    .update();
        }
    }

    private static Referral referral(ResultSet row, int n) throws SQLException {
        return new Referral(
                row.getLong("id"),
                row.getString("seen"),
                instant(row, "opened_at"),
                row.getObject("cleared_at") == null ? null : instant(row, "cleared_at"),
                row.getString("cleared_note"));
    }

    /** Newest first, each with what differs from the one before it. */
    public List<ReadingTaken> readings(long id) {
        get(id);
        List<ReadingTaken> oldestFirst = new ArrayList<>();
        jdbc.sql(READINGS).param("client", id).query(row -> {
            Hair hair = shapes.kept(row.getString("hair"), Hair.class);
            Hair before = oldestFirst.isEmpty()
                    ? null
                    : oldestFirst.get(oldestFirst.size() - 1).hair();
            String occasion = row.getString("occasion");
            oldestFirst.add(new ReadingTaken(
                    row.getLong("id"),
                    instant(row, "taken_at"),
                    hair,
                    occasion == null ? null : Occasion.valueOf(occasion),
                    row.getString("note"),
                    shapes.kept(row.getString("intake"), Intake.class),
                    before == null ? List.of() : HairChanges.between(before, hair)));
        });
        Collections.reverse(oldestFirst);
        return oldestFirst;
    }

    private void keepReading(long client, ClientDraft draft, Instant now) {
        jdbc.sql(INSERT_READING)
                .param("client", client)
                .param("now", utc(now))
                .param("hair", shapes.keep(draft.hair()))
                .param(
                        "occasion",
                        draft.occasion() == null ? null : draft.occasion().name())
                .param("note", draft.readingNote())
                .param("intake", shapes.keep(draft.intake()))
                .update();
    }

    private JdbcClient.StatementSpec fill(JdbcClient.StatementSpec sql, ClientDraft draft, Instant now) {
        return sql.param("name", draft.name())
                .param("hair", shapes.keep(draft.hair()))
                .param("goal", shapes.keep(draft.goal()))
                .param("schools", shapes.keep(draft.schools()))
                .param("limits", shapes.keep(draft.limits()))
                .param("notes", draft.notes())
                .param("intake", shapes.keep(draft.intake()))
                .param("now", utc(now));
    }

    private Client client(ResultSet row, List<Referral> referrals) throws SQLException {
        return new Client(
                row.getLong("id"),
                row.getString("name"),
                shapes.kept(row.getString("hair"), Hair.class),
                shapes.kept(row.getString("goal"), Goal.class),
                shapes.kept(row.getString("schools"), Schools.class),
                shapes.kept(row.getString("limits"), Limits.class),
                row.getString("notes"),
                shapes.kept(row.getString("intake"), Intake.class),
                referrals,
                row.getInt("version"),
                instant(row, "changed_at"));
    }

    private static Instant instant(ResultSet row, String column) throws SQLException {
        return row.getObject(column, OffsetDateTime.class).toInstant();
    }

    private static OffsetDateTime utc(Instant instant) {
        return instant.atOffset(ZoneOffset.UTC);
    }
}
