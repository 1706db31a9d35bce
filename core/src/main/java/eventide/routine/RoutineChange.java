package eventide.routine;

/**
 * One thing that is otherwise in the second of two.
 *
 * @param follows it comes of something else that is otherwise, and is not counted
 */
public record RoutineChange(Aspect kind, String text, boolean follows) {
    /** What it belongs to. */
    public enum Aspect {
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
        FINISH,
        KEEPING
    }

    /** One that was meant, and does not only follow from another. */
    public static RoutineChange of(Aspect kind, String text) {
        return new RoutineChange(kind, text, false);
    }

    /** The same as no more than a consequence. */
    public RoutineChange following() {
        return new RoutineChange(kind, text, true);
    }
}
