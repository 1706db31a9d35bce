package eventide.check;

import eventide.drying.Visit;
import eventide.product.Product;
import eventide.routine.Action;
import eventide.routine.Limits;
import eventide.routine.Routine;
import eventide.routine.Schools;
import eventide.routine.Step;
import eventide.wash.AirMet;
import eventide.wash.Steps;
import eventide.wash.Wash;
import java.util.List;

/**
 * D6: wet when the client leaves, or when it must be dry.
 *
 * <p>Judged on lengths and roots at the end, or at the minute it has to be dry by. Silent where the routine ends in air and
 * nothing is due; a trace of damp is a note. Below 10 °C outdoors it warns however the rest was planned: wet hair in the cold.
 * Mend: longer under the dryer. Source: common practice.
 */
final class EndsWet implements Rule {
    /** Less than this no hand would feel, percent [OURS]. */
    private static final double FELT = 3;
    /** A trace of damp, percent [OURS]. */
    private static final double TRACE = 8;

    /** Percent dry from which dry is what was asked for. */
    private static final double FULL = 98;

    @Override
    public String id() {
        return "D6";
    }

    @Override
    public String why() {
        return "Hair that goes out wet frizzes, and is cold.";
    }

    @Override
    public List<Finding> findings(Wash wash) {
        if (wash.course().visits().isEmpty() || wash.isRefresh()) {
            return List.of();
        }
        if (AirMet.isColdOut(wash)) {
            double out = Math.max(wash.course().endLengths(), wash.course().endRoots());
            if (out > FELT) {
                return cold(wash, out);
            }
        }
        Limits limits = wash.limits();
        if (limits != null && limits.mustBeDryBy() != null) {
            return due(wash, limits.mustBeDryBy());
        }
        Visit last = null;
        for (Visit visit : wash.course().visits()) {
            last = visit.step().action().isDrying() && visit.minutes() > 0 ? visit : last;
        }
        boolean toAir = wash.schools().dryTo() == Schools.DryTo.PART_THEN_AIR
                || wash.schools().dryTo() == Schools.DryTo.AIR;
        double wet = Math.max(wash.course().endLengths(), wash.course().endRoots());
        if (last == null || !last.step().action().isDryer() || toAir) {
            return limits != null && wet > TRACE ? goesOut(wash, wet) : List.of();
        }
        if (wet <= FELT) {
            return List.of();
        }
        boolean stop = last.step().untilDry() != null && last.step().untilDry() < FULL;
        return List.of(Finding.of(
                this,
                wet <= TRACE || stop ? Severity.NOTE : Severity.WARN,
                last.place(),
                null,
                stop
                        ? "Stopped at " + Steps.percent(last.step().untilDry())
                                + " dry: let it finish untouched in the air."
                        : "Still " + Steps.percent(wet) + " wet when it ends.",
                stop ? null : longer(wash, last)));
    }

    /** Where there is a time to be gone by, wet hair leaves with the client: meant, but said. */
    private List<Finding> goesOut(Wash wash, double wet) {
        Visit last = wash.course().visits().get(wash.course().visits().size() - 1);
        return List.of(Finding.of(
                this,
                Severity.NOTE,
                last.place(),
                null,
                "Goes out " + Steps.percent(wet) + " wet: the rest dries at home, untouched.",
                null));
    }

    /** Frost outside: wet hair there is what nobody would send out. */
    private List<Finding> cold(Wash wash, double wet) {
        return left(
                wash,
                wet,
                "Still " + Steps.percent(wet) + " wet when it ends, and it is "
                        + Math.round(wash.air().outdoors().temperatureC()) + " °C outdoors: dry it before it goes out.",
                true);
    }

    /**
     * What the water is at the minute it was to be dry by.
     *
     * @param by minutes from the first step
     */
    private List<Finding> due(Wash wash, double by) {
        var tide = wash.course().tide();
        double end = wash.course().minutes();
        int at = (int) Math.min(by, tide.minutes().size() - 1);
        double wet = by >= end
                ? Math.max(wash.course().endLengths(), wash.course().endRoots())
                : Math.max(tide.lengths().get(at), tide.roots().get(at));
        if (wet <= FELT) {
            return List.of();
        }
        return left(
                wash,
                wet,
                "Still " + Steps.percent(wet) + " wet at minute " + Math.round(by)
                        + ", when it must be dry: start earlier, or dry on.",
                by >= end);
    }

    /**
     * @param wet percent of water, of lengths or roots whichever is wetter
     * @param longerHelps whether there is time for more drying, so that a mend can be offered
     */
    private List<Finding> left(Wash wash, double wet, String message, boolean longerHelps) {
        Visit last = wash.course().visits().get(wash.course().visits().size() - 1);
        return List.of(Finding.of(
                this,
                wet <= TRACE ? Severity.NOTE : Severity.WARN,
                last.place(),
                null,
                message,
                longerHelps ? longer(wash, last) : null));
    }

    /** The last dryer goes on over all of the head until it is dry; where there is none, one is taken to it. */
    private static Mend longer(Wash wash, Visit last) {
        Step step = last.step();
        boolean dryer = step.action().isDryer();
        Step on = dryer
                ? step.but()
                        .minutes(null)
                        .untilDry(100.0)
                        .zones(null)
                        .half(null)
                        .parts(null)
                        .build()
                : Step.of(Action.HOVER).untilDry(100.0).build();
        Routine routine = wash.routine();
        int at = dryer ? last.place().index() + 1 : routine.steps().size();
        for (Visit visit : wash.course().visits()) {
            Product worn = wash.productOf(visit.place());
            boolean loaded = worn != null && (worn.role().holds() || worn.role().moisturises());
            // What was wetted or put on since has to dry as well.
            at = visit.step().action().wets() || loaded
                    ? Math.max(at, visit.place().index() + 1)
                    : at;
        }
        return new Mend("Dry on to 100 %", routine.inserting(at, on));
    }
}
