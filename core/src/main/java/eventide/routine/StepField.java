package eventide.routine;

import eventide.shape.Said;
import eventide.shape.Word;

/** The fields a step may carry besides its action, by their written name. */
public enum StepField implements Word, Said {
    PRODUCT("product", "product"),
    MIX("mix", "mix"),
    DILUTION("dilution", "parts of water to one"),
    TECHNIQUE("technique", "technique"),
    ZONES("zones", "zones"),
    HALF("half", "half of the head"),
    PARTS("parts", "parts"),
    SECTIONS("sections", "sections"),
    AMOUNT_ML("amountMl", "amount"),
    MINUTES("minutes", "minutes"),
    TO_WETNESS("toWetness", "to how wet"),
    POSITION("position", "position"),
    TOOL("tool", "with"),
    FROM("from", "from"),
    BRUSH_DIRECTION("brushDirection", "brush"),
    EXTENT("extent", "how far"),
    TENSION("tension", "under tension"),
    WATER("water", "water"),
    COUNT("count", "how many"),
    HEAT("heat", "heat"),
    SPEED("speed", "speed"),
    UNTIL_DRY("untilDry", "until dry"),
    HEAT_CAP("heatCap", "heat cap"),
    ORDER("order", "order"),
    STEPS("steps", "steps");

    private final String word;
    private final String label;

    StepField(String word, String label) {
        this.word = word;
        this.label = label;
    }

    @Override
    public String word() {
        return word;
    }

    /** As it is asked for. */
    @Override
    public String label() {
        return label;
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
