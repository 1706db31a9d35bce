package eventide.outcome;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.regex.MatchResult;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/**
 * What a stylist can read about the model is what the model is. {@code -Dhow.table=write} writes the table anew after a change
 * that was meant.
 */
public class HowItJudgesTest {
    private static final Path SOURCES = Path.of("src", "main", "java", "eventide", "outcome");
    private static final String HEAD = "| constant | value | what it does |\n| --- | --- | --- |\n";
    private static final Pattern CONSTANT =
            Pattern.compile("/\\*\\* (.+?) \\*/\\s+static final double (\\w+) = ([0-9.]+);");
    private static final Path WASH = Path.of("src", "main", "java", "eventide", "wash");
    private static final String WASH_HEAD = "| of the wash | value | what it is |\n| --- | --- | --- |\n";
    private static final Pattern WASH_CONSTANT = Pattern.compile(
            "/\\*\\* ([^*]+?) \\*/\\s+(?:public|private) static final (?:double|int) (\\w+) = ([0-9.]+);");
    private static final Pattern ANY_WASH_CONSTANT = Pattern.compile("static final (?:double|int) \\w+");
    private static final Pattern ANY_CONSTANT = Pattern.compile("static final double (\\w+)");
    private static final Pattern FIGURE = Pattern.compile("(?<![\\w.])\\d*\\.\\d+");

    @Test
    public void thePageSaysOfEachConstantOfTheResultWhatStandsBesideIt() throws IOException {
        StringBuilder table = new StringBuilder(HEAD);
        for (MatchResult constant : constants()) {
            double value = Double.parseDouble(constant.group(3));
            String said =
                    value == Math.rint(value) ? Long.toString((long) value) : String.format(Locale.ROOT, "%s", value);
            table.append("| `%s` | %s | %s |%n".formatted(constant.group(2), said, constant.group(1)));
        }
        JudgePage.assertHolds(HEAD, table.toString());
    }

    @Test
    public void thePageSaysOfEachConstantOfTheWashWhatItIs() throws IOException {
        StringBuilder table = new StringBuilder(WASH_HEAD);
        try (Stream<Path> files = Files.list(WASH)) {
            for (Path file : files.sorted().toList()) {
                String name = file.getFileName().toString().replace(".java", "");
                String source = Files.readString(file);
                List<MatchResult> said = WASH_CONSTANT.matcher(source).results().toList();
                assertEquals(
                        said.size(), ANY_WASH_CONSTANT.matcher(source).results().count(), file.toString());
                for (MatchResult one : said) {
                    String value = String.format(Locale.ROOT, "%s", Double.parseDouble(one.group(3)));
                    table.append("| `%s.%s` | %s | %s |%n"
                            .formatted(
                                    name,
                                    one.group(2),
                                    value.replaceAll("\\.0$", ""),
                                    one.group(1).replaceAll("\\s+\\*?\\s*", " ")));
                }
            }
        }
        JudgePage.assertHolds(WASH_HEAD, table.toString());
    }

    @Test
    public void eachConstantSaysWhatItDoes() throws IOException {
        String source = source();
        Set<String> names = new LinkedHashSet<>();
        ANY_CONSTANT.matcher(source).results().forEach(name -> names.add(name.group(1)));
        List<String> said = constants().stream().map(c -> c.group(2)).toList();
        assertEquals(said, new ArrayList<>(names));
    }

    @DataProvider
    public Object[][] effects() throws IOException {
        try (Stream<Path> files = Files.list(SOURCES)) {
            return files.filter(file -> file.toString().endsWith("Effect.java"))
                    .map(file -> new Object[] {file})
                    .toArray(Object[][]::new);
        }
    }

    /** One place holds them: else a figure could be changed that no page and no table shows. */
    @Test(dataProvider = "effects")
    public void noPieceOfTheResultHasAFigureOfItsOwn(Path effect) throws IOException {
        Matcher figure = FIGURE.matcher(Files.readString(effect));
        assertTrue(!figure.find(), effect.getFileName() + " has one of its own, which belongs to Constants");
    }

    private static List<MatchResult> constants() throws IOException {
        return CONSTANT.matcher(source()).results().toList();
    }

    private static String source() throws IOException {
        return Files.readString(SOURCES.resolve("Constants.java"))
                + Files.readString(SOURCES.resolve("DoingConstants.java"));
    }
}
