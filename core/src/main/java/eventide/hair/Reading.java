package eventide.hair;

import java.util.Set;

/**
 * The readings that hold in one zone, nothing absent.
 *
 * @param lengthCm pulled straight, cm
 * @param shrinkage by the ruler where it was measured, else typical of the pattern, from 0 to 1
 */
public record Reading(
        Strand strand,
        Porosity porosity,
        Pattern pattern,
        Density density,
        double lengthCm,
        double shrinkage,
        Set<Condition> condition) {
    /** Whether any condition of it is damage. */
    public boolean isDamaged() {
        return condition.stream().anyMatch(Condition::isDamage);
    }

    /** Dry in the sense of the rules: porous, coarse or brittle. */
    public boolean isDryHair() {
        return porosity == Porosity.HIGH || strand == Strand.COARSE || condition.contains(Condition.BRITTLE);
    }

    /** Roughened or snapped by what strips or stiffens it: bleached, brittle or dry [CP]. */
    public boolean isFragile() {
        return isDryHair() || condition.contains(Condition.BLEACHED);
    }
}
