package eventide.product;

import eventide.hair.Reading;
import eventide.shape.Said;
import java.util.function.ToDoubleFunction;

/**
 * What a product is for: the place it takes in a routine, and all there is to know of that: its words, how far it weighs, how much is
 * advised. Another role is one more entry here.
 */
public enum Role implements Said {
    // 6 pumps for long low-density hair [CP]
    LEAVE_IN(
            Group.MOISTURE,
            "leave-in",
            "Slip and moisture; it helps clumps form and lets the next layers spread.",
            .7,
            hair -> .040 * Role.rich(hair),
            RoleUsual.of(2, 50, 100, "pump", 1.0)),
    PRIMER(
            Group.MOISTURE,
            "primer",
            "Slip and moisture; it helps clumps form and lets the next layers spread.",
            .7,
            hair -> .040 * Role.rich(hair),
            RoleUsual.of(2, 50, 100, "pump", 1.0)),
    // 1–2 pumps a section [CP]: six for a medium head worked in quarters
    CREAM(
            Group.MOISTURE,
            "cream",
            "Moisture, weight and softness, with some clumping.",
            1,
            hair -> .055 * Role.rich(hair),
            RoleUsual.of(4, 45, 92, "pump", 1.0)),
    // 1–2 drops on fine hair, at most 1½ pumps on a long head [CP]
    OIL(
            Group.OIL,
            "oil",
            "Seals and shines; on dry hair it breaks the cast.",
            .15,
            Role::drops,
            RoleUsual.of(0, 0, 100, "drop", 0.05)),
    // a pea to a small section of fine medium-density hair [CP]
    GEL(
            Group.HOLD,
            "gel",
            "Hold and a cast: definition, and a guard against damp air.",
            .6,
            hair -> .095,
            RoleUsual.of(9, 55, 96, "pea", 0.3)),
    // 6 pumps to each half of a medium-to-long head [CP], ml of foam
    MOUSSE(Group.HOLD, "mousse", "Light hold and volume.", .3, hair -> 1.5, RoleUsual.of(6, 35, 75, "pump", 16.0)),
    SPRAY(Group.FINISH, "spray", "Seals what has set.", .15, hair -> .020, RoleUsual.of(8, 0, 60, "spritz", 0.15)),
    HEAT_PROTECTANT(
            Group.FINISH,
            "heat protectant",
            "Guards the hair from the heat of the dryer.",
            .15,
            hair -> .020,
            RoleUsual.of(0, 10, 95, "spritz", 0.15)),
    EDGE(Group.FINISH, "edge gel", "Lays the hairline.", .15, hair -> .006, RoleUsual.of(9, 0, 80, "pea", 0.3)),
    SHINE(Group.FINISH, "shine mist", "Gloss on dry hair.", .15, hair -> .020, RoleUsual.of(0, 0, 100, "spritz", 0.15)),
    DRY_SHAMPOO(
            Group.FINISH,
            "dry shampoo",
            "Lift, and less oil at the roots.",
            .15,
            hair -> .020,
            RoleUsual.of(0, 0, 100, "spritz", 0.15)),
    CLEANSER(
            Group.WASH,
            "cleanser",
            "Cleans the scalp and what runs through the lengths.",
            .15,
            hair -> .10,
            RoleUsual.of(0, 60, 100, "walnut", 5.0)),
    CLARIFIER(
            Group.WASH, "clarifier", "Takes build-up off.", .15, hair -> .10, RoleUsual.of(0, 60, 100, "walnut", 5.0)),
    CONDITIONER(
            Group.WASH,
            "conditioner",
            "Slip for detangling, softness for the lengths.",
            .15,
            hair -> .20,
            RoleUsual.of(0, 60, 100, "walnut", 5.0)),
    MASK(
            Group.WASH,
            "mask",
            "Moisture for dry or worn lengths.",
            .15,
            hair -> .22,
            RoleUsual.of(0, 60, 100, "walnut", 5.0)),
    PROTEIN(
            Group.WASH,
            "protein treatment",
            "Strength for over-soft or bleached hair.",
            .15,
            hair -> .22,
            RoleUsual.of(0, 60, 100, "walnut", 5.0));

    /** The families of roles that the rules speak of. */
    public enum Group {
        MOISTURE,
        OIL,
        HOLD,
        FINISH,
        WASH
    }

    private final Group kind;
    private final String label;
    private final String purpose;
    private final double weighs;
    private final ToDoubleFunction<Reading> mlPerGram;
    private final RoleUsual usual;

    Role(
            Group kind,
            String label,
            String purpose,
            double weighs,
            ToDoubleFunction<Reading> mlPerGram,
            RoleUsual usual) {
        this.kind = kind;
        this.label = label;
        this.purpose = purpose;
        this.weighs = weighs;
        this.mlPerGram = mlPerGram;
        this.usual = usual;
    }

    /** Fine hair has more surface a gram but bears less weight [OURS, from the trade's figures]. */
    private static double rich(Reading hair) {
        return switch (hair.strand()) {
            case FINE -> .75;
            case MEDIUM -> 1;
            case COARSE -> 1.15;
        };
    }

    /** Millilitres of oil for a gram of hair: a drop or two on a whole head [CP; the figures OURS]. */
    private static double drops(Reading hair) {
        return switch (hair.strand()) {
            case FINE -> .0018;
            case MEDIUM -> .004;
            case COARSE -> .006;
        };
    }

    /** The family of roles it belongs to. */
    public Group kind() {
        return kind;
    }

    @Override
    public String label() {
        return label;
    }

    /** What it does for the hair, in a stylist's words [CP]. */
    public String purpose() {
        return purpose;
    }

    /** How far its richness weighs, 0 to 1: a few drops of oil and a foam weigh less than a cream [OURS]. */
    public double weighs() {
        return weighs;
    }

    /** Advised for a gram of hair of usual porosity, ml (of foam for a mousse) [CP where said, else OURS]. */
    public double mlPerGram(Reading hair) {
        return mlPerGram.applyAsDouble(hair);
    }

    /** What is proposed for such a bottle. */
    public RoleUsual usual() {
        return usual;
    }

    /** The unit a stylist would reach for where the product does not say [CP]. */
    public DoseUnit usualDose() {
        return usual.dose();
    }

    /** Gel and mousse: what makes a cast. */
    public boolean holds() {
        return kind == Group.HOLD;
    }

    /** Leave-ins, primers and creams. */
    public boolean moisturises() {
        return kind == Group.MOISTURE;
    }

    /** Rinsed out again: neither worn nor judged by a wetness window. */
    public boolean washesOut() {
        return kind == Group.WASH;
    }
}
