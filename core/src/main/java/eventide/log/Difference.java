package eventide.log;

/** One thing that was otherwise in the other of two washes. */
public record Difference(Kind kind, String text) {
    /** What it belongs to. */
    public enum Kind {
        HAIR,
        AIR,
        CARE,
        PRODUCTS,
        AMOUNTS,
        ORDER,
        WETNESS,
        HANDS,
        SECTIONS,
        DRYING,
        FINISH
    }
}
