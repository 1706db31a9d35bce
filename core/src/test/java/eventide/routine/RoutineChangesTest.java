package eventide.routine;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import eventide.Heads;
import eventide.hair.Zone;
import java.util.ArrayList;
import java.util.Collections;
import java.util.EnumSet;
import java.util.List;
import java.util.Random;
import java.util.Set;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** Whatever is changed in a routine is named, once; beside itself nothing is. */
public class RoutineChangesTest {
    private static final Step GEL = Step.of(Action.APPLY).product(Heads.GEL).build();
    private static final Step LEAVE_IN =
            Step.of(Action.APPLY).product(Heads.LEAVE_IN).build();

    /** What a random routine has none of. */
    private static final List<Step> RARE = List.of(
            Step.of(Action.DETANGLE).build(),
            Step.of(Action.BRUSH_STYLE).build(),
            Step.of(Action.RINSE).build(),
            Step.of(Action.MASK).product(Heads.LEAVE_IN).build(),
            Step.of(Action.EACH_SECTION)
                    .sections(3)
                    .steps(List.of(GEL, Step.of(Action.SMOOTH).build()))
                    .build());

    private static Step otherwise(Random random, Step step, StepField field) {
        StepBuilder but = step.but();
        return switch (field) {
            case PRODUCT -> but.mix(null).product(Heads.SOFT_GEL).build();
            case MIX ->
                but.product(null)
                        .mix(List.of(new MixPart(Heads.GEL, .3), new MixPart(Heads.SOFT_GEL, .7)))
                        .build();
            case DILUTION ->
                but.dilution(step.dilution() == null ? 1.0 : step.dilution() + 1)
                        .build();
            case TECHNIQUE ->
                but.technique(another(random, Technique.values(), step.technique()))
                        .build();
            case ZONES ->
                but.zones(Set.of(Zone.CROWN).equals(step.zones()) ? Set.of(Zone.NAPE) : Set.of(Zone.CROWN))
                        .build();
            case HALF -> but.half(another(random, Half.values(), step.half())).build();
            case PARTS ->
                but.parts(Set.of(Part.ROOTS).equals(step.parts()) ? Set.of(Part.LENGTHS) : Set.of(Part.ROOTS))
                        .build();
            case SECTIONS ->
                but.sections(step.sections() == null ? 6 : step.sections() + 3).build();
            case AMOUNT_ML ->
                but.amountMl(step.amountMl() == null ? 7.5 : step.amountMl() * 1.5 + 1)
                        .build();
            case MINUTES ->
                but.minutes(step.minutes() == null ? 5.0 : step.minutes() + 20).build();
            case TO_WETNESS ->
                but.toWetness(step.toWetness() == null ? 41.0 : 100 - step.toWetness() / 2)
                        .build();
            case POSITION ->
                but.position(
                                step.position() != null && step.position().contains(Position.SIDE)
                                        ? List.of(Position.UPRIGHT)
                                        : List.of(Position.SIDE, Position.UPSIDE_DOWN))
                        .build();
            case TOOL -> but.tool(another(random, Tool.values(), step.tool())).build();
            case FROM ->
                but.from(another(random, DetangleFrom.values(), step.from())).build();
            case BRUSH_DIRECTION ->
                but.brushDirection(another(random, BrushDirection.values(), step.brushDirection()))
                        .build();
            case EXTENT ->
                but.extent(another(random, Extent.values(), step.extent())).build();
            case TENSION -> but.tension(!Boolean.TRUE.equals(step.tension())).build();
            case WATER ->
                but.water(another(random, RinseWater.values(), step.water())).build();
            case COUNT -> but.count(step.count() == null ? 4 : step.count() + 9).build();
            case HEAT -> but.heat(another(random, Heat.values(), step.heat())).build();
            case SPEED ->
                but.speed(another(random, Speed.values(), step.speed())).build();
            case UNTIL_DRY ->
                but.untilDry(step.untilDry() == null ? 70.0 : 100 - step.untilDry() / 2)
                        .build();
            case HEAT_CAP -> but.heatCap(!Boolean.TRUE.equals(step.heatCap())).build();
            case ORDER -> {
                List<Zone> order = new ArrayList<>(List.of(Zone.NAPE, Zone.BACK, Zone.CROWN));
                yield but.order(order.equals(step.order()) ? List.of(Zone.CROWN) : order)
                        .build();
            }
            case STEPS -> null;
        };
    }

