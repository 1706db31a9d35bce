package eventide.learning;

import static org.testng.Assert.assertEquals;

import eventide.wash.ScoreName;
import java.util.List;
import org.ejml.data.DMatrixRMaj;
import org.ejml.dense.row.CommonOps_DDRM;
import org.testng.annotations.Test;

/** The blocks of the fit against one dense matrix over all washes, solved by another library. */
public class FitTest {
    private final List<Sample> samples = new InventedSalon(11, 1, .8).washes(12, 2, 9);
    private final Fit fit = Fit.of(ScoreName.DEFINITION, samples, List.of());
    private final DMatrixRMaj inverse = new DMatrixRMaj(samples.size(), samples.size());
    private final double[] missed = samples.stream()
            .mapToDouble(sample -> sample.missed(ScoreName.DEFINITION))
            .toArray();

    public FitTest() {
        int n = samples.size();
        DMatrixRMaj covariance = new DMatrixRMaj(n, n);
        for (int i = 0; i < n; i++) {
            for (int j = 0; j < n; j++) {
                covariance.set(i, j, common(samples.get(i), samples.get(j)));
            }
            covariance.add(i, i, fit.scatter().noise());
        }
        CommonOps_DDRM.invert(covariance, inverse);
    }

    /** Covariance of two washes: what both share of every effect. */
    private double common(Sample one, Sample other) {
        double sum = 0;
        for (var effect : one.effects().entrySet()) {
            boolean same = !effect.getKey().origin().isOfHead() || one.head().equals(other.head());
            if (same) {
                sum += effect.getValue()
                        * other.effects().getOrDefault(effect.getKey(), 0.0)
                        * fit.scatter().of(effect.getKey().origin());
            }
        }
        return sum;
    }

    private double explained(int wash) {
        double sum = 0;
        for (int j = 0; j < missed.length; j++) {
            sum += inverse.get(wash, j) * missed[j];
        }
        return sum;
    }

    @Test
    public void aWashIsSaidAsTheDenseMatrixSaysIt() {
        for (Sample next : samples) {
            double mean = 0;
            double variance = common(next, next) + fit.scatter().noise();
            for (int i = 0; i < samples.size(); i++) {
                double with = common(next, samples.get(i));
                mean += with * explained(i);
                for (int j = 0; j < samples.size(); j++) {
                    variance -= with * inverse.get(i, j) * common(next, samples.get(j));
                }
            }
            double[] said = fit.correction(next.head(), next.effects(), 1);
            assertEquals(said[0], mean, 1e-8, next.id());
            assertEquals(said[1], variance, 1e-8, next.id());
        }
    }

    /** The usual identity of a wash left out, by the dense inverse. */
    @Test
    public void aWashLeftOutIsSaidFromAllOthers() {
        for (Head head : fit.heads()) {
            for (int i = 0; i < head.samples().size(); i++) {
                int row = samples.indexOf(head.samples().get(i));
                assertEquals(head.leftOut(i)[0], explained(row) / inverse.get(row, row), 1e-8);
                assertEquals(head.leftOut(i)[1], Math.sqrt(1 / inverse.get(row, row)), 1e-8);
            }
        }
    }

    @Test
    public void anEffectIsWhatTheDenseMatrixMakesOfIt() {
        Effect kelp = new Effect(Origin.BOTTLE, "kelp");
        double tau = fit.scatter().of(Origin.BOTTLE);
        double mean = 0;
        double variance = tau;
        for (int i = 0; i < samples.size(); i++) {
            double mine = tau * samples.get(i).effects().getOrDefault(kelp, 0.0);
            mean += mine * explained(i);
            for (int j = 0; j < samples.size(); j++) {
                variance -= mine
                        * inverse.get(i, j)
                        * tau
                        * samples.get(j).effects().getOrDefault(kelp, 0.0);
            }
        }
        assertEquals(fit.effect(kelp, ""), new double[] {mean, variance}, 1e-8);
    }
}
