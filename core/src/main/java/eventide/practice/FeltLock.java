package eventide.practice;

import eventide.shape.InvalidException;
import java.util.List;
import java.util.Locale;
import java.util.Random;

/**
 * A section of hair of some wetness, as hands find it: no number, only what it drips, sounds, slips and feels like.
 *
 * @param item its name; the same name is the same section for good
 * @param dryGrams what the stand-in scale says of it dry
 * @param signs what hands notice, one of each kind
 */
public record FeltLock(String item, int dryGrams, List<FeltSign> signs) {
    /**
     * One thing that is noticed.
     *
     * @param kind by what it is noticed: drops, sound, slip, cool
     */
    public record FeltSign(String kind, String words) {}

    /**
     * The bands the trade names by what hands notice [CP]; {@code from} is the least water of each, percent.
     *
     * @param from percent of water from which hair feels so
     */
    private record Band(double from, String drops, String sound, String slip, String warmth) {}

    private static final List<Band> BANDS = List.of(
            new Band(90, "water runs off the ends", "it squelches", "slick, heavy, ropey", "cold all through"),
            new Band(
                    75,
                    "a drop now and then; a squeeze brings a stream",
                    "it squelches a little",
                    "slick between the fingers",
                    "cold all through"),
            new Band(
                    60,
                    "no drop falls; a squeeze brings water between the fingers",
                    "hardly a sound",
                    "it slides, with a little drag",
                    "cold to the hand"),
            new Band(35, "a squeeze leaves the palm damp", "it squeaks", "it snags", "cool to the hand"),
            new Band(
                    10,
                    "the palm stays dry",
                    "a dull rustle",
                    "strands part by themselves",
                    "cool to the back of the hand only"),
            new Band(0, "the palm stays dry", "it rustles", "light and loose", "as warm as the room"));

    /** By how much of the water each sign comes earlier or later on one head than on another, percent, as a deviation [OURS]. */
    private static final double SIGNS_SCATTER = 5;

    /** Sections weigh so much dry, grams: an eighth of a light to a heavy head [OURS]. */
    private static final int LEAST_GRAMS = 8;

    /** Grams of dry hair in the heaviest section. */
    private static final int MOST_GRAMS = 26;
    /** Water in soaked hair, grams to a gram of dry hair [OURS: 1.0 to 1.5 between the fibres]. */
    private static final double SOAKED = 1.25;

    /** The section of a name. */
    static FeltLock of(String item) {
        Random chance = chance(item);
        double percent = percent(chance);
        int grams = LEAST_GRAMS + chance.nextInt(MOST_GRAMS - LEAST_GRAMS + 1);
        return new FeltLock(
                item,
                grams,
                List.of(
                        new FeltSign("Drops", sign(percent, chance).drops()),
                        new FeltSign("Sound", sign(percent, chance).sound()),
                        new FeltSign("Slip", sign(percent, chance).slip()),
                        new FeltSign("Warmth", sign(percent, chance).warmth())));
    }

    /** How wet the section of a name is, percent. */
    static double percentOf(String item) {
        return percent(chance(item));
    }

    /** What the stand-in scale says of the section as it is. */
    String weighed() {
        double percent = percentOf(item);
        return String.format(
                Locale.ROOT,
                "%.0f g on the scale, %d g dry: %.0f %% wet",
                dryGrams * (1 + SOAKED * percent / 100),
                dryGrams,
                percent);
    }

    private static Band sign(double percent, Random chance) {
        double felt = percent + SIGNS_SCATTER * chance.nextGaussian();
        return BANDS.stream().filter(band -> felt >= band.from()).findFirst().orElse(BANDS.get(BANDS.size() - 1));
    }

    /**
     * Any, more often where it matters: between squeezed out and soaking.
     *
     * @return from 0 to 98, whole
     */
    private static double percent(Random chance) {
        double even = chance.nextDouble();
        return Math.round(chance.nextInt(3) == 0 ? 98 * even : 40 + 50 * even);
    }

    /** The same section for the same number, whoever asks. */
    private static Random chance(String item) {
        try {
            return new Random(31 * Long.parseLong(item) + 7);
        } catch (NumberFormatException other) {
            throw InvalidException.of("item", "there is no such section: \"" + item + "\"");
        }
    }
}
