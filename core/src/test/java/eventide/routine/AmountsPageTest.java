package eventide.routine;

import static org.testng.Assert.assertTrue;

import eventide.hair.Density;
import eventide.hair.Hair;
import eventide.hair.HairMass;
import eventide.hair.Pattern;
import eventide.hair.Porosity;
import eventide.hair.Strand;
import eventide.product.Dose;
import eventide.product.Product;
import eventide.product.Role;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import org.testng.annotations.Test;

/** The page of amounts says what is advised. {@code -Damounts.page=write} writes its table anew after a change that was meant. */
public class AmountsPageTest {
    private static final Path PAGE = Path.of("..", "docs", "amounts.md");
    private static final String BEGIN =
            "| role | head | hair | ml | whole | a section of four | a section of twelve |\n";
    private static final String RULE = "| --- | --- | --- | --- | --- | --- | --- |\n";

    private record Head(String name, Hair hair) {}

    private static final List<Head> HEADS = List.of(
            new Head("fine, low, 30 cm", hair(Strand.FINE, Porosity.MEDIUM, Density.LOW, 30)),
            new Head("fine, medium, 30 cm", hair(Strand.FINE, Porosity.MEDIUM, Density.MEDIUM, 30)),
            new Head("medium, medium, 30 cm", hair(Strand.MEDIUM, Porosity.MEDIUM, Density.MEDIUM, 30)),
            new Head("medium, low, 60 cm", hair(Strand.MEDIUM, Porosity.MEDIUM, Density.LOW, 60)),
            new Head("coarse, high, 40 cm, porous", hair(Strand.COARSE, Porosity.HIGH, Density.HIGH, 40)));

    private static Hair hair(Strand strand, Porosity porosity, Density density, double cm) {
        return Hair.of(strand, porosity, Pattern.CURLY_3A, density, cm);
    }

    private static String table() {
        StringBuilder table = new StringBuilder(BEGIN).append(RULE);
        for (Role role : Role.values()) {
            Product product = Product.of(role.label(), role, 0, role.moisturises() ? 4 : 2, 0, 100);
            for (Head head : HEADS) {
                double ml = Advised.headMl(product, head.hair());
                table.append(String.format(
                        Locale.ROOT,
                        "| %s | %s | %.0f g | %s | %s | %s | %s |%n",
                        role.label(),
                        head.name(),
                        HairMass.grams(head.hair()),
                        ml < 1 ? String.format(Locale.ROOT, "%.2f", ml) : String.format(Locale.ROOT, "%.1f", ml),
                        product.dose().say(ml),
                        Dose.of(ml, 4, product.dose()).perSection(),
                        Dose.of(ml, 12, product.dose()).perSection()));
            }
        }
        return table.toString();
    }

    @Test
    public void thePageSaysWhatIsAdvised() throws IOException {
        String table = table();
        String page = Files.readString(PAGE);
        if ("write".equals(System.getProperty("amounts.page"))) {
            int from = page.indexOf(BEGIN);
            int to = page.indexOf("\n\n", from) + 1;
            page = page.substring(0, from) + table + page.substring(to);
            Files.writeString(PAGE, page);
        }
        List<String> missing = new ArrayList<>();
        for (String line : table.split("\n")) {
            if (!page.contains(line)) {
                missing.add(line);
            }
        }
        assertTrue(missing.isEmpty(), "not so in " + PAGE + ":\n" + String.join("\n", missing));
    }
}
