package eventide.product;

import eventide.shape.Said;

/** What an ingredient is to hair. */
public enum Family implements Said {
    WATER("water"),
    PROTEIN("protein", "Pr"),
    AMINO_ACID("amino acid", "Aa"),
    HUMECTANT("humectant", "Hu"),
    FILM_FORMER("film former", "Ff"),
    THICKENER("thickener", "Th"),
    OIL("oil", "Oi"),
    BUTTER("butter", "Bu"),
    WAX("wax", "Wx"),
    MINERAL_OIL("mineral oil", "Mi"),
    SILICONE("silicone that stays", "Si"),
    SILICONE_VOLATILE("silicone that leaves", "Sv"),
    SILICONE_SOLUBLE("soluble silicone", "So"),
    SULFATE("sulfate", "Su"),
    STRONG_SURFACTANT("strong surfactant", "St"),
    MILD_SURFACTANT("mild surfactant", "Ms"),
    DRYING_ALCOHOL("drying alcohol", "Da"),
    FATTY_ALCOHOL("fatty alcohol", "Fa"),
    PARABEN("paraben", "Pb"),
    PRESERVATIVE("preservative", "Pv"),
    CONDITIONER("conditioner", "Co"),
    EMULSIFIER("emulsifier"),
    CHELATOR("chelator"),
    PH("acidity"),
    FRAGRANCE("fragrance", "Fr"),
    ALLERGEN("named allergen", "Al"),
    ALLERGEN_2023("newer allergen", "An"),
    VITAMIN("vitamin"),
    UV_FILTER("sun filter", "Uv"),
    PROPELLANT("propellant", "Pp"),
    COLOURANT("colour"),
    EXTRACT("extract"),
    OTHER("other");

    private final String label;

    private final String mark;

    /** One that says nothing at the chair. */
    Family(String label) {
        this(label, null);
    }

    /** @param mark two letters it is marked with on a label that is read */
    Family(String label, String mark) {
        this.label = label;
        this.mark = mark;
    }

    /** Two letters to stand beside an ingredient; null for a family that says nothing at the chair. */
    public String mark() {
        return mark;
    }

    @Override
    public String label() {
        return label;
    }
}
