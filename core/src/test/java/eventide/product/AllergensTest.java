package eventide.product;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import eventide.product.Allergens.Certainty;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Pattern;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** What a client says, held against what a label says. The pairs are our own, from public nomenclature. */
public class AllergensTest {
    /** A word, a name on a label, and whether it stops (S), warns (W) or is something else (-). */
    private static final String PAIRS =
            """
            almond|Prunus Amygdalus Dulcis Oil|S
            almonds|Prunus Dulcis Seed Extract|S
            sweet almond oil|Prunus Amygdalus Dulcis (Sweet Almond) Oil|S
            Mandeln|Prunus Amygdalus Dulcis Oil|S
            Mandelöl|Prunus Amygdalus Dulcis Oil|S
            amandes|Prunus Amygdalus Dulcis Oil|S
            almendra|Prunus Amygdalus Dulcis Oil|S
            apricot|Prunus Armeniaca Kernel Oil|S
            walnut|Juglans Regia Seed Oil|S
            hazelnut|Corylus Avellana Seed Oil|S
            Haselnuss|Corylus Avellana Seed Oil|S
            hazelnut|Hamamelis Virginiana (Witch Hazel) Water|-
            cashew|Anacardium Occidentale Seed Oil|S
            pistachio|Pistacia Vera Seed Oil|S
            brazil nuts|Bertholletia Excelsa Seed Oil|S
            macadamia nut|Macadamia Ternifolia Seed Oil|S
            pecan|Carya Illinoinensis Seed Oil|S
            peanut|Arachis Hypogaea Oil|S
            peanuts|Arachis Hypogaea (Peanut) Oil|S
            Erdnuss|Arachis Hypogaea Oil|S
            cacahuete|Arachis Hypogaea Oil|S
            peanut|Glycine Soja Oil|W
            peanut|Arachidyl Alcohol|W
            tree nuts|Prunus Amygdalus Dulcis Oil|W
            tree nuts|Juglans Regia Shell Powder|S
            nuts|Butyrospermum Parkii Butter|W
            nuts|Hamamelis Virginiana Water|-
            coconut|Cocos Nucifera Oil|S
            coconut oil|Cocos Nucifera (Coconut) Oil|S
            Kokosöl|Cocos Nucifera Oil|S
            noix de coco|Cocos Nucifera Fruit Extract|S
            coconut|Cocamidopropyl Betaine|W
            coconut|Coco-Glucoside|W
            coconut|Sodium Cocoyl Isethionate|W
            coconut|Theobroma Cacao Seed Butter|-
            CAPB|Cocamidopropyl Betaine|S
            cocamidopropyl betaine|Cocamidopropyl Betaine|S
            shea|Butyrospermum Parkii Butter|S
            shea butter|Butyrospermum Parkii (Shea) Butter|S
            karité|Butyrospermum Parkii Butter|S
            cocoa butter|Theobroma Cacao Seed Butter|S
            Kakaobutter|Theobroma Cacao Seed Butter|S
            mango|Mangifera Indica Seed Butter|S
            avocado|Persea Gratissima Oil|S
            aguacate|Persea Gratissima Oil|S
            argan|Argania Spinosa Kernel Oil|S
            jojoba|Simmondsia Chinensis Seed Oil|S
            olive|Olea Europaea Fruit Oil|S
            aceite de oliva|Olea Europaea Fruit Oil|S
            castor|Ricinus Communis Seed Oil|S
            huile de ricin|Ricinus Communis Seed Oil|S
            sesame|Sesamum Indicum Seed Oil|S
            sunflower|Helianthus Annuus Seed Oil|S
            tournesol|Helianthus Annuus Seed Oil|S
            linseed|Linum Usitatissimum Seed Extract|S
            flaxseed|Linum Usitatissimum Seed Extract|S
            rapeseed|Brassica Campestris Seed Oil|S
            wheat|Triticum Vulgare Germ Oil|S
            wheat|Hydrolyzed Wheat Protein|S
            Weizenprotein|Hydrolyzed Wheat Protein|S
            trigo|Triticum Vulgare Protein|S
            wheat|Fagopyrum Esculentum (Buckwheat) Extract|-
            gluten|Hordeum Vulgare Extract|S
            gluten|Avena Sativa Kernel Extract|W
            coeliac|Hydrolyzed Wheat Protein|S
            oats|Avena Sativa Kernel Flour|S
            barley|Hordeum Vulgare Extract|S
            corn|Zea Mays Starch|S
            maize|Zea Mays Starch|S
            corn|Centaurea Cyanus (Cornflower) Water|-
            cornflower|Centaurea Cyanus Flower Water|S
            rice|Hydrolyzed Rice Protein|S
            rice water|Oryza Sativa Starch|S
            soy|Glycine Soja Oil|S
            soya|Hydrolyzed Soy Protein|S
            soy|Lecithin|W
            lupin|Lupinus Albus Seed Extract|S
            pea|Hydrolyzed Pea Protein|S
            milk|Hydrolyzed Milk Protein|S
            dairy|Lactis Proteinum|S
            dairy|Hydrolyzed Casein|S
            milk|Silybum Marianum (Milk Thistle) Extract|-
            milk|Cocos Nucifera (Coconut Milk)|-
            milk thistle|Silybum Marianum Fruit Extract|S
            lait|Caprae Lac|S
            egg|Ovum|S
            eggs|Albumen|S
            fish|Hydrolyzed Collagen|W
            shellfish|Chitosan|S
            seafood|Chitosan|S
            seaweed|Laminaria Digitata Extract|S
            Irish moss|Chondrus Crispus Extract|S
            honey|Mel|S
            miel|Mel Extract|S
            honey|Cera Alba|W
            bees|Propolis|S
            bee products|Cera Alba|S
            bee products|Mel|S
            beeswax|Cera Alba|S
            beeswax|Beeswax|S
            lanolin|Adeps Lanae|S
            wool|Lanolin|S
            wool alcohols|Laneth-10|S
            silk|Hydrolyzed Silk|S
            keratin|Hydrolyzed Keratin|S
            protein|Hydrolyzed Quinoa|S
            protein|Hydrolyzed Wheat Protein|S
            proteins|Hydrolyzed Keratin|S
            parabens|Methylparaben|S
            paraben|Propylparaben|S
            formaldehyde|DMDM Hydantoin|S
            formaldehyde|Quaternium-15|S
            formaldehyde releasers|Diazolidinyl Urea|S
            formaldehyde|2-Bromo-2-Nitropropane-1,3-Diol|S
            MI|Methylisothiazolinone|S
            MCI/MI|Methylchloroisothiazolinone|S
            sulfates|Sodium Laureth Sulfate|S
            sulphates|Sodium Lauryl Sulfate|S
            sulfates|Behentrimonium Methosulfate|-
            SLS|Sodium Lauryl Sulfate|S
            SLS|Sodium Laureth Sulfate|W
            SLES|Sodium Laureth Sulfate|S
            silicones|Dimethicone|S
            silicone|Amodimethicone|S
            mineral oil|Paraffinum Liquidum|S
            petroleum|Petrolatum|S
            alcohol|Alcohol Denat.|S
            alcohol|Cetearyl Alcohol|-
            alcohol|Stearyl Alcohol|-
            fatty alcohols|Cetyl Alcohol|S
            propylene glycol|Propylene Glycol|S
            propylene glycol|Butylene Glycol|W
            fragrance|Parfum|S
            perfume|Fragrance|S
            Duftstoffe|Parfum|S
            fragrance|Linalool|W
            fragrance|Limonene|W
            limonene|Limonene|S
            linalool|Lavandula Angustifolia Oil|W
            essential oils|Lavandula Angustifolia Oil|S
            essential oils|Melaleuca Alternifolia Leaf Oil|S
            essential oils|Helianthus Annuus Seed Oil|-
            lavender|Lavandula Angustifolia Oil|S
            tea tree|Melaleuca Alternifolia Leaf Oil|S
            tea|Melaleuca Alternifolia (Tea Tree) Leaf Oil|-
            tea|TEA-Lauryl Sulfate|-
            green tea|Camellia Sinensis Leaf Extract|S
            peppermint|Mentha Piperita Oil|S
            rosemary|Rosmarinus Officinalis Leaf Extract|S
            Kamille|Chamomilla Recutita Flower Extract|S
            ragweed|Chamomilla Recutita Flower Extract|S
            aloe|Aloe Barbadensis Leaf Juice|S
            hibiscus|Hibiscus Sabdariffa Flower Extract|S
            marshmallow|Althaea Officinalis Root Extract|S
            latex|Musa Sapientum Fruit Extract|W
            colophony|Colophonium|S
            balsam of Peru|Myroxylon Pereirae Resin|S
            vitamin E|Tocopherol|S
            vitamin E|Tocopheryl Acetate|S
            panthenol|Panthenol|S
            urea|Imidazolidinyl Urea|W
            lemon|Citrus Limon Peel Oil|S
            lemon|Cymbopogon Schoenanthus (Lemongrass) Oil|-
            citrus|Citrus Aurantium Dulcis Peel Oil|S
            lime|Tilia Cordata (Lime Blossom) Extract|-
            grapeseed|Vitis Vinifera Seed Oil|S
            cinnamon|Cinnamal|W
            vanilla|Vanillin|S
            nuts|almonds|S
            almonds|nuts|W
            almond|Mandelöl|S
            peanut|almonds|-
            tree nuts|peanuts|S
            apricot|almonds|W
            nuts|May contain: nuts|W
            linalool|fragrances|W
            methylparaben|parabens|S
            dimethicone|silicones|S
            milk|coconut milk|-
            alcohol|fatty alcohols|-
            sulfates|fragrances|-
            BHA|BHA|W
            nuts|May contain traces of nuts|W
            nuts|Traces of nuts|W
            coconut|Traces of nuts, Cocos Nucifera Oil|S
            almond|Free from parabens and with almond oil|S
            Nüsse|Kann Spuren von Nüssen enthalten|W
            noix|Peut contenir des traces de noix|W
            peanuts|May contain: traces of peanut|W
            silicones|silicone-free|-
            gluten free|gluten free|-
            gluten free|wheat|S
            fragrance|free from fragrance|-
            parabens|no parabens|-
            zinc|Zinc Oxide (non-nano)|S
            nuts|contains nuts|S
            silicones|silicone oil|S
            eggs|egg yolk|S
            BHA|Salicylic Acid|S
            """;

