package eventide.product;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertNull;
import static org.testng.Assert.assertTrue;

import eventide.product.LabelReading.Entry;
import eventide.product.LabelReading.Load;
import eventide.shape.Slips;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Random;
import java.util.stream.Collectors;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/**
 * Made-up labels and what a careful reader finds on each. Order and the 1 % line: Regulation (EC) 1223/2009 Art. 19(1)(g)
 * and Annex V; the first-five rule for protein: common practice.
 */
public class LabelReaderTest {
    /** Expected, as {@code key=value} parted by spaces; only what is said is checked. */
    record Label(String text, String expected) {
        @Override
        public String toString() {
            return text.substring(0, Math.min(60, text.length())).replace('\n', ' ');
        }
    }

    private static String found(LabelReading reading, String key) {
        LabelReading.Traits traits = reading.traits();
        return switch (key) {
            case "n" -> String.valueOf(reading.ingredients().size());
            case "protein" -> traits.protein().name();
            case "silicones" -> traits.silicones().name();
            case "sulfates" -> String.valueOf(traits.sulfates());
            case "alcohol" -> String.valueOf(traits.dryingAlcohol());
            case "parabens" -> String.valueOf(traits.parabens());
            case "waxes" -> String.valueOf(traits.waxes());
            case "mineral" -> String.valueOf(traits.mineralOil());
            case "traces" -> String.valueOf(reading.onePercentAfter());
            case "allergens" -> String.valueOf(reading.allergens().size());
            case "unknown" -> String.valueOf(reading.unknown().size());
            case "strict" -> String.valueOf(reading.breaks().strict().size());
            case "loose" -> String.valueOf(reading.breaks().loose().size());
            case "humectants" -> some(traits.humectants());
            case "films" -> some(traits.filmFormers());
            case "oils" -> some(traits.oils());
            default -> throw new IllegalArgumentException(key);
        };
    }

    private static String some(Load load) {
        return load == Load.NONE ? "no" : "yes";
    }

