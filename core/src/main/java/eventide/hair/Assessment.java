package eventide.hair;

import eventide.shape.Maybe;
import java.util.List;

/**
 * What follows from the tests.
 *
 * @param hair the readings that follow; those nothing was said of are absent
 * @param conflicts tests that speak against each other, and what to do next
 * @param shrinkagePercent measured, else by the helix, else typical of the pattern
 * @param hairGrams absent until strand, density and length are known
 * @param assumed what would be taken for the readings still open, each with the test that would settle it
 * @param needsStretchedCm stretched length for the dry length wanted; absent where either is not known
 * @param hangsAtCm dry hanging length of the stretched length wanted
 */
public record Assessment(
        Found hair,
        List<ReadingFound> readings,
        List<Conflict> conflicts,
        @Maybe Double shrinkagePercent,
        @Maybe Double curlIndex,
        @Maybe Double hairGrams,
        List<Assumed> assumed,
        @Maybe Double needsStretchedCm,
        @Maybe Double hangsAtCm) {
    /** How far to trust a reading. */
    public enum Confidence {
        FIRM,
        LIKELY,
        WEAK
    }

    /**
     * A head of which some readings may still be open.
     *
     * @param lengthCm pulled straight, cm
     * @param measured shrinkage by the ruler
     * @param condition null where no test spoke of it; nothing else is ever guessed into it
     */
    public record Found(
            @Maybe Strand strand,
            @Maybe Porosity porosity,
            @Maybe Pattern pattern,
            @Maybe Density density,
            @Maybe Double lengthCm,
            @Maybe Condition condition,
            @Maybe Measured measured,
            @Maybe Boolean buildUp) {}

    /**
     * A reading nobody has taken, what stands in for it, and the test that would settle it.
     *
     * @param value the level's own name
     * @param because why this and no other, in words
     * @param settledBy the test that would tell
     */
    public record Assumed(ReadingField field, String value, String because, GuidedTest settledBy) {}

    /**
     * One reading, the tests behind it, and how firm it is.
     *
     * @param value the level's own name
     * @param from the tests it comes from, in words
     */
    public record ReadingFound(String field, String value, List<String> from, Confidence confidence) {}

    /**
     * Tests that do not go together.
     *
     * @param fields the readings in question
     * @param doNext what to look at again
     */
    public record Conflict(List<String> fields, String message, String doNext) {}
}