    private record Pair(String word, String label, String expected) {
        @Override
        public String toString() {
            return word + " / " + label;
        }
    }

    @DataProvider
    public Object[] pairs() {
        List<Pair> pairs = new ArrayList<>();
        for (String line : PAIRS.strip().split("\n")) {
            String[] cells = line.split("\\|");
            pairs.add(new Pair(cells[0].strip(), cells[1].strip(), cells[2].strip()));
        }
        assertTrue(pairs.size() >= 150, "pairs of our own choosing: " + pairs.size());
        return pairs.toArray();
    }

    /** Where a word is another thing on a label, or says that it is not in it. */
    private static final Pattern OTHERWISE_MEANT = Pattern.compile("bha|(sin|sans) .*|.* free");

    /** A label may speak as people do: whatever they call a thing is the thing there too. */
    @Test
    public void whatAClientCallsItIsFoundWhereALabelCallsItSo() {
        List<String> missed = new ArrayList<>();
        int words = 0;
        for (String word : AllergyTable.shipped().words()) {
            if (OTHERWISE_MEANT.matcher(word).matches()) {
                continue;
            }
            words++;
            // Of two letters an s more makes another word.
            for (String label : word.length() < 3 ? List.of(word) : List.of(word, word + "s")) {
                if (!seen("Aqua, " + label, word).equals("S")) {
                    missed.add(label + " to who reacts to " + word);
                }
            }
        }
        assertTrue(words > 500, "words tried: " + words);
        assertEquals(missed, List.of());
    }

