package eventide.hair;

/**
 * A test of a consult: what to do, what to look for, and how far it is to be trusted. Words are a stylist's, the tests
 * common practice [CP].
 */
public enum GuidedTest {
    STRAND_ROLL(
            "Roll a strand",
            "One clean strand between finger and thumb.",
            "Nothing felt is fine, clearly felt is coarse.",
            ReadingField.STRAND,
            20,
            true),
    MIST(
            "Mist a strand",
            "Two sprays of water on a clean dry strand, held out.",
            "Do beads sit, sink slowly, or are they gone at once?",
            ReadingField.POROSITY,
            30,
            true),
    TIME_TO_WET(
            "Time to wet",
            "Start the watch as the water goes on, stop it when the lengths feel wet through.",
            "Low porosity stays dry for minutes.",
            ReadingField.POROSITY,
            120,
            false),
    DRY_TIME(
            "Remembered drying",
            "Ask: how long from the shower to dry, left alone?",
            "Under an hour or two is quick, half a day is slow.",
            ReadingField.POROSITY,
            10,
            true),
    FLOAT(
            "Strand in a glass",
            "A clean strand laid on water.",
            "Widely used and unreliable: it counts for little here.",
            ReadingField.POROSITY,
            60,
            true),
    PONYTAIL(
            "Ponytail girth",
            "All the hair in one hand, a tape once around.",
            "Girth speaks of density, never of the strand.",
            ReadingField.DENSITY,
            20,
            false),
    SCALP_LOOK(
            "Look at the scalp",
            "Dry hair, parted as it falls, under the light.",
            "How much scalp shows through?",
            ReadingField.DENSITY,
            10,
            true),
    RULER(
            "Ruler",
            "One dry lock: as it hangs, then pulled straight.",
            "Both in centimetres, the same lock.",
            ReadingField.LENGTH,
            30,
            false),
    CURL(
            "Curl and turns",
            "Across one curl in millimetres; turns counted down 10 cm as it hangs.",
            "0 turns is straight.",
            ReadingField.PATTERN,
            40,
            false),
    STRETCH(
            "Stretch and return",
            "Wet strand, gently drawn by a third, let go.",
            "Does it return, stay long, or snap?",
            null,
            20,
            true);

    private final String label;
    private final String whatToDo;
    private final String lookFor;
    private final ReadingField reading;
    private final int seconds;
    private final boolean byEye;

    GuidedTest(String label, String whatToDo, String lookFor, ReadingField reading, int seconds, boolean byEye) {
        this.label = label;
        this.whatToDo = whatToDo;
        this.lookFor = lookFor;
        this.reading = reading;
        this.seconds = seconds;
        this.byEye = byEye;
    }

    /** As it is printed. */
    public record Card(
            GuidedTest test,
            String label,
            String whatToDo,
            String lookFor,
            @eventide.shape.Maybe ReadingField reading,
            Integer seconds,
            Boolean byEye) {}

    /** How it is done and what its answers mean. */
    public Card card() {
        return new Card(this, label, whatToDo, lookFor, reading, seconds, byEye);
    }

    public String label() {
        return label;
    }
}
