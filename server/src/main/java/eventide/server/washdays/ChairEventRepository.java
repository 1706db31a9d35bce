package eventide.server.washdays;

import eventide.chair.ChairEvent;
import eventide.chair.Look;
import eventide.hair.Zone;
import eventide.product.Product;
import eventide.server.json.Shapes;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.OffsetDateTime;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Transactional;

/** What happened at the chair, each event once. */
@Repository
@Transactional(readOnly = true)
class ChairEventRepository {
    private static final String OF_DAY =
            """
            select event_id, happened_at, seq, kind, step_index, inner_index, section_index, ratio, product, zone, sign,
                   look, timer, device, trust
              from chair_event where wash_day_id = :day order by happened_at, seq, event_id
            """;
    private static final String OF_DAYS =
            """
            select wash_day_id, event_id, happened_at, seq, kind, step_index, inner_index, section_index, ratio, product,
                   zone, sign, look, timer, device, trust
              from chair_event where wash_day_id in (:days) order by wash_day_id, happened_at, seq, event_id
            """;
    private static final String KNOWN =
            """
            select event_id from chair_event where wash_day_id = :day order by event_id
            """;
    private static final String INSERT =
            """
            insert into chair_event (wash_day_id, event_id, happened_at, seq, kind, step_index, inner_index,
                                     section_index, ratio, product, zone, sign, look, timer, device, trust)
            values (:day, :id, :at, :seq, :kind, :step, :inner, :section, :ratio, :product, :zone, :sign, :look, :timer, :device,
                    :trust)
            """;

    private final JdbcClient jdbc;
    private final Shapes shapes;

    ChairEventRepository(JdbcClient jdbc, Shapes shapes) {
        this.jdbc = jdbc;
        this.shapes = shapes;
    }

    List<ChairEvent> ofDay(long day) {
        return jdbc.sql(OF_DAY).param("day", day).query(this::event).list();
    }

    /** By wash day, each in the order of its time; days without events are left out. */
    Map<Long, List<ChairEvent>> ofDays(Collection<Long> days) {
        Map<Long, List<ChairEvent>> byDay = new HashMap<>();
        if (!days.isEmpty()) {
            jdbc.sql(OF_DAYS).param("days", days).query(row -> {
                byDay.computeIfAbsent(row.getLong("wash_day_id"), day -> new ArrayList<>())
                        .add(event(row, 0));
            });
        }
        return byDay;
    }

    /** One that is known already is passed over, in the same delivery too. */
    @Transactional
    void add(long day, List<ChairEvent> happened) {
        Set<String> known = new HashSet<>(
                jdbc.sql(KNOWN).param("day", day).query(String.class).list());
        happened.stream().filter(event -> known.add(event.id())).forEach(event -> insert(day, event));
    }

    private void insert(long day, ChairEvent event) {
        jdbc.sql(INSERT)
                .param("day", day)
                .param("id", event.id())
                .param("at", event.at().atOffset(ZoneOffset.UTC))
                .param("seq", event.seq())
                .param("kind", event.kind().name())
                .param("step", event.step())
                .param("inner", event.inner())
                .param("section", event.section())
                .param("ratio", event.ratio())
                .param("product", shapes.keep(event.product()))
                .param("zone", name(event.zone()))
                .param("sign", name(event.sign()))
                .param("look", name(event.look()))
                .param("timer", event.timer())
                .param("device", event.device())
                .param("trust", event.trust())
                .update();
    }

    private ChairEvent event(ResultSet row, int n) throws SQLException {
        return new ChairEvent(
                row.getString("event_id"),
                row.getObject("happened_at", OffsetDateTime.class).toInstant(),
                row.getObject("seq", Integer.class),
                ChairEvent.Kind.valueOf(row.getString("kind")),
                row.getObject("step_index", Integer.class),
                row.getObject("inner_index", Integer.class),
                row.getObject("section_index", Integer.class),
                row.getObject("ratio", Double.class),
                shapes.kept(row.getString("product"), Product.class),
                word(Zone.class, row.getString("zone")),
                word(ChairEvent.Sign.class, row.getString("sign")),
                word(Look.class, row.getString("look")),
                row.getString("timer"),
                row.getString("device"),
                row.getObject("trust", Double.class));
    }

    private static String name(Enum<?> word) {
        return word == null ? null : word.name();
    }

    private static <E extends Enum<E>> E word(Class<E> type, String name) {
        return name == null ? null : Enum.valueOf(type, name);
    }
}
