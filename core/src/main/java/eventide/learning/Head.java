package eventide.learning;

import java.util.List;
import java.util.Map;
import org.apache.commons.math3.linear.Array2DRowRealMatrix;
import org.apache.commons.math3.linear.CholeskyDecomposition;
import org.apache.commons.math3.linear.RealMatrix;

/**
 * The washes of one head in a {@link Fit}, effects scattering so far: what is the head's own makes their scores alike, what is the salon's
 * is left to the whole. Matrices have the rows of its {@link HeadDesign}.
 */
final class Head {
    private final HeadDesign design;
    private final int[] columns;
    private final double[][] shared;
    /** Inverse of the covariance of the scores, the salon's effects given. */
    private final RealMatrix inverse;
    /** The same times {@link #shared}. */
    private final double[][] inverseShared;
    /** Of the whole: the inverse covariance of these scores with every effect unknown, and that times what was missed. */
    private RealMatrix whole;

    private double[] explained;

    Head(HeadDesign design, ScatterOf scatter) {
        this.design = design;
        columns = design.columns();
        shared = design.shared();
        inverse = new CholeskyDecomposition(covariance(scatter), SYMMETRIC, 0)
                .getSolver()
                .getInverse();
        inverseShared = columns.length == 0
                ? new double[design.rows()][0]
                : inverse.multiply(new Array2DRowRealMatrix(shared, false)).getData();
    }

    /**
     * Variance of a row's own chance, were it as it is now.
     *
     * @return points squared
     */
    private double chance(int row, ScatterOf scatter) {
        return row < samples().size() ? scatter.noise() : scatter.halves();
    }

    /**
     * Variance of a row's own chance, more of it for an old wash.
     *
     * @return points squared
     */
    double chanceOf(int row, ScatterOf scatter) {
        return chance(row, scatter) / design.weights()[row];
    }

    /** How far a matrix that is symmetric by its making may be off by rounding. */
    private static final double SYMMETRIC = 1e-9;

    /** Of this head's washes with each other: chance on the diagonal, more of it for old ones, and what they have in common. */
    private RealMatrix covariance(ScatterOf scatter) {
        int n = design.rows();
        double[][] covariance = new double[n][n];
        for (int i = 0; i < n; i++) {
            covariance[i][i] = chanceOf(i, scatter);
        }
        own().forEach((effect, much) -> {
            double variance = scatter.of(effect.origin());
            for (int i = 0; i < n; i++) {
                for (int j = 0; much[i] != 0 && j < n; j++) {
                    covariance[i][j] += variance * much[i] * much[j];
                }
            }
        });
        return new Array2DRowRealMatrix(covariance, false);
    }

    HeadDesign design() {
        return design;
    }

    List<Sample> samples() {
        return design.samples();
    }

    /** Effects of this head alone, with how much each wash has of them. */
    Map<Effect, double[]> own() {
        return design.own();
    }

    /** Adds what these washes say of the salon's effects: the normal equations of generalised least squares. */
    void addTo(double[][] matrix, double[] right) {
        for (int a = 0; a < columns.length; a++) {
            for (int i = 0; i < design.rows(); i++) {
                right[columns[a]] += inverseShared[i][a] * design.missed()[i];
                if (shared[i][a] != 0) {
                    for (int b = 0; b < columns.length; b++) {
                        matrix[columns[a]][columns[b]] += shared[i][a] * inverseShared[i][b];
                    }
                }
            }
        }
    }

    /**
     * What is left of the washes once the salon's effects are known as well as they are.
     *
     * @param salon means of its effects
     * @param covariance of the same
     */
    void settle(double[] salon, double[][] covariance) {
        int n = design.rows();
        double[] rest = design.missed().clone();
        for (int i = 0; i < n; i++) {
            for (int a = 0; a < columns.length; a++) {
                rest[i] -= shared[i][a] * salon[columns[a]];
            }
        }
        explained = inverse.operate(rest);
        double[][] left = inverse.copy().getData();
        double[][] part = new double[n][columns.length];
        for (int i = 0; i < n; i++) {
            for (int b = 0; b < columns.length; b++) {
                for (int a = 0; a < columns.length; a++) {
                    part[i][b] += inverseShared[i][a] * covariance[columns[a]][columns[b]];
                }
            }
        }
        for (int i = 0; i < n; i++) {
            for (int j = 0; j < n; j++) {
                for (int b = 0; b < columns.length; b++) {
                    left[i][j] -= part[i][b] * inverseShared[j][b];
                }
            }
        }
        whole = new Array2DRowRealMatrix(left, false);
    }

    /**
     * What was missed of a row, by what all others tell: its error left out, and the standard deviation that was to be expected.
     *
     * @return points
     */
    double[] leftOut(int row) {
        double precision = whole.getEntry(row, row);
        return new double[] {explained[row] / precision, Math.sqrt(1 / precision)};
    }

    /**
     * Square of a row's own chance, expected once all is known.
     *
     * @return points squared
     */
    double noise(int row, ScatterOf scatter) {
        double own = chanceOf(row, scatter);
        double mean = own * explained[row];
        return design.weights()[row] * (mean * mean + own - own * own * whole.getEntry(row, row));
    }

    /** Mean and variance of an effect of this head. */
    double[] own(double[] much, double variance) {
        double mean = 0;
        for (int i = 0; i < much.length; i++) {
            mean += much[i] * explained[i];
        }
        return new double[] {variance * mean, Math.max(0, variance - variance * variance * quadratic(whole, much))};
    }

    /**
     * Covariances of another score of this head with these, what is the head's own alone.
     *
     * @return points squared, one a wash
     */
    double[] covariances(Map<Effect, Double> effects, ScatterOf scatter) {
        double[] with = new double[design.rows()];
        own().forEach((effect, much) -> {
            double other = effects.getOrDefault(effect, 0.0) * scatter.of(effect.origin());
            for (int i = 0; other != 0 && i < with.length; i++) {
                with[i] += other * much[i];
            }
        });
        return with;
    }

    /**
     * What these washes say of another score of this head.
     *
     * @return points
     */
    double said(double[] covariances) {
        double sum = 0;
        for (int i = 0; i < covariances.length; i++) {
            sum += covariances[i] * explained[i];
        }
        return sum;
    }

    /**
     * How much less is to be known of a score once these washes are, the salon's effects given.
     *
     * @return points squared, from 0 to all that was unknown
     */
    double known(double[] covariances) {
        return quadratic(inverse, covariances);
    }

    /** Takes from the salon's effects of another score what these washes answer for already. */
    void takeFrom(double[] salon, double[] covariances) {
        for (int a = 0; a < columns.length; a++) {
            for (int i = 0; i < covariances.length; i++) {
                salon[columns[a]] -= covariances[i] * inverseShared[i][a];
            }
        }
    }

    /**
     * Vector times matrix times vector.
     *
     * @return a scalar, 0 or more for a covariance
     */
    private static double quadratic(RealMatrix matrix, double[] vector) {
        double[] times = matrix.operate(vector);
        double sum = 0;
        for (int i = 0; i < vector.length; i++) {
            sum += vector[i] * times[i];
        }
        return sum;
    }
}
