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
import java.util.EnumSet;
import java.util.List;
import java.util.Set;

/**
 * One step of a routine. Only the action is required; what means nothing to it is kept, has no effect, and is listed by
 * {@link IgnoredFields}.
 */
public record Step(
        Action action,
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

    public static StepBuilder of(Action action) {
        return new StepBuilder(action);
    }

    /** A builder holding this step, for a changed copy. */
    public StepBuilder but() {
        return new StepBuilder(this);
    }

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
        return zones == null ? EnumSet.allOf(Zone.class) : zones;
    }

    /** Whether a strand part is worked on; where none are named all but the scalp are. */
    public boolean reaches(Part part) {
        return parts == null ? part != Part.SCALP : parts.contains(part);
    }

    public boolean coversHead() {
        return (zones == null || zones.size() == Zone.values().length) && half == null;
    }

    public int sectionsOrOne() {
        return sections == null ? 1 : sections;
    }

    public boolean isIn(Position wanted) {
        return position != null && position.contains(wanted);
    }

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
