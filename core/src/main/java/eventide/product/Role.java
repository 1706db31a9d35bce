package eventide.product;

/** What a product is for: the place it takes in a routine. */
public enum Role {
    LEAVE_IN(Kind.MOISTURE, "leave-in", "Slip and moisture; it helps clumps form and lets the next layers spread."),
    PRIMER(Kind.MOISTURE, "primer", "Slip and moisture; it helps clumps form and lets the next layers spread."),
    CREAM(Kind.MOISTURE, "cream", "Moisture, weight and softness, with some clumping."),
    OIL(Kind.OIL, "oil", "Seals and shines; on dry hair it breaks the cast."),
    GEL(Kind.HOLD, "gel", "Hold and a cast: definition, and a guard against damp air."),
    MOUSSE(Kind.HOLD, "mousse", "Light hold and volume."),
    SPRAY(Kind.FINISH, "spray", "Seals what has set."),
    HEAT_PROTECTANT(Kind.FINISH, "heat protectant", "Guards the hair from the heat of the dryer."),
    EDGE(Kind.FINISH, "edge gel", "Lays the hairline."),
    SHINE(Kind.FINISH, "shine mist", "Gloss on dry hair."),
    DRY_SHAMPOO(Kind.FINISH, "dry shampoo", "Lift, and less oil at the roots."),
    CLEANSER(Kind.WASH, "cleanser", "Cleans the scalp and what runs through the lengths."),
    CLARIFIER(Kind.WASH, "clarifier", "Takes build-up off."),
    CONDITIONER(Kind.WASH, "conditioner", "Slip for detangling, softness for the lengths."),
    MASK(Kind.WASH, "mask", "Moisture for dry or worn lengths."),
    PROTEIN(Kind.WASH, "protein treatment", "Strength for over-soft or bleached hair.");

    /** The families of roles that the rules speak of. */
    public enum Kind {
        MOISTURE,
        OIL,
        HOLD,
        FINISH,
        WASH
    }

    private final Kind kind;
    private final String label;
    private final String purpose;

    Role(Kind kind, String label, String purpose) {
        this.kind = kind;
        this.label = label;
        this.purpose = purpose;
    }

    public Kind kind() {
        return kind;
    }

    public String label() {
        return label;
    }

    /** What it does for the hair, in a stylist's words [CP]. */
    public String purpose() {
        return purpose;
    }

    /** Gel and mousse: what makes a cast. */
    public boolean holds() {
        return kind == Kind.HOLD;
    }

    public boolean moisturises() {
        return kind == Kind.MOISTURE;
    }

    /** Rinsed out again: neither worn nor judged by a wetness window. */
    public boolean washesOut() {
        return kind == Kind.WASH;
    }
}
