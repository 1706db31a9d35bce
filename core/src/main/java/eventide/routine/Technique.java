package eventide.routine;

/** How a product is put on. */
public enum Technique {
    RAKE,
    PRAYING_HANDS,
    GLAZE,
    SCRUNCH,
    SMOOTH,
    PAT,
    SPRAY,
    DROPS
}
