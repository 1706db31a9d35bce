package eventide.planner;

import eventide.product.Product;
import eventide.shape.Maybe;
import java.util.List;

/**
 * The answer to what to do.
 *
 * @param suggestions at most 3, best first
 * @param considered routines that were built and judged
 * @param refused products left out before the search, and why
 * @param nothing where the list is empty, why
 * @param unfinished how far it came where there was no time for all of it
 */
public record Suggestions(
        List<Suggestion> suggestions,
        int considered,
        List<Refused> refused,
        @Maybe String nothing,
        @Maybe String unfinished) {
    /** A product that may not be used on this head. */
    public record Refused(Product product, String because) {}
}
