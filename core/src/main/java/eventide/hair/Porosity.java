package eventide.hair;

/** How readily hair takes water in and gives it up: low is slow both ways [CP]. */
public enum Porosity implements Reads {
    LOW("mist beads"),
    MEDIUM(null),
    HIGH("gone at once");

    private final String sign;

    Porosity(String sign) {
        this.sign = sign;
    }

    @Override
    public String sign() {
        return sign;
    }
}
