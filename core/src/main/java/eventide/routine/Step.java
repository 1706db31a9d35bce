package eventide.routine;

import eventide.hair.Zone;
import eventide.product.Product;
import eventide.product.Role;
import eventide.shape.Fault;
import eventide.shape.Frozen;
import eventide.shape.InvalidException;
import eventide.shape.Maybe;
import eventide.shape.OneOrMany;
import eventide.shape.Range;
import eventide.shape.Shape;
import java.util.List;
import java.util.Set;

/**
 * One step of a routine. Only the action is required; what means nothing to it is kept, has no effect, and is listed by {@link
 * IgnoredFields}.
 *
 * @param product what goes on, where it is one bottle
 * @param mix what goes on, where several are mixed in the palm; their shares add to 1
 * @param dilution parts of water to one of product, in the palm, 0 to 20
 * @param technique how a product is put on; absent, as hands usually do
 * @param zones where; absent, the whole head
 * @param half the half of every zone that it keeps to; absent, both
 * @param parts of the strand, from the scalp outward; absent, all but the scalp. A dryer aims there
 * @param sections pieces the head is parted into for it, 1 to 200; absent, in one go
 * @param amountMl for all that the step covers, 0 to 2000 ml, ml of foam of a mousse; absent, what is advised
 * @param minutes 0 to 4320; in a group for one section, fractions allowed; absent, as long as it usually takes
 * @param toWetness percent of water, 0 to 100, that a wetting or squeezing step ends at; on the wrong side of the present
 *     level without effect
 * @param position of the head, one or several in turn; absent, nothing is assumed
 * @param tool what the hand holds
 * @param from where detangling begins
 * @param brushDirection where a brush draws each piece
 * @param extent how much of each strand is coiled
 * @param tension dried or stretched under gentle tension
 * @param water temperature of the water
 * @param count of scrunches for each handful, of clips, of strokes, 0 to 1000; in a group for each section
 * @param heat of the dryer; absent, warm
 * @param speed of its air; absent, medium
 * @param untilDry percent dry, 0 to 100, at which a drying step ends: of the parts it aims at, else of the whole head. At
 *     {@code minutes} or here, whichever comes first
 * @param heatCap under heat or steam while it works
 * @param order of the zones in a group; absent, bottom to top and back to front
 * @param steps done on one section, then on the next: of a group alone, not nested further
 */
