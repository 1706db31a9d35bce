package eventide.routine;

import eventide.shape.Said;

/** Setting of a dryer. */
public enum Heat implements Said {
    COOL,
    WARM,
    HOT
}
