package eventide.diary;

import eventide.hair.Hair;
import eventide.shape.Changed;
import eventide.shape.Maybe;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.List;

/**
 * When a head was last washed, clarified and given protein: as it was said at the consult and as the log shows. Where they differ the
 * later date counts, for a client washes at home too.
 *
 * @param washed null where nobody knows, as are the others
 */
public record LastCare(@Maybe LocalDate washed, @Maybe LocalDate clarified, @Maybe LocalDate protein) {
    public static final LastCare UNKNOWN = new LastCare(null, null, null);

    /** The consult says days, counted back from where it was read. */
    public static LastCare said(Hair hair, LocalDate read) {
        return new LastCare(
                ago(read, hair.daysSinceWash()),
                ago(read, hair.daysSinceClarify()),
                ago(read, hair.daysSinceProtein()));
    }

    private LastCare with(DiaryWash wash) {
        return new LastCare(
                later(washed, wash.date()),
                wash.wasClarified() ? later(clarified, wash.date()) : clarified,
                wash.hadProtein() ? later(protein, wash.date()) : protein);
    }

    /** With all these, in any order. */
    public LastCare with(List<DiaryWash> washes) {
        LastCare all = this;
        for (DiaryWash wash : washes) {
            all = all.with(wash);
        }
        return all;
    }

    /** With what is known from elsewhere. */
    public LastCare with(LastCare other) {
        return new LastCare(
                later(washed, other.washed), later(clarified, other.clarified), later(protein, other.protein));
    }

    /** What is known here, and where nothing is, what another knows. */
    public LastCare or(LastCare other) {
        return new LastCare(
                washed == null ? other.washed : washed,
                clarified == null ? other.clarified : clarified,
                protein == null ? other.protein : protein);
    }

    /**
     * A head as it is on a day: its days since counted anew. Once washed here it is no new client's any more, once clarified it is not
     * built up.
     *
     * @param read when it was read; these are not put right by what was done before
     */
    public Hair on(LocalDate day, Hair hair, LocalDate read) {
        Hair then = Changed.with(hair, "daysSinceWash", days(washed, day));
        then = Changed.with(then, "daysSinceClarify", days(clarified, day));
        then = Changed.with(then, "daysSinceProtein", days(protein, day));
        if (isAfter(washed, read) && hair.newClient() != null) {
            then = Changed.with(then, "newClient", false);
        }
        if (isAfter(clarified, read) && hair.buildUp() != null) {
            then = Changed.with(then, "buildUp", false);
        }
        return then;
    }

    private static boolean isAfter(LocalDate date, LocalDate read) {
        return date != null && !date.isBefore(read);
    }

    private static Double days(LocalDate date, LocalDate day) {
        if (date == null) {
            return null;
        }
        return Math.min(Hair.LONGEST_AGO, Math.max(0, ChronoUnit.DAYS.between(date, day)));
    }

    private static LocalDate ago(LocalDate read, Double days) {
        return days == null ? null : read.minusDays(Math.round(days));
    }

    private static LocalDate later(LocalDate one, LocalDate other) {
        return one == null || other != null && other.isAfter(one) ? other : one;
    }
}
