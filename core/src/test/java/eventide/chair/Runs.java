package eventide.chair;

import eventide.Heads;
import eventide.chair.ChairEvent.Kind;
import eventide.hair.Zone;
import eventide.product.Product;
import eventide.routine.Action;
import eventide.routine.Routine;
import eventide.routine.Step;
import eventide.routine.Technique;
import java.time.Duration;
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

    public static final Instant NINE = Instant.parse("2026-05-01T09:00:00Z");

    private Runs() {}

    static Instant at(double minute) {
        return NINE.plus(Duration.ofMillis(Math.round(minute * 60_000)));
    }

    static ChairEvent event(double minute, Kind kind, Integer step) {
        return ChairEvent.of(kind + "@" + minute, at(minute), kind, step);
    }

    static ChairEvent section(double minute, int section) {
        return section(minute, GROUP, section);
    }

    static ChairEvent section(double minute, int step, int section) {
        return new ChairEvent(
                "s@" + minute,
                at(minute),
                null,
                Kind.SECTION,
                step,
                null,
                section,
                null,
                null,
                null,
                null,
                null,
                null,
                null);
    }

    static ChairEvent swap(double minute, int step, Integer inner, Product product) {
        return new ChairEvent(
                "w@" + minute,
                at(minute),
                null,
                Kind.SWAP,
                step,
                inner,
                null,
                null,
                product,
                null,
                null,
                null,
                null,
                null);
    }

    static ChairEvent look(double minute, Look look) {
        return look(minute, look, null);
    }

    /** @param trust 0 to 1, null for all the way */
    static ChairEvent look(double minute, Look look, Double trust) {
        return new ChairEvent(
                "l@" + minute,
                at(minute),
                null,
                Kind.LOOK,
                null,
                null,
                null,
                null,
                null,
                null,
                null,
                look,
                null,
                null,
                trust);
    }

    /** As a device sends it that counts what it sends. */
    static ChairEvent counted(String device, int seq, double minute, Kind kind, Integer step) {
        return new ChairEvent(
                device + seq, at(minute), seq, kind, step, null, null, null, null, null, null, null, null, device);
    }

    /** Rinsed, the leave-in on, the sections begun; then what is given. */
    static List<ChairEvent> intoTheGroup(ChairEvent... more) {
        List<ChairEvent> all =
                new ArrayList<>(List.of(event(0, Kind.BEGIN, null), event(2, Kind.DONE, 0), event(5, Kind.DONE, 1)));
        all.addAll(List.of(more));
        return all;
    }

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
