package eventide.hair;

import eventide.shape.Changed;
import eventide.shape.Frozen;
import eventide.shape.Letters;
import eventide.shape.Maybe;
import eventide.shape.Range;
import eventide.shape.Shape;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Stream;

/**
 * A head of hair as read at the consult: one set of readings, and where a zone differs.
 *
 * @param strand thickness of one
 * @param porosity how fast it takes water in and lets it go
 * @param pattern of the curl, as in the letter system
 * @param density how much of it grows
 * @param lengthCm stretched, 0.5 to 200
 * @param zones what is otherwise where; what a zone does not say is as on the head
 * @param condition of the lengths; a zone may have its own
 * @param scalp what shows on it
 * @param buildUp whether hair is coated, dull, limp
 * @param daysSinceWash 0 to 3650; absent, not known
 * @param daysSinceProtein likewise
 * @param daysSinceClarify likewise
 * @param newClient nothing is known of what is on it: the first wash is to be read
 * @param measured by the ruler, hanging and stretched
 * @param allergies as the client says them, 1 to 200 letters each
 * @param child lower heat, gentle hands
 */
public record Hair(
        Strand strand,
        Porosity porosity,
        Pattern pattern,
        Density density,
        @Range(from = 0.5, to = 200, unit = "cm") Double lengthCm,
        @Maybe Map<Zone, ZoneReadings> zones,
        @Maybe Set<Condition> condition,
        @Maybe Set<Scalp> scalp,
        @Maybe Boolean buildUp,
        @Maybe @Range(from = 0, to = 3650, unit = "days") Double daysSinceWash,
        @Maybe @Range(from = 0, to = 3650, unit = "days") Double daysSinceProtein,
        @Maybe @Range(from = 0, to = 3650, unit = "days") Double daysSinceClarify,
        @Maybe Boolean newClient,
        @Maybe Measured measured,
        @Maybe @Letters(least = 1, most = 200) List<String> allergies,
        @Maybe Boolean child) {
    public Hair {
        Shape.check(
                Hair.class,
                strand,
                porosity,
                pattern,
                density,
                lengthCm,
                zones,
                condition,
                scalp,
                buildUp,
                daysSinceWash,
                daysSinceProtein,
                daysSinceClarify,
                newClient,
                measured,
                allergies,
                child);
        zones = Frozen.map(zones);
        condition = Frozen.set(condition);
        scalp = Frozen.set(scalp);
        allergies = Frozen.list(allergies);
    }

    /** With nothing more known than the five readings every plan needs. */
    public static Hair of(Strand strand, Porosity porosity, Pattern pattern, Density density, double lengthCm) {
        return new Hair(
                strand, porosity, pattern, density, lengthCm, null, null, null, null, null, null, null, null, null,
                null, null);
    }

    /** The head's five readings changed; zones keep what they have of their own. */
    public Hair with(
            Strand newStrand, Porosity newPorosity, Pattern newPattern, Density newDensity, double newLengthCm) {
        return new Hair(
                newStrand,
                newPorosity,
                newPattern,
                newDensity,
                newLengthCm,
                zones,
                condition,
                scalp,
                buildUp,
                daysSinceWash,
                daysSinceProtein,
                daysSinceClarify,
                newClient,
                measured,
                allergies,
                child);
    }

    /** The same head, these zones otherwise; what was said of zones before is gone. */
    public Hair withZones(Map<Zone, ZoneReadings> differing) {
        return Changed.with(this, "zones", differing);
    }

    /** The same head with this seen on its scalp. */
    public Hair withScalp(Set<Scalp> seen) {
        return Changed.with(this, "scalp", seen);
    }

    /** The same head in this condition, zones that say their own aside. */
    public Hair withCondition(Set<Condition> seen) {
        return Changed.with(this, "condition", seen);
    }

    /** The same head of a client who reacts to these. */
    public Hair withAllergies(List<String> words) {
        return Changed.with(this, "allergies", words);
    }

    /** As far as anything is said to be ago, days. */
    public static final double LONGEST_AGO = 3650;

    /** The readings that hold in a zone: its own where it has them, else the head's. */
    public Reading at(Zone zone) {
        ZoneReadings own = zones == null ? null : zones.get(zone);
        Set<Condition> headCondition = condition == null ? Set.of() : condition;
        if (own == null) {
            return new Reading(
                    strand, porosity, pattern, density, lengthCm, shrinkageOf(pattern, false), headCondition);
        }
        Pattern zonePattern = own.pattern() == null ? pattern : own.pattern();
        return new Reading(
                own.strand() == null ? strand : own.strand(),
                own.porosity() == null ? porosity : own.porosity(),
                zonePattern,
                own.density() == null ? density : own.density(),
                own.lengthCm() == null ? lengthCm : own.lengthCm(),
                own.measured() != null
                        ? own.measured().shrinkage()
                        : shrinkageOf(zonePattern, own.pattern() != null && own.pattern() != pattern),
                own.condition() == null ? headCondition : own.condition());
    }

    /** Whether a zone's shrinkage comes from a ruler: its own, or the head's where its pattern is the head's. */
    public boolean isMeasured(Zone zone) {
        ZoneReadings own = zones == null ? null : zones.get(zone);
        boolean differs = own != null && own.pattern() != null && own.pattern() != pattern;
        return own != null && own.measured() != null || measured != null && !differs;
    }

    /** The head's own readings, as if no zone differed. */
    public Reading overall() {
        return new Reading(
                strand,
                porosity,
                pattern,
                density,
                lengthCm,
                shrinkageOf(pattern, false),
                condition == null ? Set.of() : condition);
    }

    /** All six zones resolved. */
    public Map<Zone, Reading> readings() {
        Map<Zone, Reading> all = new EnumMap<>(Zone.class);
        for (Zone zone : Zone.values()) {
            all.put(zone, at(zone));
        }
        return all;
    }

    /** Whether any zone is fragile. */
    public boolean isFragileAnywhere() {
        return Stream.of(Zone.values()).map(this::at).anyMatch(Reading::isFragile);
    }

    /** Words for the scalp findings that stop styling; empty when there are none. */
    public Set<Scalp> scalpOrEmpty() {
        return scalp == null ? Set.of() : scalp;
    }

    /** False where nobody said. */
    public boolean isChild() {
        return Boolean.TRUE.equals(child);
    }

    /** The same head on a child. */
    public Hair ofAChild() {
        return Changed.with(this, "child", true);
    }

    /** As the client says them; empty where nobody asked. */
    public List<String> allergiesOrEmpty() {
        return allergies == null ? List.of() : allergies;
    }

    /** Measured beats typical; a zone of another pattern keeps its own typical value. */
    private double shrinkageOf(Pattern of, boolean differs) {
        return measured != null && !differs ? measured.shrinkage() : of.typicalShrinkage();
    }
}
