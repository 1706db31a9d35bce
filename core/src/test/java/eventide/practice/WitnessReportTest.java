package eventide.practice;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertNull;
import static org.testng.Assert.assertTrue;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.testng.annotations.Test;

/** Whether what is said of pictures and eyes holds as often as it says, on invented ones whose truth is known. */
public class WitnessReportTest {
    private static final int SALONS = 1500;

    private static Witnessed one(int i, double picture, double eye) {
        return new Witnessed("p" + i, EyeScore.FRIZZ, picture, picture - .5, picture + .5, eye);
    }

    private static WitnessReport.ScoreBeside only(List<Witnessed> all) {
        List<WitnessReport.ScoreBeside> scores = WitnessReport.of(all).scores();
        assertEquals(scores.size(), 1);
        return scores.get(0);
    }

    @Test
    public void theIntervalsHoldInFourCasesOfFive() {
        Random random = new Random(21);
        int biasHeld = 0;
        int correlationHeld = 0;
        double rho = .7;
        for (int salon = 0; salon < SALONS; salon++) {
            double bias = random.nextGaussian();
            int n = 6 + random.nextInt(20);
            List<Witnessed> all = new ArrayList<>();
            for (int i = 0; i < n; i++) {
                double eye = random.nextGaussian();
                double picture = bias + rho * eye + Math.sqrt(1 - rho * rho) * random.nextGaussian();
                all.add(one(i, 5 + picture, 5 + eye));
            }
            WitnessReport.ScoreBeside told = only(all);
            biasHeld += told.low() <= bias && bias <= told.high() ? 1 : 0;
            correlationHeld += told.correlationLow() <= rho && rho <= told.correlationHigh() ? 1 : 0;
        }
        assertEquals(biasHeld / (double) SALONS, .8, .03);
        assertEquals(correlationHeld / (double) SALONS, .8, .03);
    }

    @Test
    public void theOnesThatPartAreToldFurthestFirst() {
        WitnessReport.ScoreBeside told =
                only(List.of(one(1, 4, 4.2), one(2, 4, 7), one(3, 5, 5.4), one(4, 6, 3), one(5, 2, 3.2)));
        assertEquals(told.parted(), List.of("p2", "p4"));
    }

    /** An eye that never moves says nothing of how the two go together; two pictures say nothing of it either. */
    @Test
    public void whatCannotBeSaidIsAbsent() {
        assertNull(only(List.of(one(1, 4, 4), one(2, 5, 4), one(3, 6, 4), one(4, 7, 4)))
                .correlation());
        WitnessReport.ScoreBeside one = only(List.of(one(1, 4, 6)));
        assertEquals(one.bias(), -2.0);
        assertNull(one.low());
        assertNull(only(List.of(one(1, 4, 4), one(2, 5, 5))).correlation());
        WitnessReport.ScoreBeside line = only(List.of(one(1, 1, 1), one(2, 2, 2), one(3, 3, 3), one(4, 4, 4)));
        assertEquals(line.correlation(), 1.0);
        assertNull(line.correlationLow());
        assertTrue(WitnessReport.of(List.of()).words().contains("yet"));
    }
}
