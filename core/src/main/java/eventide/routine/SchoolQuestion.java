package eventide.routine;

import java.util.List;

/**
 * A question good stylists answer differently, with what is done where the client's stylist takes no side.
 *
 * @param key the field of {@link Schools} that holds the answer
 * @param usual what is done where nothing is chosen
 * @param because why that is the default
 */
public record SchoolQuestion(String key, String question, List<Side> sides, String usual, String because) {
    /**
     * One answer.
     *
     * @param word as {@link Schools} takes it
     * @param label the answer to the question, for people
     * @param does what a plan then does, for people
     */
    public record Side(String word, String label, String does) {}

    /** All of them, in the order of the work. All common practice [CP]; the defaults are the trade's. */
    public static final List<SchoolQuestion> ALL = List.of(
            new SchoolQuestion(
                    "weight",
                    "What picks the weight?",
                    List.of(
                            new Side("STRAND", "the strand", "weight picked by the strand"),
                            new Side("POROSITY", "porosity", "weight picked by porosity"),
                            new Side("BOTH", "both", "weight picked by strand and porosity")),
                    "both, strand 2 to porosity 1",
                    "The strand has to carry it; porosity says how much it drinks."),
            new SchoolQuestion(
                    "gelOn",
                    "How wet at the gel?",
                    List.of(
                            new Side("SOAKING", "soaking", "gel on soaking hair"),
                            new Side("DAMP", "damp", "gel on damp hair"),
                            new Side("PRODUCT", "as the product says", "gel on hair as wet as its label says")),
                    "the product's own window",
                    "A thick jelly drowns in water that a thin gel needs."),
            new SchoolQuestion(
                    "fabric",
                    "Cloth on styled hair?",
                    List.of(
                            new Side("YES", "plop and microplop", "a cloth on the styled hair"),
                            new Side("NO", "hands off", "no cloth on the styled hair")),
                    "microplop on wavy and curly",
                    "It saves drying time; where cloth drinks the styler or frizzes, hands off."),
            new SchoolQuestion(
                    "cup",
                    "Cup with the diffuser",
                    List.of(
                            new Side("ONCE_SET", "once the cast has set", "cupped once the cast has set"),
                            new Side("FROM_START", "from the start", "cupped from the start")),
                    "once the cast has set",
                    "Wet clumps that are touched come apart."),
            new SchoolQuestion(
                    "scrunchAfterBrush",
                    "Scrunch after brushing?",
                    List.of(
                            new Side("YES", "yes", "scrunched after brushing"),
                            new Side("NO", "no, press", "pressed after brushing"),
                            new Side("BY_PATTERN", "by the pattern", "scrunched or pressed by the pattern")),
                    "by the pattern's count",
                    "Waves ask for it, brushed ribbons may fall apart."),
            new SchoolQuestion(
                    "mask",
                    "Mask",
                    List.of(
                            new Side("AFTER", "after shampoo", "mask after shampoo"),
                            new Side("BEFORE", "before", "mask before shampoo"),
                            new Side("BOTH", "both", "mask before and after shampoo")),
                    "after shampoo",
                    "Nothing is washed out again; before shampoo it weighs less."),
            new SchoolQuestion(
                    "oil",
                    "Oil",
                    List.of(
                            new Side("BASE", "as a base", "oil as a base"),
                            new Side("BETWEEN", "between rounds", "oil between rounds of the dryer"),
                            new Side("FINISH", "to finish", "oil to finish"),
                            new Side("NEVER", "never", "no oil")),
                    "to finish, in drops by the strand",
                    "It breaks the cast and gives shine without thinning the hold."),
            new SchoolQuestion(
                    "mousse",
                    "Mousse",
                    List.of(
                            new Side("UNDER", "under gel", "mousse under gel"),
                            new Side("OVER", "over gel", "mousse over gel"),
                            new Side("INSTEAD", "instead of gel", "mousse instead of gel")),
                    "instead on fine hair, else over gel at the crown",
                    "Foam weighs least, and lifts where hair lies flat."),
            new SchoolQuestion(
                    "dryTo",
                    "Dry to",
                    List.of(
                            new Side("FULL", "diffused to dry", "dried to the end"),
                            new Side("PART_THEN_AIR", "part, then air", "the dryer part of the way"),
                            new Side(
                                    "AIR_THEN_DRYER",
                                    "air, then dryer at the roots",
                                    "air first, the dryer at the roots"),
                            new Side("AIR", "air only", "no dryer")),
                    "by time, weather and goal",
                    "Damp air and short days ask for the dryer."),
            new SchoolQuestion(
                    "diffuseFrom",
                    "Diffuse from",
                    List.of(
                            new Side("ROOTS", "the roots", "diffused from the roots"),
                            new Side("ENDS", "the ends", "diffused from the ends")),
                    "the roots",
                    "They are the slowest part."),
            new SchoolQuestion(
                    "ingredients",
                    "Ingredient list",
                    List.of(
                            new Side("STRICT", "strict", "the strict list kept"),
                            new Side("LOOSE", "loose", "the loose list kept"),
                            new Side("NONE", "none", "no list kept")),
                    "none",
                    "A choice of the client's, never a moral."),
            new SchoolQuestion(
                    "roots",
                    "Product at the root",
                    List.of(
                            new Side("TO_ROOT", "to just under it", "product to the roots"),
                            new Side("FREE", "roots free", "no product at the roots"),
                            new Side("BY_GOAL", "by the goal", "no product at the roots where volume is wanted")),
                    "by the goal for volume",
                    "Bare roots stand up and wear longer."),
            new SchoolQuestion(
                    "hands",
                    "Hands",
                    List.of(
                            new Side("BRUSH", "brush", "brush-styled"),
                            new Side("COIL", "coil", "finger-coiled"),
                            new Side("SMOOTH", "smooth", "smoothed in sections"),
                            new Side("SHINGLE", "every curl", "every curl by hand"),
                            new Side("SCRUNCH", "scrunch only", "scrunched"),
                            new Side("BY_GOAL", "by the goal", "hands by the goal")),
                    "by pattern, time and goal",
                    "Every way has heads it is made for."));
}
