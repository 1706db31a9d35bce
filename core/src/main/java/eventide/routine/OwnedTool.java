package eventide.routine;

/** What is at hand today. */
public enum OwnedTool {
    DIFFUSER,
    COOL_SETTING,
    HOODED_DRYER,
    BRUSH,
    COMB,
    PICK,
    CLIPS,
    CAP,
    TSHIRT
}
