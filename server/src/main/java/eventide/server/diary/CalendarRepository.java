package eventide.server.diary;

import eventide.shape.Maybe;
import java.security.SecureRandom;
import java.time.Instant;
import java.time.LocalDate;
import java.time.OffsetDateTime;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.Base64;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Transactional;

/** Addresses of calendars, and what was told at them. */
@Repository
@Transactional(readOnly = true)
class CalendarRepository {
    private static final int SECRET_BYTES = 24;

    private static final String OPEN =
            """
            select id, client_id, secret, made_at from calendar_address
             where revoked_at is null and client_id is not distinct from :client order by id
            """;
    private static final String BY_SECRET =
            """
            select id, client_id, secret, made_at from calendar_address where revoked_at is null and secret = :secret
            """;
    private static final String MAKE =
            """
            insert into calendar_address (client_id, secret, made_at) values (:client, :secret, :at)
            """;
    private static final String REVOKE =
            """
            update calendar_address set revoked_at = :at where revoked_at is null and client_id is not distinct from :client
            """;
    private static final String TOLD =
            """
            select uid, starts, summary, told, sequence, cancelled from calendar_entry
             where client_id = :client and uid like :owner order by uid
            """;
    private static final String TELL =
            """
            merge into calendar_entry (uid, client_id, starts, summary, told, sequence, cancelled) key (uid)
            values (:uid, :client, :starts, :summary, :told, :sequence, :cancelled)
            """;

    private final JdbcClient jdbc;
    private final SecureRandom random = new SecureRandom();

    CalendarRepository(JdbcClient jdbc) {
        this.jdbc = jdbc;
    }

    /**
     * An address that answers.
     *
     * @param clientId absent for the salon's
     */
    record Address(@Maybe Long clientId, String secret, Instant madeAt) {}

    /**
     * A line with its number of changes.
     *
     * @param cancelled it was told before and is gone
     */
    record Line(CalendarItem item, int sequence, boolean cancelled) {}

    private record Told(String starts, String summary, String told, int sequence, boolean cancelled) {}

    /** Null for none. */
    Address open(Long client) {
        return jdbc.sql(OPEN).param("client", client).query((row, n) -> address(row)).list().stream()
                .findFirst()
                .orElse(null);
    }

    Optional<Address> bySecret(String secret) {
        return jdbc.sql(BY_SECRET)
                .param("secret", secret)
                .query((row, n) -> address(row))
                .optional();
    }

    private static Address address(java.sql.ResultSet row) throws java.sql.SQLException {
        return new Address(
                row.getObject("client_id", Long.class),
                row.getString("secret"),
                row.getObject("made_at", OffsetDateTime.class).toInstant());
    }

    /** A new one; those before answer no more. */
    @Transactional
    Address make(Long client, Instant now) {
        revoke(client, now);
        byte[] secret = new byte[SECRET_BYTES];
        random.nextBytes(secret);
        jdbc.sql(MAKE)
                .param("client", client)
                .param("secret", Base64.getUrlEncoder().withoutPadding().encodeToString(secret))
                .param("at", now.atOffset(ZoneOffset.UTC))
                .update();
        return open(client);
    }

    @Transactional
    void revoke(Long client, Instant now) {
        jdbc.sql(REVOKE)
                .param("client", client)
                .param("at", now.atOffset(ZoneOffset.UTC))
                .update();
    }

    /** What is to be told now, with what was told before and is gone; kept, so that the next time knows. */
    @Transactional
    List<Line> tell(long client, String owner, List<CalendarItem> items, LocalDate today) {
        Map<String, Told> before = new HashMap<>();
        jdbc.sql(TOLD).param("client", client).param("owner", owner + "-%").query(row -> {
            before.put(
                    row.getString("uid"),
                    new Told(
                            row.getString("starts"),
                            row.getString("summary"),
                            row.getString("told"),
                            row.getInt("sequence"),
                            row.getBoolean("cancelled")));
        });
        List<Line> lines = new ArrayList<>();
        Set<String> here = new HashSet<>();
        for (CalendarItem item : items) {
            if (!here.add(item.uid())) {
                continue;
            }
            Told told = before.get(item.uid());
            boolean same = told != null && !told.cancelled() && told.told().equals(item.told());
            int sequence = told == null ? 0 : same ? told.sequence() : told.sequence() + 1;
            if (!same) {
                tell(client, item.uid(), item.starts(), item.summary(), item.told(), sequence, false);
            }
            lines.add(new Line(item, sequence, false));
        }
        before.forEach((uid, told) -> {
            LocalDate day = LocalDate.parse(told.starts().substring(0, DAY_LETTERS));
            if (!here.contains(uid) && !day.isBefore(today)) {
                int sequence = told.cancelled() ? told.sequence() : told.sequence() + 1;
                if (!told.cancelled()) {
                    tell(client, uid, told.starts(), told.summary(), told.told(), sequence, true);
                }
                lines.add(new Line(
                        new CalendarItem(
                                uid,
                                day,
                                told.starts().length() > DAY_LETTERS
                                        ? java.time.LocalDateTime.parse(told.starts())
                                        : null,
                                null,
                                told.summary(),
                                "No longer.",
                                null),
                        sequence,
                        true));
            }
        });
        return lines;
    }

    /** Of a day as it is written, 2026-05-01. */
    private static final int DAY_LETTERS = 10;

    private void tell(
            long client, String uid, String starts, String summary, String told, int sequence, boolean cancelled) {
        jdbc.sql(TELL)
                .param("uid", uid)
                .param("client", client)
                .param("starts", starts)
                .param("summary", summary.length() > 400 ? summary.substring(0, 400) : summary)
                .param("told", told)
                .param("sequence", sequence)
                .param("cancelled", cancelled)
                .update();
    }
}
