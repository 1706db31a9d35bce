package eventide.routine;

import eventide.shape.Said;

/** Air flow of a dryer or fan. */
public enum Speed implements Said {
    LOW,
    MEDIUM,
    HIGH
}
