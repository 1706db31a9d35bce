package eventide.practice;

import eventide.hair.Zone;
import eventide.practice.Slip.Hint;
import eventide.product.Product;
import eventide.product.Role;
import eventide.routine.Action;
import eventide.routine.BrushDirection;
import eventide.routine.DetangleFrom;
import eventide.routine.Half;
import eventide.routine.Heat;
import eventide.routine.Position;
import eventide.routine.Routine;
import eventide.routine.Step;
import eventide.routine.StepPlace;
import eventide.routine.Technique;
import eventide.routine.Tool;
import eventide.shape.Changed;
import eventide.shape.InvalidException;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import java.util.function.Supplier;
import java.util.stream.Stream;

/**
 * The slips that real hands make in a routine, one at a time [CP]: a step forgotten, two changed about, a figure misread, the wrong tool or
 * end, a stroke too many, the wrong bottle. Which rule a slip breaks, if any, is not known here: the rules say.
 */
final class Slips {
    /** A hand that does not count: times as much, and as little, as should be [OURS]. */
    private static final double TOO_MUCH = 3;

    /** Times what was meant, poured by a hand in a hurry [OURS]. */
    private static final double TOO_LITTLE = .25;
    /** Percent of water by which a look deceives [OURS]. */
    private static final double MISJUDGED = 25;
    /** Left while something else was done, minutes [OURS]. */
    private static final double FORGOTTEN_MINUTES = 20;

    /** Poured without looking: hardly any, and far too much, ml [OURS]. */
    private static final double[] MISPOURED_ML = {2, 60};
    /** Where an impatient hand puts the dryer down, percent dry [OURS]. */
    private static final double[] STOPPED_DRY = {60, 80, 90};
    /** Scrunches of hands that have stopped counting [OURS]. */
    private static final int CARRIED_AWAY = 30;

    /** Pieces nobody parts a head beyond [OURS]. */
    private static final int MOST_SECTIONS = 24;

    /** What a bottle nobody looked at still holds, ml [OURS]. */
    private static final double NEARLY_EMPTY_ML = 1;
    /** What the label of another bottle may name that somebody avoids. */
    private static final List<String> ON_A_LABEL =
            List.of("Dimethicone", "Paraffinum Liquidum", "Sodium Lauryl Sulfate", "Alcohol Denat.");

    private final Routine routine;
    private final List<Slip> all = new ArrayList<>();

    private Slips(Routine routine) {
        this.routine = routine;
    }

    /**
     * All that may be made of a routine, in the order of its steps.
     *
     * @param reactsTo what the client said, in words: it may stand on another bottle's label
     */
    static List<Slip> of(Routine routine, List<String> reactsTo) {
        Slips slips = new Slips(routine);
        for (int i = 0; i < routine.steps().size(); i++) {
            slips.around(i);
        }
        for (StepPlace place : routine.places()) {
            slips.within(place);
            slips.bottles(place, reactsTo);
        }
        return slips.all;
    }

    private int last() {
        return routine.steps().size() - 1;
    }

    /** A step left out, done too late or done twice. */
    private void around(int i) {
        if (last() > 0) {
            add(() -> new Slip(routine.without(i), Math.min(i, last() - 1), Hint.LEFT_OUT));
        }
        for (int to = i + 1; to <= Math.min(last(), i + FARTHEST); to++) {
            int target = to;
            Step moved = routine.steps().get(i);
            add(() -> new Slip(routine.without(i).inserting(target, moved), target, Hint.SWAPPED));
        }
        if (isOil(routine.steps().get(i))) {
            for (int to = 0; to < i; to++) {
                int target = to;
                add(() -> new Slip(routine.without(i).inserting(target, oiled(i)), target, Hint.SWAPPED));
            }
        }
        notAlike(i);
        for (Step extra : EXTRA) {
            add(() -> new Slip(routine.inserting(i, extra), i, Hint.ADDED));
            if (i == last()) {
                add(() -> new Slip(routine.inserting(i + 1, extra), i + 1, Hint.ADDED));
            }
        }
    }

    /** The other half put on by somebody else, in another way and on other sections. */
    private void notAlike(int i) {
        Step whole = routine.steps().get(i);
        boolean isHandled = whole.action() == Action.APPLY && whole.technique() != Technique.SPRAY;
        if (!isHandled || whole.half() != null || whole.product() == null) {
            return;
        }
        Double each = whole.amountMl() == null ? null : whole.amountMl() / 2;
        Step left = whole.but().half(Half.LEFT).amountMl(each).build();
        Step right = whole.but()
                .half(Half.RIGHT)
                .amountMl(each)
                .technique(whole.technique() == Technique.SMOOTH ? Technique.PRAYING_HANDS : Technique.SMOOTH)
                .sections(whole.sectionsOrOne() > 2 ? 2 : 4)
                .build();
        add(() -> new Slip(routine.replacing(i, left).inserting(i + 1, right), i, Hint.HALVES));
    }

    private static boolean isOil(Step step) {
        return step.product() != null && step.product().role() == Role.OIL;
    }

    /** Drops are put on wherever the hand thinks of them. */
    private Step oiled(int i) {
        return Step.of(Action.APPLY)
                .product(routine.steps().get(i).product())
                .technique(Technique.DROPS)
                .build();
    }

    /** A step is done so many too late at most. */
    private static final int FARTHEST = 4;

