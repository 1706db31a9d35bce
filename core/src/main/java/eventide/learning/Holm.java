package eventide.learning;

import java.util.Comparator;
import java.util.stream.IntStream;

/** Several looks at once, allowed for (Holm 1979, Scand J Stat 6, 65). */
final class Holm {
    private Holm() {}

    /**
     * What each of several tests is asked for: the clearest for the most, the next for less; once one does not reach what it is asked
     * for, all behind it are asked as much as it was.
     *
     * @param pValues of the tests
     * @param confidence of all of them together, ratio
     * @return a confidence for each, in their order
     */
    static double[] confidences(double[] pValues, double confidence) {
        double[] asked = new double[pValues.length];
        Integer[] clearest = IntStream.range(0, pValues.length)
                .boxed()
                .sorted(Comparator.comparingDouble(i -> pValues[i]))
                .toArray(Integer[]::new);
        double risk = 1 - confidence;
        boolean stopped = false;
        double last = risk;
        for (int rank = 0; rank < clearest.length; rank++) {
            double own = stopped ? last : risk / (pValues.length - rank);
            asked[clearest[rank]] = 1 - own;
            stopped |= pValues[clearest[rank]] > own;
            last = own;
        }
        return asked;
    }
}
