package eventide.routine;

/** What the hand holds. */
public enum Tool {
    FINGERS,
    BRUSH,
    COMB,
    TSHIRT,
    MICROFIBRE,
    TURBAN,
    ROUGH_TOWEL,
    PICK,
    CAP
}
