package eventide.learning;

import eventide.product.Product;
import eventide.routine.MixPart;
import eventide.routine.Routine;
import eventide.routine.Step;
import eventide.routine.StepPlace;
import java.util.Map;

/**
 * A routine with its bottles as they are known now. A label that was put right (how much it holds, how rich it is, in what water it works)
 * counts for every wash the bottle was ever in: else the same fault would be taken off twice, by the label and by what was learned.
 */
public final class Relabelled {
    private Relabelled() {}

    /** @param shelf bottles as they are known now, by name */
    public static Routine of(Routine routine, Map<String, Product> shelf) {
        Routine now = routine;
        for (StepPlace place : routine.places()) {
            Step step = now.at(place);
            if (step.product() != null && isOther(step.product(), shelf)) {
                now = now.replacing(
                        place, step.but().product(of(step.product(), shelf)).build());
            } else if (step.mix() != null && step.mix().stream().anyMatch(part -> isOther(part.product(), shelf))) {
                now = now.replacing(
                        place,
                        step.but()
                                .mix(step.mix().stream()
                                        .map(part -> new MixPart(of(part.product(), shelf), part.share()))
                                        .toList())
                                .build());
            }
        }
        return now;
    }

    /** Whether two bottles of a name say otherwise what they do. */
    public static boolean differ(Product one, Product other) {
        return one.role() == other.role() && !read(one, other).equals(one);
    }

    private static boolean isOther(Product then, Map<String, Product> shelf) {
        Product now = shelf.get(then.name());
        return now != null && differ(then, now);
    }

    private static Product of(Product then, Map<String, Product> shelf) {
        return isOther(then, shelf) ? read(then, shelf.get(then.name())) : then;
    }

    /** The bottle as it was, with what the other's label says it does. */
    private static Product read(Product then, Product now) {
        return new Product(
                then.id(),
                then.name(),
                then.role(),
                now.hold(),
                now.richness(),
                now.windowLow(),
                now.windowHigh(),
                then.ingredients(),
                then.doseUnit(),
                then.priceCents(),
                then.sizeMl(),
                then.stockMl(),
                then.texture(),
                then.contactMinutes(),
                then.heatGuard(),
                then.flakesOver());
    }
}
