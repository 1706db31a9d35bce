package eventide.server.washdays;

import eventide.hair.PhotoView;
import eventide.picture.Measurement;
import eventide.picture.Measurement.Measure;
import eventide.picture.Measurer;
import eventide.picture.SheetLight;
import eventide.server.json.Shapes;
import eventide.shape.Maybe;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Transactional;

/** What photographs say, kept beside them. */
@Repository
@Transactional(readOnly = true)
class WitnessStore {
    /** The latest of them: how an eye read years ago says little of how it reads now [OURS]. */
    private static final int MOST = 500;

    private static final String OF_SCORED =
            """
            select p.wash_day_id, p.view, p.photo_key, case when p.measured_fit = :fit then p.measured end measured
              from wash_photo p join wash_day d on d.id = p.wash_day_id
             where d.rating is not null and d.removed_at is null and not d.refresh
               and (cast(:client as bigint) is null or d.client_id = :client)
             order by d.planned_at desc, d.id desc, p.view limit :most
            """;
    private static final String BEFORE =
            """
            select p.measured
              from wash_photo p join wash_day d on d.id = p.wash_day_id
              join wash_photo this on this.view = p.view and this.photo_key = :key
              join wash_day own on own.id = this.wash_day_id and own.client_id = d.client_id
             where p.measured is not null and d.removed_at is null and d.planned_at < own.planned_at
             order by d.planned_at desc, d.id desc limit 10
            """;
    private static final String KEEP =
            """
            update wash_photo set measured = :measured, measured_fit = :fit where photo_key = :key
            """;

    private final JdbcClient jdbc;
    private final Shapes shapes;

    WitnessStore(JdbcClient jdbc, Shapes shapes) {
        this.jdbc = jdbc;
        this.shapes = shapes;
    }

    /** Points, and the interval that holds them in four cases of five. */
    record Points(Double value, Double low, Double high) {
        static Points of(Measure measure) {
            return measure == null ? null : new Points(measure.value(), measure.low(), measure.high());
        }
    }

    /** The sheet's grey as a photograph shows it. */
    record Grey(Double red, Double green, Double blue) {
        static Grey of(SheetLight light) {
            return light == null ? null : new Grey(light.red(), light.green(), light.blue());
        }

        SheetLight light() {
            return new SheetLight(red, green, blue);
        }
    }

    /** What is kept of what a photograph says: no more than stands beside an eye. */
    record Said(Boolean fit, @Maybe Points definition, @Maybe Points clumping, @Maybe Points frizz, @Maybe Grey grey) {
        static Said of(Measurement measurement) {
            Measurement.Measures measures = measurement.measures();
            return new Said(
                    measurement.quality().fit(),
                    Points.of(measures.definition()),
                    Points.of(measures.clumping()),
                    Points.of(measures.frizz()),
                    Grey.of(measurement.light()));
        }
    }

    /**
     * A photograph of a wash that was scored.
     *
     * @param said null where nobody asked yet
     */
    record Photographed(long washDay, PhotoView view, String key, Said said) {
        boolean isFit() {
            return said != null && said.fit();
        }
    }

    /**
     * The latest wash first.
     *
     * @param client whose; null for all
     */
    List<Photographed> ofScored(Long client) {
        return jdbc.sql(OF_SCORED)
                .param("client", client)
                .param("fit", Measurer.FIT)
                .param("most", MOST)
                .query(this::photographed)
                .list();
    }

    /** Does nothing where the photograph was replaced meanwhile. */
    @Transactional
    void keep(String key, Said said) {
        jdbc.sql(KEEP)
                .param("key", key)
                .param("fit", Measurer.FIT)
                .param("measured", shapes.keep(said))
                .update();
    }

    /** The light of the photograph of the same head and view before this one; empty where none shows the sheet. */
    Optional<SheetLight> lastLight(String key) {
        return jdbc.sql(BEFORE).param("key", key).query(String.class).list().stream()
                .map(kept -> shapes.kept(kept, Said.class).grey())
                .filter(Objects::nonNull)
                .map(Grey::light)
                .findFirst();
    }

    private Photographed photographed(ResultSet row, int n) throws SQLException {
        return new Photographed(
                row.getLong("wash_day_id"),
                PhotoView.valueOf(row.getString("view")),
                row.getString("photo_key"),
                shapes.kept(row.getString("measured"), Said.class));
    }
}
