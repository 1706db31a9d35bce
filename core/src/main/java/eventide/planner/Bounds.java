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

    private static final Grounds.Kind[] KINDS = Grounds.Kind.values();

    private final Slots slots;
    private final Grounds grounds;
    private final Map<String, Integer> beyond = new ConcurrentHashMap<>();

    /** Foam goes on everywhere, under gel too; else over gel it goes on the crown alone. */
    private final boolean foamUnder;

    /** Moisture is kept off the crown. */
    private final boolean crownSpared;

    private final Grounds.Hold hold;

    Bounds(Slots slots, Grounds grounds, Details details) {
        this.slots = slots;
        this.grounds = grounds;
        this.foamUnder = details.work().foamUnder();
        this.crownSpared = details.dose().crownSpared();
        this.hold = new Grounds.Hold(details.dose().hold().factor, foamUnder);
    }

    /** How often a limit alone ruled a branch out, by its name. */
    Map<String, Integer> beyond() {
        return beyond;
    }

    /**
     * @param taken by slot, null where that is still open
     * @param exactly worked out for just these products instead of looked up
     */
    double most(Frame frame, Option[] taken, boolean exactly) {
        return most(frame, taken, exactly, null);
    }

    /** As {@link #most}, for the plans of a branch that leave this slot empty, whatever else they decide. */
    double mostWithout(Slot left, Frame frame, Option[] taken) {
        return most(frame, taken, false, left);
    }

    private double most(Frame frame, Option[] taken, boolean exactly, Slot left) {
        double most = IMPOSSIBLE;
        for (Grounds.Kind kind : KINDS) {
            if (!isPossible(kind, taken)) {
                continue;
            }
            Grounds.Ground ground = exactly
                    ? grounds.of(frame, kind, guardsAtAll(taken), Slots.water(taken), Layers.of(taken, foamUnder), hold)
                    : grounds.ofAny(frame, kind, guards(taken), hold);
            if (ground.beyond() == null) {
                most = Math.max(most, most(ground, taken, exactly, left));
            } else {
                beyond.merge(ground.beyond(), 1, Integer::sum);
            }
        }
        return most;
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

    private static boolean guardsAtAll(Option[] taken) {
        return Arrays.stream(taken)
                .anyMatch(option -> option.product() != null && option.product().guardsHeat());
    }

    /**
     * Nothing that misses its water does any better for it, so all is taken as met. Of the slots still open none may be
     * taken, or one, or more: each has its cost, whatever it brings.
     */
    private double most(Grounds.Ground ground, Option[] taken, boolean exactly, Slot left) {
        double fixed = Worth.ROUNDING - Worth.LAYER_COSTS * ground.layers();
        boolean buildsUp = false;
        for (Option option : taken) {
            buildsUp |= option != null && option.buildsUp();
            if (option != null && !exactly) {
                fixed -= option.leastCosts();
            } else if (option != null && !option.isEmpty()) {
                fixed -= Worth.LAYER_COSTS;
            }
        }
        fixed -= buildsUp && !grounds.isLifted() ? Worth.NOTE_COSTS : 0;
        double most = IMPOSSIBLE;
        boolean isLeft = left != null && taken[left.ordinal()] == null;
        int open = open(taken) - (isLeft ? 1 : 0);
        for (int further = 0; further <= open; further++) {
            Worn elsewhere = worn(taken, further, false, left);
            // Foam over gel goes on the crown alone; without both, the crown wears what the rest does.
            boolean differs = crownSpared || !foamUnder && mayDiffer(taken, further);
            Worn crown = differs ? worn(taken, further, true, left) : elsewhere;
            double worth = exactly
                    ? ground.outlook().mostExactly(elsewhere, crown)
                    : ground.outlook().most(elsewhere, crown);
            // Of the open ones only mousse takes no time of its own: it stands in for the gel, or is patted on the
            // crown.
            int timed = Math.max(0, further - (taken[Slot.MOUSSE.ordinal()] == null ? 1 : 0));
            most = Math.max(most, worth - Worth.LAYER_COSTS * further - grounds.furtherCosts() * timed);
        }
        return fixed + most;
    }

    private static boolean mayDiffer(Option[] taken, int further) {
        boolean mousse = taken[Slot.MOUSSE.ordinal()] == null ? further > 0 : Slots.isTaken(taken, Slot.MOUSSE);
        return mousse && Slots.isTaken(taken, Slot.GEL);
    }

    /** Bounds of what is worn: decided slots as they are, and from nothing to the most that so many open ones bring. */
    private Worn worn(Option[] taken, int further, boolean crown, Slot left) {
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
                if (taken[i] == null && Slots.ORDER[i] != left && isHere(i, mousseHere, moistHere)) {
                    second = Math.max(second, Math.min(best, range.mostHold()));
                    best = Math.max(best, range.mostHold());
                    foam |= range.foam();
                }
            }
            more += richest(taken, further, mousseHere, moistHere, left);
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
    private double richest(Option[] taken, int further, boolean mousseHere, boolean moistHere, Slot left) {
        double sum = 0;
        int used = 0;
        for (int n = 0; n < further; n++) {
            int richest = -1;
            for (int i = 0; i < taken.length; i++) {
                boolean open = taken[i] == null
                        && (used & 1 << i) == 0
                        && Slots.ORDER[i] != left
                        && isHere(i, mousseHere, moistHere);
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
