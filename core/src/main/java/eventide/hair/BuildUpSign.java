package eventide.hair;

/** What build-up looks and feels like [CP]; any one is enough to clarify before judging. */
public enum BuildUpSign {
    DULL,
    COATED,
    LIMP,
    ITCHY
}
