package eventide.hair;

/** What the scalp shows. Observed, never diagnosed. */
public enum Scalp {
    FLAKING,
    ITCHY,
    OILY,
    DRY,
    SORES,
    SHEDDING,
    INFESTED;

    /** Styling stops and the client is referred to a doctor or pharmacist [CP]. */
    public boolean stopsStyling() {
        return this == SORES || this == SHEDDING || this == INFESTED;
    }

    /** As it is said, without a diagnosis. */
    public String words() {
        return switch (this) {
            case FLAKING -> "flaking";
            case ITCHY -> "itching";
            case OILY -> "oily";
            case DRY -> "dry";
            case SORES -> "sores or signs of infection";
            case SHEDDING -> "sudden shedding";
            case INFESTED -> "signs of lice";
        };
    }
}
