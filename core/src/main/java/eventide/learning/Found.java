package eventide.learning;

import eventide.hair.Zone;
import eventide.shape.Maybe;
import eventide.wash.Correction.Kind;
import eventide.wash.Manner;
import eventide.wash.ScoreName;
import java.util.Locale;

/**
 * One thing that moves a score of one head, all that is known of it together: a bottle here, on such hair and anywhere.
 *
 * @param kind where it counts; absent for what cannot be planned, as weeks since clarifying
 * @param what in words
 * @param bottle its name, where it is one
 * @param association it moves together with the score and was never tried by itself
 * @param because with its interval and how many washes it rests on
 */
public record Found(
        ScoreName score,
        @Maybe Kind kind,
        String what,
        @Maybe String bottle,
        @Maybe Manner way,
        @Maybe Zone zone,
        Known known,
        boolean association,
        String because) {
    static Found of(
            ScoreName score,
            Kind kind,
            String what,
            String bottle,
            Manner way,
            Zone zone,
            Known known,
            boolean association) {
        return new Found(
                score, kind, what, bottle, way, zone, known, association, because(score, what, known, association));
    }

    private static String because(ScoreName score, String what, Known known, boolean association) {
        int washes = known.washes();
        return String.format(
                Locale.ROOT,
                "%s: %s %s, %s to %s, %d %s%s",
                what,
                signed(known.points()),
                score.label(),
                signed(known.low()),
                signed(known.high()),
                washes,
                washes == 1 ? "wash" : "washes",
                association ? ", association" : "");
    }

    private static String signed(double points) {
        return (points < 0 ? "−" : "+") + String.format(Locale.ROOT, "%.1f", Math.abs(points));
    }
}
