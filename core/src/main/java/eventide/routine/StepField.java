package eventide.routine;

import eventide.shape.Word;

/** The fields a step may carry besides its action, by their written name. */
public enum StepField implements Word {
    PRODUCT("product"),
    MIX("mix"),
    DILUTION("dilution"),
    TECHNIQUE("technique"),
    ZONES("zones"),
    HALF("half"),
    PARTS("parts"),
    SECTIONS("sections"),
    AMOUNT_ML("amountMl"),
    MINUTES("minutes"),
    TO_WETNESS("toWetness"),
    POSITION("position"),
    TOOL("tool"),
    FROM("from"),
    BRUSH_DIRECTION("brushDirection"),
    EXTENT("extent"),
    TENSION("tension"),
    WATER("water"),
    COUNT("count"),
    HEAT("heat"),
    SPEED("speed"),
    UNTIL_DRY("untilDry"),
    HEAT_CAP("heatCap"),
    ORDER("order"),
    STEPS("steps");

    private final String word;

    StepField(String word) {
        this.word = word;
    }

    @Override
    public String word() {
        return word;
    }

    /** What a step says of it, null where nothing. */
    Object of(Step step) {
        return switch (this) {
            case PRODUCT -> step.product();
            case MIX -> step.mix();
            case DILUTION -> step.dilution();
            case TECHNIQUE -> step.technique();
            case ZONES -> step.zones();
            case HALF -> step.half();
            case PARTS -> step.parts();
            case SECTIONS -> step.sections();
            case AMOUNT_ML -> step.amountMl();
            case MINUTES -> step.minutes();
            case TO_WETNESS -> step.toWetness();
            case POSITION -> step.position();
            case TOOL -> step.tool();
            case FROM -> step.from();
            case BRUSH_DIRECTION -> step.brushDirection();
            case EXTENT -> step.extent();
            case TENSION -> step.tension();
            case WATER -> step.water();
            case COUNT -> step.count();
            case HEAT -> step.heat();
            case SPEED -> step.speed();
            case UNTIL_DRY -> step.untilDry();
            case HEAT_CAP -> step.heatCap();
            case ORDER -> step.order();
            case STEPS -> step.steps();
        };
    }
}
