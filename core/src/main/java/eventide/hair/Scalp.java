package eventide.hair;

import eventide.shape.Said;

/** What the scalp shows. Observed, never diagnosed. */
public enum Scalp implements Said {
    FLAKING("flaking"),
    ITCHY("itching"),
    OILY("oily"),
    DRY("dry"),
    SORES("sores or signs of infection"),
    BURNS("burns"),
    SHEDDING("sudden shedding"),
    INFESTED("signs of lice");

    private final String label;

    Scalp(String label) {
        this.label = label;
    }

    /** As it is said, without a diagnosis. */
    @Override
    public String label() {
        return label;
    }

    /** Styling stops and the client is referred to a doctor or pharmacist [CP]. */
    public boolean stopsStyling() {
        return this == SORES || this == BURNS || this == INFESTED;
    }

    /** The client is referred, and may be styled all the same, with gentle hands [CP]. */
    public boolean refersOnly() {
        return this == SHEDDING;
    }
}
