package eventide.drying;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertNotSame;
import static org.testng.Assert.assertSame;
import static org.testng.Assert.assertTrue;

import eventide.Heads;
import eventide.air.Air;
import eventide.hair.Hair;
import eventide.hair.Zone;
import eventide.product.Product;
import eventide.product.Role;
import eventide.routine.Action;
import eventide.routine.Extent;
import eventide.routine.Half;
import eventide.routine.Heat;
import eventide.routine.Part;
import eventide.routine.Position;
import eventide.routine.Routine;
import eventide.routine.Speed;
import eventide.routine.Step;
import eventide.routine.Technique;
import eventide.routine.Tool;
import eventide.shape.Changed;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.Set;
import java.util.concurrent.Callable;
import java.util.concurrent.CyclicBarrier;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** Two routines share a course where the water could not tell them apart, and nowhere else. */
public class CoursesTest {
    private static final Product SLOW_WASH =
            Changed.with(Product.of("wash", Role.CLEANSER, 0, 0, 0, 100), "contactMinutes", 9.0);

    @DataProvider
    public Object[][] fields() {
        return new Object[][] {
            {"product", Heads.GEL, Heads.LEAVE_IN},
            {"product", Heads.SOFT_GEL, Heads.GEL},
            {"product", SLOW_WASH, null},
            {"technique", Technique.RAKE, Technique.SPRAY},
            {"zones", Set.of(Zone.CROWN), Set.of(Zone.NAPE, Zone.BACK)},
            {"half", Half.LEFT, Half.RIGHT},
            {"parts", Set.of(Part.ROOTS), Set.of(Part.LENGTHS, Part.ENDS)},
            {"sections", 3, 8},
            {"amountMl", 4.0, 20.0},
            {"minutes", 2.0, 11.0},
            {"toWetness", 45.0, 80.0},
            {"position", List.of(Position.UPRIGHT), List.of(Position.UPSIDE_DOWN)},
            {"tool", Tool.TURBAN, Tool.TSHIRT},
            {"extent", Extent.MID_TO_ENDS, Extent.FULL},
            {"tension", true, false},
            {"count", 12, 40},
            {"heat", Heat.COOL, Heat.WARM},
            {"speed", Speed.LOW, Speed.HIGH},
            {"untilDry", 50.0, 90.0},
            {"heatCap", true, false},
            {"order", List.of(Zone.CROWN, Zone.NAPE), List.of(Zone.NAPE, Zone.CROWN)},
        };
    }

    /** Whatever is changed in whichever step: what is shared is what the water does. */
    @Test(dataProvider = "fields")
    public void sharesOnlyWhatIsTheSame(String field, Object one, Object another) {
        Random random = new Random(field.hashCode());
        for (int i = 0; i < 25; i++) {
            Hair hair = Heads.random(random);
            Air air = Air.of(15 + random.nextInt(15), 30 + random.nextInt(50));
            Courses courses = new Courses(hair, air);
            Routine routine = routine(random);
            for (int at = 0; at < routine.steps().size(); at++) {
                for (Routine changed : changed(routine, field, one, another, at)) {
                    Course shared = courses.over(changed);
                    Course own = TideModel.run(changed, hair, air);
                    assertEquals(shared.tide(), own.tide(), field + ", case " + i);
                    assertEquals(shared.chairMinutes(), own.chairMinutes(), field + ", case " + i);
                }
            }
        }
    }

    private static List<Routine> changed(Routine routine, String field, Object one, Object another, int at) {
        List<Routine> all = new ArrayList<>();
        all.add(routine);
        Step step = routine.steps().get(at);
        if (step.isEachSection()) {
            Step inner = step.steps().get(0);
            for (Object value : new Object[] {one, another}) {
                Step other = Changed.with(inner, field, value);
                all.add(routine.replacing(
                        at, step.but().steps(List.of(other, inner)).build()));
            }
            return all;
        }
        for (Object value : new Object[] {one, another}) {
            all.add(routine.replacing(at, Changed.with(step, field, value)));
        }
        return all;
    }

    private static Routine routine(Random random) {
        List<Step> steps = new ArrayList<>();
        for (Step step : Heads.randomRoutine(random).steps()) {
            boolean timed = random.nextBoolean() && !step.action().isDrying();
            steps.add(timed ? step : step.but().minutes(null).build());
        }
        steps.add(random.nextInt(steps.size() + 1), Step.of(Action.CLEANSE).build());
        steps.add(
                random.nextInt(steps.size() + 1),
                Step.of(Action.EACH_SECTION)
                        .sections(2 + random.nextInt(5))
                        .steps(List.of(
                                Step.of(Action.MIST).toWetness(70.0).build(),
                                Step.of(Action.APPLY).product(Heads.GEL).build()))
                        .build());
        steps.add(Step.of(Action.HOVER).build());
        return Routine.of(steps);
    }

    @Test
    public void anotherBottleOfTheSameHoldSharesTheRun() {
        Courses courses = new Courses(Heads.curly(), Air.of(22, 52));
        Routine soft = gelled(Heads.SOFT_GEL);
        Routine firm = gelled(Heads.GEL);
        Course course = courses.over(soft);
        assertSame(courses.over(firm), course);
        assertNotSame(courses.over(gelled(Heads.LEAVE_IN)), course);
        // No cast without hold: the water would have told.
        assertNotSame(courses.over(gelled(null)), course);
        List<Product> worn = course.of(firm).visits().stream()
                .map(visit -> visit.step().worn())
                .toList();
        assertTrue(worn.contains(Heads.GEL) && !worn.contains(Heads.SOFT_GEL), worn.toString());
        assertEquals(course.of(firm).tide(), course.tide());
        assertEquals(course.of(firm).visits().size(), course.visits().size());
    }

    private static Routine gelled(Product product) {
        return Routine.of(
                Step.of(Action.REWET).build(),
                Step.of(Action.APPLY).product(product).sections(4).build(),
                Step.of(Action.AIR).untilDry(100.0).build());
    }

    private static final int COURSES = 1500;

    /** Plans that share a course ask its visits side by side: nobody is told half of where one is. */
    @Test
    public void whoAsksSideBySideIsToldTheWhole() throws Exception {
        Routine routine = Routine.of(List.of(
                Step.of(Action.RINSE).build(),
                Step.of(Action.APPLY).product(Heads.GEL).build(),
                Step.of(Action.SCRUNCH).build(),
                Step.of(Action.AIR).minutes(5.0).build()));
        int everywhere = (1 << Zone.values().length) - 1;
        CyclicBarrier together = new CyclicBarrier(2);
        ExecutorService two = Executors.newFixedThreadPool(2);
        try {
            for (int n = 0; n < COURSES; n++) {
                Course course = TideModel.run(routine, Heads.curly(), Air.of(22, 50));
                Callable<List<Integer>> asking = () -> {
                    together.await();
                    return course.visits().stream().map(Visit::zoneBits).toList();
                };
                for (Future<List<Integer>> told : two.invokeAll(List.of(asking, asking))) {
                    told.get().forEach(bits -> assertEquals((int) bits, everywhere));
                }
            }
        } finally {
            two.shutdownNow();
        }
    }
}
