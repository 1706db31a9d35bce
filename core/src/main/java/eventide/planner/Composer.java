package eventide.planner;

import eventide.hair.Density;
import eventide.hair.Pattern;
import eventide.hair.Strand;
import eventide.hair.Zone;
import eventide.product.Product;
import eventide.product.Role;
import eventide.routine.Action;
import eventide.routine.BrushDirection;
import eventide.routine.DetangleFrom;
import eventide.routine.Heat;
import eventide.routine.OwnedTool;
import eventide.routine.Position;
import eventide.routine.Routine;
import eventide.routine.Schools;
import eventide.routine.Speed;
import eventide.routine.Step;
import eventide.routine.StepBuilder;
import eventide.routine.Technique;
import eventide.routine.Tool;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Set;

/** Writes a choice out as a routine, in the trade's order of work. */
final class Composer {
    /** Percent dry at which the bowl may touch a hold that casts, and at which clips come out [CP]. */
    private static final double CAST_DRY = 57;

    private static final double CLIPS_DRY = 70;
    /** Brushing and coiling want hair wetter than about 65 % [CP]; a little over, for it goes on drying. */
    private static final double SLIPPERY = 72;

    private static final double PART_DRY = 85;
    private static final double CAST_FROM_HOLD = 5;
    private static final List<Position> TURNS = List.of(Position.SIDE, Position.UPSIDE_DOWN, Position.UPRIGHT);

    private final Query query;
    private final List<Product> shelf;
    private final Pattern pattern;

    Composer(Query query, List<Product> shelf) {
        this.query = query;
        this.shelf = shelf;
        this.pattern = query.hair().pattern();
    }

    Routine compose(Choice choice) {
        List<Step> steps = new ArrayList<>();
        prepare(steps);
        style(choice, steps);
        dry(choice, steps);
        if (choice.drying().ends()) {
            finish(choice, steps);
        }
        return Routine.of(steps);
    }

    private void prepare(List<Step> steps) {
        boolean builtUp = Boolean.TRUE.equals(query.hair().buildUp())
                || Boolean.TRUE.equals(query.hair().newClient());
        Product clarifier = first(Role.CLARIFIER);
        Product cleanser = first(Role.CLEANSER);
        Product conditioner = first(Role.CONDITIONER);
        if (builtUp && clarifier != null) {
            steps.add(Step.of(Action.CLARIFY).product(clarifier).build());
        } else if (cleanser != null) {
            steps.add(Step.of(Action.CLEANSE).product(cleanser).build());
        }
        if (conditioner != null) {
            steps.add(Step.of(Action.CONDITION).product(conditioner).build());
            steps.add(Step.of(Action.DETANGLE)
                    .from(DetangleFrom.ENDS)
                    .tool(Tool.FINGERS)
                    .build());
            steps.add(Step.of(Action.RINSE).build());
        } else if (!steps.isEmpty()) {
            steps.add(Step.of(Action.RINSE).build());
        }
    }

