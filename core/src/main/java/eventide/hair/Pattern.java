package eventide.hair;

import eventide.shape.Word;

/** The letter system: 1 straight, 2 wavy, 3 curly, 4 coily. */
public enum Pattern implements Word {
    STRAIGHT("1", 0),
    WAVY_2A("2A", .05),
    WAVY_2B("2B", .08),
    WAVY_2C("2C", .12),
    CURLY_3A("3A", .18),
    CURLY_3B("3B", .28),
    CURLY_3C("3C", .38),
    COILY_4A("4A", .50),
    COILY_4B("4B", .60),
    COILY_4C("4C", .70);

    private final String word;
    private final double typicalShrinkage;

    Pattern(String word, double typicalShrinkage) {
        this.word = word;
        this.typicalShrinkage = typicalShrinkage;
    }

    @Override
    public String word() {
        return word;
    }

    /** Shrinkage from 0 to 1 when nothing has been measured [OURS, from common practice]. */
    public double typicalShrinkage() {
        return typicalShrinkage;
    }

    /** 3B and tighter. */
    public boolean isTight() {
        return ordinal() >= CURLY_3B.ordinal();
    }

    /** 1. */
    public boolean isStraight() {
        return this == STRAIGHT;
    }

    /** 2A to 2C. */
    public boolean isWavy() {
        return this == WAVY_2A || this == WAVY_2B || this == WAVY_2C;
    }

    /** 3A to 3C. */
    public boolean isCurly() {
        return this == CURLY_3A || this == CURLY_3B || this == CURLY_3C;
    }

    /** 4A to 4C. */
    public boolean isCoily() {
        return ordinal() >= COILY_4A.ordinal();
    }

    /** 0 for straight to 1 for the tightest coil, in even steps. */
    public double tightness() {
        return ordinal() / (double) COILY_4C.ordinal();
    }
}
