package eventide.outcome;

import static org.testng.Assert.assertEquals;

import eventide.Heads;
import eventide.air.Air;
import eventide.hair.Hair;
import eventide.hair.Zone;
import eventide.product.Product;
import eventide.product.Role;
import eventide.routine.Action;
import eventide.routine.BrushDirection;
import eventide.routine.DetangleFrom;
import eventide.routine.Extent;
import eventide.routine.Goal;
import eventide.routine.Half;
import eventide.routine.Heat;
import eventide.routine.MixPart;
import eventide.routine.Part;
import eventide.routine.Position;
import eventide.routine.RinseWater;
import eventide.routine.Routine;
import eventide.routine.Speed;
import eventide.routine.Step;
import eventide.routine.StepBuilder;
import eventide.routine.Technique;
import eventide.routine.Tool;
import eventide.wash.ScoreName;
import eventide.wash.Wash;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Random;
import java.util.Set;
import java.util.function.UnaryOperator;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/**
 * Every field of a step, changed alone: which move a score, which only minutes, and which are meant to do neither. The page
 * says the same; {@code -Dhow.table=write} writes it.
 */
public class FieldsMoveTest {
    private static final String HEAD = "| field | at | moves most | by |\n| --- | --- | --- | --- |\n";
    private static final int HEADS = 60;
    /** Less than this nobody sees on any head. */
    private static final double MOVES = .05;

    private static final Goal GOAL = new Goal(2, 1, 1, 1, 1, null);
    private static final Product GEL = Product.of("gel", Role.GEL, 7, 1, 55, 90);
    private static final Product SOFT = Product.of("soft gel", Role.GEL, 4, 1, 55, 90);
    private static final Product LIGHT = Product.of("leave-in", Role.LEAVE_IN, 0, 2, 40, 100);
    private static final Product MASK = Product.of("mask", Role.MASK, 0, 7, 0, 100);

    /** One step of a wash with a field set otherwise; the rest of the wash stays as it is. */
    private record Change(
            String field, Action at, UnaryOperator<StepBuilder> one, UnaryOperator<StepBuilder> other, boolean moves) {
        @Override
        public String toString() {
            return field + " at " + at;
        }
    }

    private static Change moving(
            String field, Action at, UnaryOperator<StepBuilder> one, UnaryOperator<StepBuilder> other) {
        return new Change(field, at, one, other, true);
    }

    private static Change still(
            String field, Action at, UnaryOperator<StepBuilder> one, UnaryOperator<StepBuilder> other) {
        return new Change(field, at, one, other, false);
    }

    private static List<Change> changes() {
        UnaryOperator<StepBuilder> same = step -> step;
        return List.of(
                moving("product", Action.APPLY, same, step -> step.product(SOFT)),
                moving("mix", Action.APPLY, same, step -> step.product(null)
                        .mix(List.of(new MixPart(GEL, .5), new MixPart(SOFT, .5)))),
                moving("technique", Action.APPLY, same, step -> step.technique(Technique.SCRUNCH)
                        .count(15)),
                moving("zones", Action.APPLY, same, step -> step.zones(Set.of(Zone.CROWN))),
                moving("half", Action.APPLY, same, step -> step.half(Half.LEFT)),
                moving("parts", Action.APPLY, same, step -> step.parts(Set.of(Part.LENGTHS, Part.ENDS))),
                moving("sections", Action.APPLY, same, step -> step.sections(12)),
                moving("amountMl", Action.APPLY, step -> step.amountMl(.5), step -> step.amountMl(60.0)),
                moving("position", Action.APPLY, same, step -> step.position(List.of(Position.UPSIDE_DOWN))),
                moving("minutes", Action.MASK, step -> step.minutes(2.0), step -> step.minutes(20.0)),
                moving("heatCap", Action.MASK, same, step -> step.heatCap(true)),
                moving("toWetness", Action.SQUEEZE, step -> step.toWetness(80.0), step -> step.toWetness(40.0)),
                moving("from", Action.DETANGLE, same, step -> step.from(DetangleFrom.ROOTS)),
                moving("tool", Action.MICROPLOP, same, step -> step.tool(Tool.ROUGH_TOWEL)),
                moving("count", Action.SCRUNCH, step -> step.count(2), step -> step.count(20)),
                moving("extent", Action.COIL, same, step -> step.extent(Extent.MID_TO_ENDS)),
                moving(
                        "brushDirection",
                        Action.BRUSH_STYLE,
                        step -> step.brushDirection(BrushDirection.UP_AND_OUT),
                        step -> step.brushDirection(BrushDirection.DOWN)),
                moving("heat", Action.CUP, same, step -> step.heat(Heat.HOT)),
                moving("untilDry", Action.CUP, same, step -> step.untilDry(70.0)),
                moving("tension", Action.CUP, same, step -> step.tension(true)),
                still("speed", Action.CUP, same, step -> step.speed(Speed.HIGH)),
                still("water", Action.RINSE, step -> step.water(RinseWater.WARM), step -> step.water(RinseWater.COOL)),
                still("dilution", Action.APPLY, same, step -> step.dilution(1.0)));
    }

