package eventide.chair;

import eventide.drying.Tide;
import java.util.List;

/**
 * A pause, or hours without a tap: hands did nothing, and the hair dried on.
 *
 * @param fromMinute since the start
 * @param before percent wet along the lengths of the whole head as it began
 * @param after as it ended, or now
 * @param said the same in words
 */
public record Rested(double fromMinute, double minutes, double before, double after, String said) {
    /** A shorter one nobody remembers, minutes [OURS]. */
    private static final double WORTH_SAYING = 1;

    /** Minutes. */
    private static final double HOUR = 60;

    /** In the order of time. */
    static List<Rested> of(AtTheChair chair) {
        return chair.rests().all().stream()
                .filter(rest -> rest.minutes() >= WORTH_SAYING)
                .map(rest -> of(chair, rest))
                .toList();
    }

    /** What a pause did to the hair, in words. */
    private static Rested of(AtTheChair chair, Rests.Paused rest) {
        Tide tide = chair.course().tide();
        double from = StepDone.minutes(chair.record().startedAt(), rest.from());
        double before = lengthsAt(tide, from);
        double after = lengthsAt(tide, from + rest.minutes());
        long was = Math.round(before);
        long is = Math.round(after);
        String dried = was == is
                ? "the head stayed at " + is + " %"
                : "the head " + (was > is ? "dried" : "went") + " from " + was + " to " + is + " %";
        return new Rested(
                round(from),
                round(rest.minutes()),
                round(before),
                round(after),
                words(rest.minutes()) + " off: " + dried + ".");
    }

    private static String words(double minutes) {
        long whole = Math.round(minutes);
        return whole < HOUR ? whole + " min" : whole / (int) HOUR + " h " + whole % (int) HOUR + " min";
    }

    /** Percent along the lengths, between two whole minutes along the line. */
    private static double lengthsAt(Tide tide, double minute) {
        List<Double> lengths = tide.lengths();
        int last = lengths.size() - 1;
        int at = (int) Math.max(0, Math.min(last, Math.floor(minute)));
        double next = lengths.get(Math.min(last, at + 1));
        double part = Math.max(0, Math.min(1, minute - at));
        return lengths.get(at) + part * (next - lengths.get(at));
    }

    private static double round(double value) {
        return Math.round(value * 10) / 10.0;
    }
}