    private static final List<Step> EXTRA = List.of(
            Step.of(Action.WAIT).minutes(FORGOTTEN_MINUTES).build(),
            Step.of(Action.SQUEEZE).tool(Tool.ROUGH_TOWEL).build(),
            Step.of(Action.FLUFF).build(),
            Step.of(Action.SCRUNCH).count(8).build(),
            Step.of(Action.DETANGLE).tool(Tool.COMB).from(DetangleFrom.ROOTS).build(),
            Step.of(Action.DETANGLE).tool(Tool.COMB).from(DetangleFrom.ENDS).build(),
            Step.of(Action.SET_PART).build(),
            Step.of(Action.BREAK_CAST).build(),
            Step.of(Action.CLARIFY).build(),
            Step.of(Action.PROTEIN).minutes(FORGOTTEN_MINUTES).build(),
            Step.of(Action.REWET).toWetness(95.0).build(),
            Step.of(Action.SCRUNCH)
                    .count(4)
                    .position(List.of(Position.UPSIDE_DOWN))
                    .build());

    /** A figure of the step taken wrong: amount, minutes, water, count. */
    private void within(StepPlace place) {
        Step step = routine.at(place);
        times(place, step.amountMl(), (value) -> step.but().amountMl(value).build(), TOO_MUCH, TOO_LITTLE);
        if (step.amountMl() == null && step.product() != null && step.action() == Action.APPLY) {
            for (double ml : MISPOURED_ML) {
                figure(place, () -> step.but().amountMl(ml).build());
            }
        }
        times(place, step.minutes(), (value) -> step.but().minutes(value).build(), TOO_MUCH, TOO_LITTLE);
        if (step.washes()
                && step.minutes() == null
                && step.worn() != null
                && step.worn().contactMinutes() != null) {
            // Rinsed as any other is: nobody looked at the label.
            double soon = step.worn().contactMinutes() * TOO_LITTLE;
            figure(place, () -> step.but().minutes(soon).build());
        }
        if (step.toWetness() != null) {
            for (double by : new double[] {-MISJUDGED, MISJUDGED}) {
                double to = Math.max(0, Math.min(100, step.toWetness() + by));
                figure(place, () -> step.but().toWetness(to).build());
            }
        }
        if (step.untilDry() != null) {
            for (double dry : STOPPED_DRY) {
                figure(place, () -> step.but().untilDry(dry).build());
            }
        }
        if (step.action() == Action.SCRUNCH) {
            figure(place, () -> step.but().count(CARRIED_AWAY).build());
        }
        if (step.sections() != null) {
            figure(place, () -> step.but()
                    .sections(Math.min(MOST_SECTIONS, step.sections() * (int) TOO_MUCH))
                    .build());
        }
        ways(place, step);
    }

    /** The bottle beside it: nearly empty, or with something on its label. */
    private void bottles(StepPlace place, List<String> reactsTo) {
        Product meant = routine.at(place).product();
        if (meant == null) {
            return;
        }
        bottle(place, meant.withStockMl(NEARLY_EMPTY_ML), ", nearly empty");
        for (String named :
                Stream.concat(ON_A_LABEL.stream(), reactsTo.stream()).toList()) {
            String label = (meant.ingredients() == null ? "Aqua" : meant.ingredients()) + ", " + named;
            bottle(place, meant.withIngredients(label), ", the one with " + named);
        }
    }

    private void bottle(StepPlace place, Product other, String calledSo) {
        add(() -> new Slip(
                routine.replacing(
                        place,
                        routine.at(place)
                                .but()
                                .product(Changed.with(other, "name", other.name() + calledSo))
                                .build()),
                place.index(),
                Hint.BOTTLE));
    }

    /** The wrong setting or tool for what it is. */
    private void ways(StepPlace place, Step step) {
        if (step.action().isDryer()) {
            tool(place, () -> step.but().heat(Heat.HOT).build());
            tool(place, () -> step.but().position(List.of(Position.UPRIGHT)).build());
            tool(place, () -> step.but().position(List.of(Position.UPSIDE_DOWN)).build());
        }
        if (step.action() == Action.DETANGLE) {
            tool(place, () -> step.but().from(DetangleFrom.ROOTS).build());
        }
        if (step.action() == Action.BRUSH_STYLE) {
            tool(place, () -> step.but().brushDirection(BrushDirection.DOWN).build());
        }
        if (step.action() == Action.APPLY) {
            tool(place, () -> step.but().technique(Technique.RAKE).build());
            tool(place, () -> step.but()
                    .zones(EnumSet.complementOf(EnumSet.of(Zone.CROWN)))
                    .build());
        }
        if (step.tool() == Tool.TSHIRT || step.tool() == Tool.MICROFIBRE || step.tool() == Tool.TURBAN) {
            tool(place, () -> step.but().tool(Tool.ROUGH_TOWEL).build());
        }
        if (step.action() == Action.EACH_SECTION) {
            Set<Zone> others = EnumSet.complementOf(EnumSet.of(Zone.CROWN));
            tool(place, () -> step.but().zones(others).build());
        }
    }

    private interface Remade {
        Step with(double value);
    }

    /**
     * @param value null where the step does not say one
     * @param times factors of a slip, each tried
     */
    private void times(StepPlace place, Double value, Remade remade, double... times) {
        for (double factor : value == null ? new double[0] : times) {
            figure(place, () -> remade.with(Math.round(value * factor * 10) / 10.0));
        }
    }

    private void figure(StepPlace place, Supplier<Step> step) {
        add(() -> new Slip(routine.replacing(place, step.get()), place.index(), Hint.FIGURE));
    }

    private void tool(StepPlace place, Supplier<Step> step) {
        add(() -> new Slip(routine.replacing(place, step.get()), place.index(), Hint.TOOL));
    }

    /** What cannot be written down at all nobody can do either. */
    private void add(Supplier<Slip> slip) {
        try {
            Slip made = slip.get();
            if (!made.routine().equals(routine)) {
                all.add(made);
            }
        } catch (InvalidException impossible) {
            // a figure out of its range, an inner step where none goes
        }
    }
}