    private static <E> E another(Random random, E[] values, E own) {
        E other = own;
        while (other == own) {
            other = values[random.nextInt(values.length)];
        }
        return other;
    }

    /** The API's own rule: what means nothing to an action is listed as ignored. */
    private static boolean isIgnored(Routine routine, StepPlace place, StepField field) {
        return IgnoredFields.of(routine).stream()
                .anyMatch(pointer -> pointer.endsWith("/" + field.word())
                        && pointer.contains("/steps/" + place.index() + "/")
                        && (!place.isInner() || pointer.contains("/steps/" + place.inner() + "/" + field.word())));
    }

    @Test
    public void everyFieldThatMeansSomethingIsNamedOnce() {
        Random random = new Random(19);
        Set<StepField> named = EnumSet.noneOf(StepField.class);
        for (int i = 0; i < 400; i++) {
            List<Step> steps = new ArrayList<>(RARE);
            steps.addAll(Heads.randomRoutine(random).steps());
            Collections.shuffle(steps, random);
            Routine routine = Routine.of(steps);
            for (StepPlace place : allPlaces(routine)) {
                StepField field = StepField.values()[random.nextInt(StepField.values().length)];
                Step changed = otherwise(random, at(routine, place), field);
                if (changed == null || !changed.action().uses(field) || changed.equals(at(routine, place))) {
                    continue;
                }
                Routine other =
                        place.isInner() ? routine.replacing(place, changed) : routine.replacing(place.index(), changed);
                if (isIgnored(other, place, field)) {
                    continue;
                }
                List<RoutineChange> changes = RoutineChanges.between(routine, other);
                assertEquals(changes.size(), 1, field + " of " + at(routine, place) + " → " + changed + ": " + changes);
                assertEquals(RoutineChanges.between(other, routine).size(), 1, "the other way round: " + changes);
                named.add(field);
            }
        }
        named.add(StepField.STEPS);
        assertEquals(named, EnumSet.allOf(StepField.class));
    }

    private static Step at(Routine routine, StepPlace place) {
        return place.isInner() ? routine.at(place) : routine.steps().get(place.index());
    }

    /** Frames too. */
    private static List<StepPlace> allPlaces(Routine routine) {
        List<StepPlace> places = new ArrayList<>();
        for (int i = 0; i < routine.steps().size(); i++) {
            places.add(new StepPlace(i, -1));
            Step step = routine.steps().get(i);
            for (int k = 0; step.isEachSection() && k < step.steps().size(); k++) {
                places.add(new StepPlace(i, k));
            }
        }
        return places;
    }

    @Test
    public void aStepThatComesOrGoesIsNamedOnce() {
        Random random = new Random(20);
        for (int i = 0; i < 300; i++) {
            Routine routine = Heads.randomRoutine(random);
            assertEquals(RoutineChanges.between(routine, routine), List.of(), "beside itself");
            if (routine.steps().size() > 1) {
                List<Step> steps = new ArrayList<>(routine.steps());
                steps.remove(random.nextInt(steps.size()));
                Routine less = routine.withSteps(steps);
                assertEquals(RoutineChanges.between(routine, less).size(), 1);
                assertEquals(RoutineChanges.between(less, routine).size(), 1);
            }
        }
    }

    @Test
    public void anythingShuffledIsNamed() {
        Random random = new Random(21);
        for (int i = 0; i < 300; i++) {
            Routine routine = Heads.randomRoutine(random);
            List<Step> steps = new ArrayList<>(routine.steps());
            Collections.shuffle(steps, random);
            List<RoutineChange> changes = RoutineChanges.between(routine, routine.withSteps(steps));
            assertEquals(changes.isEmpty(), steps.equals(routine.steps()), changes.toString());
        }
    }

    record Case(Routine one, Routine other, String text) {
        @Override
        public String toString() {
            return text;
        }
    }

