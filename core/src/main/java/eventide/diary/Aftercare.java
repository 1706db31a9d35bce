package eventide.diary;

import eventide.air.Air;
import eventide.hair.Hair;
import eventide.outcome.Outcome;
import eventide.outcome.OutcomeModel;
import eventide.outcome.WornDay;
import eventide.routine.NightCare;
import eventide.routine.Routine;
import eventide.shape.Maybe;
import eventide.wash.Correction;
import eventide.wash.ScoreName;
import eventide.wash.Wash;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Objects;

/**
 * How a wash is kept from day to day on this head [CP throughout; the scores as the model and the log have them].
 *
 * @param nights how it is slept on: as the plan says, else what suits this length
 * @param days the wash day first
 * @param lastsDays days it is expected to last
 * @param washOn the day of the next wash
 * @param washBecause why then
 * @param best what the log says of its best day; absent where it says nothing
 */
public record Aftercare(
        NightCare nights,
        List<CareDay> days,
        double lastsDays,
        LocalDate washOn,
        String washBecause,
        @Maybe String best) {
    /**
     * One day of wear.
     *
     * @param day 1 for the wash day
     * @param definition expected, 0 to 10, as the other scores are
     * @param asks what the morning asks, a line each; empty where nothing does
     * @param air what the air of the day changes; absent where nothing
     */
    public record CareDay(
            int day,
            LocalDate date,
            ExpectedScore definition,
            ExpectedScore frizz,
            ExpectedScore volume,
            ExpectedScore softness,
            List<String> asks,
            @Maybe String air,
            boolean best) {}

    /**
     * A score to come, 0 to 10, and what four in five such days would lie between.
     *
     * @param low and {@code high}: four in five lie between
     */
    public record ExpectedScore(double value, double low, double high) {
        /** With its interval, 80 % where the log has taught something: the value as said, give and take what such a score is off by. */
        static ExpectedScore of(ScoreName score, double value, Correction learned) {
            double spread = learned.spread(score);
            return new ExpectedScore(
                    value, hundredth(Math.max(0, value - spread)), hundredth(Math.min(10, value + spread)));
        }
    }

    /** Days of wear after which it is washed, whatever it looks like [CP]. */
    private static final int LATEST = 7;
    /** Refreshed on the third day of wear and every second after it, at most three times [CP]. */
    private static final int REFRESHED_FROM = 3;

    /** After so many it is washed: each leaves something in [CP]. */
    private static final int MOST_REFRESHES = 3;
    /** Dew point above which a day is said to be humid, °C. */
    private static final double HUMID_C = 15;
    /** Dew point below which a day is said to be dry, °C. */
    private static final double FROST_C = 2;
    /** Washes with a best day that are enough to speak of it [OURS]. */
    private static final int ENOUGH = 3;

    /** Nights, mornings, amounts and the next wash, for one head as it was washed. */
    public static Aftercare of(AftercareQuestion asked) {
        NightCare nights = nights(asked.worn(), asked.hair());
        Correction learned = asked.learnedOrNone();
        List<Outcome> outcomes = new ArrayList<>();
        int last = Math.max(1, Math.min(LATEST, asked.airs().size()));
        Wash wash = wash(asked, asked.air(1));
        Outcome first = OutcomeModel.predict(wash.taught(learned));
        for (int day = 1; day <= last; day++) {
            outcomes.add(
                    asked.air(day).equals(asked.air(1))
                            ? first
                            : OutcomeModel.predict(wash(asked, asked.air(day)).taught(learned)));
        }
        double lasts = first.overall().days();
        WashRhythm rhythm = rhythm(asked, lasts);
        int worn = Math.min(LATEST, Math.max(1, rhythm.days()));
        Integer best = best(asked.washes());
        List<CareDay> days = new ArrayList<>();
        int refreshes = 0;
        for (int day = 1; day <= worn; day++) {
            Outcome outcome = outcomes.get(Math.min(day, outcomes.size()) - 1);
            WornDay expected = outcome.byDay().get(day - 1);
            boolean refresh = day >= REFRESHED_FROM && (day - REFRESHED_FROM) % 2 == 0 && refreshes < MOST_REFRESHES;
            refreshes += refresh ? 1 : 0;
            days.add(new CareDay(
                    day,
                    asked.washedOn().plusDays(day - 1L),
                    ExpectedScore.of(ScoreName.DEFINITION, expected.definition(), learned),
                    ExpectedScore.of(ScoreName.FRIZZ, expected.frizz(), learned),
                    ExpectedScore.of(ScoreName.VOLUME, expected.volume(), learned),
                    ExpectedScore.of(ScoreName.SOFTNESS, expected.softness(), learned),
                    morning(day, refresh, asked),
                    air(asked.air(day)),
                    best != null && best == day));
        }
        return new Aftercare(
                nights,
                days,
                Math.round(lasts * 10) / 10.0,
                asked.washedOn().plusDays(rhythm.days()),
                rhythm.why(),
                best == null ? null : bestWords(asked.washes(), best));
    }

    private static double hundredth(double value) {
        return Math.round(value * 100) / 100.0;
    }

    private static Wash wash(AftercareQuestion asked, Air air) {
        return Wash.of(asked.worn(), asked.hair(), asked.goal(), air, asked.schools(), null);
    }

    /**
     * The same as the diary's, so that both name one day for the next wash.
     *
     * @param lasts days the style is expected to last
     */
    private static WashRhythm rhythm(AftercareQuestion asked, double lasts) {
        Cadence own = new Cadence(asked.washEveryDays(), null, null, null, null);
        WashRhythm rhythm = WashRhythm.of(new DiaryQuestion(
                asked.hair(),
                asked.goal(),
                asked.washedOn(),
                asked.washedOn(),
                null,
                own,
                asked.washes(),
                null,
                null,
                asked.worn(),
                null,
                null,
                null,
                null));
        int expected = (int) Math.max(2, Math.min(WashRhythm.LATEST, Math.round(lasts)));
        return rhythm.source() != DiaryEntry.DueBy.TRADE
                ? rhythm
                : new WashRhythm(
                        expected,
                        "It should last " + Words.number(lasts) + " days as it was done.",
                        DiaryEntry.DueBy.TRADE);
    }

    /** As the plan says; else as high as this length gathers. */
    static NightCare nights(Routine worn, Hair hair) {
        if (worn.nightCare() != null && worn.nightCare() != NightCare.NONE) {
            return worn.nightCare();
        }
        return NightCare.PINEAPPLE.suits(hair) && !hair.pattern().isStraight() ? NightCare.PINEAPPLE : NightCare.SATIN;
    }

    /**
     * What a day asks for when getting up; on the first nothing, it is fresh.
     *
     * @param day of wear, 1 for the wash day
     */
    private static List<String> morning(int day, boolean refresh, AftercareQuestion asked) {
        List<String> asks = new ArrayList<>();
        if (day == 1) {
            return asks;
        }
        asks.add("Shake the roots out.");
        if (refresh) {
            asks.add("Mist only what frizzes outside, a pea of what is worn over it, 15 to 20 min of air.");
        }
        if (day >= REFRESHED_FROM && asked.goal().wantsVolume()) {
            asks.add("Flat at the root: a pick, or dry shampoo.");
        }
        if (day == 2 && asked.goal().softness() >= 2) {
            asks.add("A drop or two of oil on dry ends.");
        }
        return asks;
    }

    /** What the air of a day means for worn hair, null where it is easy. */
    private static String air(Air air) {
        double dew = air.wornDewPointC();
        if (dew > HUMID_C) {
            return String.format(
                    Locale.ROOT, "Dew point %.0f°: humid. It frizzes sooner; leave it alone, spray over.", dew);
        }
        double driest = air.driestDewPointC();
        return driest < FROST_C
                ? String.format(
                        Locale.ROOT, "Dew point %.0f°: dry. A drop of oil on the ends, no mist outdoors.", driest)
                : null;
    }

    /** The day this head looked best on most often; null with too few washes to say. */
    private static Integer best(List<DiaryWash> washes) {
        List<Integer> days = washes.stream()
                .map(DiaryWash::bestDay)
                .filter(Objects::nonNull)
                .sorted()
                .toList();
        return days.size() < ENOUGH ? null : days.get((days.size() - 1) / 2);
    }

    /** On how many washes it was so: two of two is said as two of two. */
    private static String bestWords(List<DiaryWash> washes, int best) {
        long looked = washes.stream().filter(wash -> wash.bestDay() != null).count();
        long beat = washes.stream()
                .filter(wash -> wash.bestDay() != null && wash.bestDay() == best)
                .count();
        return best == 1
                ? "The wash day itself is this head's best: " + beat + " of " + looked + " washes."
                : "Day " + best + " beats day 1 on this head: " + beat + " of " + looked + " washes.";
    }
}
