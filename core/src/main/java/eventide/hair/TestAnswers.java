package eventide.hair;

import eventide.shape.Said;

/** What the hand tests answer. Words of the consult; each enum is one test. */
public final class TestAnswers {
    private TestAnswers() {}

    /** One strand rolled between finger and thumb. */
    public enum StrandRoll implements Said {
        NOTHING("nothing"),
        SOMETHING("something"),
        CLEAR("clearly");

        private final String label;

        StrandRoll(String label) {
            this.label = label;
        }

        @Override
        public String label() {
            return label;
        }
    }

    /** A mist on a clean dry strand. */
    public enum Mist implements Said {
        BEADS("beads sit"),
        SOAKS_SLOWLY("sinks slowly"),
        GONE_AT_ONCE("gone at once");

        private final String label;

        Mist(String label) {
            this.label = label;
        }

        @Override
        public String label() {
            return label;
        }
    }

    /** A strand in a glass of water: widely used and unreliable. */
    public enum FloatTest implements Said {
        FLOATS,
        SINKS_SLOWLY,
        SINKS
    }

    /** How much scalp shows through dry hair. */
    public enum ScalpShows implements Said {
        LITTLE,
        SOME,
        MUCH
    }

    /** A wet strand stretched and let go. */
    public enum Stretch implements Said {
        RETURNS,
        STAYS_LONG,
        SNAPS
    }
}
