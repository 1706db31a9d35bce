package eventide.routine;

import eventide.shape.Said;

/** Parts of a strand, from the scalp outward. */
public enum Part implements Said {
    SCALP,
    ROOTS,
    LENGTHS,
    ENDS
}
