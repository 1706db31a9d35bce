package eventide.drying;

import java.util.AbstractList;
import java.util.Arrays;
import java.util.RandomAccess;

/**
 * Numbers read one after another, as a list that keeps them unboxed: a search draws a tide for every plan it runs, and looks at
 * few of them.
 */
final class Soundings extends AbstractList<Double> implements RandomAccess {
    private final double[] values;

    private Soundings(double[] values) {
        this.values = values;
    }

    /** The first so many of some; they may be written over afterwards. */
    static Soundings of(double[] values, int count) {
        return new Soundings(Arrays.copyOf(values, count));
    }

    @Override
    public Double get(int index) {
        return values[index];
    }

    @Override
    public int size() {
        return values.length;
    }

    /**
     * Whole numbers from 0 on.
     *
     * @param count how many there are
     */
    static final class Counted extends AbstractList<Integer> implements RandomAccess {
        private final int count;

        Counted(int count) {
            this.count = count;
        }

        @Override
        public Integer get(int index) {
            if (index < 0 || index >= count) {
                throw new IndexOutOfBoundsException(index);
            }
            return index;
        }

        @Override
        public int size() {
            return count;
        }
    }
}
