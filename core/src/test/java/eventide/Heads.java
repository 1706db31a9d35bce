package eventide;

import eventide.hair.Density;
import eventide.hair.Hair;
import eventide.hair.Pattern;
import eventide.hair.Porosity;
import eventide.hair.Strand;
import eventide.product.Product;
import eventide.product.Role;
import eventide.routine.Action;
import eventide.routine.Heat;
import eventide.routine.Position;
import eventide.routine.Routine;
import eventide.routine.Schools;
import eventide.routine.Speed;
import eventide.routine.Step;
import eventide.routine.Technique;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;

/** Random heads and routines for properties: same seed, same heads. */
public final class Heads {
    public static final Product LEAVE_IN = Product.of("leave-in", Role.LEAVE_IN, 0, 3, 40, 100);
    public static final Product CREAM = Product.of("cream", Role.CREAM, 2, 6, 40, 100);
    public static final Product GEL = Product.of("gel", Role.GEL, 7, 2, 55, 98);
    public static final Product SOFT_GEL = Product.of("soft gel", Role.GEL, 3, 1, 40, 98);
    public static final Product OIL = Product.of("oil", Role.OIL, 0, 7, 0, 100);

    private Heads() {}

    public static Hair fineWavy() {
        return Hair.of(Strand.FINE, Porosity.LOW, Pattern.WAVY_2B, Density.MEDIUM, 38);
    }

    public static Hair curly() {
        return Hair.of(Strand.MEDIUM, Porosity.MEDIUM, Pattern.CURLY_3B, Density.MEDIUM, 35);
    }

    public static Hair coarseCoily() {
        return Hair.of(Strand.COARSE, Porosity.HIGH, Pattern.COILY_4B, Density.HIGH, 30);
    }

    /** A client who keeps an ingredient list, all else as usual. */
    public static Schools keeping(Schools.IngredientRule rule) {
        return new Schools(null, null, null, null, null, null, null, null, null, null, rule, null, null);
    }

    public static Hair random(Random random) {
        return Hair.of(
                one(random, Strand.values()),
                one(random, Porosity.values()),
                one(random, Pattern.values()),
                one(random, Density.values()),
                5 + random.nextInt(70));
    }

    public static <T> T one(Random random, T[] of) {
        return of[random.nextInt(of.length)];
    }

    /** Wet work and drying in any order, with every field the water depends on. */
    public static Routine randomRoutine(Random random) {
        List<Step> steps = new ArrayList<>();
        Action[] actions = {
            Action.APPLY,
            Action.SQUEEZE,
            Action.MICROPLOP,
            Action.PLOP,
            Action.WET_PLOP,
            Action.COVER,
            Action.WAIT,
            Action.SCRUNCH,
            Action.HOVER,
            Action.CUP,
            Action.HAMMOCK,
            Action.HOOD,
            Action.FAN,
            Action.AIR,
            Action.CLIP_ROOTS,
            Action.UNCLIP,
            Action.BREAK_CAST,
            Action.COIL
        };
        int n = 1 + random.nextInt(9);
        for (int i = 0; i < n; i++) {
            Action action = one(random, actions);
            var step = Step.of(action).minutes(random.nextInt(40) * .5);
            if (action == Action.APPLY) {
                step.product(random.nextBoolean() ? GEL : LEAVE_IN)
                        .technique(one(random, Technique.values()))
                        .sections(1 + random.nextInt(12));
            }
            if (action.isDryer()) {
                step.heat(one(random, Heat.values()))
                        .speed(one(random, Speed.values()))
                        .position(List.of(one(random, Position.values())));
                if (random.nextInt(3) == 0) {
                    step.minutes(null).untilDry(40.0 + random.nextInt(60));
                }
            }
            steps.add(step.build());
        }
        return Routine.of(steps).startingAt(random.nextInt(101));
    }
}
