package eventide.outcome;

import static org.testng.Assert.assertTrue;

import eventide.Heads;
import eventide.air.Air;
import eventide.air.Outdoors;
import eventide.hair.Hair;
import eventide.hair.Porosity;
import eventide.hair.Strand;
import eventide.product.Product;
import eventide.product.Role;
import eventide.routine.Action;
import eventide.routine.Goal;
import eventide.routine.Routine;
import eventide.routine.Step;
import eventide.wash.ScoreName;
import eventide.wash.Wash;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Random;
import org.testng.annotations.Test;

/** Where scores lie over 500 random heads in random air, each washed and styled in a usual way; the page shows it. */
public class SpreadTest {
    private static final String HEAD = "| score | 0 | 1 | 2 | 3 | 4 | 5 | 6 | 7 | 8 | 9 | more |\n"
            + "| --- | --- | --- | --- | --- | --- | --- | --- | --- | --- | --- | --- |\n";
    private static final int HEADS = 500;
    private static final int COLUMNS = 11;
    private static final Goal GOAL = new Goal(2, 1, 1, 1, 1, null);

    private record Predicted(Hair hair, Air air, Scores scores) {}

    private static List<Predicted> all() {
        Random random = new Random(500);
        List<Predicted> all = new ArrayList<>();
        for (int i = 0; i < HEADS; i++) {
            Hair hair = Heads.random(random);
            double celsius = 16 + random.nextInt(14);
            Outdoors worn =
                    random.nextBoolean() ? null : new Outdoors(random.nextInt(36) - 5.0, 30.0 + random.nextInt(60));
            Air air = new Air(celsius, 25.0 + random.nextInt(55), worn);
            Wash wash = Wash.of(routine(random), hair, GOAL, air, null, null);
            all.add(new Predicted(hair, air, OutcomeModel.scores(wash)));
        }
        return all;
    }

    /** Washed, one or two layers in a few ways, dried by air or by the dryer, the cast broken or left. */
    private static Routine routine(Random random) {
        List<Step> steps = new ArrayList<>();
        steps.add(Step.of(Action.CLEANSE).build());
        steps.add(Step.of(Action.RINSE).build());
        steps.add(Step.of(Action.SQUEEZE).toWetness(75.0).build());
        if (random.nextBoolean()) {
            steps.add(put(Product.of("under", Role.LEAVE_IN, 0, 1 + random.nextInt(7), 40, 100)));
        }
        steps.add(put(Product.of("hold", Role.GEL, 3 + random.nextInt(7), random.nextInt(4), 40, 98)));
        Action[] shapes = {Action.SCRUNCH, Action.COIL, Action.BRUSH_STYLE, Action.SMOOTH};
        steps.add(Step.of(Heads.one(random, shapes)).build());
        if (random.nextBoolean()) {
            steps.add(Step.of(Action.AIR).untilDry(100.0).build());
        } else {
            steps.add(Step.of(Action.HOVER).untilDry(60.0).build());
            steps.add(Step.of(Action.CUP).untilDry(100.0).build());
        }
        if (random.nextBoolean()) {
            steps.add(Step.of(Action.BREAK_CAST).build());
        }
        return Routine.of(steps);
    }

    private static Step put(Product product) {
        return Step.of(Action.APPLY).product(product).build();
    }

    @Test
    public void thePageShowsWhereScoresLie() throws IOException {
        List<Predicted> all = all();
        StringBuilder table = new StringBuilder(HEAD);
        for (ScoreName score : ScoreName.values()) {
            int[] counts = new int[COLUMNS];
            double unit = score == ScoreName.SHRINKAGE ? 10 : 1;
            all.forEach(one -> counts[(int) Math.min(COLUMNS - 1, one.scores().of(score) / unit)]++);
            table.append("| ").append(score.name().toLowerCase(Locale.ROOT));
            table.append(score == ScoreName.SHRINKAGE ? ", in tens of percent" : "");
            for (int count : counts) {
                table.append(" | ").append(count == 0 ? "" : count);
            }
            table.append(" |\n");
        }
        JudgePage.assertHolds(HEAD, table.toString());
    }

    /** Nobody has seen a straight head keep its shape for a week. */
    @Test
    public void straightHairAndSwelterKeepFewDays() {
        double most = all().stream()
                .filter(one -> one.hair().pattern().isStraight() && one.air().wornDewPointC() > 20)
                .mapToDouble(one -> one.scores().days())
                .max()
                .orElseThrow();
        assertTrue(most < 4, "days " + most);
    }

    @Test
    public void nextToNoFrizzIsRareOnPorousCoarseHair() {
        List<Predicted> rough = all().stream()
                .filter(one ->
                        one.hair().porosity() == Porosity.HIGH && one.hair().strand() == Strand.COARSE)
                .toList();
        long smooth = rough.stream().filter(one -> one.scores().frizz() < 1).count();
        assertTrue(rough.size() > 30 && smooth <= rough.size() / 20, smooth + " of " + rough.size());
    }
}
