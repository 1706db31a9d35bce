package eventide.routine;

import eventide.shape.Changed;
import eventide.shape.Maybe;
import java.lang.reflect.RecordComponent;
import java.util.Arrays;

/**
 * Where good stylists disagree: the side this client's stylist takes. What is absent is the trade's default.
 *
 * @param weight each is null where no side is taken
 */
public record Schools(
        @Maybe Weight weight,
        @Maybe GelOn gelOn,
        @Maybe YesNo fabric,
        @Maybe CupFrom cup,
        @Maybe ScrunchAfterBrush scrunchAfterBrush,
        @Maybe MaskPlace mask,
        @Maybe OilPlace oil,
        @Maybe MoussePlace mousse,
        @Maybe DryTo dryTo,
        @Maybe DiffuseFrom diffuseFrom,
        @Maybe IngredientRule ingredients,
        @Maybe RootProduct roots,
        @Maybe Hands hands) {
    public static final Schools DEFAULT =
            new Schools(null, null, null, null, null, null, null, null, null, null, null, null, null);

    /** What picks how much weight hair is given; default both, strand 2 to porosity 1. */
    public enum Weight {
        STRAND,
        POROSITY,
        BOTH
    }

    /** How wet hair is for gel; default what the product says. */
    public enum GelOn {
        SOAKING,
        DAMP,
        PRODUCT
    }

    /** A plain yes or no. */
    public enum YesNo {
        YES,
        NO
    }

    /** When the bowl may touch; default once the cast has set. */
    public enum CupFrom {
        ONCE_SET,
        FROM_START
    }

    /** Whether brushed clumps are scrunched; default by the pattern's count. */
    public enum ScrunchAfterBrush {
        YES,
        NO,
        BY_PATTERN
    }

    /** Where the mask goes; default after shampoo. */
    public enum MaskPlace {
        AFTER,
        BEFORE,
        BOTH
    }

    /** Where oil goes; default as a finish. */
    public enum OilPlace {
        BASE,
        BETWEEN,
        FINISH,
        NEVER
    }

    /** Where mousse goes; default instead of gel on fine hair, else over it at the crown. */
    public enum MoussePlace {
        UNDER,
        OVER,
        INSTEAD
    }

    /** How far the dryer takes it; default by time, weather and goal. */
    public enum DryTo {
        FULL,
        PART_THEN_AIR,
        AIR_THEN_DRYER,
        AIR
    }

    /** Where diffusing begins; default at the roots. */
    public enum DiffuseFrom {
        ROOTS,
        ENDS
    }

    /** The client's ingredient list; default none. */
    public enum IngredientRule {
        STRICT,
        LOOSE,
        NONE
    }

    /** Whether product reaches the root; default by the goal for volume. */
    public enum RootProduct {
        TO_ROOT,
        FREE,
        BY_GOAL
    }

    /** How hands shape it; default by pattern, time and goal. */
    public enum Hands {
        BRUSH,
        COIL,
        SMOOTH,
        SHINGLE,
        SCRUNCH,
        BY_GOAL
    }

    /**
     * With one question answered otherwise.
     *
     * @param key as in {@link SchoolQuestion}
     * @param side the word for it; null to take no side
     */
    public Schools with(String key, String side) {
        return Changed.with(this, key, answer(question(key).getType(), side));
    }

    /** The side a client takes on a question, null for none. */
    public String side(String key) {
        Object answer = Changed.value(this, question(key).getName());
        return answer == null ? null : ((Enum<?>) answer).name();
    }

    /** @throws IllegalArgumentException where no school takes sides in it */
    private static RecordComponent question(String key) {
        return Arrays.stream(Schools.class.getRecordComponents())
                .filter(question -> question.getName().equals(key))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException("No such question: " + key));
    }

    /**
     * @param side null for no side taken
     * @throws IllegalArgumentException where the question has no such side
     */
    private static Object answer(Class<?> type, String side) {
        return side == null
                ? null
                : Arrays.stream(type.getEnumConstants())
                        .filter(word -> ((Enum<?>) word).name().equals(side))
                        .findFirst()
                        .orElseThrow(() -> new IllegalArgumentException("No such side: " + side));
    }

    /** The bowl goes to wet hair: touching it then is meant. */
    public boolean cupsFromStart() {
        return cup == CupFrom.FROM_START;
    }

    /** No cloth on hair that is styled. */
    public boolean neverFabric() {
        return fabric == YesNo.NO;
    }

    /** Share of the strand in picking weight, the rest is porosity's. */
    public double strandShare() {
        if (weight == Weight.STRAND) {
            return 1;
        }
        return weight == Weight.POROSITY ? 0 : 2.0 / 3;
    }
}
