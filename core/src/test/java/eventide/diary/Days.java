package eventide.diary;

import eventide.Heads;
import eventide.hair.Condition;
import eventide.hair.Density;
import eventide.hair.Hair;
import eventide.hair.Pattern;
import eventide.hair.Porosity;
import eventide.hair.Strand;
import eventide.routine.Action;
import eventide.routine.Goal;
import eventide.routine.Routine;
import eventide.routine.Step;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Random;
import java.util.Set;

/** Heads, histories and events that nobody chose: same seed, same days. */
final class Days {
    static final Goal GOAL = new Goal(2, 1, 0, 1, 1, null);
    static final Hair CURLS = Hair.of(Strand.MEDIUM, Porosity.MEDIUM, Pattern.CURLY_3A, Density.MEDIUM, 35);

    private static final Routine DIFFUSED = Routine.of(
            Step.of(Action.CLEANSE).minutes(4.0).build(),
            Step.of(Action.RINSE).minutes(2.0).build(),
            Step.of(Action.APPLY).product(Heads.GEL).build(),
            Step.of(Action.CUP).untilDry(100.0).build());
    private static final Routine AIRED = Routine.of(
            Step.of(Action.CLEANSE).minutes(4.0).build(),
            Step.of(Action.RINSE).minutes(2.0).build(),
            Step.of(Action.APPLY).product(Heads.LEAVE_IN).build(),
            Step.of(Action.AIR).untilDry(100.0).build());

    private Days() {}

    static LocalDate day(String iso) {
        return LocalDate.parse(iso);
    }

    static DiaryWash washed(String iso) {
        return new DiaryWash(day(iso), null, null, null, null, null, null);
    }

    /** Asked from a day on, for some days. */
    static DiaryQuestion asked(Hair hair, Cadence cadence, String from, int days, DiaryWash... washes) {
        return new DiaryQuestion(
                hair,
                GOAL,
                day(from),
                day(from).plusDays(days),
                null,
                cadence,
                List.of(washes),
                null,
                null,
                null,
                null,
                null,
                null,
                null);
    }

    static DiaryQuestion towards(DiaryQuestion asked, LocalDateTime at, List<BusyTime> busy) {
        return new DiaryQuestion(
                asked.hair(),
                asked.goal(),
                asked.from(),
                asked.to(),
                asked.workingHours(),
                asked.cadence(),
                asked.washes(),
                at == null ? null : new DiaryEvent(at, "the opening", null),
                busy,
                asked.routine(),
                asked.lastTrim(),
                asked.logged(),
                asked.learned(),
                asked.newNext());
    }

    static Hair head(Random random) {
        Set<Condition> condition = EnumSet.noneOf(Condition.class);
        for (Condition one : Condition.values()) {
            if (random.nextInt(8) == 0) {
                condition.add(one);
            }
        }
        Hair hair = Hair.of(
                        Heads.one(random, Strand.values()),
                        Heads.one(random, Porosity.values()),
                        Heads.one(random, Pattern.values()),
                        Heads.one(random, Density.values()),
                        10 + random.nextInt(50))
                .withCondition(condition);
        return random.nextInt(5) == 0 ? hair.withAllergies(List.of("nuts")) : hair;
    }

    /** Asked from any day of some years, with a past, hours, busy times and perhaps numbers of the client's own. */
    static DiaryQuestion any(Random random) {
        LocalDate from = day("2023-11-20").plusDays(random.nextInt(900));
        List<DiaryWash> washes = new ArrayList<>();
        LocalDate day = from.minusDays(random.nextInt(9));
        for (int i = random.nextInt(12); i > 0; i--) {
            washes.add(new DiaryWash(
                    day,
                    random.nextInt(4) == 0,
                    random.nextInt(3) == 0,
                    random.nextInt(4) == 0,
                    random.nextBoolean() ? (Double) (double) (2 + random.nextInt(6)) : null,
                    random.nextBoolean() ? (Integer) (1 + random.nextInt(4)) : null,
                    random.nextInt(6) == 0 ? List.of("Ebb gel") : null));
            day = day.minusDays(2 + random.nextInt(7));
        }
        Cadence cadence = random.nextBoolean()
                ? null
                : new Cadence(
                        maybe(random, 1 + random.nextInt(10)),
                        maybe(random, 1 + random.nextInt(6)),
                        maybe(random, 1 + random.nextInt(4)),
                        maybe(random, 7 + random.nextInt(40)),
                        maybe(random, 4 + random.nextInt(12)));
        List<BusyTime> busy = new ArrayList<>();
        for (int i = random.nextInt(12); i > 0; i--) {
            LocalDateTime start = from.plusDays(random.nextInt(60)).atTime(7 + random.nextInt(12), 0);
            busy.add(new BusyTime(start, start.plusHours(1 + random.nextInt(10))));
        }
        return new DiaryQuestion(
                head(random),
                GOAL,
                from,
                from.plusDays(20 + random.nextInt(60)),
                null,
                cadence,
                washes,
                null,
                busy,
                random.nextBoolean() ? DIFFUSED : AIRED,
                random.nextBoolean() ? from.minusDays(random.nextInt(120)) : null,
                random.nextInt(4) == 0
                        ? new LoggedCadence(
                                maybe(random, 14 + random.nextInt(20)), maybe(random, 14 + random.nextInt(20)))
                        : null,
                null,
                random.nextInt(4) == 0 ? List.of("Ebb gel") : null);
    }

    private static Integer maybe(Random random, int value) {
        return random.nextBoolean() ? value : null;
    }
}
