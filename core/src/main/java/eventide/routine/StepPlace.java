package eventide.routine;

/**
 * Where a step stands.
 *
 * @param index position in the routine, from 0
 * @param inner position inside an EACH_SECTION, from 0; −1 where the step stands alone
 */
public record StepPlace(int index, int inner) implements Comparable<StepPlace> {
    /** Within a group. */
    public boolean isInner() {
        return inner >= 0;
    }

    /** Steps of a routine follow on each other here, so that no two of them share a bucket. */
    @Override
    public int hashCode() {
        return index + 64 * (inner + 1);
    }

    @Override
    public boolean equals(Object other) {
        return other instanceof StepPlace place && place.index == index && place.inner == inner;
    }

    @Override
    public int compareTo(StepPlace other) {
        return index != other.index ? Integer.compare(index, other.index) : Integer.compare(inner, other.inner);
    }
}
