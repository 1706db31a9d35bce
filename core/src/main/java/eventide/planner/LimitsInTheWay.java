package eventide.planner;

import eventide.planner.search.Evaluation;
import eventide.routine.Limits;
import eventide.shape.Changed;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.function.Function;

/** What is said where nothing fits: which limit is in the way, and what giving more of it would buy. */
final class LimitsInTheWay {
    /** Minutes that stand for no limit at all. */
    private static final double ALL_DAY = 1440;

    private final Stop stop;
    private final Function<Limits, Evaluation> planned;
    private final List<String> buys = new ArrayList<>();

    private LimitsInTheWay(Stop stop, Function<Limits, Evaluation> planned) {
        this.stop = stop;
        this.planned = planned;
    }

    /**
     * Planned anew with each limit lifted in turn.
     *
     * @param broken how often each limit was in the way
     * @param planned the best plan with other limits, null for none
     */
    static String words(Limits given, Map<String, Integer> broken, Stop stop, Function<Limits, Evaluation> planned) {
        LimitsInTheWay in = new LimitsInTheWay(stop, planned);
        in.lifted("more minutes", Changed.with(given, "minutes", ALL_DAY));
        if (given.chairMinutes() != null) {
            in.lifted("more hands-on minutes", Changed.with(given, "chairMinutes", null));
        }
        if (given.mustBeDryBy() != null) {
            in.lifted("longer to be dry", Changed.with(given, "mustBeDryBy", null));
        }
        if (given.maxCostCents() != null) {
            in.lifted("a larger budget", Changed.with(given, "maxCostCents", null));
        }
        String most = broken.entrySet().stream()
                .max(Map.Entry.comparingByValue())
                .map(Map.Entry::getKey)
                .orElse("shelf");
        return "Nothing fits the " + most + " given. " + in.bought();
    }

    private String bought() {
        if (!buys.isEmpty()) {
            return String.join(" ", buys);
        }
        return stop.isDue() ? "" : "No one limit lifted by itself would do.";
    }

    private void lifted(String what, Limits limits) {
        Evaluation plan = stop.isDue() ? null : planned.apply(limits);
        if (plan != null) {
            buys.add(String.format(
                    Locale.ROOT,
                    "With %s: %s, %s, in %.0f minutes, %.0f of them hands-on.",
                    what,
                    plan.choice().hands().label,
                    plan.choice().drying().label,
                    Math.ceil(plan.wash().course().minutes()),
                    Math.ceil(plan.wash().course().chairMinutes())));
        }
    }
}
