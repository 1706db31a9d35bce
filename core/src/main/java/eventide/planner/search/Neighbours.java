package eventide.planner.search;

import eventide.planner.Query;
import eventide.planner.compose.Candidate;
import eventide.planner.compose.Frame;
import eventide.planner.compose.Layers;
import eventide.planner.compose.Stylers;
import eventide.planner.compose.Stylers.BottleClass;
import eventide.planner.compose.Stylers.Slot;
import eventide.planner.search.Forecast.Mixture;
import eventide.product.Product;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/** The plans with one large thing decided otherwise: of the bottles those that a forecast from the plan itself likes best. */
public final class Neighbours {
    /** Other bottles that are looked at for one layer [OURS]. */
    private static final int OTHER_BOTTLES = 4;

    private final Query query;
    private final PlanSpace space;
    private final Stylers stylers;
    private final EvaluationCache runs;

    public Neighbours(Query query, PlanSpace space, EvaluationCache runs) {
        this.query = query;
        this.space = space;
        this.stylers = space.stylers();
        this.runs = runs;
    }

    private Forecast forecast(Candidate taken) {
        return runs.of(taken).forecast(query);
    }

    /** The likeliest plans with one bottle more, fewer or another, and all that are shaped, parted or dried otherwise. */
    public List<Candidate> neighbours(Candidate taken) {
        List<Candidate> all = new ArrayList<>();
        for (Slot slot : Slot.values()) {
            all.addAll(others(taken, slot));
        }
        all.addAll(otherWays(taken));
        return all;
    }

    /** All that are shaped, or parted, or dried otherwise. */
    public List<Candidate> otherWays(Candidate taken) {
        List<Candidate> all = new ArrayList<>();
        for (Frame frame : space.frames(Layers.of(taken))) {
            Frame own = taken.frame();
            int differing = (frame.hands() == own.hands() ? 0 : 1)
                    + (frame.sections() == own.sections() ? 0 : 1)
                    + (frame.drying() == own.drying() ? 0 : 1);
            if (differing == 1) {
                all.add(taken.with(frame));
            }
        }
        return all;
    }

    private static Slot instead(Slot slot) {
        return switch (slot) {
            case GEL -> Slot.MOUSSE;
            case MOUSSE -> Slot.GEL;
            case CREAM -> Slot.LEAVE_IN;
            case LEAVE_IN -> Slot.CREAM;
        };
    }

    /** The likeliest with another bottle in a slot, none, or another layer instead. */
    public List<Candidate> others(Candidate taken, Slot slot) {
        Forecast forecast = forecast(taken);
        record Other(Candidate choice, double worth) {}
        List<Other> others = new ArrayList<>();
        Mixture own = Mixture.of(taken, stylers);
        for (BottleClass kind : stylers.kinds(slot)) {
            double worth = forecast.worth(
                    own.with(slot, kind),
                    taken.details().dose(),
                    taken.details().work().foamUnder());
            for (Product member : kind.members()) {
                if (member != taken.in(slot)) {
                    others.add(new Other(taken.with(slot, member), worth));
                }
            }
        }
        List<Candidate> likeliest = new ArrayList<>(others.stream()
                .sorted(Comparator.comparingDouble((Other other) -> -other.worth()))
                .limit(OTHER_BOTTLES)
                .map(Other::choice)
                .toList());
        if (taken.in(slot) != null) {
            likeliest.add(taken.with(slot, null));
            // What one layer does another may do instead.
            Slot like = instead(slot);
            if (taken.in(like) == null) {
                stylers.kinds(like).stream()
                        .sorted(Comparator.comparingDouble((BottleClass kind) -> -forecast.worth(
                                own.with(slot, BottleClass.NONE).with(like, kind),
                                taken.details().dose(),
                                taken.details().work().foamUnder())))
                        .flatMap(kind -> kind.members().stream())
                        .limit(OTHER_BOTTLES)
                        .forEach(bottle -> likeliest.add(taken.with(slot, null).with(like, bottle)));
            }
        }
        likeliest.removeIf(choice -> !stylers.isInPlace(choice.gel() != null, choice.mousse() != null));
        return likeliest.stream().map(space::unshaped).toList();
    }
}
