package eventide.check;

import eventide.product.Product;
import eventide.product.Role;

/** Stand-ins that a mend may bring in where the routine itself has nothing: named by what they are, to be chosen by hand. */
final class Generic {
    static final Product LEAVE_IN = Product.of("a light leave-in", Role.LEAVE_IN, 0, 3, 0, 100);
    static final Product GEL = Product.of("a gel", Role.GEL, 5, 2, 40, 100);
    static final Product FILM =
            Product.of("a gel that forms a film", Role.GEL, 5, 1, 40, 100).withIngredients("Aqua, VP/VA Copolymer");
    static final Product GUARD = Product.of("a heat protectant", Role.HEAT_PROTECTANT, 0, 0, 0, 100);
    static final Product CLARIFIER = Product.of("a clarifier", Role.CLARIFIER, 0, 0, 0, 100);
    static final Product CONDITIONER = Product.of("a conditioner", Role.CONDITIONER, 0, 4, 0, 100);
    static final Product PROTEIN = Product.of("a protein treatment", Role.PROTEIN, 0, 2, 0, 100);

    private Generic() {}
}
