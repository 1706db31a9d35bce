package eventide.hair;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import eventide.shape.Named;
import java.lang.reflect.RecordComponent;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.testng.annotations.Test;

/** The cards of the consult ask what an assessment takes. */
public class GuidedTestTest {
    private static final Map<String, RecordComponent> TAKEN = Arrays.stream(HairTests.class.getRecordComponents())
            .collect(Collectors.toMap(GuidedTestTest::written, Function.identity()));

    private static String written(RecordComponent component) {
        Named named = component.getAnnotation(Named.class);
        return named == null ? component.getName() : named.value();
    }

    @Test
    public void everyAnswerIsOneThatIsTaken() {
        for (GuidedTest test : GuidedTest.values()) {
            assertTrue(!test.card().asks().isEmpty(), test + " asks nothing");
            for (TestQuestion asked : test.card().asks()) {
                RecordComponent taken = TAKEN.get(asked.field());
                assertTrue(taken != null, test + " asks " + asked.field());
                if (asked.answers() == null) {
                    assertEquals(taken.getType(), Double.class, asked.field());
                    assertTrue(asked.least() < asked.most() && !asked.unit().isEmpty(), asked.toString());
                } else {
                    List<String> words = Arrays.stream(taken.getType().getEnumConstants())
                            .map(Object::toString)
                            .toList();
                    assertEquals(
                            asked.answers().stream()
                                    .map(TestQuestion.TestAnswer::value)
                                    .toList(),
                            words);
                }
            }
        }
    }

    @Test
    public void aGirthAndADryingTimeAreOfTheWholeHead() {
        assertEquals(
                Arrays.stream(GuidedTest.values())
                        .filter(test -> test.card().wholeHead())
                        .toList(),
                List.of(GuidedTest.DRY_TIME, GuidedTest.PONYTAIL));
    }
}
