package eventide.planner;

import static org.testng.Assert.assertTrue;

import eventide.Heads;
import eventide.air.Air;
import eventide.chair.AtTheChair;
import eventide.chair.ChairRecord;
import eventide.chair.Cue;
import eventide.chair.Ended;
import eventide.chair.Live;
import eventide.chair.Runs;
import eventide.chair.StepTimer;
import eventide.drying.TideModel;
import eventide.hair.Hair;
import eventide.log.Comparison;
import eventide.log.Washed;
import eventide.planner.compare.Compared;
import eventide.planner.explain.OnThisHair;
import eventide.planner.explain.StepWords;
import eventide.product.Product;
import eventide.product.Role;
import eventide.routine.Action;
import eventide.routine.Limits;
import eventide.routine.MixPart;
import eventide.routine.Part;
import eventide.routine.Routine;
import eventide.routine.Step;
import eventide.routine.Tool;
import java.io.IOException;
import java.lang.reflect.RecordComponent;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.TreeSet;
import java.util.regex.Pattern;
import org.testng.annotations.BeforeClass;
import org.testng.annotations.Test;

/**
 * Every sentence said of random washes, plans and runs: a stylist's words, none of them twice, and no number that nobody sees.
 * {@code -Dsaid=FILE} writes them out to be read, {@code -Dsaid.washes=3000} says how many washes are listened to.
 */
public class SaidTest {
    private static final int WASHES = Integer.getInteger("said.washes", 260);
    private static final Instant NINE = Instant.parse("2026-05-01T09:00:00Z");
    /** What the user wrote, and what is told by a key. */
    private static final Set<String> NOT_OURS = Set.of("key", "id", "rule", "citation", "field", "value");

    private final Set<String> said = new TreeSet<>();

    @BeforeClass
    public void listen() throws IOException {
        Random random = new Random(77);
        for (int i = 0; i < WASHES; i++) {
            Hair hair = Heads.random(random);
            Air air = Air.of(random.nextInt(34) - 2, 20 + random.nextInt(78));
            Routine routine = routine(random);
            Routine other = routine(random);
            hear(Judgement.of(new Judgement.Question(hair, RandomShelf.goal(random), air, null, null, routine)));
            hear(StepWords.lines(routine));
            hear(Compared.of(new Compared.Pairing(
                    hair, RandomShelf.goal(random), air, null, Limits.ofMinutes(120), routine, other)));
            AtTheChair chair = AtTheChair.of(
                    routine,
                    hair,
                    air,
                    null,
                    ChairRecord.of(routine, Runs.random(random, routine, NINE)),
                    NINE.plusSeconds(random.nextInt(20_000)));
            hear(Live.of(chair));
            hear(Ended.of(chair));
            hear(Cue.of(routine, chair.planned()));
            hear(StepTimer.of(routine, chair.planned().tide()));
            hear(Comparison.of(
                    new Washed(hair, air, chair.meant(), chair.done(), chair.course(), null),
                    new Washed(hair, air, other, other, TideModel.run(other, hair, air), null)));
            if (i % 6 == 0) {
                Query query = RandomShelf.query(random, RandomShelf.of(random, 4), null);
                hear(Planner.suggest(query));
            }
            Role role = Heads.one(random, Role.values());
            Product bottle = new Product(
                    null,
                    "bottle",
                    role,
                    3.0,
                    4.0,
                    0.0,
                    100.0,
                    null,
                    null,
                    null,
                    null,
                    random.nextDouble() * 20,
                    null,
                    random.nextBoolean() ? 5.0 : null,
                    null);
            hear(OnThisHair.of(bottle, hair, null));
        }
        String to = System.getProperty("said");
        if (to != null) {
            Files.write(Path.of(to), said);
        }
    }

    /** With washing, a mix, a thinned product and a group besides what a random one has. */
    private static Routine routine(Random random) {
        List<Step> steps = new ArrayList<>();
        steps.add(Step.of(Action.MASK)
                .product(Heads.LEAVE_IN)
                .minutes((double) random.nextInt(30))
                .build());
        steps.add(Step.of(Action.DETANGLE).build());
        steps.add(Step.of(Action.RINSE).build());
        steps.add(Step.of(Action.APPLY)
                .mix(List.of(new MixPart(Heads.GEL, .5), new MixPart(Heads.SOFT_GEL, .5)))
                .dilution((double) random.nextInt(4))
                .build());
        steps.add(Step.of(Action.EACH_SECTION)
                .sections(1 + random.nextInt(20))
                .steps(List.of(
                        Step.of(Action.MIST).toWetness(71.0).build(),
                        Step.of(Action.APPLY).product(Heads.GEL).build(),
                        Step.of(Action.BRUSH_STYLE).tool(Tool.BRUSH).build()))
                .build());
        steps.addAll(Heads.randomRoutine(random).steps());
        steps.add(Step.of(Action.PICK).tool(Tool.PICK).parts(Set.of(Part.ROOTS)).build());
        return Routine.of(steps);
    }

    /** All text in it, down to the last component. */
    private void hear(Object from) {
        if (from instanceof String text) {
            said.add(text);
        } else if (from instanceof Collection<?> all) {
            all.forEach(this::hear);
        } else if (from instanceof Map<?, ?> map) {
            map.values().forEach(this::hear);
        } else if (from instanceof Record own && !(from instanceof Product) && !(from instanceof Routine)) {
            for (RecordComponent component : own.getClass().getRecordComponents()) {
                if (!NOT_OURS.contains(component.getName())) {
                    hear(read(own, component));
                }
            }
        }
    }

    private static Object read(Record own, RecordComponent component) {
        try {
            component.getAccessor().setAccessible(true);
            return component.getAccessor().invoke(own);
        } catch (ReflectiveOperationException unreadable) {
            throw new AssertionError(component.toString(), unreadable);
        }
    }

    @Test
    public void thereIsMuchToRead() {
        assertTrue(said.size() > 800, "sentences: " + said.size());
    }

    private void none(String pattern, String what) {
        Pattern wrong = Pattern.compile(pattern);
        List<String> found = said.stream()
                .filter(text -> wrong.matcher(text).find())
                .limit(12)
                .toList();
        assertTrue(found.isEmpty(), what + ": " + String.join(" | ", found));
    }

    @Test
    public void noInternalNameIsSaid() {
        none(
                "\\b[A-Z]{2,}_[A-Z_]+\\b|\\bnull\\b|\\bNaN\\b|Infinity|\\b[a-z]+[A-Z][a-z]+\\b",
                "a name of the machine's");
        none("/[a-z]+/\\d+|\\bformatVersion\\b", "a pointer");
    }

    @Test
    public void oneIsOneAndManyAreMany() {
        none(
                "\\b1 (parts|pumps|peas|coins|walnuts|drops|sections|times|minutes|days|hours|products|steps)\\b",
                "one as many");
        none("\\b(0|[2-9]|\\d\\d+) (part|pump|pea|coin|walnut|drop|section|step|day)\\b(?! of)", "many as one");
    }

    @Test
    public void nothingIsSaidTwiceRunning() {
        none("(?i)\\b([a-z]{3,})\\b,? \\1\\b(?!-in)", "a word twice");
        none("  |\\.\\.|,,| ,| \\.", "loose ends");
        none("(?i)\\bpick the roots\\b.*\\bpick\\b", "a pick that is a pick");
        none("(?i)^brush-style.*, brush\\b", "a brush that is a brush");
    }

    @Test
    public void noHundredthIsSaid() {
        none("\\d\\.\\d\\d", "a hundredth");
    }
}
