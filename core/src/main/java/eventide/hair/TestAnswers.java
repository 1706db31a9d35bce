package eventide.hair;

/** What the hand tests answer. Words of the consult; each enum is one test. */
public final class TestAnswers {
    private TestAnswers() {}

    /** One strand rolled between finger and thumb. */
    public enum StrandRoll {
        NOTHING,
        SOMETHING,
        CLEAR
    }

    /** A mist on a clean dry strand. */
    public enum Mist {
        BEADS,
        SOAKS_SLOWLY,
        GONE_AT_ONCE
    }

    /** A strand in a glass of water: widely used and unreliable. */
    public enum FloatTest {
        FLOATS,
        SINKS_SLOWLY,
        SINKS
    }

    /** How much scalp shows through dry hair. */
    public enum ScalpShows {
        LITTLE,
        SOME,
        MUCH
    }

    /** A wet strand stretched and let go. */
    public enum Stretch {
        RETURNS,
        STAYS_LONG,
        SNAPS
    }
}