    @DataProvider
    Object[] everyField() {
        return changes().toArray();
    }

    /** How far a score moves at the most, on any of the heads. */
    private record Moved(ScoreName score, double by) {}

    @Test(dataProvider = "everyField")
    public void movesWhereItIsMeantTo(Change change) {
        assertEquals(most(change).by() > MOVES, change.moves(), change + ": " + most(change));
    }

    @Test
    public void thePageSaysWhichFieldsMoveAScore() throws IOException {
        StringBuilder table = new StringBuilder(HEAD);
        for (Change change : changes()) {
            Moved moved = most(change);
            table.append("| `%s` | %s | %s | %s |%n"
                    .formatted(
                            change.field(),
                            change.at().label(),
                            change.moves() ? moved.score().name().toLowerCase(Locale.ROOT) : "nothing, on purpose",
                            change.moves() ? String.format(Locale.ROOT, "%.1f", moved.by()) : ""));
        }
        JudgePage.assertHolds(HEAD, table.toString());
    }

    private static Moved most(Change change) {
        Random random = new Random(23);
        Moved most = new Moved(ScoreName.DEFINITION, 0);
        for (int i = 0; i < HEADS; i++) {
            Hair hair = Heads.random(random);
            Scores one = scores(hair, routine(change, change.one()));
            Scores other = scores(hair, routine(change, change.other()));
            for (ScoreName score : ScoreName.values()) {
                double by = Math.abs(other.of(score) - one.of(score));
                most = by > most.by() ? new Moved(score, by) : most;
            }
        }
        return most;
    }

    private static Scores scores(Hair hair, Routine routine) {
        return OutcomeModel.scores(Wash.of(routine, hair, GOAL, Air.of(22, 50), null, null));
    }

    /** A wash in which the step in question is done; of what shapes hair only that one. */
    private static Routine routine(Change change, UnaryOperator<StepBuilder> set) {
        List<Step> steps = new ArrayList<>();
        for (Action action : List.of(
                Action.MASK,
                Action.DETANGLE,
                Action.RINSE,
                Action.SQUEEZE,
                Action.APPLY,
                Action.COIL,
                Action.BRUSH_STYLE,
                Action.SCRUNCH,
                Action.MICROPLOP,
                Action.HOVER,
                Action.CUP,
                Action.BREAK_CAST)) {
            boolean shapes = action == Action.COIL || action == Action.BRUSH_STYLE || action == Action.MICROPLOP;
            if (action == Action.APPLY) {
                steps.add(Step.of(Action.APPLY).product(LIGHT).build());
            }
            if (!shapes || action == change.at()) {
                StepBuilder step = usual(action);
                steps.add((action == change.at() ? set.apply(step) : step).build());
            }
        }
        return Routine.of(steps);
    }

    private static StepBuilder usual(Action action) {
        StepBuilder step = Step.of(action);
        return switch (action) {
            case MASK -> step.product(MASK).minutes(4.0);
            case DETANGLE -> step.from(DetangleFrom.ENDS);
            case SQUEEZE -> step.toWetness(75.0);
            case APPLY -> step.product(GEL).technique(Technique.PRAYING_HANDS);
            case SCRUNCH -> step.count(2);
            case HOVER -> step.untilDry(60.0);
            case CUP -> step.untilDry(100.0).heat(Heat.WARM);
            default -> step;
        };
    }
}
