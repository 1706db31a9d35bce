package eventide.hair;

/** How readily hair takes water in and gives it up: low is slow both ways [CP]. */
public enum Porosity {
    LOW,
    MEDIUM,
    HIGH
}
