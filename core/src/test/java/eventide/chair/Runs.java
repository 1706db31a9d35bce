package eventide.chair;

import eventide.Heads;
import eventide.chair.ChairEvent.Kind;
import eventide.hair.Zone;
import eventide.routine.Action;
import eventide.routine.Routine;
import eventide.routine.Step;
import eventide.routine.Technique;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;

/** Runs as they happen and as they never should: same seed, same runs. */
public final class Runs {
    /** Index of the step done section by section, three of them. */
    public static final int GROUP = 2;

    public static final Routine ROUTINE = Routine.of(
            Step.of(Action.RINSE).build(),
            Step.of(Action.APPLY)
                    .product(Heads.LEAVE_IN)
                    .technique(Technique.RAKE)
                    .build(),
            Step.of(Action.EACH_SECTION)
                    .sections(3)
                    .steps(List.of(
                            Step.of(Action.APPLY)
                                    .product(Heads.GEL)
                                    .technique(Technique.SMOOTH)
                                    .build(),
                            Step.of(Action.BRUSH_STYLE).build()))
                    .build(),
            Step.of(Action.SCRUNCH).count(3).build(),
            Step.of(Action.HOVER).untilDry(57.0).build(),
            Step.of(Action.CUP).untilDry(100.0).build(),
            Step.of(Action.BREAK_CAST).build());

    private Runs() {}

    /** Events of every kind at growing times, many at the same instant, some of them nonsense where they stand. */
    public static List<ChairEvent> random(Random random, Routine routine, Instant start) {
        List<ChairEvent> events = new ArrayList<>();
        long millis = 0;
        int count = random.nextInt(40);
        int likely = 0;
        for (int i = 0; i < count; i++) {
            millis += random.nextInt(4) == 0 ? 0 : random.nextInt(240_000);
            Kind kind = i == 0 ? Kind.BEGIN : likely(random);
            int steps = routine.steps().size();
            Integer step = random.nextInt(4) == 0 ? random.nextInt(steps + 1) : Math.min(likely, steps - 1);
            if (kind == Kind.DONE || kind == Kind.SKIP) {
                likely++;
            } else if (kind == Kind.BACK) {
                likely = step;
            }
            events.add(event(random, "e" + random.nextInt(100_000) + "-" + i, start.plusMillis(millis), i, kind, step));
        }
        return events;
    }

    private static Kind likely(Random random) {
        Kind[] often = {Kind.DONE, Kind.DONE, Kind.DONE, Kind.SECTION, Kind.SECTION, Kind.SKIP};
        return random.nextBoolean() ? Heads.one(random, often) : Heads.one(random, Kind.values());
    }

    private static ChairEvent event(Random random, String id, Instant at, int seq, Kind kind, Integer step) {
        return new ChairEvent(
                id,
                at,
                seq,
                kind,
                step,
                random.nextInt(3) == 0 ? 0 : null,
                kind == Kind.SECTION ? random.nextInt(3) : null,
                kind == Kind.AMOUNT ? random.nextInt(9) / 4.0 : null,
                kind == Kind.SWAP ? Heads.SOFT_GEL : null,
                kind == Kind.NOTE ? Heads.one(random, Zone.values()) : null,
                kind == Kind.NOTE ? Heads.one(random, ChairEvent.Sign.values()) : null,
                kind == Kind.LOOK ? Heads.one(random, Look.values()) : null,
                kind == Kind.ANSWERED ? "mask/" + random.nextInt(3) : null,
                null);
    }
}
