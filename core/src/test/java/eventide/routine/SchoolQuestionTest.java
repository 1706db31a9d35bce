package eventide.routine;

import static org.testng.Assert.assertEquals;

import java.lang.reflect.RecordComponent;
import java.util.Arrays;
import java.util.List;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** The questions asked are the schools there are, word for word. */
public class SchoolQuestionTest {
    @DataProvider
    Object[] questions() {
        return SchoolQuestion.ALL.toArray();
    }

    @Test
    public void everySchoolIsAskedAboutOnce() {
        assertEquals(
                SchoolQuestion.ALL.stream().map(SchoolQuestion::key).sorted().toList(),
                Arrays.stream(Schools.class.getRecordComponents())
                        .map(RecordComponent::getName)
                        .sorted()
                        .toList());
    }

    @Test(dataProvider = "questions")
    public void itsSidesAreTheWordsTheSchoolTakes(SchoolQuestion question) {
        RecordComponent school = Arrays.stream(Schools.class.getRecordComponents())
                .filter(component -> component.getName().equals(question.key()))
                .findFirst()
                .orElseThrow();
        List<String> words = Arrays.stream(school.getType().getEnumConstants())
                .map(Object::toString)
                .sorted()
                .toList();
        assertEquals(
                question.sides().stream()
                        .map(SchoolQuestion.Side::word)
                        .sorted()
                        .toList(),
                words);
    }
}
