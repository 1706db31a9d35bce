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
    /** One answer: the word {@link Schools} takes, and the same for people. */
    public record Side(String word, String label) {}

    /** All of them, in the order of the work. All common practice [CP]; the defaults are the trade's. */
    public static final List<SchoolQuestion> ALL = List.of(
            new SchoolQuestion(
                    "weight",
                    "What picks the weight?",
                    sides("STRAND", "the strand", "POROSITY", "porosity", "BOTH", "both"),
                    "both, strand 2 to porosity 1",
                    "The strand has to carry it; porosity says how much it drinks."),
            new SchoolQuestion(
                    "gelOn",
                    "How wet at the gel?",
                    sides("SOAKING", "soaking", "DAMP", "damp", "PRODUCT", "as the product says"),
                    "the product's own window",
                    "A thick jelly drowns in water that a thin gel needs."),
            new SchoolQuestion(
                    "fabric",
                    "Cloth on styled hair?",
                    sides("YES", "plop and microplop", "NO", "hands off"),
                    "microplop on wavy and curly",
                    "It saves drying time; where cloth drinks the styler or frizzes, hands off."),
            new SchoolQuestion(
                    "cup",
                    "Cup with the diffuser",
                    sides("ONCE_SET", "once the cast has set", "FROM_START", "from the start"),
                    "once the cast has set",
                    "Wet clumps that are touched come apart."),
            new SchoolQuestion(
                    "scrunchAfterBrush",
                    "Scrunch after brushing?",
                    sides("YES", "yes", "NO", "no, press", "BY_PATTERN", "by the pattern"),
                    "by the pattern's count",
                    "Waves ask for it, brushed ribbons may fall apart."),
            new SchoolQuestion(
                    "mask",
                    "Mask",
                    sides("AFTER", "after shampoo", "BEFORE", "before", "BOTH", "both"),
                    "after shampoo",
                    "Nothing is washed out again; before shampoo it weighs less."),
            new SchoolQuestion(
                    "oil",
                    "Oil",
                    sides("BASE", "as a base", "BETWEEN", "between rounds", "FINISH", "to finish", "NEVER", "never"),
                    "to finish, in drops by the strand",
                    "It breaks the cast and gives shine without thinning the hold."),
            new SchoolQuestion(
                    "mousse",
                    "Mousse",
                    sides("UNDER", "under gel", "OVER", "over gel", "INSTEAD", "instead of gel"),
                    "instead on fine hair, else over gel at the crown",
                    "Foam weighs least, and lifts where hair lies flat."),
            new SchoolQuestion(
                    "dryTo",
                    "Dry to",
                    sides(
                            "FULL",
                            "diffused to dry",
                            "PART_THEN_AIR",
                            "part, then air",
                            "AIR_THEN_DRYER",
                            "air, then dryer at the roots",
                            "AIR",
                            "air only"),
                    "by time, weather and goal",
                    "Damp air and short days ask for the dryer."),
            new SchoolQuestion(
                    "diffuseFrom",
                    "Diffuse from",
                    sides("ROOTS", "the roots", "ENDS", "the ends"),
                    "the roots",
                    "They are the slowest part."),
            new SchoolQuestion(
                    "ingredients",
                    "Ingredient list",
                    sides("STRICT", "strict", "LOOSE", "loose", "NONE", "none"),
                    "none",
                    "A choice of the client's, never a moral."),
            new SchoolQuestion(
                    "roots",
                    "Product at the root",
                    sides("TO_ROOT", "to just under it", "FREE", "roots free", "BY_GOAL", "by the goal"),
                    "by the goal for volume",
                    "Bare roots stand up and wear longer."),
            new SchoolQuestion(
                    "hands",
                    "Hands",
                    sides(
                            "BRUSH",
                            "brush",
                            "COIL",
                            "coil",
                            "SMOOTH",
                            "smooth",
                            "SHINGLE",
                            "every curl",
                            "SCRUNCH",
                            "scrunch only",
                            "BY_GOAL",
                            "by the goal"),
                    "by pattern, time and goal",
                    "Every way has heads it is made for."));

    private static List<Side> sides(String... wordsAndLabels) {
        Side[] sides = new Side[wordsAndLabels.length / 2];
        for (int i = 0; i < sides.length; i++) {
            sides[i] = new Side(wordsAndLabels[2 * i], wordsAndLabels[2 * i + 1]);
        }
        return List.of(sides);
    }
}
