package eventide.routine;

/** Air flow of a dryer or fan. */
public enum Speed {
    LOW,
    MEDIUM,
    HIGH
}
