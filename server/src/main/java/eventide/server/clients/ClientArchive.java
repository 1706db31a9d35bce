package eventide.server.clients;

import eventide.server.json.Shapes;
import eventide.shape.InvalidException;
import java.time.Instant;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Objects;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.jdbc.support.GeneratedKeyHolder;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Transactional;

/** Clients brought in whole, as they were kept elsewhere, and clients erased for good. */
@Repository
@Transactional(readOnly = true)
public class ClientArchive {
    private static final String INSERT =
            """
            insert into client (name, hair, goal, schools, limits, notes, intake, changed_at)
            values (:name, :hair, :goal, :schools, :limits, :notes, :intake, :at)
            """;
    private static final String INSERT_READING =
            """
            insert into reading (client_id, taken_at, hair, occasion, note, intake)
            values (:client, :at, :hair, :occasion, :note, :intake)
            """;
    private static final String INSERT_REFERRAL =
            """
            insert into referral (client_id, seen, opened_at, cleared_at, cleared_note)
            values (:client, :seen, :opened, :cleared, :note)
            """;
    private static final String OWN_BOTTLES =
            "(select p.id from product p join shelf s on s.id = p.shelf_id where s.client_id = :id)";
    /** Words that no wash day is found by any more. */
    private static final String UNUSED_WORDS =
            """
            delete from known_word
             where not exists (select 1 from wash_word w where w.kind = known_word.kind and w.word = known_word.word)
            """;
    /** What hangs on a client's wash days, then on the client, in an order that leaves nothing hanging. */
    private static final List<String> ERASE = List.of(
            "delete from wash_photo where wash_day_id in (select id from wash_day where client_id = :id)",
            "delete from wash_following where wash_day_id in (select id from wash_day where client_id = :id)",
            "delete from rating_before where wash_day_id in (select id from wash_day where client_id = :id)",
            "delete from wash_word where wash_day_id in (select id from wash_day where client_id = :id)",
            "delete from wash_score where wash_day_id in (select id from wash_day where client_id = :id)",
            "delete from chair_event where wash_day_id in (select id from wash_day where client_id = :id)",
            "update stock_move set wash_day_id = null"
                    + " where wash_day_id in (select id from wash_day where client_id = :id)",
            "delete from wash_day where client_id = :id",
            "delete from trial where client_id = :id",
            "delete from calendar_entry where client_id = :id",
            "delete from calendar_address where client_id = :id",
            "delete from client_diary where client_id = :id",
            "delete from reading where client_id = :id",
            "delete from referral where client_id = :id",
            // The client's own bottles go with all that hangs on them.
            "delete from product_photo where product_id in " + OWN_BOTTLES,
            "delete from rub_test where under_id in " + OWN_BOTTLES + " or over_id in " + OWN_BOTTLES,
            "delete from stock_move where product_id in " + OWN_BOTTLES,
            "delete from product where shelf_id in (select id from shelf where client_id = :id)",
            "delete from shelf where client_id = :id",
            "delete from client where id = :id");

    private final JdbcClient jdbc;
    private final ClientRepository clients;
    private final Shapes shapes;

    ClientArchive(JdbcClient jdbc, ClientRepository clients, Shapes shapes) {
        this.jdbc = jdbc;
        this.clients = clients;
        this.shapes = shapes;
    }

    /** With readings and stops as they were, the oldest first; the new client's id. */
    @Transactional
    public long add(ClientDraft draft, Instant changedAt, List<ReadingTaken> readings, List<Referral> referrals) {
        GeneratedKeyHolder key = new GeneratedKeyHolder();
        jdbc.sql(INSERT)
                .param("name", draft.name())
                .param("hair", shapes.keep(draft.hair()))
                .param("goal", shapes.keep(draft.goal()))
                .param("schools", shapes.keep(draft.schools()))
                .param("limits", shapes.keep(draft.limits()))
                .param("notes", draft.notes())
                .param("intake", shapes.keep(draft.intake()))
                .param("at", changedAt.atOffset(ZoneOffset.UTC))
                .update(key, "id");
        long id = Objects.requireNonNull(key.getKeyAs(Long.class));
        for (ReadingTaken reading : readings) {
            jdbc.sql(INSERT_READING)
                    .param("client", id)
                    .param("at", reading.takenAt().atOffset(ZoneOffset.UTC))
                    .param("hair", shapes.keep(reading.hair()))
                    .param(
                            "occasion",
                            reading.occasion() == null
                                    ? null
                                    : reading.occasion().name())
                    .param("note", reading.note())
                    .param("intake", shapes.keep(reading.intake()))
                    .update();
        }
        for (Referral referral : referrals) {
            Instant cleared = referral.clearedAt();
            jdbc.sql(INSERT_REFERRAL)
                    .param("client", id)
                    .param("seen", referral.seen())
                    .param("opened", referral.openedAt().atOffset(ZoneOffset.UTC))
                    .param("cleared", cleared == null ? null : cleared.atOffset(ZoneOffset.UTC))
                    .param("note", referral.clearedNote())
                    .update();
        }
        return id;
    }

    /**
     * @param name the client's, said again
     * @throws InvalidException where it is another
     */
    @Transactional
    public void erase(long id, String name) {
        Client client = clients.get(id);
        if (!client.name().equals(name.strip())) {
            throw InvalidException.of("name", "name must be the client's own, as it stands here, to erase all of it");
        }
        ERASE.forEach(sql -> jdbc.sql(sql).param("id", id).update());
        jdbc.sql(UNUSED_WORDS).update();
    }
}
