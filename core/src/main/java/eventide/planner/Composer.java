package eventide.planner;

import eventide.hair.Density;
import eventide.hair.Pattern;
import eventide.hair.Zone;
import eventide.product.Product;
import eventide.product.Role;
import eventide.routine.Action;
import eventide.routine.BrushDirection;
import eventide.routine.Routine;
import eventide.routine.Schools;
import eventide.routine.Step;
import eventide.routine.StepBuilder;
import eventide.routine.Technique;
import eventide.routine.Tool;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;

/** Writes a choice out as a routine, in the trade's order of work. */
final class Composer {
    /** Brushing and coiling want hair wetter than about 65 % [CP]; a little over, for it goes on drying. */
    private static final double SLIPPERY = 72;
    /** Before each section, minutes [OURS]. */
    static final double MIST_MINUTES = .25;
    /** Where a school wants the hair at the gel, percent: soaking, or damp [CP]. */
    private static final double SOAKING = 82;

    private static final double DAMP = 50;

    private final Query query;
    private final Preparation preparation;
    private final DryAndFinish drying;
    private final Preparation.Care care;
    private final Pattern pattern;

    Composer(Query query, List<Product> shelf, Preparation.Care care) {
        this.query = query;
        Bottles bottles = new Bottles(query, shelf);
        this.preparation = new Preparation(query, bottles);
        this.drying = new DryAndFinish(query, bottles);
        this.care = care;
        this.pattern = query.hair().pattern();
    }

    Routine compose(Choice choice) {
        List<Step> steps = new ArrayList<>(preparation.steps(care));
        style(choice, steps);
        drying.dry(choice, steps);
        if (choice.drying().ends()) {
            drying.finish(choice, steps);
        }
        return Routine.of(steps);
    }

    private void style(Choice choice, List<Step> steps) {
        int sections = sections(choice);
        List<Product> layers = new ArrayList<>();
        addIf(layers, drying.oil(Schools.OilPlace.BASE));
        addIf(layers, choice.leaveIn());
        addIf(layers, choice.cream());
        for (Product layer : layers) {
            meet(layer, steps);
            Technique technique = layer == choice.leaveIn() ? Technique.RAKE : Technique.PRAYING_HANDS;
            steps.add(Step.of(Action.APPLY)
                    .product(layer)
                    .technique(technique)
                    .sections(sections)
                    .build());
        }
        Product hold = choice.gel() != null ? choice.gel() : choice.mousse();
        boolean free = query.schoolsOrDefault().roots() == Schools.RootProduct.FREE;
        boolean both = choice.gel() != null && choice.mousse() != null;
        boolean under = query.schoolsOrDefault().mousse() == Schools.MoussePlace.UNDER;
        if (both && under) {
            meet(choice.mousse(), steps);
            steps.add(Step.of(Action.APPLY)
                    .product(choice.mousse())
                    .technique(Technique.PRAYING_HANDS)
                    .sections(sections)
                    .build());
        }
        if (hold != null) {
            shape(choice, hold, sections, free, steps);
        }
        if (both && !under) {
            meet(choice.mousse(), steps);
            steps.add(Step.of(Action.APPLY)
                    .product(choice.mousse())
                    .technique(Technique.PAT)
                    .zones(Set.of(Zone.CROWN))
                    .build());
        }
        if (query.goal().wantsVolume()) {
            steps.add(Step.of(Action.SHAKE_ROOTS).build());
        }
    }

