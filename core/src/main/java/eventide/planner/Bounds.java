package eventide.planner;

import eventide.outcome.Prospect;
import eventide.planner.Outlook.Worn;
import eventide.planner.Search.Frame;
import eventide.planner.Slots.Option;
import eventide.planner.Slots.Slot;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;

/** The most that any plan on a branch can be worth: {@link Prospect}'s, with the least minutes such a wash can take. */
final class Bounds {
    static final double IMPOSSIBLE = Double.NEGATIVE_INFINITY;

    private static final Grounds.Kind[] KINDS = Grounds.Kind.values();

    private final Slots slots;
    private final Grounds grounds;
    private final Map<String, Integer> beyond = new ConcurrentHashMap<>();

    /** Foam goes on everywhere, under gel too; else over gel it goes on the crown alone. */
    private final boolean foamUnder;

    Bounds(Slots slots, Grounds grounds, boolean foamUnder) {
        this.slots = slots;
        this.grounds = grounds;
        this.foamUnder = foamUnder;
    }

    /** How often a limit alone ruled a branch out, by its name. */
    Map<String, Integer> beyond() {
        return beyond;
    }

    /**
     * @param decided how many slots are; what stands behind them in {@code taken} is not looked at
     * @param exactly worked out for just these products instead of looked up
     */
    double most(Frame frame, Option[] taken, int decided, boolean exactly) {
        double most = IMPOSSIBLE;
        for (Grounds.Kind kind : KINDS) {
            if (!isPossible(kind, taken, decided)) {
                continue;
            }
            Grounds.Ground ground = exactly
                    ? grounds.of(frame, kind, guards(taken), Slots.water(taken))
                    : grounds.ofAny(frame, kind, guards(taken));
            if (ground.beyond() == null) {
                most = Math.max(most, most(ground, taken, decided, exactly));
            } else {
                beyond.merge(ground.beyond(), 1, Integer::sum);
            }
        }
        return most;
    }

    /** Whether a branch can still come to be of a kind. */
    private static boolean isPossible(Grounds.Kind kind, Option[] taken, int decided) {
        boolean holds = Slots.isTaken(taken, Slot.GEL) || Slots.isTaken(taken, Slot.MOUSSE);
        boolean worn = holds || Slots.isTaken(taken, Slot.CREAM) || Slots.isTaken(taken, Slot.LEAVE_IN);
        boolean casts = casts(taken[Slot.GEL.ordinal()]) || casts(taken[Slot.MOUSSE.ordinal()]);
        boolean settled = decided > Slot.MOUSSE.ordinal();
        return switch (kind) {
            case NOTHING -> !worn;
            case MOISTURE -> !holds && (worn || decided < taken.length);
            case HOLD -> !casts && (holds || !settled);
            case CAST -> casts || !settled;
        };
    }

    private static boolean casts(Option option) {
        return option != null && option.casts();
    }

    private static boolean guards(Option[] taken) {
        Option gel = taken[Slot.GEL.ordinal()];
        return gel != null && gel.guards();
    }

    /**
     * Nothing that misses its water does any better for it, so all is taken as met. Of the slots still open none may be
     * taken, or one, or more: each has its cost, whatever it brings.
     */
    private double most(Grounds.Ground ground, Option[] taken, int decided, boolean exactly) {
        double fixed = Worth.ROUNDING - Worth.LAYER_COSTS * ground.layers();
        for (int i = 0; i < decided; i++) {
            fixed -= taken[i].leastCosts();
        }
        double most = IMPOSSIBLE;
        for (int further = 0; further <= taken.length - decided; further++) {
            Worn elsewhere = worn(taken, decided, further, false);
            // Foam over gel goes on the crown alone; without both, the crown wears what the rest does.
            Worn crown =
                    !foamUnder && mayDiffer(taken, decided, further) ? worn(taken, decided, further, true) : elsewhere;
            double worth = exactly
                    ? ground.outlook().mostExactly(elsewhere, crown)
                    : ground.outlook().most(elsewhere, crown);
            most = Math.max(most, worth - Worth.LAYER_COSTS * further);
        }
        return fixed + most;
    }

    private static boolean mayDiffer(Option[] taken, int decided, int further) {
        boolean mousse = decided > Slot.MOUSSE.ordinal() ? Slots.isTaken(taken, Slot.MOUSSE) : further > 0;
        return mousse && Slots.isTaken(taken, Slot.GEL);
    }

    /** Bounds of what is worn: decided slots as they are, and from nothing to the most that so many open ones bring. */
    private Worn worn(Option[] taken, int decided, int further, boolean crown) {
        double leastBest = 0;
        double leastSecond = 0;
        double best = 0;
        double second = 0;
        double rich = 0;
        double more = 0;
        boolean foam = false;
        boolean mousseHere = foamUnder || crown || !Slots.isTaken(taken, Slot.GEL);
        for (int i = 0; i < decided; i++) {
            boolean mousse = i == Slot.MOUSSE.ordinal();
            if (!taken[i].isEmpty() && (!mousse || mousseHere)) {
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
            for (int i = decided; i < taken.length; i++) {
                Worn range = slots.range(i);
                if (i != Slot.MOUSSE.ordinal() || mousseHere) {
                    second = Math.max(second, Math.min(best, range.mostHold()));
                    best = Math.max(best, range.mostHold());
                    foam |= range.foam();
                }
            }
            more += richest(decided, further, mousseHere);
        }
        return new Worn(least, Prospect.together(best, second), rich, rich + more, foam);
    }

    /** The most richness that so many of the open slots bring: the richest of them. */
    private double richest(int decided, int further, boolean mousseHere) {
        double sum = 0;
        int used = 0;
        for (int n = 0; n < further; n++) {
            int richest = -1;
            for (int i = decided; i < Slots.ORDER.length; i++) {
                boolean open = (used & 1 << i) == 0 && (i != Slot.MOUSSE.ordinal() || mousseHere);
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
