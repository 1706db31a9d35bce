package eventide.server.washdays;

import eventide.air.DewPointBand;
import eventide.routine.Amounts;
import eventide.routine.SchoolQuestion;
import eventide.shape.Changed;
import eventide.shape.Maybe;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Instant;
import java.time.OffsetDateTime;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeSet;
import org.springframework.dao.DuplicateKeyException;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Transactional;

/** Wash days of all clients, found by what is kept of them in rows: no routine is read to list them. */
@Repository
@Transactional(readOnly = true)
class HistoryRepository {
    /** More than this at once nobody reads. */
    static final int MOST = 200;

    private static final int MOST_WORD = 200;

    private static final String PRODUCT = "PRODUCT";
    private static final String SCHOOL = "SCHOOL";

    private static final String LINES =
            """
            select d.id, d.client_id, c.name client, d.name, d.planned_at, d.definition, d.clumping, d.frizz, d.volume,
                   d.dew_point
            """;
    private static final String OF_ALL =
            """
              from wash_day d join client c on c.id = d.client_id
            """;
    /** Read in the order of the index: neither a rare word nor a common one is sorted. */
    private static final String WITH_WORD =
            """
              from wash_word w join wash_day d on d.id = w.wash_day_id join client c on c.id = d.client_id
            """;

    private static final String PRODUCTS =
            """
            select wash_day_id, word from wash_word where kind = 'PRODUCT' and wash_day_id in (:days)
             order by wash_day_id, word
            """;

    private static final String KNOWN =
            """
            select word from known_word where kind = :kind order by word
            """;
    private static final String LEARN =
            """
            merge into known_word (kind, word) key (kind, word) values (:kind, :word)
            """;
    private static final String CLEAR = """
            delete from wash_word where wash_day_id = :id
            """;
    private static final String INSERT =
            """
            insert into wash_word (wash_day_id, kind, word, planned_at)
            select id, :kind, :word, planned_at from wash_day where id = :id
            """;
    private static final String AIR =
            """
            update wash_day set dew_point = :dew where id = :id
            """;
    private static final String UNFILLED =
            """
            select id from wash_day where dew_point is null order by id
            """;

    private final JdbcClient jdbc;

    HistoryRepository(JdbcClient jdbc) {
        this.jdbc = jdbc;
    }

    /** A wash day in one line. */
    public record HistoryLine(
            long id,
            long clientId,
            String client,
            String name,
            Instant at,
            @Maybe Double definition,
            @Maybe Double clumping,
            @Maybe Double frizz,
            @Maybe Double volume,
            @Maybe Double dewPointC,
            List<String> products) {}

    /** What is looked for; any of it may be null. */
    record Wanted(
            Long client,
            String product,
            String school,
            Double leastDefinition,
            Double mostFrizz,
            DewPointBand air,
            Instant before,
            Long beforeId,
            int limit) {}

    List<HistoryLine> find(Wanted wanted) {
        boolean byWord = wanted.product() != null || wanted.school() != null;
        StringBuilder sql = new StringBuilder(LINES).append(byWord ? WITH_WORD : OF_ALL);
        sql.append(" where d.removed_at is null and d.finished_at is not null and not d.refresh");
        Map<String, Object> values = new HashMap<>();
        if (byWord) {
            sql.append(" and w.kind = :kind and w.word = :word");
            values.put("kind", wanted.product() == null ? SCHOOL : PRODUCT);
            values.put("word", wanted.product() == null ? wanted.school() : wanted.product());
        }
        if (wanted.product() != null && wanted.school() != null) {
            sql.append(" and exists (select 1 from wash_word s where s.wash_day_id = d.id and s.kind = 'SCHOOL'"
                    + " and s.word = :school)");
            values.put("school", wanted.school());
        }
        and(sql, values, "d.client_id = :client", "client", wanted.client());
        and(sql, values, "d.definition >= :definition", "definition", wanted.leastDefinition());
        and(sql, values, "d.frizz <= :frizz", "frizz", wanted.mostFrizz());
        if (wanted.air() != null) {
            and(sql, values, "d.dew_point >= :dewFrom", "dewFrom", wanted.air().fromC());
            and(sql, values, "d.dew_point < :dewTo", "dewTo", wanted.air().toC());
        }
        String of = byWord ? "w.planned_at" : "d.planned_at";
        String id = byWord ? "w.wash_day_id" : "d.id";
        if (wanted.before() != null) {
            sql.append(" and " + of + " <= :before and (" + of + " < :before or " + id + " < :beforeId)");
            values.put("before", wanted.before().atOffset(ZoneOffset.UTC));
            values.put("beforeId", wanted.beforeId() == null ? 0L : wanted.beforeId());
        }
        sql.append(" order by " + of + " desc, " + id + " desc limit :limit");
        values.put("limit", Math.min(MOST, wanted.limit()));
        return withProducts(jdbc.sql(sql.toString())
                .params(values)
                .query(HistoryRepository::line)
                .list());
    }