public record Step(
        Action action,
        /** By how much the shares of a mix may miss 1: thirds are written as .33. */
        @Maybe Product product,
        @Maybe List<MixPart> mix,
        @Maybe @Range(from = 0, to = 20, unit = "parts of water") Double dilution,
        @Maybe Technique technique,
        @Maybe Set<Zone> zones,
        @Maybe Half half,
        @Maybe Set<Part> parts,
        @Maybe @Range(from = 1, to = 200) Integer sections,
        @Maybe @Range(from = 0, to = 2000, unit = "ml") Double amountMl,
        @Maybe @Range(from = 0, to = 4320, unit = "minutes") Double minutes,
        @Maybe @Range(from = 0, to = 100, unit = "percent") Double toWetness,
        @Maybe @OneOrMany List<Position> position,
        @Maybe Tool tool,
        @Maybe DetangleFrom from,
        @Maybe BrushDirection brushDirection,
        @Maybe Extent extent,
        @Maybe Boolean tension,
        @Maybe RinseWater water,
        @Maybe @Range(from = 0, to = 1000) Integer count,
        @Maybe Heat heat,
        @Maybe Speed speed,
        @Maybe @Range(from = 0, to = 100, unit = "percent") Double untilDry,
        @Maybe Boolean heatCap,
        @Maybe List<Zone> order,
        @Maybe List<Step> steps) {
    private static final double SHARES_TOLERANCE = 0.005;

    public Step {
        List<Fault> faults = Shape.faults(
                Step.class,
                action,
                product,
                mix,
                dilution,
                technique,
                zones,
                half,
                parts,
                sections,
                amountMl,
                minutes,
                toWetness,
                position,
                tool,
                from,
                brushDirection,
                extent,
                tension,
                water,
                count,
                heat,
                speed,
                untilDry,
                heatCap,
                order,
                steps);
        mix = Frozen.list(mix);
        zones = Frozen.set(zones);
        parts = Frozen.set(parts);
        position = Frozen.list(position);
        order = Frozen.list(order);
        steps = Frozen.list(steps);
        addContradictions(faults, action, product, mix, zones, sections, order, steps);
        if (!faults.isEmpty()) {
            throw new InvalidException(faults);
        }
    }

    /** What no step can mean, each said at the field that has to change. */
    private static void addContradictions(
            List<Fault> faults,
            Action action,
            Product product,
            List<MixPart> mix,
            Set<Zone> zones,
            Integer sections,
            List<Zone> order,
            List<Step> steps) {
        if (product != null && mix != null) {
            faults.add(new Fault("/mix", "a step takes a product or a mix, not both"));
        }
        if (mix != null) {
            double sum = mix.stream().mapToDouble(MixPart::share).sum();
            if (!(Math.abs(sum - 1) <= SHARES_TOLERANCE)) {
                faults.add(new Fault("/mix", "the shares of a mix must add to 1, but add to " + sum));
            }
        }
        if (zones != null && zones.isEmpty()) {
            faults.add(new Fault("/zones", "zones must name at least one zone; leave it out for the whole head"));
        }
        if (action == Action.EACH_SECTION) {
            if (sections == null) {
                faults.add(new Fault("/sections", "sections must be given with EACH_SECTION"));
            }
            if (steps == null || steps.isEmpty()) {
                faults.add(new Fault("/steps", "EACH_SECTION must hold at least one step"));
            } else if (steps.stream().anyMatch(s -> s.action() == Action.EACH_SECTION)) {
                faults.add(new Fault("/steps", "EACH_SECTION must not hold another EACH_SECTION"));
            }
            if (order != null && Set.copyOf(order).size() != order.size()) {
                faults.add(new Fault("/order", "order must name each zone once"));
            }
        }
    }

    /** Begins a step: everything but the action is left as it usually is. */
    public static StepBuilder of(Action action) {
        return new StepBuilder(action);
    }

    /** A builder holding this step, for a changed copy. */
    public StepBuilder but() {
        return new StepBuilder(this);
    }

    /** A group, done on one section and then on the next. */
    public boolean isEachSection() {
        return action == Action.EACH_SECTION;
    }

    /** What is put on: the product, or the mix as one product; null when nothing is. */
    public Product worn() {
        if (!action.takesProduct()) {
            return null;
        }
        return product != null ? product : Mixes.asProduct(mix);
    }

    /** The zones worked on, all six where none are named. */
    public Set<Zone> zonesOrAll() {
        return zones == null ? Zone.ALL : zones;
    }

    /** Whether a strand part is worked on; where none are named all but the scalp are. */
    public boolean reaches(Part part) {
        return parts == null ? part != Part.SCALP : parts.contains(part);
    }

    /** Keeps to no zone and no half. */
    public boolean coversHead() {
        return (zones == null || zones.size() == Zone.values().length) && half == null;
    }

    /**
     * One where it is done in one go.
     *
     * @return pieces, at least 1
     */
    public int sectionsOrOne() {
        return sections == null ? 1 : sections;
    }

    /** Whether the head is held so for any of it. */
    public boolean isIn(Position wanted) {
        return position != null && position.contains(wanted);
    }

    /** Puts on gel or mousse that stays in the hair. */
    public boolean holds() {
        Product worn = worn();
        return worn != null && worn.role().holds() && !washes();
    }

    /** A washing step whatever its product: what it puts on is rinsed out again. */
    public boolean washes() {
        Product worn = worn();
        return action == Action.CLEANSE
                || action == Action.CLARIFY
                || action == Action.CONDITION
                || action == Action.MASK
                || action == Action.PROTEIN
                || (worn != null && worn.role().washesOut());
    }

    /** Counts as protein by action or by role, mixed in or not. */
    public boolean isProtein() {
        return action == Action.PROTEIN
                || (product != null && product.role() == Role.PROTEIN)
                || (mix != null && mix.stream().anyMatch(part -> part.product().role() == Role.PROTEIN));
    }
}
