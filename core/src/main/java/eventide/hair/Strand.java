package eventide.hair;

/** Thickness of a single strand, by finger or micrometer. */
public enum Strand {
    FINE(50),
    MEDIUM(70),
    COARSE(90);

    private final double micrometres;

    Strand(double micrometres) {
        this.micrometres = micrometres;
    }

    /** A typical diameter in µm [MEM: fine below 60, medium 60–80, coarse above 80; authors differ]. */
    public double micrometres() {
        return micrometres;
    }
}
