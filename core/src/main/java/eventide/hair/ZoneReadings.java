package eventide.hair;

import eventide.shape.Frozen;
import eventide.shape.Maybe;
import eventide.shape.Range;
import eventide.shape.Shape;
import java.util.Set;

/**
 * Where one zone differs from the rest of the head; what is absent is as on the head.
 *
 * @param strand each null for as the head is read
 * @param lengthCm pulled straight, cm
 */
public record ZoneReadings(
        @Maybe Strand strand,
        @Maybe Porosity porosity,
        @Maybe Pattern pattern,
        @Maybe Density density,
        @Maybe @Range(from = 0.5, to = 200, unit = "cm") Double lengthCm,
        @Maybe Set<Condition> condition,
        @Maybe Measured measured) {
    public ZoneReadings {
        Shape.check(ZoneReadings.class, strand, porosity, pattern, density, lengthCm, condition, measured);
        condition = Frozen.set(condition);
    }

    /** Without a ruler of its own. */
    public ZoneReadings(
            Strand strand,
            Porosity porosity,
            Pattern pattern,
            Density density,
            Double lengthCm,
            Set<Condition> condition) {
        this(strand, porosity, pattern, density, lengthCm, condition, null);
    }
}
