package eventide.diary;

import eventide.air.Air;
import eventide.hair.Hair;
import eventide.hair.Zone;
import eventide.planner.Query;
import eventide.product.Product;
import eventide.routine.Goal;
import eventide.routine.NightCare;
import eventide.routine.Routine;
import eventide.routine.Schools;
import eventide.shape.Bounded;
import eventide.shape.Fault;
import eventide.shape.Frozen;
import eventide.shape.InvalidException;
import eventide.shape.Maybe;
import eventide.shape.Range;
import eventide.shape.Shape;
import java.util.List;
import java.util.Set;

/**
 * Hair on the morning of a day of wear.
 *
 * @param worn the wash it was styled with, as it was done
 * @param day of wear, 2 for the morning after
 * @param nights how it was slept on; absent, nothing over it
 * @param zones where it frizzes; absent, where such a night frizzes first
 * @param minutes there are; absent, half an hour
 */
public record RefreshQuestion(
        Hair hair,
        Goal goal,
        Air air,
        @Maybe Schools schools,
        Routine worn,
        @Range(from = 2, to = 30, unit = "") Integer day,
        @Maybe NightCare nights,
        @Maybe Set<Zone> zones,
        @Maybe @Range(from = 1, to = 600, unit = "minutes") Double minutes,
        List<Product> shelf)
        implements Bounded {
    /** Minutes of a morning where nobody says. */
    private static final double USUAL_MINUTES = 30;

    public RefreshQuestion {
        Shape.check(RefreshQuestion.class, hair, goal, air, schools, worn, day, nights, zones, minutes, shelf);
        zones = Frozen.set(zones);
        shelf = Frozen.list(shelf);
        if (zones != null && zones.isEmpty()) {
            throw InvalidException.of("zones", "zones must name at least one zone, or be left out");
        }
    }

    @Override
    public List<Fault> beyond() {
        List<Fault> shelfTooLarge = Query.beyond(shelf);
        return shelfTooLarge.isEmpty() ? worn.beyond() : shelfTooLarge;
    }

    double minutesOrUsual() {
        return minutes == null ? USUAL_MINUTES : minutes;
    }

    NightCare nightsOrNone() {
        return nights == null ? NightCare.NONE : nights;
    }
}
