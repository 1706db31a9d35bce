package eventide.planner.compare;

import eventide.air.Air;
import eventide.check.Checker;
import eventide.check.Finding;
import eventide.check.Severity;
import eventide.hair.Hair;
import eventide.planner.BeyondLimits;
import eventide.planner.Query;
import eventide.planner.Stop;
import eventide.planner.compose.ShelfFilter;
import eventide.product.Product;
import eventide.routine.Goal;
import eventide.routine.Limits;
import eventide.routine.Routine;
import eventide.routine.Schools;
import eventide.routine.Step;
import eventide.routine.StepPlace;
import eventide.shape.Frozen;
import eventide.shape.Maybe;
import eventide.shape.Shape;
import eventide.wash.Correction;
import eventide.wash.Wash;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;

/**
 * A routine made for one head fitted to another: amounts anew, what may not be used here replaced or left out, and every
 * warning mended that has a mend.
 *
 * @param changes each with its reason, in the order they were made
 * @param unfinished how far it came where there was no time to mend all
 * @param beyond what it still asks for beyond the limits here, in words; empty where it keeps them
 */
public record Refit(Routine routine, List<Fitted> changes, @Maybe String unfinished, List<String> beyond) {
    public Refit(Routine routine, List<Fitted> changes) {
        this(routine, changes, null, List.of());
    }

    /**
     * One change, and why this head asks for it.
     *
     * @param what was done to the routine, in words
     * @param why what of the head, the shelf, the tools or the limits asked for it
     */
    public record Fitted(String what, String why) {}

    /**
     * A routine kept from elsewhere, and the head it is to fit.
     *
     * @param routine as it was for another head
     * @param shelf what may be used instead here
     */
    public record Fitting(
            Hair hair,
            Goal goal,
            Air air,
            @Maybe Schools schools,
            @Maybe Limits limits,
            List<Product> shelf,
            Routine routine,
            @Maybe Correction learned) {
        /** By the book. */
        public Fitting(
                Hair hair, Goal goal, Air air, Schools schools, Limits limits, List<Product> shelf, Routine routine) {
            this(hair, goal, air, schools, limits, shelf, routine, null);
        }

        public Fitting {
            Shape.check(Fitting.class, hair, goal, air, schools, limits, shelf, routine, learned);
            shelf = Frozen.list(shelf);
        }
    }

    /** Mends are applied one after another, each checked anew; far more than any routine needs. */
    private static final int MOST_MENDS = 40;

    /**
     * Brings a routine within the limits, tools, shelf and schools of another day, and says each thing it changed and what it could not.
     */
    public static Refit of(Fitting asked) {
        return of(asked, Stop.NEVER);
    }

    /** Mended as far as there was time. */
    public static Refit of(Fitting asked, Stop stop) {
        List<Fitted> changes = new ArrayList<>();
        Routine here = onTheShelf(asked, allowed(asked, amountsAnew(asked.routine(), changes), changes), changes);
        Routine routine = new ToolsHere(asked.limits(), changes).fitted(here);
        Wash wash = Wash.of(routine, asked.hair(), asked.goal(), asked.air(), asked.schools(), asked.limits())
                .taught(asked.learned() == null ? Correction.NONE : asked.learned());
        for (int i = 0; i < MOST_MENDS && !stop.isDue(); i++) {
            Optional<Finding> loud = Checker.check(wash).stream()
                    .filter(f -> f.severity() != Severity.NOTE && f.mend() != null)
                    .findFirst();
            if (loud.isEmpty()) {
                break;
            }
            changes.add(new Fitted(
                    loud.get().mend().label(),
                    loud.get().message() + " " + loud.get().why()));
            wash = wash.with(loud.get().mend().routine());
        }
        String unfinished =
                stop.isDue() ? "There was not time to mend all of it: what is left stands beside the steps." : null;
        // A mend may put on what stands nowhere here.
        Routine mended = onTheShelf(asked, wash.routine(), changes);
        wash = new MinutesHere(changes).fitted(mended.equals(wash.routine()) ? wash : wash.with(mended));
        return new Refit(wash.routine(), List.copyOf(changes), unfinished, BeyondLimits.of(wash));
    }