    private void style(Choice choice, List<Step> steps) {
        int sections = sections(choice);
        List<Product> layers = new ArrayList<>();
        addIf(layers, choice.leaveIn());
        addIf(layers, choice.cream());
        for (Product layer : layers) {
            meet(layer, steps);
            Technique technique = layer == choice.cream() ? Technique.PRAYING_HANDS : Technique.RAKE;
            steps.add(Step.of(Action.APPLY)
                    .product(layer)
                    .technique(technique)
                    .sections(sections)
                    .build());
        }
        Product hold = choice.gel() != null ? choice.gel() : choice.mousse();
        boolean free = query.schoolsOrDefault().roots() == Schools.RootProduct.FREE;
        if (hold != null) {
            shape(choice, hold, sections, free, steps);
        }
        if (choice.gel() != null && choice.mousse() != null) {
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
        inner.add(Step.of(Action.MIST).toWetness(aim).minutes(.25).build());
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
        if (choice.hands() == Choice.Hands.SMOOTH && !pattern.isCoily()) {
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
    private static void meet(Product product, List<Step> steps) {
        squeezeFor(product, steps);
        if (product.windowLow() > 40) {
            steps.add(Step.of(Action.MIST).toWetness(aim(product)).build());
        }
    }

    private static void squeezeFor(Product product, List<Step> steps) {
        if (product.windowHigh() < 97) {
            steps.add(Step.of(Action.SQUEEZE).toWetness(squeezedTo(product)).build());
        }
    }

    /** The water left in the hair for a product, percent. */
    static double squeezedTo(Product product) {
        double to = Math.max(50, Math.round(product.windowHigh() - (product.windowHigh() - product.windowLow()) * .2));
        return Math.min(to, product.windowHigh());
    }

    private static double aim(Product product) {
        return Math.round(product.windowLow() + (product.windowHigh() - product.windowLow()) * .6);
    }

    private void dry(Choice choice, List<Step> steps) {
        boolean fabric = !query.schoolsOrDefault().neverFabric() && !pattern.isCoily();
        if (fabric) {
            steps.add(Step.of(Action.MICROPLOP).tool(Tool.TSHIRT).build());
        }
        if (choice.drying() == Choice.Drying.HOME) {
            return;
        }
        boolean clips = query.goal().wantsVolume() && query.limitsOrUsual().has(OwnedTool.CLIPS);
        if (clips) {
            steps.add(Step.of(Action.CLIP_ROOTS)
                    .zones(Set.of(Zone.CROWN))
                    .count(6)
                    .build());
        }
        if (choice.drying() == Choice.Drying.AIR) {
            if (clips) {
                steps.add(Step.of(Action.AIR).untilDry(CLIPS_DRY).build());
                steps.add(Step.of(Action.UNCLIP).zones(Set.of(Zone.CROWN)).build());
            }
            steps.add(Step.of(Action.AIR).untilDry(100.0).build());
            return;
        }
        diffuse(choice, clips, steps);
    }

    private void diffuse(Choice choice, boolean clips, List<Step> steps) {
        Product guard = first(Role.HEAT_PROTECTANT);
        boolean guarded = choice.gel() != null && choice.gel().guardsHeat();
        if (guard != null && !guarded) {
            steps.add(Step.of(Action.APPLY)
                    .product(guard)
                    .technique(Technique.SPRAY)
                    .build());
        }
        if (choice.hold() >= CAST_FROM_HOLD && !query.schoolsOrDefault().cupsFromStart()) {
            steps.add(dryer(Action.HOVER, CAST_DRY, Speed.HIGH));
        }
        if (clips) {
            steps.add(dryer(Action.CUP, CLIPS_DRY, Speed.LOW));
            steps.add(Step.of(Action.UNCLIP).zones(Set.of(Zone.CROWN)).build());
        }
        if (choice.drying() != Choice.Drying.DIFFUSE) {
            steps.add(dryer(Action.CUP, PART_DRY, Speed.LOW));
            if (choice.drying() == Choice.Drying.PART) {
                steps.add(Step.of(Action.AIR).untilDry(100.0).build());
            }
            return;
        }
        steps.add(dryer(Action.CUP, 100, Speed.LOW));
        if (query.limitsOrUsual().has(OwnedTool.COOL_SETTING)) {
            steps.add(Step.of(Action.CUP)
                    .heat(Heat.COOL)
                    .speed(Speed.LOW)
                    .minutes(2.0)
                    .build());
        }
    }

    private static Step dryer(Action action, double untilDry, Speed speed) {
        return Step.of(action)
                .heat(Heat.WARM)
                .speed(speed)
                .position(TURNS)
                .untilDry(untilDry)
                .build();
    }

    private void finish(Choice choice, List<Step> steps) {
        Schools.OilPlace place = query.schoolsOrDefault().oil();
        boolean oiled = query.hair().strand() != Strand.FINE && (place == null || place == Schools.OilPlace.FINISH);
        Product oil = oiled ? first(Role.OIL) : null;
        boolean cast = choice.hold() >= CAST_FROM_HOLD;
        if (oil != null && (cast || query.goal().softness() >= 2)) {
            steps.add(Step.of(Action.BREAK_CAST)
                    .product(oil)
                    .technique(Technique.DROPS)
                    .build());
        } else if (cast) {
            steps.add(Step.of(Action.BREAK_CAST).build());
        }
        if (query.goal().wantsVolume()) {
            steps.add(Step.of(Action.FLUFF).build());
        }
    }

    /** 2–3 for wavy to 8 and more for coily; more for definition, fewer for volume or few minutes [CP]. */
    private int sections(Choice choice) {
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
        if (choice.hands() == Choice.Hands.COIL || choice.hands() == Choice.Hands.SHINGLE) {
            sections *= 1.5;
        }
        int least = choice.hands() == Choice.Hands.SCRUNCH ? 2 : 4;
        return (int) Math.max(least, Math.round(sections));
    }

    private Product first(Role role) {
        return shelf.stream()
                .filter(p -> p.role() == role)
                .min(Comparator.comparingDouble(this::unfit).thenComparing(Product::name))
                .orElse(null);
    }

    /** What builds up is taken where there is nothing else, in points of richness [OURS]. */
    private static final double AVOIDED = 6;

    /** Of several washing products or oils, the one whose richness suits the strand. */
    private double unfit(Product product) {
        double wanted = query.hair().strand() == Strand.FINE ? 2 : query.hair().strand() == Strand.MEDIUM ? 4 : 7;
        return Math.abs(product.richness() - wanted) + (product.label().traits().buildsUp() ? AVOIDED : 0);
    }

    private static void addIf(List<Product> layers, Product product) {
        if (product != null) {
            layers.add(product);
        }
    }
}
