package eventide.check;

import eventide.drying.Visit;
import eventide.product.Role;
import eventide.routine.Action;
import eventide.routine.Routine;
import eventide.routine.Step;
import eventide.routine.StepPlace;
import eventide.routine.Technique;
import eventide.wash.Layer;
import eventide.wash.Steps;
import eventide.wash.Wash;
import java.util.List;

/**
 * O5: moisture only, where it has to last.
 *
 * <p>Leave-ins and creams up to hold 3, or nothing at all left in, and long wear wanted or planned. A note where a daily refresh
 * is planned, or where wear does not matter but days are planned all the same; silent where neither. Mend: add hold. Source:
 * common practice.
 */
final class NothingHolds implements Rule {
    /** A cream up to this hold is still a moisturiser, of 10 [CP]. */
    private static final double SOFT_HOLD = 3;
    /** Days from which wear is long [CP: alone it lasts a day; many styles last 3 to 5]. */
    private static final double LONG_DAYS = 3;

    @Override
    public String id() {
        return "O5";
    }

    @Override
    public String why() {
        return "Moisture alone lasts a day.";
    }

    @Override
    public List<Finding> findings(Wash wash) {
        if (wash.isRefresh() || !mustLast(wash)) {
            return List.of();
        }
        if (wash.layers().isEmpty()) {
            return bare(wash);
        }
        Layer last = null;
        for (Layer layer : wash.layers()) {
            boolean moisture =
                    layer.product().role().moisturises() && layer.product().hold() <= SOFT_HOLD;
            boolean beside = layer.product().role() == Role.OIL
                    || layer.product().role() == Role.HEAT_PROTECTANT
                    || layer.product().role() == Role.SHINE;
            if (!moisture && !beside) {
                return List.of();
            }
            last = moisture ? layer : last;
        }
        if (last == null) {
            return List.of();
        }
        return List.of(Finding.of(
                this,
                severity(wash),
                last.place(),
                null,
                "Nothing here holds: " + last.product().name() + " alone will not last the days wanted.",
                new Mend(
                        "Glaze a gel over it",
                        wash.routine().inserting(last.place().index() + 1, gel()))));
    }

    /** Washed and dried, or left to dry, with nothing left in. */
    private List<Finding> bare(Wash wash) {
        int rinsed = wash.lastRinse();
        boolean goesOut = rinsed >= 0 && Steps.any(wash, visit -> visit.place().index() > rinsed && isWorn(visit));
        if (!goesOut) {
            return List.of();
        }
        Step moisture = Step.of(Action.APPLY)
                .product(Generic.LEAVE_IN)
                .technique(Technique.RAKE)
                .build();
        Routine held = wash.routine().inserting(rinsed + 1, gel()).inserting(rinsed + 1, moisture);
        return List.of(Finding.of(
                this,
                severity(wash),
                new StepPlace(rinsed, -1),
                null,
                "Nothing is left in to hold it: it will not last the days wanted.",
                new Mend("A leave-in and a gel", held)));
    }

    /** Refreshed daily, or days planned though wear does not matter: it may be meant. */
    private static Severity severity(Wash wash) {
        return wash.routine().isRefreshedDaily() || wash.goal().longevity() == 0 ? Severity.NOTE : Severity.WARN;
    }

    private static Step gel() {
        return Step.of(Action.APPLY)
                .product(Generic.GEL)
                .technique(Technique.GLAZE)
                .build();
    }

    private static boolean isWorn(Visit visit) {
        Action.Phase phase = visit.step().action().phase();
        return phase == Action.Phase.STYLE || phase == Action.Phase.DRY || phase == Action.Phase.FINISH;
    }

    private static boolean mustLast(Wash wash) {
        Double planned = wash.routine().plannedWearDays();
        return wash.goal().longevity() >= 2 || planned != null && planned >= LONG_DAYS;
    }
}
