package eventide.planner;

import eventide.outcome.Prospect;
import eventide.planner.Outlook.Worn;
import eventide.planner.Search.Frame;
import eventide.planner.Slots.Option;
import eventide.planner.Slots.Slot;
import java.util.Arrays;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;

/** The most that any plan on a branch can be worth: {@link Prospect}'s, with the least minutes such a wash can take. */
final class Bounds {
    static final double IMPOSSIBLE = Double.NEGATIVE_INFINITY;

    /** What a bound rests on, from wide to narrow: a branch is weighed more closely only where it still promises enough. */
    enum Closeness {
        /** What is sure of its kind, whichever layers it has. */
        ANY(1),
        /** What is sure of just its layers; the bottles are still to be told apart. */
        LAYERED(.5),
        /** Just its bottles. */
        EXACT(0);

        /** Points of worth by which it seems better than what comes of it, more or less [OURS: found to need fewest]. */
        final double seems;

        Closeness(double seems) {
            this.seems = seems;
        }
    }

    private static final Grounds.Kind[] KINDS = Grounds.Kind.values();

    private final Slots slots;
    private final Grounds grounds;
    private final Map<String, Integer> beyond = new ConcurrentHashMap<>();

    /** Foam goes on everywhere, under gel too; else over gel it goes on the crown alone. */
    private final boolean foamUnder;

    /** Moisture is kept off the crown. */
    private final boolean crownSpared;

    /** Of the hold that is advised, the part that goes on. */
    private final double held;

    Bounds(Slots slots, Grounds grounds, Details details) {
        this.slots = slots;
        this.grounds = grounds;
        this.foamUnder = details.work().foamUnder();
        this.crownSpared = details.dose().crownSpared();
        this.held = details.dose().hold().factor;
    }

    /** How often a limit alone ruled a branch out, by its name. */
    Map<String, Integer> beyond() {
        return beyond;
    }

    /**
     * Whichever layers a branch comes to have, with all of the hold that is advised: less of it only leaves strands bare, and
     * so searches in other amounts share what is worked out.
     *
     * @param taken by slot, null where that is still open
     */
    double mostOfAny(Frame frame, Option[] taken) {
        double most = IMPOSSIBLE;
        for (Grounds.Kind kind : KINDS) {
            if (isPossible(kind, taken)) {
                Grounds.Ground ground = grounds.ofAny(frame, kind, guards(taken));
                most = Math.max(most, isWithin(ground.beyond()) ? most(ground, taken, Closeness.ANY) : IMPOSSIBLE);
            }
        }
        return most;
    }

    /** What is sure of the layers a branch has; each is decided, if only as a group of bottles. */
    Grounds.Ground layered(Frame frame, Option[] taken) {
        boolean guards = Arrays.stream(taken).anyMatch(Option::mayGuard);
        return grounds.of(frame, kind(taken), guards, Slots.water(taken), Layers.of(taken, foamUnder), held);
    }

    /**
     * @param ground of the branch's layers
     */
    double most(Grounds.Ground ground, Option[] taken) {
        return isWithin(ground.beyond()) ? most(ground, taken, Closeness.LAYERED) : IMPOSSIBLE;
    }

    /** For just these products, worked out instead of looked up: with each parting of the frame, in the order of {@link Grounds#partings}. */
    double[] mostExactly(Frame frame, Option[] taken) {
        Grounds.Ground ground = layered(frame, taken);
        boolean differs = crownSpared || !foamUnder && mayDiffer(taken, 0);
        Worn elsewhere = worn(taken, 0, false);
        double[] most = ground.outlook().mostExactly(elsewhere, differs ? worn(taken, 0, true) : elsewhere);
        double fixed = fixed(ground, taken, Closeness.EXACT);
        double without = notSqueezed(taken);
        for (int i = 0; i < most.length; i++) {
            Grounds.Parting parting = ground.partings().get(i);
            boolean within =
                    isWithin(parting.beyond()) && isWithin(grounds.beyondExactly(parting, frame.drying(), without));
            most[i] = within ? fixed + most[i] : IMPOSSIBLE;
        }
        return most;
    }

    /** Minutes of squeezing that these bottles do not ask for. */
    private static double notSqueezed(Option[] taken) {
        return LeastMinutes.SQUEEZED
                * Arrays.stream(taken)
                        .filter(option -> !option.isEmpty() && !option.squeezed())
                        .count();
    }

    /** Counts a limit that is in the way. */
    private boolean isWithin(String limit) {
        if (limit != null) {
            beyond.merge(limit, 1, Integer::sum);
        }
        return limit == null;
    }

    /** The kind of a branch whose slots are all decided. */
    private static Grounds.Kind kind(Option[] taken) {
        return Arrays.stream(KINDS)
                .filter(kind -> isPossible(kind, taken))
                .findFirst()
                .orElseThrow();
    }

    /** Whether a branch can still come to be of a kind. */
    private static boolean isPossible(Grounds.Kind kind, Option[] taken) {
        boolean holds = Slots.isTaken(taken, Slot.GEL) || Slots.isTaken(taken, Slot.MOUSSE);
        boolean worn = holds || Slots.isTaken(taken, Slot.CREAM) || Slots.isTaken(taken, Slot.LEAVE_IN);
        boolean casts = casts(taken[Slot.GEL.ordinal()]) || casts(taken[Slot.MOUSSE.ordinal()]);
        boolean settled = taken[Slot.GEL.ordinal()] != null && taken[Slot.MOUSSE.ordinal()] != null;
        return switch (kind) {
            case NOTHING -> !worn;
            case MOISTURE -> !holds && (worn || open(taken) > 0);
            case HOLD -> !casts && (holds || !settled);
            case CAST -> casts || !settled;
        };
    }