    private void shape(Choice choice, Product hold, int sections, boolean free, List<Step> steps) {
        if (choice.hands() == Choice.Hands.SCRUNCH) {
            meet(hold, steps);
            Technique technique = hold.role() == Role.MOUSSE ? Technique.PRAYING_HANDS : Technique.GLAZE;
            steps.add(
                    on(Step.of(Action.APPLY).product(hold).technique(technique).sections(sections), free));
            steps.add(scrunch());
            return;
        }
        boolean slippery = choice.hands() == Choice.Hands.BRUSH || choice.hands() == Choice.Hands.COIL;
        double aim = slippery ? Math.max(aim(hold), Math.min(SLIPPERY, hold.windowHigh())) : aim(hold);
        squeezeFor(hold, steps);
        List<Step> inner = new ArrayList<>();
        inner.add(Step.of(Action.MIST).toWetness(aim).minutes(MIST_MINUTES).build());
        inner.add(on(Step.of(Action.APPLY).product(hold).technique(Technique.SMOOTH), free));
        switch (choice.hands()) {
            case BRUSH ->
                inner.add(Step.of(Action.BRUSH_STYLE)
                        .tool(Tool.BRUSH)
                        .brushDirection(query.goal().wantsVolume() ? BrushDirection.UP_AND_OUT : BrushDirection.FORWARD)
                        .build());
            case COIL -> inner.add(Step.of(Action.COIL).build());
            case SHINGLE -> inner.add(Step.of(Action.SHINGLE).build());
            default -> inner.add(Step.of(Action.SMOOTH).build());
        }
        steps.add(Step.of(Action.EACH_SECTION).sections(sections).steps(inner).build());
        boolean afterBrush = choice.hands() == Choice.Hands.BRUSH
                && query.schoolsOrDefault().scrunchAfterBrush() == Schools.ScrunchAfterBrush.YES;
        if (afterBrush || choice.hands() == Choice.Hands.SMOOTH && !pattern.isCoily()) {
            steps.add(scrunch());
        }
    }

    private static Step on(StepBuilder apply, boolean free) {
        return free
                ? apply.parts(Set.of(eventide.routine.Part.LENGTHS, eventide.routine.Part.ENDS))
                        .build()
                : apply.build();
    }

    private Step scrunch() {
        return Step.of(Action.SCRUNCH)
                .count(pattern.isWavy() || pattern.isStraight() ? 12 : 3)
                .build();
    }

    /** Brings hair to the water a product works in; a step that changes nothing is taken out again at the end. */
    private void meet(Product product, List<Step> steps) {
        squeezeFor(product, steps);
        if (product.windowLow() > 40 || isSoaked(product)) {
            steps.add(Step.of(Action.MIST).toWetness(aim(product)).build());
        }
    }

    private void squeezeFor(Product product, List<Step> steps) {
        if (product.windowHigh() < 97 && !isSoaked(product) || isDamp(product)) {
            steps.add(Step.of(Action.SQUEEZE).toWetness(squeezed(product)).build());
        }
    }

    private boolean isSoaked(Product product) {
        return product.role() == Role.GEL && query.schoolsOrDefault().gelOn() == Schools.GelOn.SOAKING;
    }

    private boolean isDamp(Product product) {
        return product.role() == Role.GEL && query.schoolsOrDefault().gelOn() == Schools.GelOn.DAMP;
    }

    private double squeezed(Product product) {
        return isDamp(product) ? DAMP : squeezedTo(product);
    }

    /** The water left in the hair for a product, percent. */
    static double squeezedTo(Product product) {
        double to = Math.max(50, Math.round(product.windowHigh() - (product.windowHigh() - product.windowLow()) * .2));
        return Math.min(to, product.windowHigh());
    }

    private double aim(Product product) {
        if (isSoaked(product) || isDamp(product)) {
            return isDamp(product) ? DAMP : SOAKING;
        }
        return Math.round(product.windowLow() + (product.windowHigh() - product.windowLow()) * .6);
    }

    /** 2–3 for wavy to 8 and more for coily; more for definition, fewer for volume [CP]. */
    int sections(Choice choice) {
        double sections = pattern.isStraight() || pattern.isWavy() ? 3 : pattern.isCurly() ? 4 : 8;
        if (query.goal().definition() == 3) {
            sections *= 1.5;
        }
        if (query.goal().wantsVolume() && query.goal().volume() > query.goal().definition()) {
            sections *= .75;
        }
        if (query.hair().density() == Density.HIGH) {
            sections *= 1.25;
        }
        // Where nothing holds nobody shapes, and all hands come to the same.
        boolean shaped = choice.isShaped();
        if (shaped && (choice.hands() == Choice.Hands.COIL || choice.hands() == Choice.Hands.SHINGLE)) {
            sections *= 1.5;
        }
        sections *= choice.sections().factor;
        int least = !shaped || choice.hands() == Choice.Hands.SCRUNCH ? 2 : 4;
        return (int) Math.max(least, Math.round(sections));
    }

    private static void addIf(List<Product> layers, Product product) {
        if (product != null) {
            layers.add(product);
        }
    }
}