    @DataProvider
    Object[] labels() {
        return new Object[] {
            new Label(
                    "Aqua, Glycerin, Cetearyl Alcohol, Phenoxyethanol, Parfum",
                    "n=5 traces=3 humectants=yes alcohol=false unknown=0"),
            new Label("Aqua, Hydrolyzed Wheat Protein, Cetyl Alcohol", "protein=YES traces=null"),
            new Label("Aqua, Cetyl Alcohol, Glycerin, Behentrimonium Chloride, Hydrolyzed Silk, Parfum", "protein=YES"),
            new Label(
                    "Aqua, Cetyl Alcohol, Glycerin, Behentrimonium Chloride, Panthenol, Hydrolyzed Silk",
                    "protein=TRACE"),
            new Label("Aqua, Glycerin, Phenoxyethanol, Hydrolyzed Keratin", "protein=TRACE traces=2"),
            new Label(
                    "Aqua, Sodium Laureth Sulfate, Cocamidopropyl Betaine, Sodium Chloride",
                    "sulfates=true strict=1 loose=1"),
            new Label("Aqua, Sodium Cocoyl Isethionate, Decyl Glucoside", "sulfates=false strict=0"),
            new Label("Aqua, Sodium C14-16 Olefin Sulfonate, Coco-Betaine", "sulfates=false strict=0"),
            new Label("Aqua, Dimethicone, Cetearyl Alcohol", "silicones=BUILDS_UP loose=1"),
            new Label("Aqua, PEG-12 Dimethicone, Glycerin", "silicones=SOLUBLE strict=0"),
            new Label("Cyclopentasiloxane, Argania Spinosa Kernel Oil", "silicones=NONE oils=yes"),
            new Label("Cyclopentasiloxane, Dimethiconol, Linum Usitatissimum Seed Oil", "silicones=BUILDS_UP oils=yes"),
            new Label("Aqua, Alcohol Denat., VP/VA Copolymer, Parfum", "alcohol=true films=yes strict=1 loose=0 n=4"),
            new Label("Aqua, Cetyl Alcohol, Stearyl Alcohol, Behenyl Alcohol", "alcohol=false strict=0"),
            new Label("Aqua, Methylparaben, Propylparaben", "parabens=true traces=1 strict=2 loose=0"),
            new Label("Petrolatum, Paraffinum Liquidum, Lanolin", "mineral=true loose=2"),
            new Label("Cera Alba, Ricinus Communis Seed Oil, Copernicia Cerifera Cera", "waxes=true strict=2 loose=0"),
            new Label("Aqua/Water/Eau, Glycerin", "n=2 unknown=0"),
            new Label(
                    "Water (Aqua), Vegetable Glycerin*, Aloe Barbadensis (Aloe Vera) Leaf Juice*\n*organic",
                    "n=3 unknown=0"),
            new Label("Wasser, Glycerin, Parfum", "n=3 unknown=0"),
            new Label("INGREDIENTS: AQUA, GLYCERIN, CETEARYL ALCOHOL.", "n=3 unknown=0"),
            new Label("Ingrédients : Eau; Glycérine; Parfum", "n=3 unknown=0"),
            new Label("Ingredients/INCI\nAqua\nGlycerin\nPanthenol", "n=3 unknown=0 humectants=yes"),
            new Label("Aqua\nGlycerin\nPanthenol\nXanthan Gum", "n=4 unknown=0 films=no"),
            new Label("Aqua Glycerin Cetearyl Alcohol Behentrimonium Chloride Parfum", "n=5 unknown=0"),
            new Label("Aqua Glycerin Somethingnew Panthenol", "n=4 unknown=1"),
            new Label("Aqua • Glycerin • Linalool • Limonene", "n=4 allergens=2"),
            new Label("Aqua · Glycerin · Citral", "n=3 allergens=1"),
            new Label("Aqua / Glycerin / Cetyl Alcohol / Parfum", "n=4 unknown=0"),
            new Label("Aqua、Glycerin、Panthenol", "n=3 unknown=0"),
            new Label("Aqua, G1ycerin, Cety1 A1coho1", "n=3 unknown=0 humectants=yes alcohol=false"),
            new Label("Aqua, Dirnethicone", "silicones=BUILDS_UP unknown=0"),
            new Label("Aqua, Glicerine, Cetaryl Alcohol", "unknown=2"),
            new Label("Aqua, Glycerin 5%, Panthenol (0,5 %), Parfum", "n=4 traces=2 unknown=0"),
            new Label("Aqua, 1,2-Hexanediol, Caprylyl Glycol", "n=3 unknown=0 humectants=yes"),
            new Label("Aqua, Acrylates/C10-30 Alkyl Acrylate Crosspolymer, Triethanolamine", "n=3 unknown=0"),
            new Label(
                    "Aqua, Butyrospermum Parkii (Shea) Butter, Cocos Nucifera (Coconut) Oil", "n=3 unknown=0 oils=yes"),
            new Label("Aqua, Glycerin [+/- CI 77891, CI 19140]", "n=4"),
            new Label("Aqua, Glycerin, May contain: Mica, CI 77491", "n=4 unknown=0"),
            new Label("Aqua, Glycerin. May contain traces of: Mica", "n=3 unknown=0"),
            new Label("Aqua, Glycerin, traces of Mica", "n=3 unknown=0"),
            new Label("Aqua, Parfum (Linalool, Limonene, Geraniol)", "n=5 allergens=3 unknown=0"),
            new Label("Aqua (and) Glycerin (and) Panthenol", "n=3 unknown=0"),
            new Label("Aqua, Behentrimonium Metho-\nsulfate, Cetearyl Alcohol", "n=3 unknown=0"),
            new Label("Aqua, Cetearyl\nAlcohol, Glycerin", "n=3 unknown=0"),
            new Label("Aqua, Moonbeam Extract, Glycerin", "n=3 unknown=1"),
            new Label("Aqua, Benzyl Alcohol, Glycerin", "traces=1 allergens=1 alcohol=false"),
            new Label("Aqua, Sodium Benzoate, Glycerin", "traces=null"),
            new Label("Linum Usitatissimum Seed Extract, Aqua, Althaea Officinalis Root Extract", "films=yes oils=no"),
            new Label("Aqua, Mel, Agave Tequilana Leaf Extract", "humectants=yes"),
            new Label("Aqua, Glycerin, Glycerin", "n=2"),
            new Label("Aqua, Fragrance (Parfum), Evernia Prunastri Extract", "n=3 allergens=1 unknown=0"),
            new Label("aqua,glycerin,polyquaternium-11,vp/va copolymer", "n=4 films=yes unknown=0"),
            new Label("Aqua; Isopropyl Alcohol; Butane; Propane; PVP", "alcohol=true films=yes"),
            new Label("Aqua, Menthol, Camphor, Lavandula Angustifolia Oil", "allergens=3"),
            new Label("", "n=0 traces=null unknown=0"),
            new Label(" , ; * () ", "n=0"),
            new Label("Aqua, (Glycerin, Panthenol", "unknown=0"),
        };
    }

    @Test(dataProvider = "labels")
    public void readsAsACarefulReaderWould(Label label) {
        LabelReading reading = LabelReader.read(label.text());
        for (String pair : label.expected().split(" ")) {
            String[] parts = pair.split("=");
            assertEquals(found(reading, parts[0]), parts[1], parts[0] + " of " + reading);
        }
    }

