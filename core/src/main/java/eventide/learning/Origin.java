package eventide.learning;

/** Where a difference between what the model says and what was scored may come from. */
public enum Origin {
    /** Everybody's hair here, whoever scores it. */
    SALON(false, .4),
    /** Who scores: an eye reads high or low. */
    RATER(false, .5),
    /** A bottle, on any hair. */
    BOTTLE(false, .35),
    /** A bottle on hair of one kind. */
    BOTTLE_ON_KIND(false, .25),
    /** A way of working, on any head. */
    WAY(false, .25),
    /** Damp air outside, on any head; each 5 °C of dew point above 12. */
    AIR(false, .2),
    /** All that is of this head and of nothing else. */
    HEAD(true, .6),
    /** A bottle on this head. */
    BOTTLE_HERE(true, .5),
    /** A way of working on this head. */
    WAY_HERE(true, .25),
    /** Damp air on this head; each 5 °C of dew point above 12. */
    AIR_HERE(true, .2),
    /** A week more since clarifying, on this head. */
    CLARIFIED_HERE(true, .15),
    /** A week more since protein, on this head. */
    PROTEIN_HERE(true, .15),
    /** The left side of this head against its right, where halves are told against each other. */
    SIDE_HERE(true, .3);

    private final boolean ofHead;
    private final double usual;

    Origin(boolean ofHead, double usual) {
        this.ofHead = ofHead;
        this.usual = usual;
    }

    /** It is learned for each head by itself. */
    public boolean isOfHead() {
        return ofHead;
    }

    /**
     * How far such effects usually are from nothing, standard deviation as a share of {@link ScatterOf#unit}: what is believed until
     * the log says how far they are here [OURS].
     */
    double usual() {
        return usual;
    }
}
