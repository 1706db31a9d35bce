package eventide.product;

import eventide.shape.Said;

/** What an ingredient is to hair. */
public enum Family implements Said {
    WATER("water"),
    PROTEIN("protein"),
    AMINO_ACID("amino acid"),
    HUMECTANT("humectant"),
    FILM_FORMER("film former"),
    THICKENER("thickener"),
    OIL("oil"),
    BUTTER("butter"),
    WAX("wax"),
    MINERAL_OIL("mineral oil"),
    SILICONE("silicone that stays"),
    SILICONE_VOLATILE("silicone that leaves"),
    SILICONE_SOLUBLE("soluble silicone"),
    SULFATE("sulfate"),
    STRONG_SURFACTANT("strong surfactant"),
    MILD_SURFACTANT("mild surfactant"),
    DRYING_ALCOHOL("drying alcohol"),
    FATTY_ALCOHOL("fatty alcohol"),
    PARABEN("paraben"),
    PRESERVATIVE("preservative"),
    CONDITIONER("conditioner"),
    EMULSIFIER("emulsifier"),
    CHELATOR("chelator"),
    PH("acidity"),
    FRAGRANCE("fragrance"),
    ALLERGEN("named allergen"),
    ALLERGEN_2023("newer allergen"),
    VITAMIN("vitamin"),
    UV_FILTER("sun filter"),
    PROPELLANT("propellant"),
    COLOURANT("colour"),
    EXTRACT("extract"),
    OTHER("other");

    private final String label;

    Family(String label) {
        this.label = label;
    }

    @Override
    public String label() {
        return label;
    }
}
