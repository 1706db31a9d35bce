package eventide.routine;

import eventide.shape.Said;

/** One half of every zone, as the client sits. */
public enum Half implements Said {
    LEFT,
    RIGHT
}
