package eventide.hair;

import eventide.shape.Said;

/** What has happened to the fibre. */
public enum Condition implements Said {
    BLEACHED("bleached"),
    COLOURED("coloured"),
    HEAT_DAMAGED("heat-damaged"),
    CHEMICALLY_STRAIGHTENED("straightened"),
    OVER_SOFT("over-soft"),
    BRITTLE("brittle");

    private final String label;

    Condition(String label) {
        this.label = label;
    }

    @Override
    public String label() {
        return label;
    }

    /** Damaged in the sense of the rules on heat. */
    public boolean isDamage() {
        return this == BLEACHED || this == HEAT_DAMAGED || this == CHEMICALLY_STRAIGHTENED || this == BRITTLE;
    }
}
