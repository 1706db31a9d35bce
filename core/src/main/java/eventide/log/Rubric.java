package eventide.log;

import java.util.List;

/** What a score from 0 to 10 looks like, so that two people would give the same [OURS, in the trade's words]. */
public final class Rubric {
    private Rubric() {}

    /**
     * A band of a score.
     *
     * @param from lowest score of the band; it runs to the next band's
     */
    public record Level(double from, String looks) {}

    /**
     * One score, the question it answers, and its bands from low to high.
     *
     * @param question what to look at
     * @param levels with what is seen at each, from the lowest
     */
    public record Score(String name, String question, List<Level> levels) {}

    private static final List<Score> SCORES = List.of(
            new Score(
                    "definition",
                    "Do curls read as separate, from root to tip?",
                    List.of(
                            new Level(0, "no curl stands apart"),
                            new Level(3, "ends curl, the rest blurs"),
                            new Level(6, "most curls clear from mid-length"),
                            new Level(8, "clear from near the root to the tip"))),
            new Score(
                    "clumping",
                    "How wide and even are the clumps?",
                    List.of(
                            new Level(0, "single hairs and strings, or flat ribbons"),
                            new Level(3, "some clumps, widths all over the place"),
                            new Level(6, "mostly even clumps"),
                            new Level(8, "even clumps that suit the pattern"))),
            new Score(
                    "frizz",
                    "How many hairs stand outside the clumps?",
                    List.of(
                            new Level(0, "none to a few"),
                            new Level(2, "a light halo against the light"),
                            new Level(5, "a halo seen across the room"),
                            new Level(8, "more hair outside the clumps than in"))),
            new Score(
                    "volume",
                    "How far does it stand off the head?",
                    List.of(
                            new Level(0, "flat at the root"),
                            new Level(3, "root lies, lengths have body"),
                            new Level(6, "root lifted all over"),
                            new Level(8, "as wide as it will go"))),
            new Score(
                    "softness",
                    "How does it feel between the fingers?",
                    List.of(
                            new Level(0, "stiff, it crackles"),
                            new Level(3, "firm, gives when pressed"),
                            new Level(6, "soft with some grip"),
                            new Level(8, "soft as hair with nothing in it"))),
            new Score(
                    "hold",
                    "Does it fall back into shape after a shake?",
                    List.of(
                            new Level(0, "shaken out at once"),
                            new Level(3, "some of it stays"),
                            new Level(6, "most falls back"),
                            new Level(8, "every curl where it was"))),
            new Score(
                    "weight",
                    "Does product drag on it?",
                    List.of(
                            new Level(0, "nothing to be felt"),
                            new Level(3, "coated to the touch"),
                            new Level(6, "roots pulled flat"),
                            new Level(8, "limp and greasy"))),
            new Score(
                    "shine",
                    "How does it throw back a lamp?",
                    List.of(
                            new Level(0, "dull all over"),
                            new Level(3, "a glint on some bends"),
                            new Level(6, "a band of light on most curls"),
                            new Level(8, "clear bands on every curl"))));

    /** What is judged and what each level looks like, in the order it is asked. */
    public static List<Score> scores() {
        return SCORES;
    }
}
