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
}
