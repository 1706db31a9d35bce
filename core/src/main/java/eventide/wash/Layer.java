package eventide.wash;

import eventide.drying.Visit;
import eventide.hair.Zone;
import eventide.product.Product;
import eventide.routine.Half;
import eventide.routine.Measured;
import eventide.routine.Step;
import eventide.routine.StepPlace;
import eventide.shape.Maybe;
import java.util.List;
import java.util.Set;

/**
 * A product that stays in the hair.
 *
 * @param visits the turns in which it went on, one a section
 * @param frameHalf the half an enclosing EACH_SECTION keeps to, absent where it takes both
 * @param zones where it went
 */
public record Layer(
        StepPlace place,
        Step step,
        @Maybe Half frameHalf,
        Product product,
        Measured amount,
        List<Visit> visits,
        Set<Zone> zones) {
    /** Minutes after the routine begins at which it first goes on. */
    public double startMinute() {
        return visits.get(0).startMinute();
    }

    /** Whether it is gel or mousse and stays in the hair. */
    public boolean holds() {
        return product.role().holds();
    }

    /** Whether it goes on hair of this zone. */
    public boolean isIn(Zone zone) {
        return zones.contains(zone);
    }

    /** Whether it went on this half of the head. */
    public boolean isOn(Half half) {
        return (step.half() == null || step.half() == half) && (frameHalf == null || frameHalf == half);
    }

    /** Given against advised, 1 where nothing is stated. */
    public double fullness() {
        return amount.advisedMl() <= 0 ? 1 : amount.ml() / amount.advisedMl();
    }
}