    @DataProvider
    Object[] cases() {
        Step mask = Step.of(Action.MASK).product(Heads.LEAVE_IN).minutes(5.0).build();
        Step coil = Step.of(Action.COIL).extent(Extent.FULL).build();
        Step cup = Step.of(Action.CUP)
                .heat(Heat.WARM)
                .position(List.of(Position.UPRIGHT))
                .build();
        Step rinse = Step.of(Action.RINSE).build();
        return new Object[] {
            new Case(Routine.of(mask), Routine.of(mask.but().minutes(25.0).build()), "leave-in: 5 min → 25 min"),
            new Case(
                    Routine.of(GEL.but().sections(14).build()),
                    Routine.of(GEL.but().sections(6).build()),
                    "gel: 14 sections → 6 sections"),
            new Case(
                    Routine.of(GEL.but().technique(Technique.RAKE).build()),
                    Routine.of(GEL.but().technique(Technique.SMOOTH).build()),
                    "gel: raked → smoothed"),
            new Case(
                    Routine.of(coil),
                    Routine.of(coil.but().extent(Extent.MID_TO_ENDS).build()),
                    "finger coil: whole length → middle to ends"),
            new Case(
                    Routine.of(rinse),
                    Routine.of(rinse.but().water(RinseWater.COOL).build()),
                    "rinse: as usual → cool water"),
            new Case(
                    Routine.of(cup),
                    Routine.of(cup.but()
                            .position(List.of(Position.SIDE, Position.UPSIDE_DOWN))
                            .build()),
                    "cup: upright → to the side, upside down"),
            new Case(Routine.of(GEL, LEAVE_IN), Routine.of(LEAVE_IN, GEL), "at another place in the order"),
            new Case(Routine.of(GEL), Routine.of(LEAVE_IN), "leave-in instead of gel"),
            new Case(
                    Routine.of(Step.of(Action.SCRUNCH).build()),
                    Routine.of(Step.of(Action.PRESS).build()),
                    "press instead of scrunch"),
            new Case(
                    new Routine(1, List.of(GEL), null, null, null, null, NightCare.SATIN),
                    Routine.of(GEL),
                    "at night a satin bonnet or pillow → nothing over it"),
            new Case(
                    new Routine(1, List.of(GEL), null, 3.0, null, null, null),
                    new Routine(1, List.of(GEL), null, 1.0, null, null, null),
                    "to be worn 3 days → 1 day"),
            new Case(
                    new Routine(1, List.of(GEL), null, null, true, null, null),
                    Routine.of(GEL),
                    "no refresh in the mornings"),
        };
    }

    @Test(dataProvider = "cases")
    public void isSaidAsAStylistSaysIt(Case row) {
        List<RoutineChange> changes = RoutineChanges.between(row.one(), row.other());
        assertEquals(changes.size(), 1, changes.toString());
        assertTrue(changes.get(0).text().endsWith(row.text()), changes.toString());
    }

    @Test
    public void otherSectionsAreOneThingInHoweverManySteps() {
        Step cream = LEAVE_IN.but().sections(14).build();
        Step group =
                Step.of(Action.EACH_SECTION).sections(14).steps(List.of(GEL)).build();
        List<RoutineChange> changes = RoutineChanges.between(
                Routine.of(cream, group),
                Routine.of(
                        cream.but().sections(9).build(), group.but().sections(9).build()));
        assertEquals(changes.stream().filter(change -> !change.follows()).count(), 1, changes.toString());
        assertEquals(changes.size(), 2);
    }

    @Test
    public void aGroupThatComesSaysWhatIsDoneInIt() {
        Step group = Step.of(Action.EACH_SECTION)
                .sections(4)
                .steps(List.of(GEL, Step.of(Action.SHINGLE).build()))
                .build();
        Step scrunch = Step.of(Action.SCRUNCH).build();
        assertEquals(
                RoutineChanges.between(Routine.of(scrunch), Routine.of(group)).stream()
                        .map(RoutineChange::text)
                        .toList(),
                List.of("scrunch left out", "section by section (gel, shingle) added"));
    }
}
