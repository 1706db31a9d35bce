package eventide.routine;

import eventide.shape.Said;

/** Temperature of the water. */
public enum RinseWater implements Said {
    COOL,
    WARM
}
