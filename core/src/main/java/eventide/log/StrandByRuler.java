package eventide.log;

import eventide.hair.Measured;
import eventide.hair.Zone;
import eventide.shape.Shape;

/**
 * One strand of a zone by the ruler.
 *
 * @param zone where the strand was taken
 */
public record StrandByRuler(Zone zone, Measured measured) {
    public StrandByRuler {
        Shape.check(StrandByRuler.class, zone, measured);
    }
}