    private List<HistoryLine> withProducts(List<HistoryLine> lines) {
        if (lines.isEmpty()) {
            return lines;
        }
        Map<Long, List<String>> products = new HashMap<>();
        jdbc.sql(PRODUCTS)
                .param("days", lines.stream().map(HistoryLine::id).toList())
                .query(row -> {
                    products.computeIfAbsent(row.getLong("wash_day_id"), day -> new ArrayList<>())
                            .add(row.getString("word"));
                });
        return lines.stream()
                .map(line -> Changed.with(line, "products", products.getOrDefault(line.id(), List.of())))
                .toList();
    }

    private static void and(
            StringBuilder sql, Map<String, Object> values, String condition, String name, Object value) {
        if (value != null) {
            sql.append(" and ").append(condition);
            values.put(name, value);
        }
    }

    /** Every product, or school, that was ever used on a wash day. */
    List<String> products() {
        return jdbc.sql(KNOWN).param("kind", PRODUCT).query(String.class).list();
    }

    List<String> schools() {
        return jdbc.sql(KNOWN).param("kind", SCHOOL).query(String.class).list();
    }

    /** Writes the rows of a wash day anew, as planned. */
    @Transactional
    void index(WashDay day) {
        List<String> planned = Amounts.of(day.routine(), day.hair()).stream()
                .map(amount -> amount.product().name())
                .toList();
        index(day, planned);
    }

    /**
     * The same as done.
     *
     * @param used names of what was put on
     */
    @Transactional
    void index(WashDay day, List<String> used) {
        jdbc.sql(CLEAR).param("id", day.id()).update();
        // In one order for all, so that two wash days written at once do not wait for each other.
        new TreeSet<>(used).forEach(name -> insert(day.id(), PRODUCT, name));
        if (day.schools() != null) {
            for (SchoolQuestion question : SchoolQuestion.ALL) {
                String side = day.schools().side(question.key());
                if (side != null) {
                    insert(day.id(), SCHOOL, question.key() + " " + side);
                }
            }
        }
        jdbc.sql(AIR).param("id", day.id()).param("dew", day.air().dewPointC()).update();
    }

    private void insert(long day, String kind, String word) {
        String kept = word.length() > MOST_WORD ? word.substring(0, MOST_WORD) : word;
        jdbc.sql(INSERT)
                .param("id", day)
                .param("kind", kind)
                .param("word", kept)
                .update();
        try {
            jdbc.sql(LEARN).param("kind", kind).param("word", kept).update();
        } catch (DuplicateKeyException learnt) {
            // another wash day brought the word a moment ago
            return;
        }
    }

    /** Wash days kept before there were such rows. */
    List<Long> unfilled() {
        return jdbc.sql(UNFILLED).query(Long.class).list();
    }

    private static HistoryLine line(ResultSet row, int n) throws SQLException {
        return new HistoryLine(
                row.getLong("id"),
                row.getLong("client_id"),
                row.getString("client"),
                row.getString("name"),
                row.getObject("planned_at", OffsetDateTime.class).toInstant(),
                row.getObject("definition", Double.class),
                row.getObject("clumping", Double.class),
                row.getObject("frizz", Double.class),
                row.getObject("volume", Double.class),
                row.getObject("dew_point", Double.class),
                List.of());
    }
}
