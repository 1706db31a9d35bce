package eventide.practice;

import eventide.shape.Range;
import eventide.shape.Shape;
import java.util.List;
import java.util.Random;

/**
 * Sections to feel next.
 *
 * @param seed of all that chance decides
 * @param count how many, 1 to 40
 */
public record FeltSet(Long seed, @Range(from = 1, to = 40) Integer count) {
    public FeltSet {
        Shape.check(FeltSet.class, seed, count);
    }

    /** In the order they are to be felt. */
    public List<FeltLock> locks() {
        return new Random(seed)
                .ints(count, 0, Integer.MAX_VALUE)
                .mapToObj(item -> FeltLock.of(Integer.toString(item)))
                .toList();
    }
}
