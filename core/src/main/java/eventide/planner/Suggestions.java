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
 * @param bestOf as {@code considered}, by the name that scripts rely on
 * @param tookMillis how long it took, as far as whoever answers has a clock
 * @param regret where every plan was run: how much worse the usual search's first answer is, in points of worth
 */
public record Suggestions(
        List<Suggestion> suggestions,
        int considered,
        List<Refused> refused,
        @Maybe String nothing,
        @Maybe String unfinished,
        int bestOf,
        @Maybe Double tookMillis,
        @Maybe Double regret) {
    public Suggestions(
            List<Suggestion> suggestions, int considered, List<Refused> refused, String nothing, String unfinished) {
        this(suggestions, considered, refused, nothing, unfinished, considered, null, null);
    }

    /** The same, with the milliseconds it took, by the clock of whoever asked. */
    public Suggestions took(double millis) {
        return new Suggestions(
                suggestions, considered, refused, nothing, unfinished, bestOf, Math.round(millis * 10) / 10.0, regret);
    }

    /** The same, with the points of worth by which the usual search's first answer falls short; null where not asked. */
    public Suggestions regretting(Double points) {
        return new Suggestions(suggestions, considered, refused, nothing, unfinished, bestOf, tookMillis, points);
    }

    /**
     * A product that may not be used on this head.
     *
     * @param because what stands in the way on this head, in words
     */
    public record Refused(Product product, String because) {}
}
