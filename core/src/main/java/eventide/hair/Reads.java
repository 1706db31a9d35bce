package eventide.hair;

import eventide.shape.Said;

/** A level of a reading, with what eye or hand tells it by. */
public interface Reads extends Said {
    /** In a few words [CP]; null for the one between, which shows neither. */
    String sign();
}
