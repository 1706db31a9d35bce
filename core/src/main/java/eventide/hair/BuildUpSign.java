package eventide.hair;

import eventide.shape.Said;

/** What build-up looks and feels like [CP]; any one is enough to clarify before judging. */
public enum BuildUpSign implements Said {
    DULL,
    COATED,
    LIMP,
    ITCHY
}
