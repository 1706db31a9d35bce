package eventide.routine;

/** Where a brush draws a section. */
public enum BrushDirection {
    UP_AND_OUT,
    DOWN,
    FORWARD
}
