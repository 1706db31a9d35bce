package eventide.product;

import eventide.shape.Changed;
import eventide.shape.Fault;
import eventide.shape.Frozen;
import eventide.shape.InvalidException;
import eventide.shape.Letters;
import eventide.shape.Maybe;
import eventide.shape.Range;
import eventide.shape.Shape;
import java.util.List;
import java.util.Objects;

/**
 * A product on a shelf: what it is, how it holds and weighs, and the wetness it works in.
 *
 * @param id on the shelf; absent for one that is only spoken of
 * @param name 1 to 200 letters
 * @param role the place it takes in a routine
 * @param hold 0 to 10: none to a helmet
 * @param richness 0 to 10: water-light to butter; a gel from 4 on is a conditioning one
 * @param windowLow least water it works in, percent, at most {@code windowHigh}
 * @param windowHigh most water it works in, percent
 * @param ingredients the label as it stands; absent, nothing is concluded from it
 * @param doseUnit what a hand measures it with; absent, what is usual for its role
 * @param priceCents of the whole bottle
 * @param sizeMl of the whole bottle, ml of foam for a mousse
 * @param stockMl left in it; absent, not counted
 * @param texture how it runs
 * @param contactMinutes how long its label says it works before it is rinsed, 0 to 600
 * @param heatGuard guards from heat whatever its role
 * @param flakesOver names of bottles it balled or flaked over when both were rubbed between the fingers
 */
public record Product(
        @Maybe Long id,
        @Letters(least = 1, most = 200) String name,
        Role role,
        @Range(from = 0, to = 10) Double hold,
        @Range(from = 0, to = 10) Double richness,
        @Range(from = 0, to = 100, unit = "percent") Double windowLow,
        @Range(from = 0, to = 100, unit = "percent") Double windowHigh,
        @Maybe @Letters(most = LabelSplitter.MOST_TEXT) String ingredients,
        @Maybe DoseUnit doseUnit,
        @Maybe @Range(from = 0, to = 10_000_000, unit = "cents") Double priceCents,
        @Maybe @Range(from = 0.1, to = 100_000, unit = "ml") Double sizeMl,
        @Maybe @Range(from = 0, to = 1_000_000, unit = "ml") Double stockMl,
        @Maybe Texture texture,
        @Maybe @Range(from = 0, to = 600, unit = "minutes") Double contactMinutes,
        @Maybe Boolean heatGuard,
        @Maybe @Letters(least = 1, most = 200) List<String> flakesOver) {
    /** Foam is mostly air, g/ml [CP: an egg of 40 ml is about 2 g]. */
    static final double FOAM_DENSITY = 0.05;

    public Product {
        List<Fault> faults = Shape.faults(
                Product.class,
                id,
                name,
                role,
                hold,
                richness,
                windowLow,
                windowHigh,
                ingredients,
                doseUnit,
                priceCents,
                sizeMl,
                stockMl,
                texture,
                contactMinutes,
                heatGuard,
                flakesOver);
        if (windowLow != null && windowHigh != null && windowLow > windowHigh) {
            faults.add(new Fault(
                    "/windowLow",
                    "windowLow must be at most windowHigh (" + windowHigh + " percent), but was " + windowLow));
        }
        if (!faults.isEmpty()) {
            throw new InvalidException(faults);
        }
        flakesOver = Frozen.list(flakesOver);
    }

    /** By what tells bottles apart at sight: a search looks its plans up by their bottles many thousand times. */
    @Override
    public int hashCode() {
        int hash = 31 * name.hashCode() + role.ordinal();
        hash = 31 * hash + Objects.hashCode(id);
        hash = 31 * hash + Objects.hashCode(hold);
        return 31 * hash + Objects.hashCode(stockMl);
    }

    public Product(
            Long id,
            String name,
            Role role,
            Double hold,
            Double richness,
            Double windowLow,
            Double windowHigh,
            String ingredients,
            DoseUnit doseUnit,
            Double priceCents,
            Double sizeMl,
            Double stockMl,
            Texture texture,
            Double contactMinutes,
            Boolean heatGuard) {
        this(
                id,
                name,
                role,
                hold,
                richness,
                windowLow,
                windowHigh,
                ingredients,
                doseUnit,
                priceCents,
                sizeMl,
                stockMl,
                texture,
                contactMinutes,
                heatGuard,
                null);
    }

    public static Product of(
            String name, Role role, double hold, double richness, double windowLow, double windowHigh) {
        return new Product(
                null,
                name,
                role,
                hold,
                richness,
                windowLow,
                windowHigh,
                null,
                null,
                null,
                null,
                null,
                null,
                null,
                null);
    }

    /** The same bottle with this label; what was read off the earlier one is gone. */
    public Product withIngredients(String label) {
        return Changed.with(this, "ingredients", label);
    }

    /** The same bottle with so much left, ml; null, not counted. */
    public Product withStockMl(Double left) {
        return Changed.with(this, "stockMl", left);
    }

    /** With the bottles it was seen to flake over, null for none. */
    public Product withFlakesOver(List<String> names) {
        return Changed.with(this, "flakesOver", names);
    }

    /** Bottles over which it was seen to curdle, by name; empty for none. */
    public List<String> flakesOverOrEmpty() {
        return flakesOver == null ? List.of() : flakesOver;
    }

    /** The same bottle as it stands on the shelf; null, only spoken of. */
    public Product withId(Long newId) {
        return Changed.with(this, "id", newId);
    }

    /** With a protectant in it, or without. */
    public Product withHeatGuard(boolean guards) {
        return Changed.with(this, "heatGuard", guards);
    }

    /** The label read; of a product without one, nothing stands on it. */
    public LabelReading label() {
        return LabelReader.read(ingredients == null ? "" : ingredients);
    }

    /** What a hand measures it with: its own unit, else what is usual for its role. */
    public DoseUnit dose() {
        return doseUnit == null ? role.usualDose() : doseUnit;
    }

    /** g/ml: foam 0.05, all else as water. */
    public double density() {
        return role == Role.MOUSSE ? FOAM_DENSITY : 1;
    }

    /** Whether it works on hair of so much water, percent. */
    public boolean takesAt(double wetness) {
        return wetness >= windowLow && wetness <= windowHigh;
    }

    /** Cents for this much, 0 where price or size is not known. */
    public double costCents(double amountMl) {
        if (priceCents == null || sizeMl == null) {
            return 0;
        }
        // A mousse bottle is sized in ml of liquid, its doses in ml of foam.
        return priceCents * amountMl * density() / sizeMl;
    }

    /** Stands up to heat as far as a protectant does. */
    public boolean guardsHeat() {
        return role == Role.HEAT_PROTECTANT || Boolean.TRUE.equals(heatGuard);
    }

    /** A gel or cream rich enough to be its own moisture layer [OURS: richness from 4, as the rules say]. */
    public boolean isConditioning() {
        return richness >= 4;
    }
}
