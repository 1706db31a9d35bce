package eventide.routine;

import eventide.shape.Said;
import eventide.shape.Word;
import java.util.List;

/** What a {@link Goal} weighs, in the order a stylist asks for it. */
public enum Wish implements Word, Said {
    DEFINITION("definition", "definition", null),
    VOLUME("volume", "volume", null),
    LENGTH("length", "kept length", null),
    SOFTNESS("softness", "softness", "no crunch"),
    LONGEVITY("longevity", "days", "how many it must last"),
    LOW_FRIZZ("lowFrizz", "no frizz", "0: it is welcome");

    /** How much of it is wanted, by degrees from 0 to 3. */
    public static final List<String> DEGREES = List.of("does not matter", "a little", "wanted", "above all");

    private final String word;
    private final String label;
    private final String hint;

    /**
     * @param word as it crosses the wire
     * @param hint what else it means, null for nothing
     */
    Wish(String word, String label, String hint) {
        this.word = word;
        this.label = label;
        this.hint = hint;
    }

    @Override
    public String word() {
        return word;
    }

    @Override
    public String label() {
        return label;
    }

    /** What is meant, for whoever asks a client; null where the label says it. */
    public String hint() {
        return hint;
    }
}
