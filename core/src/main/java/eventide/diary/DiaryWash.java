package eventide.diary;

import eventide.log.Wear;
import eventide.product.Product;
import eventide.product.Role;
import eventide.routine.Action;
import eventide.routine.MixPart;
import eventide.routine.Routine;
import eventide.routine.Step;
import eventide.routine.StepPlace;
import eventide.shape.Frozen;
import eventide.shape.Letters;
import eventide.shape.Maybe;
import eventide.shape.Range;
import eventide.shape.Shape;
import eventide.wash.Lifting;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;

/**
 * A wash that was done, as far as it bears on when things are due.
 *
 * @param lastedDays days it was worn, 0 to 30
 * @param bestDay day on which it looked best, 1 for the wash day itself
 * @param newProducts bottles this head had not had before, by name
 */
public record DiaryWash(
        LocalDate date,
        @Maybe Boolean clarified,
        @Maybe Boolean mask,
        @Maybe Boolean protein,
        @Maybe @Range(from = 0, to = 30, unit = "days") Double lastedDays,
        @Maybe @Range(from = 1, to = 30, unit = "") Integer bestDay,
        @Maybe @Letters(least = 1, most = 200) List<String> newProducts) {
    public DiaryWash {
        Shape.check(DiaryWash.class, date, clarified, mask, protein, lastedDays, bestDay, newProducts);
        newProducts = Frozen.list(newProducts);
    }

    /**
     * @param had bottles this head had before; those of this wash are added
     */
    public static DiaryWash of(LocalDate date, Routine routine, Wear wear, Set<String> had) {
        boolean clarified = false;
        boolean mask = false;
        boolean protein = false;
        List<String> fresh = new ArrayList<>();
        boolean first = had.isEmpty();
        for (StepPlace place : routine.places()) {
            Step step = routine.at(place);
            clarified |= Lifting.clarifies(step);
            mask |= is(step, Action.MASK, Role.MASK);
            protein |= is(step, Action.PROTEIN, Role.PROTEIN);
            for (Product product : products(step)) {
                if (had.add(product.name()) && !first) {
                    fresh.add(product.name());
                }
            }
        }
        return new DiaryWash(
                date, clarified, mask, protein, wear.daysLasted(), wear.best(), fresh.isEmpty() ? null : fresh);
    }

    /**
     * The bottles of a wash to come that a head has not had; none where it has had nothing yet, for then all are new.
     *
     * @param had those it had
     */
    public static List<String> newIn(Routine routine, Set<String> had) {
        return had.isEmpty()
                ? List.of()
                : routine.places().stream()
                        .flatMap(place -> products(routine.at(place)).stream())
                        .map(Product::name)
                        .filter(name -> !had.contains(name))
                        .distinct()
                        .toList();
    }

    private static boolean is(Step step, Action action, Role role) {
        return step.action() == action || products(step).stream().anyMatch(product -> product.role() == role);
    }

    /** What a step puts on: of a mix each part. */
    private static List<Product> products(Step step) {
        if (step.mix() != null) {
            return step.mix().stream().map(MixPart::product).toList();
        }
        return step.product() == null ? List.of() : List.of(step.product());
    }

    /** Whether it is known to have been. */
    boolean wasClarified() {
        return Boolean.TRUE.equals(clarified);
    }

    boolean hadMask() {
        return Boolean.TRUE.equals(mask);
    }

    boolean hadProtein() {
        return Boolean.TRUE.equals(protein);
    }
}