    @Test
    public void theOlderListHasItsTwentySixNames() {
        // Regulation (EC) 1223/2009 Annex III as it stood before 2023: 26 fragrance allergens to be named.
        List<String> older = IngredientDictionary.shipped().all().stream()
                .filter(ingredient -> ingredient.is(Family.ALLERGEN))
                .map(Ingredient::name)
                .toList();
        assertEquals(older.size(), 26, older.toString());
        LabelReading all = LabelReader.read("Aqua, Parfum, " + String.join(", ", older));
        assertEquals(all.allergens().size(), 26);
    }

    /**
     * The names and group names under which Regulation (EU) 2023/1545 has them written on a label, from memory; a name with a
     * stroke is one name.
     */
    private static final String NEWER =
            """
            3-Propylidenephthalide, Acetyl Cedrene, Amyl Cinnamal, Amyl Cinnamyl Alcohol, Amyl Salicylate,
            Anethole, Anise Alcohol, Benzaldehyde, Benzyl Alcohol, Benzyl Benzoate, Benzyl Cinnamate,
            Benzyl Salicylate, Beta-Caryophyllene, Camphor, Cananga Odorata Oil, Carvone,
            Cedrus Atlantica Oil, Cinnamal, Cinnamomum Cassia Leaf Oil, Cinnamomum Zeylanicum Bark Oil,
            Cinnamyl Alcohol, Citral, Citronellol, Citrus Aurantium Bergamia Peel Oil,
            Citrus Aurantium Flower Oil, Citrus Aurantium Peel Oil, Citrus Limon Peel Oil, Coumarin,
            Cymbopogon Citratus Leaf Oil, Damascenone, Dimethyl Phenethyl Acetate, Eucalyptus Globulus Oil,
            Eugenia Caryophyllus Oil, Eugenol, Eugenyl Acetate, Evernia Furfuracea Extract,
            Evernia Prunastri Extract, Farnesol, Geraniol, Geranyl Acetate, Hexadecanolactone,
            Hexamethylindanopyran, Hexyl Cinnamal, Hydroxycitronellal, Isoeugenol, Isoeugenyl Acetate,
            Jasminum Officinale Oil, Juniperus Virginiana Oil, Laurus Nobilis Leaf Oil, Lavandula Oil,
            Limonene, Linalool, Linalyl Acetate, Lippia Citriodora Absolute, Mentha Piperita Oil,
            Mentha Viridis Leaf Oil, Menthol, Methyl 2-Octynoate, Methyl Salicylate, Myroxylon Pereirae Oil,
            Narcissus Extract, Pelargonium Graveolens Flower Oil, Pinene, Pinus Mugo Oil, Pinus Pumila Oil,
            Pogostemon Cablin Oil, Rose Flower Oil, Rose Ketones, Salicylaldehyde, Santalol,
            Santalum Album Oil, Sclareol, Terpineol, Terpinolene, Tetramethyl Acetyloctahydronaphthalenes,
            Trimethylbenzenepropanol, Trimethylcyclopentenyl Methylisopentenol, Turpentine, Vanillin,
            Alpha-Isomethyl Ionone, Rosmarinus Officinalis Leaf Oil, Lavandula Oil/Extract,
            Rose Flower Oil/Extract, Jasmine Oil/Extract, Cananga Odorata Oil/Extract,
            Myroxylon Pereirae Oil/Extract
            """;

    @Test
    public void everyNameOfTheNewerListIsAnAllergen() {
        for (String name : NEWER.split(",\\s*")) {
            LabelReading reading = LabelReader.read("Aqua, Glycerin, " + name.strip());
            assertEquals(reading.unknown(), List.of(), name);
            assertEquals(reading.allergens().size(), 1, name + ": " + reading.allergens());
        }
    }

    @Test
    public void theDictionaryIsLargeAndEveryRowSaysSomething() {
        List<Ingredient> all = IngredientDictionary.shipped().all();
        assertTrue(all.size() >= 1200, "names: " + all.size());
        for (Ingredient ingredient : all) {
            assertFalse(ingredient.families().isEmpty(), ingredient.name());
            assertFalse(ingredient.note().isBlank(), ingredient.name());
            assertEquals(IngredientDictionary.shipped().find(ingredient.name()).orElseThrow(), ingredient);
        }
    }

    @DataProvider
    Object[][] caps() {
        // Regulation (EC) 1223/2009 Annex V, entries 29 (phenoxyethanol), 12 (parabens), 4 (sorbic acid), 34 (benzyl
        // alcohol), 33 (DMDM hydantoin), 50 (chlorphenesin), from memory.
        return new Object[][] {
            {"Phenoxyethanol", 1.0},
            {"Methylparaben", .4},
            {"Potassium Sorbate", .6},
            {"Benzyl Alcohol", 1.0},
            {"DMDM Hydantoin", .6},
            {"Chlorphenesin", .3},
        };
    }

