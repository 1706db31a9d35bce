package eventide.routine;

import eventide.hair.Zone;
import eventide.product.Product;
import java.util.List;
import java.util.Set;

/** Builds a {@link Step} field by field; a field left alone is absent. Units and ranges are those of the step. */
public final class StepBuilder {
    private final Action action;
    private Product product;
    private List<MixPart> mix;
    private Double dilution;
    private Technique technique;
    private Set<Zone> zones;
    private Half half;
    private Set<Part> parts;
    private Integer sections;
    private Double amountMl;
    private Double minutes;
    private Double toWetness;
    private List<Position> position;
    private Tool tool;
    private DetangleFrom from;
    private BrushDirection brushDirection;
    private Extent extent;
    private Boolean tension;
    private RinseWater water;
    private Integer count;
    private Heat heat;
    private Speed speed;
    private Double untilDry;
    private Boolean heatCap;
    private List<Zone> order;
    private List<Step> steps;

    StepBuilder(Action action) {
        this.action = action;
    }

    /** Begins with every field of a step as it is. */
    StepBuilder(Step step) {
        action = step.action();
        product = step.product();
        mix = step.mix();
        dilution = step.dilution();
        technique = step.technique();
        zones = step.zones();
        half = step.half();
        parts = step.parts();
        sections = step.sections();
        amountMl = step.amountMl();
        minutes = step.minutes();
        toWetness = step.toWetness();
        position = step.position();
        tool = step.tool();
        from = step.from();
        brushDirection = step.brushDirection();
        extent = step.extent();
        tension = step.tension();
        water = step.water();
        count = step.count();
        heat = step.heat();
        speed = step.speed();
        untilDry = step.untilDry();
        heatCap = step.heatCap();
        order = step.order();
        steps = step.steps();
    }

    /** One bottle; excludes a mix. */
    public StepBuilder product(Product value) {
        product = value;
        return this;
    }

    /** Bottles mixed in the palm; shares add to 1. */
    public StepBuilder mix(List<MixPart> value) {
        mix = value;
        return this;
    }

    /** Parts of water to one of product. */
    public StepBuilder dilution(Double value) {
        dilution = value;
        return this;
    }

    public StepBuilder technique(Technique value) {
        technique = value;
        return this;
    }

    /** The zones it covers; all where absent. */
    public StepBuilder zones(Set<Zone> value) {
        zones = value;
        return this;
    }

    /** That half of every zone; both where absent. */
    public StepBuilder half(Half value) {
        half = value;
        return this;
    }

    /** Scalp, roots, lengths, ends; all but the scalp where absent. A dryer aims there. */
    public StepBuilder parts(Set<Part> value) {
        parts = value;
        return this;
    }

    /** Pieces the hair it covers is parted into; 1 where absent. */
    public StepBuilder sections(Integer value) {
        sections = value;
        return this;
    }

    /** Millilitres for all that it covers, of a mousse of foam; what is advised where absent. */
    public StepBuilder amountMl(Double value) {
        amountMl = value;
        return this;
    }

    /** Minutes, inside a section for each; as long as it usually takes where absent. */
    public StepBuilder minutes(Double value) {
        minutes = value;
        return this;
    }

    /** Percent of water a wetting or squeezing step ends at; no effect from the wrong side. */
    public StepBuilder toWetness(Double value) {
        toWetness = value;
        return this;
    }

    /** How the head is held, one after the other. */
    public StepBuilder position(List<Position> value) {
        position = value;
        return this;
    }

    public StepBuilder tool(Tool value) {
        tool = value;
        return this;
    }

    public StepBuilder from(DetangleFrom value) {
        from = value;
        return this;
    }

    public StepBuilder brushDirection(BrushDirection value) {
        brushDirection = value;
        return this;
    }

    /** How far up a curl is coiled. */
    public StepBuilder extent(Extent value) {
        extent = value;
        return this;
    }

    /** Whether the dryer follows hair held straight. */
    public StepBuilder tension(Boolean value) {
        tension = value;
        return this;
    }

    public StepBuilder water(RinseWater value) {
        water = value;
        return this;
    }

    /** Scrunches or clips. */
    public StepBuilder count(Integer value) {
        count = value;
        return this;
    }

    public StepBuilder heat(Heat value) {
        heat = value;
        return this;
    }

    public StepBuilder speed(Speed value) {
        speed = value;
        return this;
    }

    /** Percent dry at which a drying step ends, where its minutes are not over sooner. */
    public StepBuilder untilDry(Double value) {
        untilDry = value;
        return this;
    }

    /** Whether warmth or steam is on it while it works. */
    public StepBuilder heatCap(Boolean value) {
        heatCap = value;
        return this;
    }

    /** The order zones take their turn in, section by section. */
    public StepBuilder order(List<Zone> value) {
        order = value;
        return this;
    }

    /** What is done on one section before the next; not nested further. */
    public StepBuilder steps(List<Step> value) {
        steps = value;
        return this;
    }

    /** The step, its ranges checked; what means nothing for its action is kept. */
    public Step build() {
        return new Step(
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
    }
}