    private static Product labelled(String ingredients) {
        return Product.of("a bottle", Role.GEL, 5, 2, 50, 95).withIngredients(ingredients);
    }

    private static String seen(String ingredients, String... words) {
        return Allergens.on(labelled(ingredients), List.of(words)).stream()
                .findFirst()
                .map(reaction -> reaction.certainty().stops() ? "S" : "W")
                .orElse("-");
    }

    @Test(dataProvider = "pairs")
    public void aWordMeansWhatAnyStylistWouldMean(Pair pair) {
        assertEquals(seen("Aqua, " + pair.label() + ", Phenoxyethanol", pair.word()), pair.expected());
    }

    @DataProvider
    public Object[][] said() {
        return new Object[][] {
            {"allergic to coconut", "Cocos Nucifera Oil"},
            {"coconut (mild)", "Cocos Nucifera Oil"},
            {"severe allergy to almonds", "Prunus Amygdalus Dulcis Oil"},
            {"anything with honey in it", "Mel"},
            {"nuts, wheat", "Hydrolyzed Wheat Protein"},
            {"nuts; shea and lavender", "Butyrospermum Parkii Butter"},
            {"sulfates/parabens", "Methylparaben"},
            {"I react to lanolin!", "Lanolin"},
            {"she gets hives from tea tree oil", "Melaleuca Alternifolia Leaf Oil"},
            {"fruits (mango, avocado)", "Persea Gratissima Oil"},
            {"COCONUT", "Cocos Nucifera Oil"},
            {"allergisch gegen Weizen", "Triticum Vulgare Germ Oil"},
            {"alergia a la almendra", "Prunus Amygdalus Dulcis Oil"},
            {"Cocos Nucifera Oil", "Cocos Nucifera Fruit Extract"},
            {"triticum", "Hydrolyzed Wheat Protein"},
            {"Sodium Benzoate", "Sodium Benzoate"},
            {"phenoxyethanol", "Phenoxyethanol"},
        };
    }