    @Test(dataProvider = "caps")
    public void legalCapsMarkWhereTracesBegin(String name, double percent) {
        assertEquals(IngredientDictionary.shipped().find(name).orElseThrow().capPercent(), percent);
        assertEquals(LabelReader.read("Aqua, Glycerin, " + name + ", Panthenol").onePercentAfter(), (Integer) 2);
    }

    @Test
    public void slipsAreOfferedNotTaken() {
        Entry entry = LabelReader.read("Aqua, Cetaryl Alcohol").ingredients().get(1);
        assertTrue(entry.closest().contains("Cetearyl Alcohol"), entry.toString());
        assertFalse(entry.isKnown());
        assertEquals(Slips.between("abcd", "abdc", 2), 1, "two letters swapped are one slip");
        assertEquals(Slips.between("glycerin", "panthenol", 2), 3);
        assertEquals(Slips.nearest("aply", List.of("COIL", "APPLY", "PLOP"), 2), "APPLY");
        assertEquals(Slips.nearest("sing", List.of("COIL", "APPLY", "PLOP"), 2), null);
    }

    @Test
    public void separatorsAndCaseDoNotMatter() {
        Random random = new Random(71);
        List<String> names = IngredientDictionary.shipped().all().stream()
                .map(Ingredient::name)
                .filter(name -> !name.contains(",") && !name.contains("/") && !name.contains("("))
                .toList();
        String[] marks = {", ", ",", "; ", " • ", "\n", " | ", "、", " · "};
        for (int i = 0; i < 400; i++) {
            List<String> label = new ArrayList<>();
            int n = 2 + random.nextInt(14);
            for (int k = 0; k < n; k++) {
                label.add(names.get(random.nextInt(names.size())));
            }
            LabelReading plain = LabelReader.read(String.join(", ", label));
            String mark = marks[random.nextInt(marks.length)];
            String other = label.stream()
                    .map(name -> random.nextBoolean() ? name.toUpperCase(Locale.ROOT) : name.toLowerCase(Locale.ROOT))
                    .collect(Collectors.joining(mark));
            assertEquals(meaning(LabelReader.read(other)), meaning(plain), other);
        }
    }

    /** All but how it was written. */
    private static String meaning(LabelReading reading) {
        return reading.ingredients().stream()
                        .map(e -> e.position() + e.name() + e.families())
                        .toList()
                + reading.traits().toString()
                + reading.onePercentAfter()
                + reading.allergens()
                + reading.breaks();
    }

    @Test
    public void anyTextGetsAReading() {
        Random random = new Random(72);
        String alphabet = "aAlyceri0159 ,,;()[]{}/\\*†%.:-\n\t\u00AD±+&|•·，'\"<>éßΩ漢\u0000\uD83D";
        for (int i = 0; i < 2000; i++) {
            StringBuilder text = new StringBuilder();
            int n = random.nextInt(300);
            for (int k = 0; k < n; k++) {
                text.append(
                        random.nextInt(12) == 0
                                ? "Glycerin, Aqua/Water (Parfum"
                                : String.valueOf(alphabet.charAt(random.nextInt(alphabet.length()))));
            }
            LabelReading reading = LabelReader.read(text.toString(), IngredientDictionary.shipped());
            int position = 1;
            for (Entry entry : reading.ingredients()) {
                assertEquals(entry.position(), position++);
            }
        }
    }

    @Test
    public void theProposalRisesWithWhatIsOnTheLabel() {
        LabelReading firm = LabelReader.read("Aqua, PVP, VP/VA Copolymer, Glycerin, Phenoxyethanol", Role.GEL);
        LabelReading soft = LabelReader.read("Aqua, Glycerin, Xanthan Gum, Phenoxyethanol", Role.GEL);
        assertTrue(firm.proposed().hold() > soft.proposed().hold() + 1, firm.proposed() + " " + soft.proposed());
        LabelReading butter = LabelReader.read("Butyrospermum Parkii Butter, Aqua, Cocos Nucifera Oil", Role.CREAM);
        LabelReading milk = LabelReader.read("Aqua, Glycerin, Cetyl Alcohol", Role.LEAVE_IN);
        assertTrue(
                butter.proposed().richness() > milk.proposed().richness() + 2,
                butter.proposed().toString());
        assertFalse(butter.proposed().evidence().isEmpty());
        assertNull(LabelReader.read("Aqua").proposed());
    }

    @Test
    public void aBrokenDictionaryLineIsNamed() {
        IllegalArgumentException thrown = org.testng.Assert.expectThrows(
                IllegalArgumentException.class,
                () -> IngredientDictionary.parse("name;also;families;capPercent;source;note\nAqua;;WATER"));
        assertEquals(thrown.getMessage(), "Line 2 must have 6 columns, but has 3: Aqua;;WATER");
    }
}
