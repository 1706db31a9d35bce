package eventide.hair;

/** Thickness of a single strand, by finger or micrometer. */
public enum Strand implements Reads {
    FINE(50, "feels like nothing"),
    MEDIUM(70, null),
    COARSE(90, "clearly felt");

    private final double micrometres;
    private final String sign;

    Strand(double micrometres, String sign) {
        this.micrometres = micrometres;
        this.sign = sign;
    }

    @Override
    public String sign() {
        return sign;
    }

    /** A typical diameter in µm [MEM: fine below 60, medium 60–80, coarse above 80; authors differ]. */
    public double micrometres() {
        return micrometres;
    }
}
