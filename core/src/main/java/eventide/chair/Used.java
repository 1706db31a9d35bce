package eventide.chair;

import eventide.product.Product;

/**
 * One product's part of what a step really took: what stock, cost and record are reckoned from.
 *
 * @param step index in the routine
 * @param ml foam for a mousse
 * @param grams which are ml of liquid in its bottle
 */
public record Used(int step, Product product, double ml, double grams, double costCents) {}
