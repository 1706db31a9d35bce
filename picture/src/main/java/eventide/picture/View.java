package eventide.picture;

/** What is seen: a head from a side, or a lock by itself. */
public enum View {
    FRONT,
    LEFT,
    RIGHT,
    BACK,
    CROWN,
    SWATCH;

    boolean isLock() {
        return this == SWATCH;
    }
}
