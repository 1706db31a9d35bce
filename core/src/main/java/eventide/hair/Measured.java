package eventide.hair;

import eventide.shape.Fault;
import eventide.shape.InvalidException;
import eventide.shape.Range;
import eventide.shape.Shape;
import java.util.List;

/**
 * One strand or lock by the ruler: hanging dry, and pulled straight.
 *
 * @param naturalCm as the strand hangs, cm
 * @param stretchedCm the same strand pulled straight, cm: not shorter than as it hangs
 */
public record Measured(
        @Range(from = 0.1, to = 200, unit = "cm") Double naturalCm,
        @Range(from = 0.1, to = 200, unit = "cm") Double stretchedCm) {
    public Measured {
        List<Fault> faults = Shape.faults(Measured.class, naturalCm, stretchedCm);
        if (faults.isEmpty() && naturalCm > stretchedCm) {
            faults.add(new Fault(
                    "/naturalCm",
                    "naturalCm must be at most stretchedCm (" + stretchedCm + " cm), but was " + naturalCm
                            + ": hair does not hang longer than it stretches"));
        }
        if (!faults.isEmpty()) {
            throw new InvalidException(faults);
        }
    }

    /** What curl and coil take off the stretched length, a ratio from 0 to below 1. */
    public double shrinkage() {
        return CurlGeometry.shrinkage(naturalCm, stretchedCm);
    }
}
