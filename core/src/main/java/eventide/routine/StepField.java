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
}
