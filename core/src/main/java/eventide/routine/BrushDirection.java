package eventide.routine;

import eventide.shape.Said;

/** Where a brush draws a section. */
public enum BrushDirection implements Said {
    UP_AND_OUT,
    DOWN,
    FORWARD
}
