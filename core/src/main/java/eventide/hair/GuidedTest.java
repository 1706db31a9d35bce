package eventide.hair;

import java.util.List;

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
            true,
            TestQuestion.oneOf("strandRoll", "Felt", TestAnswers.StrandRoll.values())),
    MIST(
            "Mist a strand",
            "Two sprays of water on a clean dry strand, held out.",
            "Do beads sit, sink slowly, or are they gone at once?",
            ReadingField.POROSITY,
            30,
            true,
            TestQuestion.oneOf("mist", "The mist", TestAnswers.Mist.values())),
    TIME_TO_WET(
            "Time to wet",
            "Start the watch as the water goes on, stop it when the lengths feel wet through.",
            "Low porosity stays dry for minutes.",
            ReadingField.POROSITY,
            120,
            false,
            TestQuestion.number("minutesToWet", "Minutes to wet", "min")),
    DRY_TIME(
            "Remembered drying",
            "Ask: how long from the shower to dry, left alone?",
            "Under an hour or two is quick, half a day is slow.",
            ReadingField.POROSITY,
            10,
            true,
            TestQuestion.number("hoursToAirDry", "Hours to dry", "h")),
    FLOAT(
            "Strand in a glass",
            "A clean strand laid on water.",
            "Widely used and unreliable: it counts for little here.",
            ReadingField.POROSITY,
            60,
            true,
            TestQuestion.oneOf("float", "The strand", TestAnswers.FloatTest.values())),
    PONYTAIL(
            "Ponytail girth",
            "All the hair in one hand, a tape once around.",
            "Girth speaks of density, never of the strand.",
            ReadingField.DENSITY,
            20,
            false,
            TestQuestion.number("ponytailCm", "Girth", "cm")),
    SCALP_LOOK(
            "Look at the scalp",
            "Dry hair, parted as it falls, under the light.",
            "How much scalp shows through?",
            ReadingField.DENSITY,
            10,
            true,
            TestQuestion.oneOf("scalpShows", "Scalp shows", TestAnswers.ScalpShows.values())),
    RULER(
            "Ruler",
            "One dry lock: as it hangs, then pulled straight.",
            "Both in centimetres, the same lock.",
            ReadingField.LENGTH,
            30,
            false,
            TestQuestion.number("naturalCm", "Hanging dry", "cm"),
            TestQuestion.number("stretchedCm", "Pulled straight", "cm")),
    CURL(
            "Curl and turns",
            "Across one curl in millimetres; turns counted down 10 cm as it hangs.",
            "0 turns is straight.",
            ReadingField.PATTERN,
            40,
            false,
            TestQuestion.number("curlDiameterMm", "Across one curl", "mm"),
            TestQuestion.number("turnsPer10cm", "Turns in 10 cm", "turns")),
    STRETCH(
            "Stretch and return",
            "Wet strand, gently drawn by a third, let go.",
            "Does it return, stay long, or snap?",
            null,
            20,
            true,
            TestQuestion.oneOf("stretch", "Let go, it", TestAnswers.Stretch.values()));

    private final String label;
    private final String whatToDo;
    private final String lookFor;
    private final ReadingField reading;
    private final int seconds;
    private final boolean byEye;
    private final List<TestQuestion> asks;

    GuidedTest(
            String label,
            String whatToDo,
            String lookFor,
            ReadingField reading,
            int seconds,
            boolean byEye,
            TestQuestion... asks) {
        this.label = label;
        this.whatToDo = whatToDo;
        this.lookFor = lookFor;
        this.reading = reading;
        this.seconds = seconds;
        this.byEye = byEye;
        this.asks = List.of(asks);
    }

    /** A girth, and a clock from the shower, are of the whole head; everything else may be tested zone by zone. */
    private boolean isOfHead() {
        return this == PONYTAIL || this == DRY_TIME;
    }

    /**
     * As it is printed.
     *
     * @param reading that it tells; absent for what tells of none
     * @param seconds it takes
     * @param byEye no ruler, tape or clock is needed
     * @param wholeHead it cannot be done zone by zone
     * @param asks what is to be answered
     */
    public record Card(
            GuidedTest test,
            String label,
            String whatToDo,
            String lookFor,
            @eventide.shape.Maybe ReadingField reading,
            Integer seconds,
            Boolean byEye,
            Boolean wholeHead,
            List<TestQuestion> asks) {}

    /** How it is done and what its answers mean. */
    public Card card() {
        return new Card(this, label, whatToDo, lookFor, reading, seconds, byEye, isOfHead(), asks);
    }

    public String label() {
        return label;
    }
}
