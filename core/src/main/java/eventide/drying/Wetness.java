package eventide.drying;

/** The words for how wet hair is, with where each begins in percent [CP]: 0 level with the room, 100 dripping. */
public enum Wetness {
    DRY("dry", 0),
    /** The trade says so from 10; what lies between dry and that is called the same. */
    NEARLY_DRY("nearly dry", Wetness.DRY_BELOW),
    DAMP("damp", 35),
    WET("wet", 60),
    SOAKING("soaking", 75),
    DRIPPING("dripping", 90);

    /** Hair counts as dry below this, roots too [CP], in percent. */
    public static final double DRY_BELOW = 2;

    private final String label;
    private final double from;

    Wetness(String label, double from) {
        this.label = label;
        this.from = from;
    }

    /** As it is said at the basin: dripping, soaking, wet, damp, nearly dry, dry. */
    public String label() {
        return label;
    }

    /** The least percent that is called so. */
    public double fromPercent() {
        return from;
    }

    /** What a percentage from 0 to 100 is called. */
    public static Wetness of(double percent) {
        Wetness found = DRY;
        for (Wetness word : values()) {
            if (percent >= word.from) {
                found = word;
            }
        }
        return found;
    }
}
