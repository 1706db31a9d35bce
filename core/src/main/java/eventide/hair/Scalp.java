package eventide.hair;

/** What the scalp shows. Observed, never diagnosed. */
public enum Scalp {
    FLAKING,
    ITCHY,
    OILY,
    DRY,
    SORES,
    BURNS,
    SHEDDING,
    INFESTED;

    /** Styling stops and the client is referred to a doctor or pharmacist [CP]. */
    public boolean stopsStyling() {
        return this == SORES || this == BURNS || this == INFESTED;
    }

    /** The client is referred, and may be styled all the same, with gentle hands [CP]. */
    public boolean refersOnly() {
        return this == SHEDDING;
    }

    /** As it is said, without a diagnosis. */
    public String words() {
        return switch (this) {
            case FLAKING -> "flaking";
            case ITCHY -> "itching";
            case OILY -> "oily";
            case DRY -> "dry";
            case SORES -> "sores or signs of infection";
            case BURNS -> "burns";
            case SHEDDING -> "sudden shedding";
            case INFESTED -> "signs of lice";
        };
    }
}
