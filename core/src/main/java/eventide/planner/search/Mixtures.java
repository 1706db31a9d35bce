package eventide.planner.search;

import eventide.planner.compose.Details;
import eventide.planner.compose.Details.Doses;
import eventide.planner.compose.Layers;
import eventide.planner.compose.Stylers;
import eventide.planner.compose.Stylers.BottleClass;
import eventide.planner.compose.Stylers.Slot;
import eventide.planner.search.Forecast.Mixture;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.UnaryOperator;

/** Which bottles go best together, by a forecast: the relaxation that a search begins with, for no water is run. */
public final class Mixtures {
    /** Of what holds, and of what feeds, so many are mixed with each other [OURS]. */
    private static final int LIKELIEST = 7;

    private final Stylers stylers;

    private record Asked(Layers layers, Doses dose, boolean foamUnder) {}

    private final Map<Asked, List<Mixture>> ranked = new ConcurrentHashMap<>();

    /** @param stylers the kinds of bottle there are */
    public Mixtures(Stylers stylers) {
        this.stylers = stylers;
    }

    /** The same by the first forecast that was asked with these amounts: which bottles suit hardly hangs on care, cloth and drying. */
    public List<Mixture> usual(Layers layers, Details details, Forecast forecast) {
        return ranked.computeIfAbsent(
                new Asked(layers, details.dose(), details.work().foamUnder()),
                asked -> likeliest(layers, details, forecast));
    }

    /** The likeliest mixtures of some layers, best first, by one forecast: what holds by itself, what feeds by itself, then both. */
    public List<Mixture> likeliest(Layers layers, Details details, Forecast forecast) {
        Map<Mixture, Double> known = new HashMap<>();
        Mixture none = new Mixture(BottleClass.NONE, BottleClass.NONE, BottleClass.NONE, BottleClass.NONE);
        List<Mixture> feeds = mixtures(
                few(layers, Slot.CREAM, none, details, forecast),
                few(layers, Slot.LEAVE_IN, none, details, forecast),
                false);
        Mixture feed = feeds.get(0);
        List<Mixture> holds = mixtures(
                few(layers, Slot.GEL, feed, details, forecast),
                few(layers, Slot.MOUSSE, feed, details, forecast),
                true);
        for (int turn = 0; turn < 2; turn++) {
            Mixture fed = feed;
            holds = sorted(holds, hold -> fed.with(hold), details, forecast, known);
            Mixture hold = holds.get(0);
            feeds = sorted(feeds, any -> any.with(hold), details, forecast, known);
            feed = feeds.get(0);
        }
        List<Mixture> all = new ArrayList<>();
        for (Mixture some : feeds.subList(0, Math.min(LIKELIEST, feeds.size()))) {
            for (Mixture hold : holds.subList(0, Math.min(LIKELIEST, holds.size()))) {
                all.add(some.with(hold));
            }
        }
        return sorted(all, any -> any, details, forecast, known);
    }

    private static List<Mixture> sorted(
            List<Mixture> some,
            UnaryOperator<Mixture> whole,
            Details details,
            Forecast forecast,
            Map<Mixture, Double> known) {
        record Ranked(Mixture mixture, double worth) {}
        return some.stream()
                .map(one -> new Ranked(
                        one,
                        known.computeIfAbsent(
                                whole.apply(one),
                                mixture -> forecast.worth(
                                        mixture, details.dose(), details.work().foamUnder()))))
                .sorted(Comparator.comparingDouble((Ranked one) -> -one.worth()))
                .map(Ranked::mixture)
                .toList();
    }

    /** Of a slot the kinds that promise most by themselves, and where others are in it, are worth mixing with them. */
    private List<BottleClass> few(Layers layers, Slot slot, Mixture beside, Details details, Forecast forecast) {
        if (!layers.has(slot)) {
            return List.of(BottleClass.NONE);
        }
        record Ranked(BottleClass kind, double worth) {}
        return stylers.kinds(slot).stream()
                .map(kind -> new Ranked(
                        kind,
                        forecast.worth(
                                beside.with(slot, kind),
                                details.dose(),
                                details.work().foamUnder())))
                .sorted(Comparator.comparingDouble((Ranked one) -> -one.worth()))
                .limit(MIXED)
                .map(Ranked::kind)
                .toList();
    }

    /** Kinds of a slot that are mixed with those of another [OURS]. */
    private static final int MIXED = 12;

    /** All that may hold, or all that may feed, the other slots left empty. */
    private static List<Mixture> mixtures(List<BottleClass> some, List<BottleClass> others, boolean holds) {
        List<Mixture> all = new ArrayList<>();
        for (BottleClass first : some) {
            for (BottleClass second : others) {
                all.add(
                        holds
                                ? new Mixture(first, second, BottleClass.NONE, BottleClass.NONE)
                                : new Mixture(BottleClass.NONE, BottleClass.NONE, first, second));
            }
        }
        return all;
    }
}