    private static int open(Option[] taken) {
        int open = 0;
        for (Option option : taken) {
            open += option == null ? 1 : 0;
        }
        return open;
    }

    private static boolean casts(Option option) {
        return option != null && option.casts();
    }

    private static boolean guards(Option[] taken) {
        Option gel = taken[Slot.GEL.ordinal()];
        return gel != null && gel.guards();
    }

    /** What is known to come off, or on, whatever is worn. */
    private double fixed(Grounds.Ground ground, Option[] taken, Closeness how) {
        double fixed = Worth.ROUNDING - Worth.LAYER_COSTS * ground.layers();
        boolean buildsUp = false;
        for (Option option : taken) {
            buildsUp |= option != null && option.buildsUp();
            if (option != null && how == Closeness.ANY) {
                fixed -= option.leastCosts();
            } else if (option != null && !option.isEmpty()) {
                fixed -= Worth.LAYER_COSTS;
            }
        }
        return fixed - (buildsUp && !grounds.isLifted() ? Worth.NOTE_COSTS : 0);
    }

    /**
     * Nothing that misses its water does any better for it, so all is taken as met. Of the slots still open none may be
     * taken, or one, or more: each has its cost, whatever it brings.
     */
    private double most(Grounds.Ground ground, Option[] taken, Closeness how) {
        double most = IMPOSSIBLE;
        int open = open(taken);
        for (int further = 0; further <= open; further++) {
            Worn elsewhere = worn(taken, further, false);
            // Foam over gel goes on the crown alone; without both, the crown wears what the rest does.
            boolean differs = crownSpared || !foamUnder && mayDiffer(taken, further);
            double worth = ground.outlook().most(elsewhere, differs ? worn(taken, further, true) : elsewhere);
            // Of the open ones only mousse takes no time of its own: it stands in for the gel, or is patted on the
            // crown.
            int timed = Math.max(0, further - (taken[Slot.MOUSSE.ordinal()] == null ? 1 : 0));
            most = Math.max(most, worth - Worth.LAYER_COSTS * further - grounds.furtherCosts() * timed);
        }
        return fixed(ground, taken, how) + most;
    }

    private static boolean mayDiffer(Option[] taken, int further) {
        boolean mousse = taken[Slot.MOUSSE.ordinal()] == null ? further > 0 : Slots.isTaken(taken, Slot.MOUSSE);
        return mousse && Slots.isTaken(taken, Slot.GEL);
    }

    /** Bounds of what is worn: decided slots as they are, and from nothing to the most that so many open ones bring. */
    private Worn worn(Option[] taken, int further, boolean crown) {
        double leastBest = 0;
        double leastSecond = 0;
        double best = 0;
        double second = 0;
        double rich = 0;
        double more = 0;
        boolean foam = false;
        boolean mousseHere = foamUnder || crown || !Slots.isTaken(taken, Slot.GEL);
        boolean moistHere = !(crown && crownSpared);
        for (int i = 0; i < taken.length; i++) {
            boolean mousse = i == Slot.MOUSSE.ordinal();
            if (taken[i] != null && !taken[i].isEmpty() && isHere(i, mousseHere, moistHere)) {
                leastSecond = Math.max(leastSecond, Math.min(leastBest, taken[i].leastHold()));
                leastBest = Math.max(leastBest, taken[i].leastHold());
                second = Math.max(second, Math.min(best, taken[i].mostHold()));
                best = Math.max(best, taken[i].mostHold());
                rich += taken[i].leastRichness();
                more += taken[i].mostRichness() - taken[i].leastRichness();
                foam |= mousse;
            }
        }
        double least = Prospect.together(leastBest, leastSecond);
        if (further > 0) {
            for (int i = 0; i < taken.length; i++) {
                Worn range = slots.range(i);
                if (taken[i] == null && isHere(i, mousseHere, moistHere)) {
                    second = Math.max(second, Math.min(best, range.mostHold()));
                    best = Math.max(best, range.mostHold());
                    foam |= range.foam();
                }
            }
            more += richest(taken, further, mousseHere, moistHere);
        }
        return new Worn(least, Prospect.together(best, second), rich, rich + more, foam);
    }

    private static boolean isHere(int slot, boolean mousseHere, boolean moistHere) {
        return switch (Slots.ORDER[slot]) {
            case GEL -> true;
            case MOUSSE -> mousseHere;
            case CREAM, LEAVE_IN -> moistHere;
        };
    }

    /** The most richness that so many of the open slots bring: the richest of them. */
    private double richest(Option[] taken, int further, boolean mousseHere, boolean moistHere) {
        double sum = 0;
        int used = 0;
        for (int n = 0; n < further; n++) {
            int richest = -1;
            for (int i = 0; i < taken.length; i++) {
                boolean open = taken[i] == null && (used & 1 << i) == 0 && isHere(i, mousseHere, moistHere);
                if (open
                        && (richest < 0
                                || slots.range(i).mostRichness()
                                        > slots.range(richest).mostRichness())) {
                    richest = i;
                }
            }
            if (richest < 0) {
                break;
            }
            used |= 1 << richest;
            sum += slots.range(richest).mostRichness();
        }
        return sum;
    }
}
