package eventide.hair;

/** What has happened to the fibre. */
public enum Condition {
    BLEACHED,
    COLOURED,
    HEAT_DAMAGED,
    CHEMICALLY_STRAIGHTENED,
    OVER_SOFT,
    BRITTLE;

    /** Damaged in the sense of the rules on heat. */
    public boolean isDamage() {
        return this == BLEACHED || this == HEAT_DAMAGED || this == CHEMICALLY_STRAIGHTENED || this == BRITTLE;
    }
}
