package eventide.hair;

import eventide.shape.Maybe;
import eventide.shape.Range;
import eventide.shape.Said;
import java.util.Arrays;
import java.util.List;

/**
 * What a test asks: one of a few answers, or a number.
 *
 * @param field of {@link HairTests}, as it is written, that takes the answer
 * @param label what is asked, before the answers or the number
 * @param answers to choose from; absent where a number is asked
 * @param unit behind the number; absent where there are answers
 * @param least the number may be; absent where there are answers
 * @param most the same from above
 */
public record TestQuestion(
        String field,
        String label,
        @Maybe List<TestAnswer> answers,
        @Maybe String unit,
        @Maybe Double least,
        @Maybe Double most) {
    /**
     * One of a few, as it is written and as it is said.
     *
     * @param value as it crosses the wire
     * @param label as it is said
     */
    public record TestAnswer(String value, String label) {}

    /** Of a test that is answered in words. */
    static <E extends Enum<E> & Said> TestQuestion oneOf(String field, String label, E[] values) {
        List<TestAnswer> answers = Arrays.stream(values)
                .map(value -> new TestAnswer(value.name(), value.label()))
                .toList();
        return new TestQuestion(field, label, answers, null, null, null);
    }

    /** Of a test that is answered by a ruler or a clock, in the range {@link HairTests} takes. */
    static TestQuestion number(String field, String label, String unit) {
        Range range = Arrays.stream(HairTests.class.getRecordComponents())
                .filter(component -> component.getName().equals(field))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException("No test takes " + field))
                .getAnnotation(Range.class);
        return new TestQuestion(field, label, null, unit, range.from(), range.to());
    }
}
