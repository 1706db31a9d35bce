package eventide.planner;

import static org.testng.Assert.assertEquals;

import com.github.difflib.DiffUtils;
import com.github.difflib.patch.AbstractDelta;
import eventide.planner.compare.Rewritten;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.stream.Stream;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** Lines of two routines set side by side, held against a general library's difference of two texts. */
public class RewrittenTest {
    @DataProvider
    public Object[][] texts() {
        return new Object[][] {
            {"a b c", "a b c", ""},
            {"", "", ""},
            {"a b c", "a c", "b→"},
            {"a c", "a b c", "→b"},
            {"a b c", "a x c", "b→x"},
            {"a b c d", "x b c y", "a→x d→y"},
            {"", "a b", "→a+b"},
            {"a a b", "a b", "a→"},
        };
    }

    @Test(dataProvider = "texts")
    public void whatStandsOtherwiseIsTold(String one, String other, String told) {
        List<String> pieces = Rewritten.between(lines(one), lines(other)).stream()
                .map(piece -> String.join("+", piece.was()) + "→" + String.join("+", piece.now()))
                .toList();
        assertEquals(String.join(" ", pieces), told);
    }

    @Test
    public void asFewLinesAsALibraryNeeds() {
        Random random = new Random(412);
        for (int i = 0; i < 2000; i++) {
            List<String> one = random(random);
            List<String> other = random(random);
            List<Rewritten> pieces = Rewritten.between(one, other);
            assertEquals(
                    without(one, pieces.stream().map(Rewritten::was)),
                    without(other, pieces.stream().map(Rewritten::now)),
                    one + " and " + other);
            int own = pieces.stream()
                    .mapToInt(piece -> piece.was().size() + piece.now().size())
                    .sum();
            int library = 0;
            for (AbstractDelta<String> delta : DiffUtils.diff(one, other).getDeltas()) {
                library += delta.getSource().size() + delta.getTarget().size();
            }
            assertEquals(own, library, one + " and " + other);
        }
    }

    @Test
    public void tooMuchToWeighIsOnePiece() {
        List<String> one =
                Stream.iterate(0, i -> i + 1).limit(1500).map(i -> "a" + i).toList();
        List<String> other =
                Stream.iterate(0, i -> i + 1).limit(1500).map(i -> "b" + i % 7).toList();
        assertEquals(Rewritten.between(one, other), List.of(new Rewritten(one, other)));
    }

    /** What is left once each piece is taken out, where it stands: the same of both. */
    private static List<String> without(List<String> lines, Stream<List<String>> pieces) {
        List<String> left = new ArrayList<>(lines);
        for (List<String> piece : pieces.toList()) {
            for (String line : piece) {
                left.remove(line);
            }
        }
        return left.stream().sorted().toList();
    }

    private static List<String> random(Random random) {
        return Stream.generate(() -> String.valueOf((char) ('a' + random.nextInt(5))))
                .limit(random.nextInt(12))
                .toList();
    }

    private static List<String> lines(String text) {
        return text.isEmpty() ? List.of() : List.of(text.split(" "));
    }
}
