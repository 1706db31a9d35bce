package eventide.routine;

import eventide.shape.Said;

/** How a product is put on. */
public enum Technique implements Said {
    RAKE("raked", 1, Motion.RAKE, "Fingers spread, from just under the root through to the ends."),
    PRAYING_HANDS("praying hands", 1, Motion.PALMS, "Between flat palms, from under the root to the tip."),
    GLAZE("glazed", .8, Motion.GLAZE, "Flat palms skim over the clumps. Do not rake them."),
    SCRUNCH("scrunched in", .8, Motion.SCRUNCH, "Cup the ends, lift them to the root, squeeze."),
    SMOOTH("smoothed", 1.2, Motion.PALMS, "Closed fingers, root to tip, until every strand is coated."),
    PAT("patted on", .6, Motion.PRESS, "Press it on; do not stroke."),
    SPRAY("sprayed", .35, Motion.DROPS, "An arm's length off, evenly."),
    DROPS("in drops", .35, Motion.DROPS, "Rub it between dry palms first; mids and ends only.");

    private final String label;
    private final double takes;
    private final Motion motion;
    private final String howTo;

    Technique(String label, double takes, Motion motion, String howTo) {
        this.label = label;
        this.takes = takes;
        this.motion = motion;
        this.howTo = howTo;
    }

    /** How it went on: "raked". */
    @Override
    public String label() {
        return label;
    }

    /** Time against raking, a ratio [OURS]. */
    public double takes() {
        return takes;
    }

    /** How the hands move, for the drawing. */
    public Motion motion() {
        return motion;
    }

    /** In a line to be read from the mirror [CP]. */
    public String howTo() {
        return howTo;
    }
}
