package eventide.product;

/** What a product is for: the place it takes in a routine. */
public enum Role {
    LEAVE_IN(Kind.MOISTURE, "leave-in"),
    PRIMER(Kind.MOISTURE, "primer"),
    CREAM(Kind.MOISTURE, "cream"),
    OIL(Kind.OIL, "oil"),
    GEL(Kind.HOLD, "gel"),
    MOUSSE(Kind.HOLD, "mousse"),
    SPRAY(Kind.FINISH, "spray"),
    HEAT_PROTECTANT(Kind.FINISH, "heat protectant"),
    EDGE(Kind.FINISH, "edge gel"),
    SHINE(Kind.FINISH, "shine mist"),
    DRY_SHAMPOO(Kind.FINISH, "dry shampoo"),
    CLEANSER(Kind.WASH, "cleanser"),
    CLARIFIER(Kind.WASH, "clarifier"),
    CONDITIONER(Kind.WASH, "conditioner"),
    MASK(Kind.WASH, "mask"),
    PROTEIN(Kind.WASH, "protein treatment");

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

    Role(Kind kind, String label) {
        this.kind = kind;
        this.label = label;
    }

    public Kind kind() {
        return kind;
    }

    public String label() {
        return label;
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
