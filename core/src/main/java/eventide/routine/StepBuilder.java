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

    public StepBuilder product(Product value) {
        product = value;
        return this;
    }

    public StepBuilder mix(List<MixPart> value) {
        mix = value;
        return this;
    }

    public StepBuilder dilution(Double value) {
        dilution = value;
        return this;
    }

    public StepBuilder technique(Technique value) {
        technique = value;
        return this;
    }

    public StepBuilder zones(Set<Zone> value) {
        zones = value;
        return this;
    }

    public StepBuilder half(Half value) {
        half = value;
        return this;
    }

    public StepBuilder parts(Set<Part> value) {
        parts = value;
        return this;
    }

    public StepBuilder sections(Integer value) {
        sections = value;
        return this;
    }

    public StepBuilder amountMl(Double value) {
        amountMl = value;
        return this;
    }

    public StepBuilder minutes(Double value) {
        minutes = value;
        return this;
    }

    public StepBuilder toWetness(Double value) {
        toWetness = value;
        return this;
    }

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

    public StepBuilder extent(Extent value) {
        extent = value;
        return this;
    }

    public StepBuilder tension(Boolean value) {
        tension = value;
        return this;
    }

    public StepBuilder water(RinseWater value) {
        water = value;
        return this;
    }

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

    public StepBuilder untilDry(Double value) {
        untilDry = value;
        return this;
    }

    public StepBuilder heatCap(Boolean value) {
        heatCap = value;
        return this;
    }

    public StepBuilder order(List<Zone> value) {
        order = value;
        return this;
    }

    public StepBuilder steps(List<Step> value) {
        steps = value;
        return this;
    }

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