    /** A bottle that does not stand here gives way to the likest of its role that does, or to nothing. */
    private static Routine onTheShelf(Fitting asked, Routine routine, List<Fitted> changes) {
        if (asked.shelf().isEmpty()) {
            return routine;
        }
        return givingWay(
                asked,
                routine,
                product ->
                        asked.shelf().stream().anyMatch(other -> isSame(product, other)) ? null : "does not stand here",
                changes);
    }

    private static boolean isSame(Product one, Product other) {
        return one.id() != null && one.id().equals(other.id())
                || one.role() == other.role() && one.name().equals(other.name());
    }

    /** Amounts were for another head: they are advised anew. */
    private static Routine amountsAnew(Routine routine, List<Fitted> changes) {
        boolean given = false;
        Routine fitted = routine;
        for (StepPlace place : routine.places()) {
            Step step = routine.at(place);
            if (step.amountMl() != null) {
                given = true;
                fitted = fitted.replacing(place, step.but().amountMl(null).build());
            }
        }
        if (given) {
            changes.add(
                    new Fitted("Amounts anew", "They were measured for another head: these follow from this hair."));
        }
        return fitted;
    }

    /** What may not be used on this head gives way to the likest of its role that may, or to nothing. */
    private static Routine allowed(Fitting asked, Routine routine, List<Fitted> changes) {
        List<Product> worn = routine.places().stream()
                .map(place -> routine.at(place).product())
                .filter(product -> product != null)
                .distinct()
                .toList();
        Query query = new Query(asked.hair(), asked.goal(), asked.air(), asked.schools(), asked.limits(), worn);
        Map<String, String> refused = new HashMap<>();
        new ShelfFilter(query, true)
                .refused()
                .forEach(r -> refused.put(r.product().name(), r.because()));
        return givingWay(asked, routine, product -> refused.get(product.name()), changes);
    }

    /**
     * With the likest of its role in the place of each product that has to go, or without it. What a client may perhaps react to is
     * taken only where nothing else of its role stands here.
     *
     * @param because why a product has to go, null where it may stay
     */
    private static Routine givingWay(
            Fitting asked, Routine routine, Function<Product, String> because, List<Fitted> changes) {
        Query shelf =
                new Query(asked.hair(), asked.goal(), asked.air(), asked.schools(), asked.limits(), asked.shelf());
        List<Product> here = new ShelfFilter(shelf).allowed();
        List<Product> perhaps = new ShelfFilter(shelf, true).allowed();
        Routine fitted = routine;
        List<StepPlace> places = new ArrayList<>(routine.places());
        places.sort(Comparator.reverseOrder()); // from the end, so that what is left out moves nothing still to come
        for (StepPlace place : places) {
            Product product = fitted.at(place).product();
            String goes = product == null ? null : because.apply(product);
            if (goes == null) {
                continue;
            }
            Product sure = likest(product, here);
            Product instead = sure == null ? likest(product, perhaps) : sure;
            String why = product.name() + " " + goes + ".";
            if (instead == null) {
                fitted = fitted.without(place);
                changes.add(new Fitted("Without " + product.name(), why));
            } else {
                fitted = fitted.replacing(
                        place, fitted.at(place).but().product(instead).build());
                changes.add(new Fitted(instead.name() + " instead of " + product.name(), why));
            }
        }
        return fitted;
    }

    /** Of the same role the nearest in hold and richness, null for none. */
    private static Product likest(Product product, List<Product> allowed) {
        return allowed.stream()
                .filter(other -> other.role() == product.role())
                .min(Comparator.comparingDouble((Product other) -> Math.abs(other.hold() - product.hold())
                                + Math.abs(other.richness() - product.richness()))
                        .thenComparing(Product::name))
                .orElse(null);
    }
}
