package eventide.hair;

/** How many hairs stand on the scalp. */
public enum Density implements Reads {
    LOW(80_000, "scalp shows"),
    MEDIUM(110_000, null),
    HIGH(150_000, "none shows");

    private final int strands;
    private final String sign;

    Density(int strands, String sign) {
        this.strands = strands;
        this.sign = sign;
    }

    @Override
    public String sign() {
        return sign;
    }

    /** Strands on a whole head [MEM: "about 100 000" is the usual handbook figure]. */
    public int strands() {
        return strands;
    }
}
