package eventide.product;

import eventide.shape.Maybe;
import java.util.List;
import java.util.Set;

/**
 * What a label says.
 *
 * @param onePercentAfter everything behind this position is at most 1 % of the product; absent where no marker shows it
 * @param allergens fragrance allergens that must be named, as they should be written
 * @param unknown what is not in the dictionary, as written: listed, never guessed
 */
public record LabelReading(
        List<Entry> ingredients,
        Traits traits,
        @Maybe Integer onePercentAfter,
        List<String> allergens,
        Breaks breaks,
        List<String> unknown,
        @Maybe Proposal proposed) {
    /** How much of a kind there is. */
    public enum Load {
        NONE,
        LOW,
        MEDIUM,
        HIGH
    }

    /** Whether it counts as a protein product. */
    public enum ProteinLoad {
        NONE,
        TRACE,
        YES
    }

    /** What its silicones leave behind. */
    public enum Silicones {
        NONE,
        SOLUBLE,
        BUILDS_UP
    }

    /**
     * One ingredient where it stands.
     *
     * @param position from 1
     * @param name as it should be written; as it is written where it is not known
     * @param asWritten what stood on the label
     * @param percent where the label itself says
     * @param trace at most 1 % by the markers
     * @param mayContain named as possible only
     * @param closest names near it, where it is not known
     */
    public record Entry(
            int position,
            String name,
            Set<Family> families,
            String note,
            String asWritten,
            @Maybe Double percent,
            boolean trace,
            boolean mayContain,
            List<String> closest) {
        /** Whether this ingredient belongs to a family. */
        public boolean is(Family family) {
            return families.contains(family);
        }

        /** Whether the name was placed at all. */
        public boolean isKnown() {
            return !families.isEmpty();
        }
    }

    /** The label in short. */
    public record Traits(
            ProteinLoad protein,
            Load humectants,
            Load filmFormers,
            Load oils,
            Silicones silicones,
            boolean sulfates,
            boolean dryingAlcohol,
            boolean parabens,
            boolean waxes,
            boolean mineralOil,
            boolean conditioning,
            boolean propellant) {
        /** Stays when only mild cleansers come after it. */
        public boolean buildsUp() {
            return silicones == Silicones.BUILDS_UP || waxes || mineralOil;
        }
    }

    /**
     * Which ingredient lists a client may keep it breaks, each with the reason.
     *
     * @param strict what breaks the list that leaves everything out that water does not lift
     * @param loose what breaks the milder one
     */
    public record Breaks(
            @eventide.shape.Named("STRICT") List<String> strict, @eventide.shape.Named("LOOSE") List<String> loose) {}

    /**
     * Values read off the label, with what speaks for them. The stylist's own win.
     *
     * @param hold 0 to 10
     * @param richness 0 to 10
     * @param windowLow percent of water
     * @param windowHigh percent of water
     * @param evidence what of the label says so
     */
    public record Proposal(double hold, double richness, double windowLow, double windowHigh, List<String> evidence) {}
}