    @Test(dataProvider = "said")
    public void itIsFoundHoweverItIsSaid(String said, String label) {
        assertEquals(seen("Aqua, " + label, said), "S");
    }

    @Test
    public void possiblyThereAndNoLabelWarn() {
        assertEquals(seen("Aqua, Glycerin. May contain: Prunus Amygdalus Dulcis Oil", "almond"), "W");
        Product bare = Product.of("a bottle", Role.GEL, 5, 2, 50, 95);
        assertEquals(Allergens.on(bare, List.of("almond")).get(0).certainty(), Certainty.NO_LABEL);
        assertTrue(Allergens.on(bare, List.of()).isEmpty());
    }

    @Test
    public void aSlipIsOfferedAndNeverTaken() {
        AllergyReading reading = Allergens.read(List.of("almnd"));
        assertTrue(reading.understood().isEmpty());
        assertEquals(reading.unknown(), List.of("almnd"));
        assertTrue(
                reading.meant().get(0).closest().contains("almond"),
                reading.meant().toString());
        assertEquals(seen("Aqua, Prunus Amygdalus Dulcis Oil", "almnd"), "-");
    }

    @Test
    public void aWordNobodyKnowsStopsWhereItStandsLetterForLetter() {
        assertEquals(seen("Aqua, Zzyzx Extract", "zzyzx"), "S");
        assertEquals(Allergens.read(List.of("zzyzx")).unknown(), List.of("zzyzx"));
    }

    @Test
    public void whatIsTakenToBeMeantIsShownWithItsNames() {
        AllergyReading.Understood almonds =
                Allergens.read(List.of("almonds")).understood().get(0);
        assertTrue(almonds.stops().contains("Prunus Amygdalus Dulcis Oil"), almonds.toString());
        assertTrue(almonds.warns().contains("Prunus Armeniaca Kernel Oil"), almonds.toString());
        assertEquals(
                Allergens.read(List.of("nuts, wheat and xylo")).understood().size(), 2);
        assertEquals(Allergens.read(List.of("nuts, wheat and xylo")).unknown(), List.of("xylo"));
    }

    @Test
    public void theTableIsLargeAndEveryWordInItIsUnderstood() {
        assertTrue(
                AllergyTable.shipped().size() >= 1000,
                "everyday words: " + AllergyTable.shipped().size());
        for (String word : AllergyTable.shipped().words()) {
            assertEquals(Allergens.unknown(List.of(word)), List.of(), word);
        }
    }
}
