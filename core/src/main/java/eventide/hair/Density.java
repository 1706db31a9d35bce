package eventide.hair;

/** How many hairs stand on the scalp. */
public enum Density {
    LOW(80_000),
    MEDIUM(110_000),
    HIGH(150_000);

    private final int strands;

    Density(int strands) {
        this.strands = strands;
    }

    /** Strands on a whole head [MEM: "about 100 000" is the usual handbook figure]. */
    public int strands() {
        return strands;
    }
}
