package eventide.server.demo;

import eventide.product.DoseUnit;
import eventide.product.Product;
import eventide.product.Role;
import eventide.product.Texture;
import java.util.List;

/** The salon's shelf at Merrow Quay. Every product is invented. */
final class DemoShelf {
    private DemoShelf() {}

    static List<Product> products() {
        return List.of(
                styler("Skerry light leave-in", Role.LEAVE_IN, 0, 2, 45, 98, "pump", 1.0, 1400, 200, 140, "Aqua, Glycerin, Behentrimonium Chloride, Cetyl Alcohol, Panthenol, Parfum"),
                styler("Harbour milk leave-in", Role.LEAVE_IN, 1, 5, 50, 100, "pump", 1.2, 1600, 250, 190, "Aqua, Cetearyl Alcohol, Cocos Nucifera Oil, Behentrimonium Methosulfate, Glycerin, Parfum"),
                styler("Driftwood slip primer", Role.PRIMER, 0, 1, 50, 100, "pump", 1.0, 1250, 200, 200, "Aqua, Propanediol, Althaea Officinalis Root Extract, Phenoxyethanol"),
                styler("Oxbow curl cream", Role.CREAM, 2, 6, 50, 95, "pump", 1.5, 1900, 250, 220, "Aqua, Cetearyl Alcohol, Butyrospermum Parkii Butter, Glycerin, Behentrimonium Methosulfate, Parfum"),
                styler("Keel whipped butter", Role.CREAM, 1, 9, 45, 92, "walnut", 5.0, 2200, 250, 180, "Butyrospermum Parkii Butter, Aqua, Ricinus Communis Seed Oil, Cera Alba, Parfum"),
                styler("Sandbar light gel", Role.GEL, 4, 1, 60, 96, "pea", 0.3, 1100, 250, 230, "Aqua, Linum Usitatissimum Seed Extract, Glycerin, Phenoxyethanol"),
                styler("Fathom firm gel", Role.GEL, 8, 2, 65, 98, "pea", 0.3, 1500, 300, 260, "Aqua, VP/VA Copolymer, Polyquaternium-11, Glycerin, Panthenol, Phenoxyethanol"),
                styler("Kelp jelly", Role.GEL, 6, 3, 55, 85, "coin", 2.0, 1700, 300, 210, "Aqua, Linum Usitatissimum Seed Extract, Aloe Barbadensis Leaf Juice, Polyquaternium-10, Glycerin"),
                styler("Lee shore gel-cream", Role.GEL, 6, 5, 60, 95, "pump", 1.2, 1850, 250, 240, "Aqua, Cetearyl Alcohol, VP/VA Copolymer, Behentrimonium Chloride, Glycerin"),
                styler("Spindrift foam", Role.MOUSSE, 4, 1, 35, 78, "pump", 16.0, 1550, 220, 180, "Aqua, Polyquaternium-11, Decyl Glucoside, Panthenol"),
                styler("Lantern finishing oil", Role.OIL, 0, 7, 0, 100, "drop", 0.05, 2400, 50, 40, "Simmondsia Chinensis Seed Oil, Prunus Amygdalus Dulcis Oil, Tocopherol"),
                styler("Groyne heat mist", Role.HEAT_PROTECTANT, 1, 1, 0, 100, "spritz", 0.15, 1350, 200, 150, "Aqua, PEG-12 Dimethicone, Hydrolyzed Wheat Protein, Panthenol"),
                styler("Gull cleanser", Role.CLEANSER, 0, 2, 0, 100, "walnut", 5.0, 1200, 500, 380, "Aqua, Coco-Glucoside, Cocamidopropyl Betaine, Glycerin"),
                styler("Slack water clarifier", Role.CLARIFIER, 0, 0, 0, 100, "walnut", 5.0, 1300, 300, 250, "Aqua, Sodium C14-16 Olefin Sulfonate, Disodium EDTA"),
                styler("Mooring conditioner", Role.CONDITIONER, 0, 4, 0, 100, "walnut", 5.0, 1250, 500, 300, "Aqua, Cetearyl Alcohol, Behentrimonium Chloride, Glycerin"));
    }

    private static Product styler(
            String name, Role role, double hold, double richness, double low, double high, String unit, double unitMl,
            double cents, double size, double stock, String label) {
        return new Product(
                null, name, role, hold, richness, low, high, label, new DoseUnit(unit, unitMl), cents, size, stock,
                hold >= 8 ? Texture.THICK : Texture.MEDIUM, null, null);
    }
}
