package eventide.diary;

import eventide.diary.DiaryEntry.DueBy;
import eventide.hair.Hair;
import eventide.hair.Pattern;
import eventide.hair.Scalp;
import eventide.hair.Strand;
import java.util.List;

/**
 * Days from one wash to the next: the client's own number, else as long as washes lasted, else the trade's three to seven by hair and
 * scalp [CP; which hair takes how many OURS].
 *
 * @param days from one wash to the next
 * @param source whose word it is
 */
record WashRhythm(int days, String why, DueBy source) {
    /** Days between washes that no wash-and-go goes below [CP]. */
    static final int SOONEST = 3;
    /** Days beyond which no scalp should wait [CP]. */
    static final int LATEST = 7;
    /** Washes whose days were logged before they decide [OURS]. */
    private static final int ENOUGH = 3;
    /** The latest of them that count: hair and seasons change [OURS]. */
    private static final int LOOKED_AT = 8;

    /** What the client does, else what this head's washes lasted (their median), else what the trade says of such hair. */
    static WashRhythm of(DiaryQuestion asked) {
        Integer own = asked.cadenceOrNone().washEveryDays();
        if (own != null) {
            return new WashRhythm(own, own == 1 ? "Washed every day." : "Washed every " + own + " days.", DueBy.CLIENT);
        }
        List<Double> lasted = asked.inOrder().stream()
                .filter(wash -> wash.lastedDays() != null)
                .map(DiaryWash::lastedDays)
                .toList();
        if (lasted.size() >= ENOUGH) {
            List<Double> late = lasted.subList(Math.max(0, lasted.size() - LOOKED_AT), lasted.size());
            double median = median(late);
            int days = (int) Math.max(2, Math.min(LATEST, Math.round(median)));
            return new WashRhythm(
                    days,
                    "Washes lasted " + Words.number(median) + " days here, the middle of the last " + late.size() + ".",
                    DueBy.LOG);
        }
        return trade(asked.hair());
    }

    /**
     * @param some at least one
     * @return in the unit of what is given
     */
    private static double median(List<Double> some) {
        List<Double> sorted = some.stream().sorted().toList();
        int half = sorted.size() / 2;
        return sorted.size() % 2 == 1 ? sorted.get(half) : (sorted.get(half - 1) + sorted.get(half)) / 2;
    }

    /** By pattern and strand, sooner where the scalp is oily or itches [CP]. */
    private static WashRhythm trade(Hair hair) {
        Pattern pattern = hair.pattern();
        boolean light = pattern.isWavy() || pattern.isStraight() || hair.strand() == Strand.FINE;
        int days = pattern.isCoily() ? LATEST : light ? SOONEST + 1 : SOONEST + 2;
        String because = pattern.isCoily()
                ? "coils keep a week"
                : light ? "light hair goes limp sooner" : "curls keep five days";
        if (hair.scalpOrEmpty().contains(Scalp.OILY)
                || hair.scalpOrEmpty().contains(Scalp.ITCHY)
                || hair.scalpOrEmpty().contains(Scalp.FLAKING)) {
            days = Math.max(SOONEST, days - 1);
            because = "the scalp asks for it sooner";
        }
        return new WashRhythm(days, "Washed every " + days + " days: " + because + ".", DueBy.TRADE);
    }
}
