package eventide.server.washdays;

import eventide.log.FollowingDay;
import eventide.server.json.Shapes;
import java.util.List;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Transactional;

/** The days after a wash, one row each. */
@Repository
@Transactional(readOnly = true)
class FollowingDays {
    private static final String FOLLOWING =
            """
            select body from wash_following where wash_day_id = :id order by day_no
            """;
    private static final String FOLLOW =
            """
            merge into wash_following (wash_day_id, day_no, body) key (wash_day_id, day_no) values (:id, :day, :body)
            """;
    private static final String UNFOLLOW =
            """
            delete from wash_following where wash_day_id = :id and day_no = :day
            """;
    private final JdbcClient jdbc;
    private final Shapes shapes;

    FollowingDays(JdbcClient jdbc, Shapes shapes) {
        this.jdbc = jdbc;
        this.shapes = shapes;
    }

    List<FollowingDay> ofDay(long washDay) {
        return jdbc.sql(FOLLOWING)
                .param("id", washDay)
                .query((row, n) -> shapes.kept(row.getString("body"), FollowingDay.class))
                .list();
    }

    @Transactional
    void keep(long washDay, FollowingDay day) {
        jdbc.sql(FOLLOW)
                .param("id", washDay)
                .param("day", day.day())
                .param("body", shapes.keep(day))
                .update();
    }

    @Transactional
    void remove(long washDay, int day) {
        jdbc.sql(UNFOLLOW).param("id", washDay).param("day", day).update();
    }
}
